import { useQuery } from '@tanstack/react-query';
import { answerOf, api } from '@/api/client';
import { SESSION } from '@/api/session';
import { useCommand } from '@/ui/useCommand';

export const PEOPLE = ['people'] as const;
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
  return useCommand((notice: string) => answerOf(api.POST('/notices/{notice}/acknowledge', { params: { path: { notice } } })), NOTICES);
}

export function useUnlockPin() {
  return useCommand((person: string) => answerOf(api.POST('/people/{person}/unlock', { params: { path: { person } } })), PEOPLE);
}

type Terms = { person: string; classes: ('A' | 'B' | 'C')[]; from_time: string; until_time: string; first_day: string; last_day: string };

export const nameDeputy = (terms: Terms) => answerOf(api.POST('/deputies', { body: terms }));

export function useEndDeputy() {
  return useCommand((deputy: string) => answerOf(api.POST('/deputies/{deputy}/end', { params: { path: { deputy } } })), PEOPLE);
}

/** A command on benches. This very browser may be one: what it knows of itself is fetched again as well. */
function useBenchCommand<In>(command: (input: In) => Promise<unknown>) {
  return useCommand(command, PEOPLE, SESSION);
}

export function useEnrol() {
  return useBenchCommand((name: string) => answerOf(api.POST('/devices', { body: { name } })));
}

export function useRevoke() {
  return useBenchCommand((device: string) => answerOf(api.POST('/devices/{device}/revoke', { params: { path: { device } } })));
}
