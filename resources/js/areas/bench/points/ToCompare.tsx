import { useState } from 'react';
import type { RunSheet } from '@/api/types';
import { BigKey } from '../BigKey';
import { NeedsServer } from '../NeedsServer';
import { endPaper } from '../queries';
import { WithdrawPanel } from '../WithdrawPanel';
import { Point, type PointProps } from './Point';
import { PointKeys } from './PointKeys';
import { Says } from './Says';

/** So many have a number of one digit; the next ones move up. */
const MOST = 9;

type Differing = NonNullable<RunSheet['card']>['differ'][number];

/** A card is typed in to its end: it is put down here, somebody else compares it at the desk, and what differs is typed anew. */
export function ToCompare({ bench, sheet, view }: PointProps) {
  const [back, setBack] = useState<Differing | null>(null);
  const differ = sheet.card?.differ.slice(0, MOST) ?? [];
  const down = view.card === null || bench.command.isPending ? undefined : () => bench.command.mutate(endPaper);
  return (
    <Point bench={bench} sheet={sheet} view={view} title={view.card === null ? view.call.title : `Card ${view.card} ends here`} error={bench.command.error}>
      <NeedsServer bench={bench} />
      {differ.length > 0 ? <Differs differ={differ} onBack={setBack} /> : <Says call={view.call} />}
      <PointKeys
        bench={bench}
        sheet={sheet}
        view={view}
        onEnter={down}
        enter="The card is typed in"
        own={Object.fromEntries(differ.map((one, i) => [String(i + 1), () => setBack(one)]))}
      />
      {back && (
        <WithdrawPanel bench={bench} name={back.says} reading={back.reading} step={back.step} onClose={() => setBack((now) => (now === back ? null : now))} />
      )}
    </Point>
  );
}

/** Each by its number: taken back, it is called for again, and typed from the card. */
function Differs({ differ, onBack }: { differ: Differing[]; onBack: (one: Differing) => void }) {
  return (
    <>
      <p className="text-2xl">
        Whoever compared it found another value on the card. Take back what was typed, scan the card again, and type what stands there.
      </p>
      <div className="mt-5 flex flex-col gap-3">
        {differ.map((one, i) => (
          <BigKey key={one.step} cap={String(i + 1)} onClick={() => onBack(one)}>
            {one.says}, typed as {one.typed === '' ? 'done' : one.typed}
          </BigKey>
        ))}
      </div>
    </>
  );
}
