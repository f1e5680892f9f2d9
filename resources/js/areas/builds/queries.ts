import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { get, post } from '@/api/client';
import type { Build, BuildChoices, BuildState } from '@/api/types';

export const BUILDS = ['builds'] as const;
const BOARD_MS = 15_000;

export function useBuilds() {
  return useQuery({ queryKey: [...BUILDS, 'all'], queryFn: () => get<{ builds: Build[]; shown_at_most: number }>('builds'), refetchInterval: BOARD_MS });
}

export function useBuild(id: string) {
  return useQuery({ queryKey: [...BUILDS, id], queryFn: () => get<Build>(`builds/${id}`), refetchInterval: BOARD_MS });
}

export function useChoices(enabled: boolean) {
  return useQuery({ queryKey: [...BUILDS, 'choices'], queryFn: () => get<BuildChoices>('builds/choices'), enabled, staleTime: 60_000 });
}

/** A command on builds; whatever comes of it, the lists are fetched again. */
export function useBuildCommand<T>(command: (input: T) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: command, onSettled: () => client.invalidateQueries({ queryKey: BUILDS }) });
}

export function openBuild(input: { id: string; serial: string; customer: string; next_build: boolean }) {
  return post<{ id: string }>('builds', input);
}

export const STATE_WORDS: Record<BuildState, string> = { open: 'open', finished: 'finished', shipped: 'shipped' };
