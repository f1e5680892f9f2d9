import { useQuery } from '@tanstack/react-query';
import type { Mishaps, Weighed } from '@/api/types';
import { clocks } from '../outbox';
import { BENCH, mishapsOf, weighedBy } from '../queries';
import type { Bench } from '../useRun';

/** Asked anew each time: a run moves on between two questions. The core beside the page answers without any network. */
const ONCE = { gcTime: 0, staleTime: 0, retry: false, refetchOnWindowFocus: false, refetchOnReconnect: false } as const;

/** What may be said to be wrong now. */
export function useMishaps({ beside, sheet }: Bench) {
  const run = sheet?.id ?? '';
  return useQuery({
    ...ONCE,
    queryKey: [...BENCH, 'mishaps', run],
    queryFn: () => (beside.state === 'ready' ? beside.ask((core) => core.mishaps<Mishaps>()) : mishapsOf(run)),
  });
}

export type Said = { key: string; position?: string; choice?: string };

/** What it would come to, and cost. */
export function useWeighed({ beside, sheet }: Bench, { key, ...given }: Said) {
  const run = sheet?.id ?? '';
  return useQuery({
    ...ONCE,
    queryKey: [...BENCH, 'weighed', run, key, given],
    queryFn: () => {
      const { device_time, ...counted } = clocks();
      const now = { taken_at: device_time, ...counted };
      return beside.state === 'ready' ? beside.ask((core) => core.weigh<Weighed>({ key, ...given, now })) : weighedBy(run, key, given);
    },
  });
}
