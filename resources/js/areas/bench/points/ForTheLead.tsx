import { useState } from 'react';
import { MorePanel } from '../MorePanel';
import { BigKey } from '../BigKey';
import { NeedsServer } from '../NeedsServer';
import { usePadKeys } from '../usePadKeys';
import { Point, type PointProps, ToHook } from './Point';

const QUIET_MS = 900;

/** Only the lead, or who stands in for them, can go on with it: here, with own badge and PIN. */
export function ForTheLead({ bench, sheet, view }: PointProps) {
  const [more, setMore] = useState(false);
  const [answer] = view.call.answers;
  const lead = answer ? () => bench.setOver('lead') : undefined;
  usePadKeys({ Enter: lead, '/': () => bench.setOver('wrong'), '+': () => setMore(true) }, QUIET_MS);
  return (
    <Point bench={bench} sheet={sheet} view={view} title={view.call.title}>
      <NeedsServer bench={bench} />
      {view.call.says.map((text) => (
        <p key={text} className="mt-2 text-2xl">
          {text}
        </p>
      ))}
      <div className="mt-8 flex flex-wrap gap-4">
        {answer && (
          <BigKey look="main" cap="Enter" onClick={lead}>
            {answer.says}
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
    </Point>
  );
}
