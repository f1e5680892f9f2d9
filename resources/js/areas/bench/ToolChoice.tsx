import { useState } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { BigKey } from './BigKey';
import { RoundLine } from './RoundLine';
import { takeTool } from './queries';
import type { Bench } from './useRun';

type Props = { bench: Bench; sheet: RunSheet; step: RunStep; onDone?: () => void };

/** Which tool goes to the bench for this round. An unfit one is refused, with every reason. */
export function ToolChoice({ bench, sheet, step, onDone }: Props) {
  const { offers, taken } = sheet.tools[step.quantity];
  const [scan, setScan] = useState('');
  const { command } = bench;
  const take = (tool: ToolOffer) => command.mutate(takeTool(step.quantity, tool.id), { onSuccess: () => onDone?.() });
  const onScan = () => {
    const tool = offers.find((o) => o.code.toLowerCase() === scan.replace(/^@T/, '').toLowerCase());
    if (tool) take(tool);
    setScan('');
  };
  const kind = step.quantity === 'torque' ? 'torque wrench' : 'angle gauge';
  return (
    <>
      <main className="min-h-0 grow overflow-auto px-7 py-6">
        <h1 className="text-4xl">
          Take {step.quantity === 'torque' ? 'a' : 'an'} {kind}
        </h1>
        <p className="mt-1 text-xl text-soft">for {sheet.rounds[sheet.stages.findIndex((s) => s.key === step.stage)]}. Scan it or touch it.</p>
        <form
          className="mt-4"
          onSubmit={(e) => {
            e.preventDefault();
            onScan();
          }}
        >
          <input
            aria-label="Scan a tool"
            placeholder="scan a tool …"
            autoFocus
            autoComplete="off"
            inputMode="none"
            value={scan}
            onChange={(e) => setScan(e.target.value)}
            className="h-14 w-80 rounded border-2 border-now bg-sheet px-4 text-2xl font-semibold placeholder:font-normal placeholder:text-soft"
          />
        </form>
        {command.isError && (
          <p role="alert" className="mt-4 border-l-8 border-fault py-1 pl-4 text-xl font-semibold text-fault">
            {sentenceOf(command.error)}
          </p>
        )}
        <ul className="mt-5 grid gap-4 lg:grid-cols-2">
          {offers.map((offer) => (
            <li key={offer.id} className="flex">
              <button
                type="button"
                disabled={command.isPending}
                onClick={() => take(offer)}
                className={`flex min-h-28 w-full flex-col justify-center rounded border-2 px-5 py-3 text-left ${offer.reasons.length === 0 ? 'border-line bg-sheet' : 'border-dashed border-hair'}`}
              >
                <span className="text-2xl font-semibold">
                  {offer.code}{' '}
                  <span className="text-xl font-normal text-soft">
                    {offer.name}, {offer.range}
                  </span>
                </span>
                {offer.reasons.length === 0 ? (
                  <span className="text-lg">{offer.code === taken ? 'in your hands now' : 'may be used today'}</span>
                ) : (
                  offer.reasons.map((reason) => (
                    <span key={reason} className="text-lg text-fault">
                      {reason}
                    </span>
                  ))
                )}
              </button>
            </li>
          ))}
        </ul>
        {offers.length === 0 && <p className="text-xl text-fault">The crib has no {kind}. Ask the crib keeper.</p>}
      </main>
      <RoundLine sheet={sheet} done={bench.view?.doneHere ?? []} current={step.stage} />
      {onDone && (
        <footer className="border-t border-hair px-7 py-3">
          <BigKey
            onClick={() => {
              command.reset();
              onDone();
            }}
          >
            Keep the tool I have
          </BigKey>
        </footer>
      )}
    </>
  );
}
