import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import { SESSION } from '@/api/session';

const PEOPLE = ['people'] as const;
const NOTICES = ['notices'] as const;
const NOTICES_MS = 60_000;
const MACHINE_MS = 30_000;

export function usePeople() {
  return useQuery({ queryKey: PEOPLE, queryFn: () => answerOf(api.GET('/people')) });
}

export function useMachine() {
  return useQuery({ queryKey: ['machine'], queryFn: () => answerOf(api.GET('/machine')), refetchInterval: MACHINE_MS });
}

export function useNotices() {
  return useQuery({ queryKey: NOTICES, queryFn: () => answerOf(api.GET('/notices')), refetchInterval: NOTICES_MS });
}

export function useAcknowledge() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (notice: string) => answerOf(api.POST('/notices/{notice}/acknowledge', { params: { path: { notice } } })),
    onSettled: () => client.invalidateQueries({ queryKey: NOTICES }),
  });
}

export function useUnlockPin() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (person: string) => answerOf(api.POST('/people/{person}/unlock', { params: { path: { person } } })),
    onSettled: () => client.invalidateQueries({ queryKey: PEOPLE }),
  });
}

/** A command on benches. This very browser may be one: what it knows of itself is fetched again as well. */
function useBenchCommand<In>(command: (input: In) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: command,
    onSettled: async () => {
      await client.invalidateQueries({ queryKey: PEOPLE });
      await client.invalidateQueries({ queryKey: SESSION });
    },
  });
}

export function useEnrol() {
  return useBenchCommand((name: string) => answerOf(api.POST('/devices', { body: { name } })));
}

export function useRevoke() {
  return useBenchCommand((device: string) => answerOf(api.POST('/devices/{device}/revoke', { params: { path: { device } } })));
}
