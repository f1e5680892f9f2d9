import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { MorePanel } from '../MorePanel';
import { KeyBar } from '../KeyBar';
import { type Bench, useObserve } from '../useRun';
import { digitKeys } from '../words';
import { Heads, WhatDiffers, touchKey, useHeads } from './Heads';
import { QUIET_MS } from '../usePadKeys';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** Everything is done: each head is compared with its picture, and any that differs is touched. */
export function FinalLook({ bench, sheet, view }: Props) {
  const all = view.call.heads ?? [];
  const heads = useHeads(sheet, all);
  const [more, setMore] = useState(false);
  const observe = useObserve(bench);
  const { differ } = heads;
  const say = () => void observe({ type: 'final_look', ...(differ.length === 0 ? {} : { differ }) });
  return (
    <>
      <main className="flex min-h-0 grow flex-col px-7 pt-5">
        <h1 className="text-[44px] leading-none">{view.call.title}</h1>
        <p className="mt-2 text-xl">{view.call.says[0]}</p>
        <Heads sheet={sheet} view={view} differ={differ} heads={all} onTouch={heads.touch} />
        <div className="min-h-20 pb-3">
          <WhatDiffers differ={differ} names={heads.names} all={all.length} />
        </div>
      </main>
      <KeyBar
        bench={bench}
        view={view}
        quietMs={QUIET_MS}
        pad={digitKeys(heads.type)}
        keys={[
          {
            cap: 'Enter',
            says: differ.length === 0 ? (view.call.answers[0]?.says ?? '') : `See to ${heads.names}`,
            look: differ.length === 0 ? 'main' : 'fault',
            do: say,
            waits: bench.waits ? 'Sending it …' : null,
          },
          { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
          touchKey(heads),
          { cap: '+', says: 'More', do: () => setMore(true) },
        ]}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}
