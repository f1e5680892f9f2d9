import { useState } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { BigKey } from './BigKey';
import { RoundLine } from './RoundLine';
import { ScanInput } from './ScanInput';
import { type Bench, useObserve } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; step: RunStep; onDone?: () => void };

/** Which tool goes to the bench for this round. An unfit one is refused, with every reason. */
export function ToolChoice({ bench, sheet, step, onDone }: Props) {
  const { offers, taken } = sheet.tools[step.quantity];
  const observe = useObserve(bench);
  const [refused, setRefused] = useState<string | null>(null);
  // Asked before it is taken. What was taken all the same is kept and flagged.
  const take = (tool: ToolOffer) => {
    setRefused(tool.reasons.length > 0 ? tool.reasons.join(' ') : null);
    if (tool.reasons.length > 0) return;
    void observe.toolTaken(step.quantity, tool.id).then((kept) => kept && onDone?.());
  };
  const onScan = (code: string) => {
    const tool = offers.find((o) => o.code.toLowerCase() === code.replace(/^@T/, '').toLowerCase());
    if (tool) take(tool);
  };
  const kind = step.quantity === 'torque' ? 'torque wrench' : 'angle gauge';
  return (
    <>
      <main className="min-h-0 grow overflow-auto px-7 py-6">
        <h1 className="text-4xl">
          Take {step.quantity === 'torque' ? 'a' : 'an'} {kind}
        </h1>
        <p className="mt-1 text-xl text-soft">for {sheet.rounds[sheet.stages.findIndex((s) => s.key === step.stage)]}. Scan it or touch it.</p>
        <ScanInput label="Scan a tool" placeholder="scan a tool …" scanOnly onScan={onScan} />
        {refused !== null && (
          <p role="alert" className="mt-4 border-l-8 border-fault py-1 pl-4 text-xl font-semibold text-fault">
            {refused}
          </p>
        )}
        <Offers offers={offers} taken={taken} kind={kind} onTake={take} />
      </main>
      <RoundLine sheet={sheet} done={bench.view?.doneHere ?? []} current={step.stage} />
      {onDone && (
        <footer className="border-t border-hair px-7 py-3">
          <BigKey onClick={onDone}>Keep the tool I have</BigKey>
        </footer>
      )}
    </>
  );
}

function Offers({ offers, taken, kind, onTake }: { offers: ToolOffer[]; taken: string | null; kind: string; onTake: (tool: ToolOffer) => void }) {
  if (offers.length === 0) return <p className="text-xl text-fault">The crib has no {kind}. Ask the crib keeper.</p>;
  return (
    <ul className="mt-5 grid gap-4 lg:grid-cols-2">
      {offers.map((offer) => (
        <li key={offer.id} className="flex">
          <Offer offer={offer} taken={offer.code === taken} onTake={() => onTake(offer)} />
        </li>
      ))}
    </ul>
  );
}

/** A tool and whether it may be used; one that may not can be touched too, and the refusal says why. */
function Offer({ offer, taken, onTake }: { offer: ToolOffer; taken: boolean; onTake: () => void }) {
  const fit = offer.reasons.length === 0;
  return (
    <button
      type="button"
      onClick={onTake}
      className={`flex min-h-28 w-full flex-col justify-center rounded border-2 px-5 py-3 text-left ${fit ? 'border-line bg-sheet' : 'border-dashed border-hair'}`}
    >
      <span className="text-2xl font-semibold">
        {offer.code}{' '}
        <span className="text-xl font-normal text-soft">
          {offer.name}, <span className="whitespace-nowrap">{offer.range}</span>
        </span>
      </span>
      {fit && <span className="text-lg">{taken ? 'in your hands now' : 'may be used today'}</span>}
      {offer.reasons.map((reason) => (
        <span key={reason} className="text-lg text-fault">
          {reason}
        </span>
      ))}
    </button>
  );
}
