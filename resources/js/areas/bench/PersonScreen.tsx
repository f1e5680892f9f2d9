import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { Aside, type AsidePanel } from './Aside';
import { KeyBar } from './KeyBar';
import { NeedsServer } from './NeedsServer';
import { joinRun } from './queries';
import type { Bench } from './useRun';
import { PointMap } from './TurningPoints';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** Somebody else is wanted, to hold. Badge and PIN, on glass too; the PIN is never seen. */
export function PersonScreen({ bench, sheet, view }: Props) {
  const { call } = view;
  const [panel, setPanel] = useState<AsidePanel>(null);
  const { command } = bench;
  const join = async (badge: string, pin: string): Promise<boolean> =>
    command.mutateAsync(joinRun({ badge, pin })).then(
      () => true,
      () => false,
    );
  return (
    <>
      <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] overflow-auto portrait:grid-cols-1">
        <section className="px-7 py-5">
          <h1 className="text-[40px] leading-tight">{call.title}</h1>
          {call.says.map((text) => (
            <p key={text} className="mt-1 text-xl">
              {text}
            </p>
          ))}
          <div className="mt-3">
            <NeedsServer bench={bench} />
            <BadgePin done="Join" busy={command.isPending} error={command.isError ? sentenceOf(command.error) : ''} onDone={join} />
          </div>
        </section>
        <PointMap sheet={sheet} view={view} />
      </main>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={600}
        keys={[
          { cap: '/', says: 'Something is wrong', do: () => setPanel('wrong') },
          { cap: '+', says: 'More', do: () => setPanel('more') },
        ]}
      />
      <Aside panel={panel} bench={bench} sheet={sheet} view={view} onClose={() => setPanel(null)} />
    </>
  );
}
