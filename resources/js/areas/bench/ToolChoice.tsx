import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { Refusal } from '@/ui/Refusal';
import { BigKey } from './BigKey';
import { RoundLine } from './RoundLine';
import { ScanInput } from './ScanInput';
import { takeTool } from './queries';
import type { Bench } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; step: RunStep; onDone?: () => void };

/** Which tool goes to the bench for this round. An unfit one is refused, with every reason. */
export function ToolChoice({ bench, sheet, step, onDone }: Props) {
  const { offers, taken } = sheet.tools[step.quantity];
  const { command } = bench;
  const take = (tool: ToolOffer) => command.mutate(takeTool(step.quantity, tool.id), { onSuccess: () => onDone?.() });
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
        <Refusal of={command} className="mt-4 border-l-8 border-fault py-1 pl-4 text-xl font-semibold" />
        <ul className="mt-5 grid gap-4 lg:grid-cols-2">
          {offers.map((offer) => (
            <li key={offer.id} className="flex">
              <Offer offer={offer} taken={offer.code === taken} disabled={command.isPending} onTake={() => take(offer)} />
            </li>
          ))}
        </ul>
        {offers.length === 0 && <p className="text-xl text-fault">The crib has no {kind}. Ask the crib keeper.</p>}
      </main>
      <RoundLine sheet={sheet} done={bench.view?.doneHere ?? []} current={step.stage} />
      {onDone && <Keep bench={bench} onDone={onDone} />}
    </>
  );
}

/** A tool and whether it may be used; one that may not can be touched too, and the refusal says why. */
function Offer({ offer, taken, disabled, onTake }: { offer: ToolOffer; taken: boolean; disabled: boolean; onTake: () => void }) {
  const fit = offer.reasons.length === 0;
  return (
    <button
      type="button"
      disabled={disabled}
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

function Keep({ bench: { command }, onDone }: { bench: Bench; onDone: () => void }) {
  const keep = () => {
    command.reset();
    onDone();
  };
  return (
    <footer className="border-t border-hair px-7 py-3">
      <BigKey onClick={keep}>Keep the tool I have</BigKey>
    </footer>
  );
}
