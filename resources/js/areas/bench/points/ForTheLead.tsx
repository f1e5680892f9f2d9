import { useState } from 'react';
import { Aside, type AsidePanel } from '../Aside';
import { BigKey } from '../BigKey';
import { LeadSheet } from '../LeadSheet';
import { NeedsServer } from '../NeedsServer';
import { usePadKeys } from '../usePadKeys';
import { Point, type PointProps, ToHook } from './Point';

const QUIET_MS = 900;

/** Only the lead, or who stands in for them, can go on with it: here, with own badge and PIN. */
export function ForTheLead({ bench, sheet, view }: PointProps) {
  const [over, setOver] = useState<AsidePanel | 'lead'>(null);
  const [answer] = view.call.answers;
  const lead = answer ? () => setOver('lead') : undefined;
  usePadKeys({ Enter: lead, '/': () => bench.setWrong(true), '+': () => setOver('more') }, QUIET_MS);
  const close = () => setOver(null);
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
        <BigKey cap="/" onClick={() => bench.setWrong(true)}>
          Something is wrong
        </BigKey>
        <BigKey cap="+" onClick={() => setOver('more')}>
          More
        </BigKey>
      </div>
      <ToHook />
      {over === 'lead' ? (
        <LeadSheet bench={bench} sheet={sheet} view={view} onClose={close} />
      ) : (
        <Aside panel={over} bench={bench} sheet={sheet} view={view} onClose={close} />
      )}
    </Point>
  );
}
