import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { useMe } from '@/api/session';
import { sentenceOf } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { Aside, type AsidePanel } from '../Aside';
import { KeyBar } from '../KeyBar';
import { NeedsServer } from '../NeedsServer';
import { finishRun } from '../queries';
import { PointMap } from '../TurningPoints';
import type { Bench } from '../useRun';

const QUIET_MS = 900;

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** A signature: a sentence, and the PIN that puts a name to it. */
export function SignScreen({ bench, sheet, view }: Props) {
  const me = useMe();
  const [panel, setPanel] = useState<AsidePanel>(null);
  const { command } = bench;
  const sign = async (_: string, pin: string) =>
    command.mutateAsync(finishRun(pin)).then(
      () => true,
      () => false,
    );
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] overflow-auto portrait:grid-cols-1">
        <section className="px-7 py-5">
          <h1 className="text-[40px] leading-tight">“{view.call.meaning}”</h1>
          <p className="mt-1 text-xl">
            {me.name}, your PIN puts your name to that sentence. <span className="text-soft">All {view.all} steps are done.</span>
          </p>
          <div className="mt-4">
            <NeedsServer bench={bench} />
            <BadgePin known done="Sign" busy={command.isPending || bench.waits} error={command.isError ? sentenceOf(command.error) : ''} onDone={sign} />
          </div>
        </section>
        <PointMap sheet={sheet} view={view} />
      </main>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={QUIET_MS}
        keys={[
          { cap: '/', says: 'Something is wrong', do: () => setPanel('wrong') },
          { cap: '+', says: 'More', do: () => setPanel('more') },
        ]}
      />
      <Aside panel={panel} bench={bench} sheet={sheet} view={view} onClose={() => setPanel(null)} />
    </>
  );
}
