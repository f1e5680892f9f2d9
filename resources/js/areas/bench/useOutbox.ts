import { queryOptions, useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { answerOf, api } from '@/api/client';
import { Outbox, type OutboxState } from './outbox';

const EMPTY: OutboxState = { waiting: [], answered: [], trouble: null, unread: false, notKept: null };
const opened = new Map<string, Promise<Outbox>>();

export const outboxQuery = queryOptions({
  queryKey: ['outbox'],
  staleTime: Infinity,
  gcTime: Infinity,
  structuralSharing: false,
  queryFn: async () => {
    // The count must be the server's of now, not the one cached at sign-in.
    const { device } = await answerOf(api.GET('/session'));
    if (!device) throw new Error('not an enrolled bench');
    const known = opened.get(device.id) ?? Outbox.open(device.id, device.next_device_seq);
    opened.set(device.id, known);
    return known;
  },
});

/** The outbox of this bench; null while it opens. One per browser window, whoever is signed in. */
export function useOutbox(): { outbox: Outbox | null; state: OutboxState; ready: () => Promise<Outbox> } {
  const opening = useQuery(outboxQuery);
  const outbox = opening.data;
  const state = useSyncExternalStore(outbox?.subscribe ?? noSubscription, outbox?.snapshot ?? (() => EMPTY));
  // Whoever scans or touches before it is open waits for it, and is not refused.
  const ready = async () => outbox ?? (await opening.refetch({ cancelRefetch: false, throwOnError: true })).data ?? Promise.reject(new Error('no outbox'));
  return { outbox: outbox ?? null, state, ready };
}

function noSubscription(): () => void {
  return () => undefined;
}
