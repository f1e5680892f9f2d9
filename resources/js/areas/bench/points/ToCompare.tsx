import { useState } from 'react';
import type { RunSheet } from '@/api/types';
import { MorePanel } from '../MorePanel';
import { BigKey } from '../BigKey';
import { NeedsServer } from '../NeedsServer';
import { endPaper } from '../queries';
import { usePadKeys } from '../usePadKeys';
import { WithdrawPanel } from '../WithdrawPanel';
import { Point, type PointProps, ToHook } from './Point';

const QUIET_MS = 900;

type Differing = NonNullable<RunSheet['card']>['differ'][number];

/** A card is typed in to its end: it is put down here, somebody else compares it at the desk, and what differs is typed anew. */
export function ToCompare({ bench, sheet, view }: PointProps) {
  const [more, setMore] = useState(false);
  const [back, setBack] = useState<Differing | null>(null);
  const differ = sheet.card?.differ ?? [];
  const down = view.card === null ? undefined : () => bench.command.mutate(endPaper);
  usePadKeys(
    {
      Enter: down,
      '/': () => bench.setOver('wrong'),
      '+': () => setMore(true),
      ...Object.fromEntries(differ.slice(0, 9).map((d, i) => [String(i + 1), () => setBack(d)])),
    },
    QUIET_MS,
  );
  return (
    <Point bench={bench} sheet={sheet} view={view} title={view.card === null ? view.call.title : `Card ${view.card} ends here`} error={bench.command.error}>
      <NeedsServer bench={bench} />
      {differ.length > 0 ? <Differs differ={differ} onBack={setBack} /> : <Says view={view} />}
      <div className="mt-8 flex flex-wrap gap-4">
        {down && (
          <BigKey look="main" cap="Enter" onClick={down} disabled={bench.command.isPending}>
            The card is typed in
          </BigKey>
        )}
        <BigKey cap="/" onClick={() => bench.setOver('wrong')}>
          Something is wrong
        </BigKey>
        <BigKey cap="+" onClick={() => setMore(true)}>
          More
        </BigKey>
      </div>
      <ToHook />
      {more && <MorePanel bench={bench} sheet={sheet} view={view} onClose={() => setMore(false)} />}
      {back && <WithdrawPanel bench={bench} name={back.says} reading={back.reading} step={back.step} onClose={() => setBack(null)} />}
    </Point>
  );
}

function Says({ view }: Pick<PointProps, 'view'>) {
  return view.call.says.map((text) => (
    <p key={text} className="mt-2 text-2xl">
      {text}
    </p>
  ));
}

/** Each by its number: taken back, it is called for again, and typed from the card. */
function Differs({ differ, onBack }: { differ: Differing[]; onBack: (one: Differing) => void }) {
  return (
    <>
      <p className="text-2xl">
        Whoever compared it found another value on the card. Take back what was typed, scan the card again, and type what stands there.
      </p>
      <div className="mt-5 flex flex-col gap-3">
        {differ.slice(0, 9).map((one, i) => (
          <BigKey key={one.step} cap={String(i + 1)} onClick={() => onBack(one)}>
            {one.says}, typed as {one.typed === '' ? 'done' : one.typed}
          </BigKey>
        ))}
      </div>
    </>
  );
}
