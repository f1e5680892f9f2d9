import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { BenchView, ToolUnit } from '@/api/types';
import { Refusal } from '@/ui/Refusal';

type Props = { call: BenchView['call']; view: BenchView; onPull: (value: string, tool?: string) => void };
const MANNERS = [
  { value: 'good', text: 'Good pull' },
  { value: 'short', text: 'Short' },
  { value: 'over', text: 'Over' },
] as const;

type Manner = (typeof MANNERS)[number]['value'];

/** Pulls as somebody would: within what is good, short of it or beyond, on the scale of the tool. */
function usePull(call: BenchView['call'], onPulled: (value: string) => void) {
  const scale = call.fields.find((f) => f.into === 'value' || f.into === 'angle')?.scale;
  return useMutation({
    mutationFn: (manner: Manner) =>
      answerOf(
        api.POST('/stand-ins/wrench/pull', {
          body: {
            unit: (scale?.unit.code ?? 'N.m') as ToolUnit,
            low: scale?.least ?? '0',
            high: scale?.most ?? '0',
            resolution: stepOf(scale?.low ?? '1'),
            manner,
            seed: `${call.step ?? ''}-${String(Date.now())}`,
          },
        }),
      ),
    onSuccess: ({ value }) => onPulled(value),
  });
}

/** A stand-in for a connected tool, in a demo only: it sends what a wrench would. What it sends is marked as simulated for ever. */
export function SimulatedTool({ call, view, onPull }: Props) {
  const field = call.fields.find((f) => f.into === 'value' || f.into === 'angle');
  const scale = field?.scale;
  const offers = view.tools[0]?.offers ?? [];
  const taken = call.answers[0]?.event && 'tool' in call.answers[0].event ? String(call.answers[0].event.tool) : null;
  const [by, setBy] = useState<string | null>(null);
  const pull = usePull(call, (value) => onPull(value, by ?? undefined));
  if (!scale || scale.least === undefined || scale.most === undefined || taken === null || call.fields.some((f) => f.into === 'watched')) return null;
  return (
    <div
      role="group"
      aria-label="Simulated tool"
      className="flex shrink-0 flex-wrap items-center gap-4 rounded border-2 border-dashed border-hair px-4 py-2 portrait:gap-2 portrait:px-2"
    >
      <p className="flex items-center gap-3 text-soft">
        Simulated
        <select
          aria-label="Simulated tool’s name"
          className="h-24 rounded border border-hair bg-sheet px-2 text-lg font-semibold text-ink"
          value={by ?? taken}
          onChange={(e) => setBy(e.target.value)}
        >
          {offers.map((o) => (
            <option key={o.id} value={o.id}>
              {o.code}
            </option>
          ))}
        </select>
      </p>
      <Manners disabled={pull.isPending} onPull={(manner) => pull.mutate(manner)} />
      <Refusal of={pull} className="w-full" />
    </div>
  );
}

function Manners({ disabled, onPull }: { disabled: boolean; onPull: (manner: Manner) => void }) {
  return MANNERS.map(({ value, text }) => (
    <button
      key={value}
      type="button"
      disabled={disabled}
      onClick={() => onPull(value)}
      className="h-24 grow basis-0 rounded border border-line bg-sheet px-2 text-lg font-semibold whitespace-nowrap active:bg-casting disabled:opacity-45 portrait:px-1 portrait:text-base"
    >
      {text}
    </button>
  ));
}

/** The step of a scale on which these digits stand. */
function stepOf(digits: string): string {
  const decimals = digits.split('.')[1]?.length ?? 0;
  return decimals === 0 ? '1' : `0.${'0'.repeat(decimals - 1)}1`;
}
