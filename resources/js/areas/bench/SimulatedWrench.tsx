import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { Refusal } from '@/ui/Refusal';

type Props = { sheet: RunSheet; step: RunStep; tool: ToolOffer; onPull: (value: string, by: ToolOffer) => void };
const MANNERS = [
  { value: 'good', text: 'Good pull' },
  { value: 'short', text: 'Short' },
  { value: 'over', text: 'Over' },
] as const;

type Manner = (typeof MANNERS)[number]['value'];

/** Pulls as somebody would: within the window, short of it or beyond, on the tool's own scale. */
function usePull({ sheet, step, onPull }: Props, by: ToolOffer) {
  const line = sheet.walk_sheet.find((l) => l.step === step.id);
  const factor = Number(line?.units.find((u) => u.code === by.unit.code)?.factor ?? '1');
  const own = (base: string | undefined) => (Number(base ?? '0') / factor).toFixed(6);
  const bodyOf = (manner: Manner) => ({
    unit: by.unit.code,
    low: own(line?.low),
    high: own(line?.high),
    resolution: by.resolution,
    manner,
    seed: `${step.id}-${String(Date.now())}`,
  });
  return useMutation({
    mutationFn: (manner: Manner) => answerOf(api.POST('/stand-ins/wrench/pull', { body: bodyOf(manner) })),
    onSuccess: ({ value }) => onPull(value, by),
  });
}

/** A stand-in for a connected tool, in a demo only. What it sends is marked as simulated for ever. */
export function SimulatedWrench(props: Props) {
  const { offers } = props.sheet.tools[props.step.quantity];
  const [code, setCode] = useState<string | null>(null);
  const by = offers.find((o) => o.code === code) ?? props.tool;
  const pull = usePull(props, by);
  return (
    <div
      role="group"
      aria-label="Simulated tool"
      className="flex shrink-0 flex-wrap items-center gap-3 rounded border-2 border-dashed border-hair px-4 py-2 portrait:gap-2 portrait:px-2"
    >
      <p className="leading-tight text-soft">
        Simulated
        <br />
        <select
          aria-label="Simulated tool’s name"
          className="rounded border border-hair bg-sheet px-1 font-semibold text-ink"
          value={by.code}
          onChange={(e) => setCode(e.target.value)}
        >
          {offers.map((o) => (
            <option key={o.id}>{o.code}</option>
          ))}
        </select>
      </p>
      {MANNERS.map(({ value, text }) => (
        <button
          key={value}
          type="button"
          disabled={pull.isPending}
          onClick={() => pull.mutate(value)}
          className="h-14 grow basis-0 rounded border border-line bg-sheet px-2 text-lg font-semibold whitespace-nowrap active:bg-casting disabled:opacity-45 portrait:px-1 portrait:text-base"
        >
          {text}
        </button>
      ))}
      <Refusal of={pull} className="w-full" />
    </div>
  );
}
