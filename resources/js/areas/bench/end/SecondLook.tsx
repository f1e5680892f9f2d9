import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { BadgePin } from '@/ui/BadgePin';
import { Aside, type AsidePanel } from '../Aside';
import { KeyBar } from '../KeyBar';
import { NeedsServer } from '../NeedsServer';
import { lookAt } from '../queries';
import type { Bench } from '../useRun';
import { digitKeys } from '../words';
import { Heads, WhatDiffers, touchKey, useHeads } from './Heads';

const QUIET_MS = 900;

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; stage: string };

/** Somebody else looks for themselves, and is not told what the first has found; badge and PIN say who it was. */
export function SecondLook({ bench, sheet, view, stage }: Props) {
  const all = view.call.heads ?? [];
  const heads = useHeads(sheet, all);
  const [looked, setLooked] = useState(false);
  const [panel, setPanel] = useState<AsidePanel>(null);
  const { differ } = heads;
  return (
    <>
      <main className={`min-h-0 grow px-7 pt-5 ${looked ? 'grid grid-cols-[minmax(0,1fr)_28rem] gap-8 overflow-auto portrait:grid-cols-1' : 'flex flex-col'}`}>
        <div className="flex min-h-0 grow flex-col">
          <h1 className="text-[44px] leading-none">{view.call.title}</h1>
          <p className="mt-2 text-xl">{view.call.says[0]} Every head must look like its picture. Touch any that differs.</p>
          <Heads sheet={sheet} view={view} differ={differ} heads={all} onTouch={looked ? () => undefined : heads.touch} />
          <div className="min-h-20 pb-3">
            <WhatDiffers differ={differ} names={heads.names} all={all.length} />
          </div>
        </div>
        {looked && <Signed bench={bench} stage={stage} differ={differ} />}
      </main>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={QUIET_MS}
        pad={looked ? {} : digitKeys(heads.type)}
        keys={[
          ...(looked ? [] : [{ cap: 'Enter', says: signs(heads), look: 'main' as const, do: () => setLooked(true) }]),
          { cap: '/', says: 'Something is wrong', do: () => setPanel('wrong') },
          looked ? { cap: '*', says: 'Look again', do: () => setLooked(false) } : touchKey(heads),
          { cap: '+', says: 'More', do: () => setPanel('more') },
        ]}
      />
      <Aside panel={panel} bench={bench} sheet={sheet} view={view} onClose={() => setPanel(null)} />
    </>
  );
}

function signs({ differ, names }: ReturnType<typeof useHeads>): string {
  return differ.length === 0 ? 'All agree, sign it' : `Sign that ${names} ${differ.length === 1 ? 'differs' : 'differ'}`;
}

function Signed({ bench, stage, differ }: { bench: Bench; stage: string; differ: readonly string[] }) {
  const { command } = bench;
  const sign = async (badge: string, pin: string) =>
    command.mutateAsync(lookAt(stage, [...differ], { badge, pin })).then(
      () => true,
      () => false,
    );
  return (
    <div className="pb-4">
      <p className="mb-2 text-xl font-semibold">Whoever has looked: badge and PIN.</p>
      <NeedsServer bench={bench} />
      <BadgePin done="Sign" busy={command.isPending} error={command.isError ? sentenceOf(command.error) : ''} onDone={sign} />
    </div>
  );
}
