import type { BenchView } from '@/api/types';
import { secondsSince, useNow } from './useTicking';
import { clockOf } from './words';

/** What works for a stated time only, and how long it still does: said before it ends. */
export function Wet({ wet }: { wet: BenchView['wet'] }) {
  const now = useNow(wet.length > 0);
  return wet.map((w) => {
    const left = Math.ceil(w.seconds - secondsSince(w.since, now));
    const soon = left < 180;
    return (
      <p
        key={w.agent}
        role={soon ? 'alert' : 'status'}
        className={`shrink-0 border-b border-line px-7 py-1.5 text-lg ${soon ? 'bg-fault-ground font-semibold text-fault' : 'bg-sheet'}`}
      >
        {left <= 0
          ? `The ${w.agent} has had its time. What is not tight by now is cleaned and coated afresh.`
          : `The ${w.agent} works for ${clockOf(left)} more, on ${String(w.count)}.`}
      </p>
    );
  });
}
