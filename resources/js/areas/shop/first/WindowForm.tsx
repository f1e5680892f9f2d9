import { useQuery } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { answerOf, api } from '@/api/client';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { useCommand } from '@/ui/useCommand';
import { useForm } from '@/ui/useForm';
import { LIBRARY, STEPS } from '../queries';

type Row = { key: string; what: string; quantity: 'torque' | 'angle'; unit: '%' | '°'; risk: 'A' | null; for: string };

const ROWS: Row[] = [
  { key: 'T', what: 'torque', quantity: 'torque', unit: '%', risk: null, for: 'all risk classes, all tools' },
  { key: 'AN', what: 'angle', quantity: 'angle', unit: '°', risk: null, for: 'all risk classes' },
  { key: 'AN-A', what: 'angle', quantity: 'angle', unit: '°', risk: 'A', for: 'risk class A, where it is closer there' },
];

type Paper = { code: string; title: string; edition: string; date: string };
type Values = Record<string, string>;

/** The shop's windows for figures that are printed bare, and the paper that they stand in. Nothing is proposed: the word is the shop's. */
export function WindowForm() {
  const paper = useForm<Paper>({ code: '', title: '', edition: '', date: '' });
  const [values, setValues] = useState<Values>({});
  const put = (key: string, value: string) => setValues((now) => ({ ...now, [key]: value }));
  // What was asked for is done with: a later one that is refused is put right and sent without it.
  const keep = useCommand(() => askFor(paper.form, values, (key) => put(key, '')), LIBRARY, STEPS);
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    keep.mutate(undefined);
  };
  return (
    <form onSubmit={submit} noValidate>
      <Asked />
      <WindowTable values={values} onChange={put} />
      <PaperFields {...paper} />
      <Refusal of={keep} className="mt-2" />
      <Button look="main" type="submit" className="mt-4" disabled={Object.values(values).every((value) => value.trim() === '') || keep.isPending}>
        Ask for them
      </Button>
    </form>
  );
}

/** What waits for a signature already, here or asked for elsewhere. */
function Asked() {
  const { data } = useQuery({ queryKey: [...LIBRARY, 'asked'], queryFn: () => answerOf(api.GET('/library/sources')) });
  const asked = (data?.standards ?? []).filter((s) => s.state === 'asked');
  if (asked.length === 0) return null;
  return (
    <p role="status" className="mb-4">
      Asked for: {asked.map((s) => `${s.code}, ± ${s.tolerance} of a bare ${s.quantity}`).join('; ')}. An approver signs {asked.length === 1 ? 'it' : 'them'}{' '}
      under Today.
    </p>
  );
}

function PaperFields({ bind }: Pick<ReturnType<typeof useForm<Paper>>, 'bind'>) {
  return (
    <div className="mt-4 grid grid-cols-[8rem_1fr_8rem_9rem] gap-3">
      <Field label="Its paper: code" {...bind('code')} placeholder="FW-01" />
      <Field label="Title" {...bind('title')} placeholder="Window standard, quality office" />
      <Field label="Issue" {...bind('edition')} placeholder="1" />
      <Field label="Date" {...bind('date')} placeholder="2026-11" />
    </div>
  );
}

type TableProps = { values: Values; onChange: (key: string, value: string) => void };

function WindowTable({ values, onChange }: TableProps) {
  return (
    <table className="w-full">
      <thead>
        <tr className="border-b border-line text-sm">
          <th className="py-1.5">of a</th>
          <th>good is target and</th>
          <th className="w-40" aria-label="drawn" />
          <th>for</th>
        </tr>
      </thead>
      <tbody>
        {ROWS.map((row) => (
          <WindowRow key={row.key} row={row} value={values[row.key] ?? ''} onChange={(value) => onChange(row.key, value)} />
        ))}
        <tr className="h-11 border-b border-hair">
          <td className="font-semibold">stretch</td>
          <td colSpan={2}>always from the maker’s sheet</td>
          <td className="text-soft">no shop window</td>
        </tr>
      </tbody>
    </table>
  );
}

function WindowRow({ row, value, onChange }: { row: Row; value: string; onChange: (value: string) => void }) {
  return (
    <tr className="h-[50px] border-b border-hair">
      <td className="font-semibold">{row.what}</td>
      <td>
        <input
          aria-label={`${row.what}, ${row.for}`}
          inputMode="decimal"
          className="mr-2 h-[38px] w-20 rounded border border-line bg-sheet px-3 text-right"
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
        {row.unit} either way
      </td>
      <td>
        <Brackets wide={Number(value.replace(',', '.'))} />
      </td>
      <td className="text-soft">{row.for}</td>
    </tr>
  );
}

const WIDEST = 12;

/** The window as it will stand on every axis: inked brackets around the target. */
function Brackets({ wide }: { wide: number }) {
  if (!(wide > 0)) return null;
  const x = 60 * Math.min(wide / WIDEST, 1);
  return (
    <svg viewBox="-70 0 140 26" width={140} height={26} aria-hidden="true">
      <line x1={-70} x2={70} y1={13} y2={13} stroke="var(--hair)" strokeWidth={2} />
      <rect x={-x} width={2 * x} y={4} height={18} fill="var(--casting)" />
      {[-x, x].map((at) => (
        <line key={at} x1={at} x2={at} y1={2} y2={24} stroke="var(--ink)" strokeWidth={2} />
      ))}
      <line x1={0} x2={0} y1={7} y2={19} stroke="var(--now)" strokeWidth={2} />
    </svg>
  );
}

/** The paper first, then each window that was given; the codes follow from the paper's. */
async function askFor(paper: Paper, values: Values, onAsked: (key: string) => void): Promise<void> {
  const code = paper.code.trim().toUpperCase();
  await answerOf(api.POST('/library/sources', { body: { ...paper, code, kind: 'window_standard', kept: null, superseded_by: null } }));
  for (const row of ROWS) {
    const value = (values[row.key] ?? '').trim();
    if (value === '') continue;
    await answerOf(
      api.POST('/library/standards', {
        body: { code: `${code}-${row.key}`, quantity: row.quantity, tool: null, risk_class: row.risk, tolerance: `${value} ${row.unit}`, source: code },
      }),
    );
    onAsked(row.key);
  }
}
