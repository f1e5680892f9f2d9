import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { BuildState, Builds } from '@/api/types';
import { useCommand } from '@/ui/useCommand';

export const BUILDS = ['builds'] as const;
const BOARD_MS = 15_000;

export function useBuilds() {
  return useQuery({ queryKey: [...BUILDS, 'all'], queryFn: () => answerOf(api.GET('/builds')), select: withMaps, refetchInterval: BOARD_MS });
}

/** A list brings each map once; here every joint has its own again. */
function withMaps({ maps, ...list }: Builds) {
  const builds = list.builds.map((build) => ({ ...build, joints: build.joints.map((joint) => ({ ...joint, map: maps[joint.revision?.id ?? ''] ?? null })) }));
  return { ...list, builds };
}

export function useBuild(id: string) {
  return useQuery({
    queryKey: [...BUILDS, id],
    queryFn: () => answerOf(api.GET('/builds/{build}', { params: { path: { build: id } } })),
    refetchInterval: BOARD_MS,
  });
}

export function useChoices(enabled: boolean) {
  return useQuery({ queryKey: [...BUILDS, 'choices'], queryFn: () => answerOf(api.GET('/builds/choices')), enabled, staleTime: 60_000 });
}

/** Job cards on paper that were printed for an engine. */
export function useCardsOf(build: string, enabled: boolean) {
  return useQuery({
    queryKey: [...BUILDS, build, 'cards'],
    queryFn: () => answerOf(api.GET('/cards', { params: { query: { build } } })),
    enabled,
    refetchInterval: BOARD_MS,
  }).data?.cards;
}

/** A command on builds; whatever comes of it, the lists are fetched again. */
export function useBuildCommand<T, Out = unknown>(command: (input: T) => Promise<Out>) {
  return useCommand(command, BUILDS);
}

export function openBuild(input: { id: string; serial: string; customer: string; next_build: boolean }) {
  return answerOf(api.POST('/builds', { body: input }));
}

export function giveJob(build: string, job: { id: string; joint: string; person: string; procedure: string | null }) {
  return answerOf(api.POST('/builds/{build}/assignments', { params: { path: { build } }, body: job }));
}

export function takeBackJob(assignment: string) {
  return answerOf(api.POST('/assignments/{assignment}/take-back', { params: { path: { assignment } } }));
}

export function printCard(card: { id: string; assignment: string }) {
  return answerOf(api.POST('/cards', { body: card }));
}

export function finishBuild(build: string) {
  return answerOf(api.POST('/builds/{build}/finish', { params: { path: { build } } }));
}

export function shipBuild(build: string) {
  return answerOf(api.POST('/builds/{build}/ship', { params: { path: { build } } }));
}

export const STATE_WORDS: Record<BuildState, string> = { open: 'open', finished: 'finished', shipped: 'shipped' };
