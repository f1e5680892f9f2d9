import { wantsOwn } from '@/lib/problem';
import { dateIn } from '@/lib/typeset';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext } from 'react';
import { answerOf, api } from './client';
import type { Ability, Me, Session } from './types';

export const SESSION = ['session'] as const;

/** Asked for by the page before it draws anything, too. */
export const sessionQuery = queryOptions({ queryKey: SESSION, queryFn: () => answerOf(api.GET('/session')), staleTime: Infinity });

export function useSession() {
  return useQuery(sessionQuery);
}

/** The shop's time zone, by its name in the tz database: times are shown as they were there, wherever they are read. */
export function useZone(): string {
  return useSession().data?.shop.time_zone ?? 'UTC';
}

/**
 * Who was let through to the screens below. It is told by whoever lets them through and not asked of the session: a screen
 * drawn once more while somebody is signed out would find nobody before it is taken away.
 */
export const LetThrough = createContext<Me | null>(null);

/** The person signed in. Screens behind the sign-in use this; it throws where there is none. */
export function useMe(): Me {
  const person = useContext(LetThrough);
  if (!person) throw new Error('nobody is signed in');
  return person;
}

export function useMay(): (ability: Ability) => boolean {
  const person = useSession().data?.person;
  return useCallback((ability: Ability) => person?.abilities.includes(ability) ?? false, [person]);
}

/** Puts what a sign-in or sign-out answered in place, and forgets every cached answer of the person before. */
export function useSetSession(): (session: Session) => void {
  const client = useQueryClient();
  return useCallback(
    (session: Session) => {
      client.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION[0] });
      client.setQueryData(SESSION, session);
    },
    [client],
  );
}

/** A new PIN takes the place of one that was handed out. */
export type BadgeAndPin = { badge: string; pin: string; new_pin?: string };

/** What came of it, as the field that asked for badge and PIN takes it. */
export async function wasTaken(signedIn: Promise<unknown>): Promise<boolean | 'own'> {
  return signedIn.then(
    () => true,
    (error: unknown) => (wantsOwn(error) ? 'own' : false),
  );
}

/** Badge and PIN; the sitting before ends at the bench's own count, and what it still holds stays its own. */
export async function signInAtBench(given: BadgeAndPin, lastSeq: () => Promise<number | null>): Promise<Session> {
  return answerOf(api.POST('/session/bench', { body: { ...given, last_device_seq: await lastSeq() } }));
}

/** Signs out, telling the server what this device knows last. It can fail, and whoever walks away must see that. */
export function useSignOut(facts: () => Promise<Record<string, unknown>> = () => Promise.resolve({})) {
  const setSession = useSetSession();
  return useMutation({ mutationFn: async () => answerOf(api.POST('/session/end', { body: await facts() })), onSuccess: setSession });
}

const WEEK_MS = 7 * 86_400_000;

/** The calendar day of the shop, by its own clock, and so many weeks on. */
export function useDayIn(): (weeks: number) => string {
  const shop = useSession().data?.shop;
  return (weeks) => dateIn(shop?.time_zone ?? 'UTC', new Date(new Date(shop?.now ?? Date.now()).getTime() + weeks * WEEK_MS));
}
