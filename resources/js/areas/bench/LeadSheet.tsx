import { useEffect, useState } from 'react';
import type { BenchView, Decision, RunSheet } from '@/api/types';
import { BadgeSide } from './BadgeSide';
import { BigKey } from './BigKey';
import { BackBar, FullSheet, SheetOf } from './FullSheet';
import { acceptRepair, decideFault, useDecisions } from './queries';
import { usePanelKeys } from './usePadKeys';
import type { Bench } from './useRun';
import { PriceRow } from './wrong/PriceRow';

type Props = { bench: Bench; sheet: RunSheet; view: BenchView; onClose: () => void };

/**
 * A lead, or who stands in for them, says here what becomes of it: first what each word costs, then badge and PIN for that
 * one thing. It is about what it was opened for: where something else is asked meanwhile it goes away, and never becomes
 * that under the hand that signs.
 */
export function LeadSheet({ bench, sheet, view, onClose }: Props) {
  const asked = repairToAccept(view);
  const [about] = useState(asked);
  const isOver = asked !== about;
  useEffect(() => {
    if (isOver) onClose();
  }, [isOver, onClose]);
  return (
    <FullSheet sheet={sheet} title="The lead decides" onClose={onClose}>
      {about === null ? <Waiting bench={bench} sheet={sheet} onClose={onClose} /> : <Accepting bench={bench} view={view} position={about} onClose={onClose} />}
    </FullSheet>
  );
}

/** Where a repair waits to be accepted; null where a word is asked for. */
function repairToAccept({ call }: BenchView): string | null {
  const repair = call.answers.find((a) => a.command === 'accept_repair')?.event;
  return repair && 'at' in repair ? String(repair.at) : null;
}

function Waiting({ bench, sheet, onClose }: Omit<Props, 'view'>) {
  return (
    <SheetOf query={useDecisions(sheet.id, bench.outboxState.waiting.length === 0)} bench={bench} onBack={onClose}>
      {({ faults }) => <Faults bench={bench} faults={faults} onClose={onClose} />}
    </SheetOf>
  );
}

type Fault = { case: string; step: string; title: string; says: string; choices: Decision[] };

function Faults({ bench, faults, onClose }: { bench: Bench; faults: Fault[]; onClose: () => void }) {
  const [chosen, setChosen] = useState<Decision | null>(null);
  const [fault] = faults;
  usePanelKeys(
    chosen
      ? { '/': () => setChosen(null) }
      : { '/': onClose, ...Object.fromEntries((fault?.choices ?? []).filter((c) => c.price).map((c, i) => [String(i + 1), () => setChosen(c)])) },
  );
  useEffect(() => {
    // Decided meanwhile, here or elsewhere: the screen beneath says what comes next.
    if (!fault) onClose();
  }, [fault, onClose]);
  if (!fault) return null;
  if (chosen) return <Word bench={bench} fault={fault} chosen={chosen} onBack={() => setChosen(null)} onClose={onClose} />;
  return (
    <>
      <main className="min-h-0 grow overflow-auto px-7 py-4">
        <h1 className="text-[34px] leading-tight">{fault.title}</h1>
        <p className="mt-1 max-w-5xl text-xl leading-snug">{fault.says}</p>
        {faults.length > 1 && <p className="text-lg text-soft">{faults.length - 1} more wait after this one.</p>}
        <Choices choices={fault.choices} onChoose={setChosen} />
      </main>
      <BackBar says="Back, nothing is decided" onBack={onClose} />
    </>
  );
}

function Choices({ choices, onChoose }: { choices: Decision[]; onChoose: (chosen: Decision) => void }) {
  const may = choices.filter((c) => c.price !== undefined);
  return (
    <ul className="mt-3">
      {may.map((choice, i) => (
        <li key={choice.disposition} className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] items-center gap-7 border-t border-hair py-2">
          <BigKey cap={String(i + 1)} onClick={() => onChoose(choice)}>
            {choice.says}
            <span className="block text-lg font-normal text-soft">{choice.means}</span>
          </BigKey>
          {choice.price && <PriceRow price={choice.price} />}
        </li>
      ))}
      {choices
        .filter((c) => c.why_not !== undefined)
        .map((c) => (
          <li key={c.disposition} className="border-t border-hair py-3 text-lg text-soft">
            {c.says}: {c.why_not}
          </li>
        ))}
    </ul>
  );
}

type WordProps = { bench: Bench; fault: Fault; chosen: Decision; onBack: () => void; onClose: () => void };

function Word({ bench, fault, chosen, onBack, onClose }: WordProps) {
  const decided = { case: fault.case, step: fault.step, disposition: chosen.disposition };
  return (
    <BadgeSide bench={bench} who="Whoever decides" done="Decide" onSign={(badge, pin) => decideFault(decided, { badge, pin })} onDone={onClose}>
      <p className="text-2xl">{fault.title}</p>
      <h1 className="mt-1 text-[44px] leading-tight">{chosen.says}</h1>
      <p className="mt-2 text-xl">{chosen.means}</p>
      <div className="mt-5">{chosen.price && <PriceRow price={chosen.price} />}</div>
      <p className="mt-5 text-lg text-soft">Badge and PIN are for this one thing; the bench stays in the hands it is in.</p>
      <BigKey cap="/" className="mt-8 w-fit" onClick={onBack}>
        Another word
      </BigKey>
    </BadgeSide>
  );
}

function Accepting({ bench, view, position, onClose }: { bench: Bench; view: BenchView; position: string; onClose: () => void }) {
  usePanelKeys({ '/': onClose });
  return (
    <BadgeSide bench={bench} who="Whoever accepts it" done="Accept" onSign={(badge, pin) => acceptRepair(position, { badge, pin })} onDone={onClose}>
      <h1 className="text-[40px] leading-tight">{view.call.says[0]}</h1>
      <p className="mt-3 text-xl">Look at the thread and at what was set before you sign: every later round is held here until then, and goes on after.</p>
      <BigKey cap="/" className="mt-8 w-fit" onClick={onClose}>
        Back, nothing is accepted
      </BigKey>
    </BadgeSide>
  );
}
