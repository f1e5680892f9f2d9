import { type ClipboardEvent, type KeyboardEvent, useRef } from 'react';
import type { CalibrationForm, CalibrationLook, CalibrationPass } from '@/api/types';
import { signed } from '@/lib/typeset';
import { pasted } from './calibration';

type Props = {
  form: CalibrationForm;
  cells: string[][];
  onCells: (next: string[][]) => void;
  look: CalibrationLook | null;
  found: CalibrationPass | null;
  label: string;
};

/** Point by point, a reading and Enter after Enter; each is drawn against its limits as soon as it stands there. */
export function ReadingGrid({ form, cells, onCells, look, found, label }: Props) {
  const table = useRef<HTMLDivElement>(null);
  const put = (point: number, reading: number, value: string) => onCells(cells.map((c, p) => (p === point ? c.map((v, r) => (r === reading ? value : v)) : c)));
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    const inputs = [...(table.current?.querySelectorAll('input') ?? [])];
    inputs[inputs.indexOf(event.target as HTMLInputElement) + 1]?.focus();
  };
  const onPaste = (event: ClipboardEvent) => {
    const rows = pasted(event.clipboardData.getData('text'), form.points.length, form.readings);
    if (rows === null) return;
    event.preventDefault();
    onCells(rows);
  };
  return (
    <div
      ref={table}
      className="grid gap-x-10 gap-y-5"
      style={{ gridTemplateColumns: `repeat(${String(Math.min(3, form.points.length))}, minmax(0, 1fr))` }}
      onKeyDown={onKeyDown}
      onPaste={onPaste}
    >
      {form.points.map((point, p) => (
        <OnePoint
          key={point.words}
          name={`${label} at ${point.words}`}
          words={point.words}
          says={p > 0 ? '' : form.by_share ? 'set, or shown; the standard reads' : 'true; it shows'}
          cells={cells[p] ?? []}
          onPut={(r, v) => put(p, r, v)}
          of={found?.points.find((f) => f.words === point.words) ?? null}
          look={look}
        />
      ))}
    </div>
  );
}

type PointLook = CalibrationPass['points'][number];
type PointProps = {
  name: string;
  words: string;
  says: string;
  cells: string[];
  onPut: (reading: number, value: string) => void;
  /** Only of points at which something was read. */
  of: PointLook | null;
  look: CalibrationLook | null;
};

function OnePoint({ name, words, says, cells, onPut, of, look }: PointProps) {
  return (
    <section aria-label={name}>
      <h2 className="border-b border-line pb-1 text-lg">
        {words} <span className="text-[15px] font-normal text-soft">{says}</span>
      </h2>
      {cells.map((value, r) => (
        <Reading
          key={r}
          n={r + 1}
          value={value}
          label={`${name}, reading ${String(r + 1)}`}
          onChange={(v) => onPut(r, v)}
          of={of}
          place={cells.slice(0, r).filter((c) => c.trim() !== '').length}
          look={look}
        />
      ))}
      <Mean of={of} look={look} />
    </section>
  );
}

type ReadingProps = {
  n: number;
  value: string;
  label: string;
  onChange: (value: string) => void;
  of: PointLook | null;
  place: number;
  look: CalibrationLook | null;
};

function Reading({ n, value, label, onChange, of, place, look }: ReadingProps) {
  const deviation = value.trim() === '' ? undefined : of?.deviations[place];
  const good = of?.conforms[place] ?? true;
  return (
    <div className="grid grid-cols-[1.25rem_6rem_4rem_1fr] items-center gap-2 py-[3px]">
      <span className="text-sm text-soft">{n}</span>
      <input
        aria-label={label}
        inputMode="decimal"
        autoComplete="off"
        value={value}
        onChange={(e) => onChange(e.target.value)}
        className="h-8 w-full rounded border border-line bg-sheet px-2 text-right font-semibold"
      />
      <span className={`text-right ${good ? '' : 'font-semibold text-fault'}`}>
        {deviation === undefined || look === null ? '' : signed(deviation, look.decimals)}
      </span>
      {deviation === undefined || look === null || of === null ? <span /> : <Against values={[deviation]} good={good} look={look} acceptance={of.acceptance} />}
    </div>
  );
}

function Mean({ of, look }: { of: PointLook | null; look: CalibrationLook | null }) {
  if (of === null || look === null) return <p className="h-[3.25rem]" />;
  return (
    <div className="grid grid-cols-[1.25rem_6rem_4rem_1fr] items-center gap-2 border-t border-hair pt-1">
      <span />
      <span className="text-sm leading-tight">
        <b>mean</b>
        <br />
        <span className="text-soft">spread {of.spread.toFixed(look.decimals)}</span>
      </span>
      <b className={`text-right ${of.conforms.includes(false) ? 'text-fault' : ''}`}>{signed(of.mean, look.decimals)}</b>
      <Against values={[of.mean]} whisker={of.expanded} good={!of.conforms.includes(false)} look={look} acceptance={of.acceptance} named />
    </div>
  );
}

type AgainstProps = { values: number[]; whisker?: number; good: boolean; look: CalibrationLook; acceptance: number; named?: boolean };

const [W, MID, HALF] = [150, 75, 42];

/** A deviation between its limits; what lies far beyond stands at the edge. Limits that are drawn in are dashed. */
function Against({ values, whisker, good, look, acceptance, named = false }: AgainstProps) {
  const x = (v: number) => MID + Math.max(-66, Math.min(66, (v / look.limit) * HALF));
  const limit = `${String(look.limit)}${look.measure === '%' ? ' %' : ''}`;
  const ink = good ? 'var(--ink)' : 'var(--fault)';
  return (
    <svg viewBox={`0 0 ${String(W)} ${named ? '36' : '24'}`} className="block h-full max-h-9 w-full max-w-[150px]" aria-hidden="true">
      <rect x={MID - HALF} y={0} width={2 * HALF} height={24} fill="var(--casting)" />
      <path d={`M${String(MID - HALF)} 0 V24 M${String(MID + HALF)} 0 V24`} stroke="var(--ink)" strokeWidth={1.4} />
      <path d={`M${String(MID)} 0 V24`} stroke="var(--casting-edge)" />
      {acceptance < look.limit && <path d={`M${String(x(-acceptance))} 0 V24 M${String(x(acceptance))} 0 V24`} stroke="var(--ink)" strokeDasharray="2 2" />}
      {values.map((v, i) => (
        <g key={i}>
          {whisker !== undefined && (
            <path d={`M${String(x(v - whisker))} 12 H${String(x(v + whisker))} m0 -4 v8 M${String(x(v - whisker))} 8 v8`} stroke={ink} strokeWidth={1.4} />
          )}
          <circle cx={x(v)} cy={12} r={4} fill={ink} />
          {!good && <circle cx={x(v)} cy={12} r={8} fill="none" stroke={ink} strokeWidth={1.3} strokeDasharray="3 2.4" />}
        </g>
      ))}
      {named && (
        <>
          <text x={MID - HALF} y={35} textAnchor="middle" fontSize={11} fill="var(--ink-soft)">
            {`\u2212${limit}`}
          </text>
          <text x={MID + HALF} y={35} textAnchor="middle" fontSize={11} fill="var(--ink-soft)">
            {`+${limit}`}
          </text>
        </>
      )}
    </svg>
  );
}
