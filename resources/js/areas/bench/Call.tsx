import { useEffect, useRef } from 'react';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { motionOf, nameOf } from './names';
import type { Entry } from './useEntry';

type Props = { sheet: RunSheet; step: RunStep; tool: ToolOffer; entry: Entry };

/** Which bolt, the number to reach on the tool's own scale, and the place for what it showed. */
export function Call({ sheet, step, tool, entry }: Props) {
  const { bolt, where } = nameOf(sheet, step);
  const setting = tool.settings.find((s) => s.step === step.id);
  const turn = step.kind === 'turn';
  return (
    <section className="flex min-h-0 flex-col px-7 pt-5 pb-1" aria-label="What to do now">
      <h1 className="text-[34px] leading-tight">
        {bolt} <span className="block text-2xl font-normal portrait:inline">{where}</span>
      </h1>
      <div className="flex grow flex-col portrait:flex-row portrait:items-center portrait:gap-10">
        <p
          className="flex grow items-center leading-none font-bold tracking-tight portrait:grow-0"
          aria-label={`Reach ${setting?.digits ?? step.target} ${tool.unit.symbol}`}
        >
          <span className="text-[min(13.4rem,25vh)] [font-stretch:74%] portrait:text-[12vh]">
            {turn && '+'}
            {setting?.digits ?? step.target}
            {turn && '°'}
          </span>
          {!turn && <span className="ml-3 self-end pb-[0.95em] text-[42px] font-semibold">{tool.unit.symbol}</span>}
        </p>
        <div>
          <p className="text-[22px]">
            {step.threshold !== null && `from ${step.threshold}, `}
            {motionOf(sheet, step)}
          </p>
          <p className="mt-1 text-lg text-soft">{surfaces(sheet)}</p>
          <p className="text-lg text-soft">
            {tool.code}, {tool.name.toLowerCase()}
            {turn && ': zero it here'}
          </p>
        </div>
      </div>
      <Reading entry={entry} tool={tool} low={setting?.low} high={setting?.high} />
    </section>
  );
}

/** The surface condition belongs to the number: the same torque on another surface is another clamp load. */
function surfaces(sheet: RunSheet): string {
  const conditions = [...new Set(sheet.surfaces.map((s) => s.condition))];
  return conditions
    .map(
      (c) =>
        `${c} on ${sheet.surfaces
          .filter((s) => s.condition === c)
          .map((s) => s.surface)
          .join(' and ')}`,
    )
    .join(', ');
}

function Reading({ entry, tool, low, high }: { entry: Entry; tool: ToolOffer; low: string | undefined; high: string | undefined }) {
  const input = useRef<HTMLInputElement>(null);
  // Typing goes here from anywhere on the screen: nobody looks for a field with gloves on.
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (/^[0-9.,@]$/.test(event.key) && document.activeElement !== input.current && !document.querySelector('[role="dialog"]')) input.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <div className="mt-4">
      <label className={`flex h-24 items-center gap-4 rounded border-[3px] bg-sheet px-5 ${entry.note !== null ? 'border-fault' : 'border-now'}`}>
        <span className="sr-only">
          Reading of {tool.code} in {tool.unit.symbol}
        </span>
        <input
          ref={input}
          autoFocus
          inputMode="none"
          autoComplete="off"
          aria-describedby="reading-note"
          className="w-48 bg-transparent text-5xl font-bold outline-none"
          value={entry.typed}
          onChange={(e) => entry.type(e.target.value)}
        />
        <span className="text-2xl text-soft">{tool.unit.symbol}</span>
        <span className="ml-auto text-right text-lg leading-tight">
          good from {low}
          <br />
          to {high}
        </span>
      </label>
      <p id="reading-note" role="alert" className="min-h-12 pt-1 text-lg leading-tight text-fault">
        {entry.note}
      </p>
    </div>
  );
}
