import { useEffect, useState } from 'react';
import type { BenchView, Stamp } from '@/api/types';
import type { Counted } from '@/lib/page-clock';
import { counted } from './outbox';

/** Seconds since a moment that the record names: by this page's own clock where it is the same one, else by the clock of the day. */
export function secondsSince(since: Stamp, now: Now): number {
  const same = since.clock === now.mono.clock && since.mono_ms !== undefined;
  return same ? (now.mono.mono_ms - (since.mono_ms ?? 0)) / 1000 : (now.day - Date.parse(since.taken_at)) / 1000;
}

/** What the page's own clock counts, and the clock of the day in milliseconds. */
type Now = { mono: Counted; day: number };

/** The two clocks, once a second while something is to be counted. */
export function useNow(on: boolean): Now {
  const [now, setNow] = useState<Now>(() => ({ mono: counted(), day: Date.now() }));
  useEffect(() => {
    if (!on) return undefined;
    const look = () => setNow({ mono: counted(), day: Date.now() });
    look();
    const timer = setInterval(look, 500);
    return () => clearInterval(timer);
  }, [on]);
  return now;
}

/** Seconds that a settling time still has to go; 0 where nothing has to pass. It goes on with the page closed. */
export function useTicking(call: BenchView['call']): number {
  const waits = call.kind === 'settle' && call.since !== undefined && call.least_s !== undefined;
  const now = useNow(waits);
  return waits && call.since ? Math.max(0, Math.ceil((call.least_s ?? 0) - secondsSince(call.since, now))) : 0;
}
