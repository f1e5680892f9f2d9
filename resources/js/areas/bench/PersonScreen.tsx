import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { BigKey } from './BigKey';
import { usePadKeys } from './usePadKeys';
import { joinRun, lookAt } from './queries';
import type { Bench } from './useRun';
import { PointMap } from './TurningPoints';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** Somebody else is wanted: to hold, or to look. Badge and PIN, on glass too; the PIN is never seen. */
export function PersonScreen({ bench, sheet, view }: Props) {
  const { call } = view;
  const stage = call.answers[0]?.event && 'stage' in call.answers[0].event ? String(call.answers[0].event.stage) : null;
  const [finds, setFinds] = useState<'as_recorded' | 'differs' | null>(stage === null ? 'as_recorded' : null);
  usePadKeys(finds === null ? { Enter: () => setFinds('as_recorded'), '*': () => setFinds('differs') } : {}, 600);
  const { command } = bench;
  const done = async (badge: string, pin: string): Promise<boolean> =>
    command.mutateAsync(stage === null ? joinRun({ badge, pin }) : lookAt(stage, finds ?? 'as_recorded', { badge, pin })).then(
      () => true,
      () => false,
    );
  return (
    <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] overflow-auto portrait:grid-cols-1">
      <section className="px-7 py-5">
        <h1 className="text-[40px] leading-tight">{call.title}</h1>
        {call.says.map((text) => (
          <p key={text} className="mt-1 text-xl">
            {text}
          </p>
        ))}
        <div className="mt-4">
          {finds === null ? (
            <div className="flex flex-col gap-4">
              <BigKey look="main" cap="Enter" onClick={() => setFinds('as_recorded')}>
                It is as the picture has it
              </BigKey>
              <BigKey cap="*" onClick={() => setFinds('differs')}>
                It differs
              </BigKey>
            </div>
          ) : (
            <BadgePin done={stage === null ? 'Join' : 'Sign'} busy={command.isPending} error={command.isError ? sentenceOf(command.error) : ''} onDone={done} />
          )}
        </div>
      </section>
      <PointMap sheet={sheet} view={view} />
    </main>
  );
}
