import type { BenchView } from '@/api/types';
import type { Bench } from './useRun';

/** What has not been sent is counted, on every screen; beside it how far the run is, or what else is to be known. */
export function Unsent({ bench, view, says }: { bench: Bench; view: BenchView; says?: string }) {
  const { waiting, trouble, unread } = bench.outboxState;
  return (
    <div
      className="ml-auto max-w-72 text-right portrait:col-span-full portrait:flex portrait:w-full portrait:max-w-none portrait:justify-between"
      role="status"
    >
      <p className={trouble !== null ? 'font-semibold text-fault' : 'font-semibold'}>{sentState(waiting.length, trouble)}</p>
      {unread && <p className="text-fault">The server could not read one reading; the lead gets it. Do that bolt again.</p>}
      {bench.beside.state === 'unavailable' && <p className="text-soft">The server decides each pull here.</p>}
      <p className="text-soft">{says ?? progressOf(view)}</p>
    </div>
  );
}

function sentState(waiting: number, trouble: string | null): string {
  if (waiting === 0) return 'all sent';
  return trouble === null ? `sending ${String(waiting)}` : `${String(waiting)} kept here: ${trouble}`;
}

const progressOf = ({ done, all }: BenchView): string =>
  done < all ? `step ${String(done + 1)} of ${String(all)}` : `${String(all)} of ${String(all)} steps done`;
