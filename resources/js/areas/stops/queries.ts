import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import type { StopReach } from '@/api/types';

export const STOPS = ['stops'] as const;
const BOARD_MS = 5_000;

export type What = StopReach['what'];

export function useStops() {
  return useQuery({ queryKey: [...STOPS, 'all'], queryFn: () => answerOf(api.GET('/stops')), refetchInterval: 15_000 });
}

/** Looked at while benches come to know of it, so it is asked for often. */
export function useStop(stop: number) {
  return useQuery({ queryKey: [...STOPS, stop], queryFn: () => answerOf(api.GET('/stops/{stop}', { params: { path: { stop } } })), refetchInterval: BOARD_MS });
}

export function useReach(what: What, key: string) {
  return useQuery({ queryKey: [...STOPS, 'reach', what, key], queryFn: () => answerOf(api.GET('/stops/reach', { params: { query: { what, key } } })) });
}

export const stopNow = (body: { id: string; what: What; key: string; reason: string }) => answerOf(api.POST('/stops', { body }));

export const askToLift = (stop: number, body: { reason: string; password: string }) =>
  answerOf(api.POST('/stops/{stop}/ask', { params: { path: { stop } }, body }));

export const keepStopped = (stop: number, reason: string) => answerOf(api.POST('/stops/{stop}/keep', { params: { path: { stop } }, body: { reason } }));

export const liftStop = (stop: number, password: string, seen: string | null) =>
  answerOf(api.POST('/stops/{stop}/lift', { params: { path: { stop } }, body: { password, seen } }));

/** Every engine, as a table. */
export const tableOf = (stop: number) => `/api/stops/${String(stop)}/engines.csv`;
