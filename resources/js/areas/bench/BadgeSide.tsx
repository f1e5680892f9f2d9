import type { ReactNode } from 'react';
import { Problem, sentenceOf } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { NeedsServer } from './NeedsServer';
import type { RunCommand } from './queries';
import type { Bench } from './useRun';

type Props = {
  bench: Bench;
  /** What lies beside it: what one signs. */
  children: ReactNode;
  /** Who is asked. */
  who: string;
  done: string;
  /** Whose badge it is, is known. */
  known?: boolean;
  onSign: (badge: string, pin: string) => RunCommand;
  onDone?: () => void;
};

/** What is signed, and beside it badge and PIN with keys for gloves. */
export function BadgeSide({ bench, children, who, done, known = false, onSign, onDone }: Props) {
  const { command } = bench;
  const sign = async (badge: string, pin: string) =>
    command.mutateAsync(onSign(badge, pin)).then(
      () => {
        onDone?.();
        return true;
      },
      (error: unknown) => (error instanceof Problem && error.field === 'badge' ? 'badge' : false),
    );
  return (
    <main className="grid min-h-0 grow grid-cols-[minmax(0,1fr)_28rem] gap-8 overflow-auto px-7 pt-5 portrait:grid-cols-1">
      <div className="flex min-h-0 flex-col">{children}</div>
      <div>
        <p className="mb-1 text-xl font-semibold">{who}</p>
        <NeedsServer bench={bench} />
        <BadgePin known={known} done={done} busy={command.isPending || bench.waits} error={command.isError ? sentenceOf(command.error) : ''} onDone={sign} />
      </div>
    </main>
  );
}
