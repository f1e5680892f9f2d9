import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { BenchView, CallField, ToolUnit } from '@/api/types';
import { Refusal } from '@/ui/Refusal';

/** What stands in the fields of the call then. */
type Pulled = Record<string, string>;
type Props = { call: BenchView['call']; view: BenchView; onPull: (pulled: Pulled, tool?: string) => void };
const MANNERS = [
  { value: 'good', text: 'Good pull' },
  { value: 'short', text: 'Short' },
  { value: 'over', text: 'Over' },
] as const;

type Manner = (typeof MANNERS)[number]['value'];

/** One value as somebody would pull it: within what is good, short of it or beyond, on the scale of the tool. */
async function pulledOn({ scale }: CallField, manner: Manner, seed: string): Promise<string> {
  const body = {
    unit: (scale?.unit.code ?? 'N.m') as ToolUnit,
    low: scale?.least ?? '0',
    high: scale?.most ?? '0',
    resolution: stepOf(scale?.low ?? scale?.high ?? '1'),
    manner,
    seed,
  };
  return (await answerOf(api.POST('/stand-ins/wrench/pull', { body }))).value;
}

const isMain = (field: CallField) => field.into === 'value' || field.into === 'angle';

/** What the pull gives, and what was watched beside it, which stays within its limits; what need not be read is not. */
function usePull(call: BenchView['call'], onPulled: (pulled: Pulled) => void) {
  return useMutation({
    mutationFn: async (manner: Manner) => {
      const read = call.fields.filter((f) => isMain(f) || !f.optional);
      const seed = `${call.step ?? ''}-${String(Date.now())}`;
      const values = await Promise.all(read.map((f) => pulledOn(f, isMain(f) ? manner : 'good', `${seed}-${f.name}`)));
      return Object.fromEntries(read.map((f, i) => [f.name, values[i] ?? '']));
    },
    onSuccess: onPulled,
  });
}

/** Can a pull be made up? It needs limits: both for what is pulled, the upper one for what is watched. */
function canPull(fields: CallField[]): boolean {
  const main = fields.find(isMain)?.scale;
  const watched = fields.filter((f) => f.into === 'watched' && !f.optional);
  return main?.least !== undefined && main.most !== undefined && watched.every((f) => f.scale?.most !== undefined);
}

/** A stand-in for a connected tool, in a demo only: it sends what a wrench would. What it sends is marked as simulated for ever. */
export function SimulatedTool({ call, view, onPull }: Props) {
  const offers = view.tools[0]?.offers ?? [];
  const taken = call.answers[0]?.event && 'tool' in call.answers[0].event ? String(call.answers[0].event.tool) : null;
  const [by, setBy] = useState<string | null>(null);
  const pull = usePull(call, (pulled) => onPull(pulled, by ?? undefined));
  if (taken === null || !canPull(call.fields)) return null;
  return (
    <div
      role="group"
      aria-label="Simulated tool"
      className="flex shrink-0 flex-wrap items-center gap-4 rounded border-2 border-dashed border-hair px-4 py-2 small:gap-2 small:px-2"
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
      className="h-24 grow basis-0 rounded border border-line bg-sheet px-2 text-lg font-semibold whitespace-nowrap active:bg-casting disabled:opacity-45 small:px-1 small:text-base"
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
