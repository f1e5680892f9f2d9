import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { Command, RunSheet } from '@/api/types';

export const BENCH = ['bench'] as const;
export const RUN = (id: string) => [...BENCH, 'run', id] as const;

export function useHook() {
  return useQuery({ queryKey: [...BENCH, 'hook'], queryFn: () => answerOf(api.GET('/bench/hook')), refetchInterval: 15_000, refetchOnMount: 'always' });
}

export function useSheet(run: string) {
  return useQuery({ queryKey: RUN(run), queryFn: () => answerOf(api.GET('/bench/runs/{run}', { params: { path: { run } } })) });
}

/** A command of this bench to a run: it carries the bench's count, and answers with the run as it then stands. */
export type RunCommand = (stamp: Command, run: string) => Promise<RunSheet>;

export const beginRun = (assignment: string) => (stamp: Command) => answerOf(api.POST('/bench/runs', { body: { ...stamp, assignment } }));

export const takeOver: RunCommand = (stamp, run) => answerOf(api.POST('/bench/runs/{run}/take-over', { params: { path: { run } }, body: stamp }));

export const finishRun: RunCommand = (stamp, run) => answerOf(api.POST('/bench/runs/{run}/finish', { params: { path: { run } }, body: stamp }));

export type Withdrawal = { reading: string; step: string; reason: 'wrong_key' | 'misread_scale' | 'wrong_bolt'; second_badge?: string; second_pin?: string };

export const withdrawReading =
  (withdrawal: Withdrawal): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/withdrawals', { params: { path: { run } }, body: { ...stamp, ...withdrawal } }));
