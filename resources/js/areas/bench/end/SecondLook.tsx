import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { MorePanel } from '../MorePanel';
import { BadgeSide } from '../BadgeSide';
import { KeyBar } from '../KeyBar';
import { lookAt } from '../queries';
import type { Bench } from '../useRun';
import { digitKeys } from '../words';
import { Heads, WhatDiffers, touchKey, useHeads } from './Heads';
import { QUIET_MS } from '../usePadKeys';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; stage: string };

/** Somebody else looks for themselves, and is not told what the first has found; badge and PIN say who it was. */
export function SecondLook({ bench, sheet, view, stage }: Props) {
  const heads = useHeads(sheet, view.call.heads ?? []);
  const [looked, setLooked] = useState(false);
  const [more, setMore] = useState(false);
  const { differ } = heads;
  const look = <Look sheet={sheet} view={view} heads={heads} onTouch={looked ? () => undefined : heads.touch} />;
  return (
    <>
      {looked ? (
        <BadgeSide bench={bench} who="Whoever has looked" done="Sign" onSign={(badge, pin) => lookAt(stage, [...differ], { badge, pin })}>
          {look}
        </BadgeSide>
      ) : (
        <main className="flex min-h-0 grow flex-col px-7 pt-5">{look}</main>
      )}
      <KeyBar
        bench={bench}
        view={view}
        quietMs={QUIET_MS}
        pad={looked ? {} : digitKeys(heads.type)}
        keys={[
          ...(looked ? [] : [{ cap: 'Enter', says: signs(heads), look: 'main' as const, do: () => setLooked(true) }]),
          { cap: '/', says: 'Something is wrong', do: () => bench.setOver('wrong') },
          looked ? { cap: '*', says: 'Look again', do: () => setLooked(false) } : touchKey(heads),
          { cap: '+', says: 'More', do: () => setMore(true) },
        ]}
      />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
    </>
  );
}

function signs({ differ, names }: ReturnType<typeof useHeads>): string {
  return differ.length === 0 ? 'All agree, sign it' : `Sign that ${names} ${differ.length === 1 ? 'differs' : 'differ'}`;
}

type LookProps = { sheet: RunSheet; view: BenchView; heads: ReturnType<typeof useHeads>; onTouch: (position: string) => void };

function Look({ sheet, view, heads: { differ, names }, onTouch }: LookProps) {
  const all = view.call.heads ?? [];
  return (
    <>
      <h1 className="text-[44px] leading-none">{view.call.title}</h1>
      <p className="mt-2 text-xl">{view.call.says[0]} Every head must look like its picture. Touch any that differs.</p>
      <Heads sheet={sheet} view={view} differ={differ} heads={all} onTouch={onTouch} />
      <div className="min-h-20 pb-3">
        <WhatDiffers differ={differ} names={names} all={all.length} />
      </div>
    </>
  );
}
