import type { RunSheet } from '@/api/types';
import { BigKey } from './BigKey';
import type { Entry } from './useEntry';
import { usePadKeys } from './usePadKeys';
import type { Bench } from './useRun';

type Props = {
  bench: Bench;
  sheet: RunSheet;
  entry: Entry;
  onPad: () => void;
  onChangeTool: () => void;
  takeBackName: string | null;
  onTakeBack: (() => void) | undefined;
};

/** What can be done now, one big key each, and what has been sent. */
export function ActionBar({ bench, sheet, entry, onPad, onChangeTool, takeBackName, onTakeBack }: Props) {
  usePadKeys(entry.scanning ? { Enter: entry.take } : { Enter: entry.take, '-': onTakeBack, '*': onChangeTool, '/': onPad });
  const done = sheet.steps.filter((s) => s.status === 'done').length + (bench.view?.doneHere.length ?? 0);
  const { waiting, trouble, unread } = bench.outboxState;
  const aside = bench.asides.at(-1);
  return (
    <footer className="flex shrink-0 items-center gap-4 border-t border-hair px-7 py-3 portrait:grid portrait:grid-cols-[1.5fr_1fr_1fr_1.3fr]">
      <BigKey look="main" cap="Enter" onClick={entry.take} className="min-w-60 portrait:min-w-0">
        Take {entry.typed === '' ? 'the reading' : entry.typed}
      </BigKey>
      <BigKey cap="/" onClick={onPad}>
        Keys
      </BigKey>
      <BigKey cap="*" onClick={onChangeTool}>
        Other tool
      </BigKey>
      <BigKey cap="−" disabled={!onTakeBack} onClick={onTakeBack} className="ml-6 portrait:ml-0">
        Take back{takeBackName !== null && ` ${takeBackName}`}
      </BigKey>
      <div className="ml-auto max-w-80 text-right portrait:col-span-4 portrait:flex portrait:w-full portrait:max-w-none portrait:justify-between" role="status">
        <p className={trouble !== null ? 'font-semibold text-fault' : 'font-semibold'}>{sentState(waiting.length, trouble)}</p>
        {unread && <p className="text-fault">The server could not read one reading; the lead gets it. Do that bolt again.</p>}
        {aside && <p className="text-fault">Something was set aside: {aside.outcome.say[0]?.sentence}</p>}
        <p className="text-soft">
          step {Math.min(done + 1, sheet.steps.length)} of {sheet.steps.length}
        </p>
      </div>
    </footer>
  );
}

function sentState(waiting: number, trouble: string | null): string {
  if (waiting === 0) return 'all sent';
  return trouble === null ? `sending ${String(waiting)}` : `${String(waiting)} kept here: ${trouble}`;
}
