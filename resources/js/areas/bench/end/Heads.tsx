import { useState } from 'react';
import type { BenchView, RunSheet } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import type { BarKey } from '../KeyBar';

/** Heads that were touched because they do not look like their picture, and the number that is being typed of one. */
export function useHeads(sheet: RunSheet, heads: readonly string[]) {
  const [differ, setDiffer] = useState<readonly string[]>([]);
  const [number, setNumber] = useState('');
  const touch = (position: string) => {
    if (heads.includes(position)) setDiffer((now) => (now.includes(position) ? now.filter((p) => p !== position) : [...now, position]));
  };
  const typed = sheet.sketch.map.positions.find((p) => p.number === number && heads.includes(p.key))?.key;
  return {
    differ,
    number,
    touch,
    type: (digit: string) => setNumber((n) => (n + digit).slice(-3)),
    /** The one whose number was typed. */
    touchTyped: () => {
      if (typed !== undefined) touch(typed);
      setNumber('');
    },
    isKnown: typed !== undefined,
    names: namesOf(sheet, differ),
  };
}

/** The key that touches the head whose number was typed. */
export function touchKey({ number, isKnown, touchTyped }: ReturnType<typeof useHeads>): BarKey {
  const waits = isKnown ? null : number === '' ? 'Type its number' : `No ${number} here`;
  return { cap: '*', says: `Touch no. ${number}`, do: touchTyped, waits };
}

function namesOf(sheet: RunSheet, positions: readonly string[]): string {
  const numbers = sheet.sketch.map.positions.filter((p) => positions.includes(p.key)).map((p) => p.number);
  return numbers.length === 1 ? `bolt ${numbers[0] ?? ''}` : `bolts ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1) ?? ''}`;
}

type Props = { sheet: RunSheet; view: BenchView; differ: readonly string[]; heads: readonly string[]; onTouch: (position: string) => void };

/** Each head as it must look now, over the whole width: a glove's target. Those that differ are ringed. */
export function Heads({ sheet, view, differ, heads, onTouch }: Props) {
  return (
    <div className="min-h-0 grow">
      <JointMap
        sketch={sheet.sketch}
        marks={view.marks.map((m) => (differ.includes(m.position) ? { ...m, fault: 'differs' } : m))}
        detail="full"
        onPick={onTouch}
        label={`${String(heads.length)} heads as they must look; ${differ.length === 0 ? 'none differs' : `${String(differ.length)} differ`}`}
      />
    </div>
  );
}

/** Which differ, and what that means; or that none was touched. */
export function WhatDiffers({ differ, names, all }: { differ: readonly string[]; names: string; all: number }) {
  if (differ.length === 0)
    return (
      <p className="text-xl" role="status">
        None touched: all {all} agree with the picture.
      </p>
    );
  return (
    <div className="border-l-8 border-fault pl-4" role="status">
      <p className="text-2xl font-semibold text-fault">
        {names.charAt(0).toUpperCase()}
        {names.slice(1)} {differ.length === 1 ? 'differs' : 'differ'}.
      </p>
      <p className="text-lg">
        {differ.length === 1 ? 'It is' : 'They are'} not proved until seen to; signing waits.{' '}
        {all > differ.length ? `The other ${String(all - differ.length)} keep their marks.` : ''}
      </p>
    </div>
  );
}
