import { type QueryClient, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { answerOf, api } from '@/api/client';
import type { Command, Decision, RunSheet } from '@/api/types';
import { outboxQuery } from './useOutbox';

export const BENCH = ['bench'] as const;
export const HOOK = [...BENCH, 'hook'] as const;
export const RUN = (id: string) => [...BENCH, 'run', id] as const;

export function useHook() {
  return useQuery({ queryKey: HOOK, queryFn: () => answerOf(api.GET('/bench/hook')), refetchInterval: 15_000, refetchOnMount: 'always' });
}

/** What hangs there is asked for anew once the last of what was done here has come through. */
export function useHookAgain(waiting: number): void {
  const client = useQueryClient();
  const before = useRef(0);
  useEffect(() => {
    const through = waiting === 0 && before.current > 0;
    before.current = waiting;
    if (!through) return;
    // A first answer that is still on its way was asked for before: it would be taken for the newest.
    void client.cancelQueries({ queryKey: HOOK }).then(() => client.invalidateQueries({ queryKey: HOOK }));
  }, [waiting, client]);
}

/** Each job is folded for it, so it is asked for less often, and a hook hangs without it. */
export function useHookTimes() {
  return useQuery({
    queryKey: [...HOOK, 'times'],
    queryFn: () => answerOf(api.GET('/bench/hook/times')),
    refetchInterval: 60_000,
    refetchOnMount: 'always',
  }).data;
}

function sheetQuery(run: string) {
  return queryOptions({ queryKey: RUN(run), queryFn: () => answerOf(api.GET('/bench/runs/{run}', { params: { path: { run } } })) });
}

/** Fetched again by itself: somebody may go on elsewhere, decide at a desk, or the session may end, while nothing is typed here. */
export function useSheet(run: string) {
  return useQuery({ ...sheetQuery(run), refetchInterval: 15_000 });
}

/** Asks for what is behind an address of the bench before anything of it is drawn; who is not let through is told by what is drawn. */
export function askAhead(client: QueryClient, path: string): void {
  const run = /^\/bench\/runs\/([0-9a-f-]{36})$/.exec(path)?.[1];
  if (run !== undefined) for (const asked of [client.query(sheetQuery(run)), client.query(outboxQuery)]) asked.catch(() => undefined);
}

/** A command of this bench to a run: it carries the bench's count, and answers with the run as it then stands. */
export type RunCommand = (stamp: Command, run: string) => Promise<RunSheet>;

export const beginRun =
  (assignment: string, card: string | null = null) =>
  (stamp: Command) =>
    answerOf(api.POST('/bench/runs', { body: { ...stamp, assignment, ...(card === null ? {} : { card }) } }));

/** What is typed from now on stands on a job card. */
export const beginPaper =
  (card: string): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/paper', { params: { path: { run } }, body: { ...stamp, card } }));

export const endPaper: RunCommand = (stamp, run) => answerOf(api.POST('/bench/runs/{run}/paper-end', { params: { path: { run } }, body: stamp }));

export const takeOver: RunCommand = (stamp, run) => answerOf(api.POST('/bench/runs/{run}/take-over', { params: { path: { run } }, body: stamp }));

export const finishRun =
  (pin: string): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/finish', { params: { path: { run } }, body: { ...stamp, pin } }));

/** Whoever stands at this bench says that it is known here. */
export const knowStop = (stop: string) => answerOf(api.POST('/bench/stops/{stop}/seen', { params: { path: { stop } } }));

/** What one's shift leaves behind; asked for anew each time, and once all is sent. */
export function useShiftLeft(enabled: boolean) {
  return useQuery({ queryKey: [...BENCH, 'handover'], queryFn: () => answerOf(api.GET('/bench/handover')), enabled, gcTime: 0 });
}

export type HandsOver = { id: string; pin: string; badge: string; second_pin: string; said: string; seen: string };

export const handOver = (body: HandsOver) => answerOf(api.POST('/bench/handover', { body }));

/** To what is it tightened? Of an engine by its number, or a part of it. */
export const askValue = (body: { serial: string; says: string }) => answerOf(api.POST('/bench/values', { body }));

export type BadgeAndPin = { badge: string; pin: string };

export const joinRun =
  (second: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/partner', { params: { path: { run } }, body: { ...stamp, ...second } }));

export const superviseRun =
  (supervisor: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/supervisor', { params: { path: { run } }, body: { ...stamp, ...supervisor } }));

export const signSupervised =
  (supervisor: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/supervisor/sign', { params: { path: { run } }, body: { ...stamp, ...supervisor } }));

export const lookAt =
  (stage: string, differ: string[], second: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/looks', { params: { path: { run } }, body: { ...stamp, ...second, stage, differ } }));

export type Withdrawal = { reading: string; step: string; reason: 'wrong_key' | 'misread_scale' | 'wrong_bolt'; second_badge?: string; second_pin?: string };

export const withdrawReading =
  (withdrawal: Withdrawal): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/withdrawals', { params: { path: { run } }, body: { ...stamp, ...withdrawal } }));

export type Decided = { case: string; step: string; disposition: Decision['disposition'] };

export const decideFault =
  (decided: Decided, lead: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/decisions', { params: { path: { run } }, body: { ...stamp, ...lead, ...decided } }));

export const acceptRepair =
  (position: string, lead: BadgeAndPin): RunCommand =>
  (stamp, run) =>
    answerOf(api.POST('/bench/runs/{run}/repairs', { params: { path: { run } }, body: { ...stamp, ...lead, position } }));

/** What waits for somebody's word at this run, and what each word would cost. */
/** Asked once everything is sent: what the server has not heard of yet waits for nobody's word there. */
export function useDecisions(run: string, sent: boolean) {
  return useQuery({
    enabled: sent,
    queryKey: [...RUN(run), 'decisions'],
    queryFn: () => answerOf(api.GET('/bench/runs/{run}/decisions', { params: { path: { run } } })),
    staleTime: 0,
    gcTime: 0,
  });
}

/** What may be said to be wrong, where no core runs beside the page. */
export const mishapsOf = (run: string) => answerOf(api.GET('/bench/runs/{run}/mishaps', { params: { path: { run } } }));

export const weighedBy = (run: string, key: string, given: { position?: string; choice?: string }) =>
  answerOf(api.GET('/bench/runs/{run}/mishaps/{mishap}', { params: { path: { run, mishap: key }, query: given } }));
