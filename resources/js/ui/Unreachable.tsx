import { type Query, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { Problem } from '@/lib/problem';
import { dayAndTime } from '@/lib/typeset';

/** Something on the screen is shown from before, since the server did not answer when it was asked for anew. */
function isLeftOver(query: Query): boolean {
  const why = query.state.error ?? query.state.fetchFailureReason;
  return query.state.data !== undefined && why instanceof Problem && why.unanswered && query.isActive();
}

/** Says from when what is shown is, while the server cannot be reached: an old board looks like a new one. */
export function Unreachable({ zone, big = false }: { zone: string; big?: boolean }) {
  const cache = useQueryClient().getQueryCache();
  const since = useSyncExternalStore(
    useCallback((told) => cache.subscribe(told), [cache]),
    () => Math.min(...cache.findAll({ predicate: isLeftOver }).map((query) => query.state.dataUpdatedAt)),
  );
  if (!Number.isFinite(since)) return null;
  return (
    <p role="alert" className={`no-print shrink-0 border-b border-line bg-sheet px-7 py-1.5 font-semibold text-fault ${big ? 'text-lg' : ''}`}>
      The server cannot be reached. What stands here is of {dayAndTime(new Date(since).toISOString(), zone)}; it is asked for again by itself.
    </p>
  );
}
