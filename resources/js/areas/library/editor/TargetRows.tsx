import { useState } from 'react';
import type { Doc, Stage, Target } from '@/lib/document';
import { withField } from '@/lib/document';
import { choicesAt } from '@/lib/fields';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { TableHead } from '@/ui/TableHead';
import type { ChangeStage } from './StageRung';
import { TargetDetails } from './TargetDetails';
import type { Editing } from './editor';

type Props = { editing: Editing; stage: Stage; onChange: ChangeStage };

const WINDOWS = [
  { value: 'standard', text: 'standard' },
  { value: 'limits', text: 'from – to' },
  { value: 'tolerance', text: '±' },
];
const COLUMNS = [['which', 'w-[17%]'], ['target', 'w-[20%]'], ['window', 'w-[18%]'], 'good', ['target: from', 'w-[17%]'], ['', 'w-7']] as const;
const BARE = ['low', 'high', 'tolerance', 'window_standard', 'window_source'];

/** Who gets what, and what is good: a row for each group. */
export function TargetRows({ editing, stage, onChange }: Props) {
  const { doc } = editing;
  const targets = stage.targets ?? [];
  const change = (at: number, what: string, next: (t: Target) => Target) =>
    onChange(`target ${String(at)} ${what}`, (s) => ({ ...s, targets: (s.targets ?? []).map((t, i) => (i === at ? next(t) : t)) }));
  return (
    <table className="w-full table-fixed">
      {targets.length > 0 && <TableHead tight columns={COLUMNS} />}
      <tbody>
        {targets.map((t, i) => (
          <TargetRow
            key={i}
            editing={editing}
            target={t}
            turns={stage.kind === 'turn'}
            name={`${nameOf(doc, t)}, round ${stage.name ?? stage.key}`}
            onChange={(what, next) => change(i, what, next)}
            onRemove={() => onChange('target', (s) => ({ ...s, targets: (s.targets ?? []).filter((_, at) => at !== i) }))}
          />
        ))}
        <tr>
          <td colSpan={6} className="pt-1">
            <AddButton text="Another target" onAdd={() => onChange('target', (s) => ({ ...s, targets: [...(s.targets ?? []), freshTarget(doc)] }))} />
          </td>
        </tr>
      </tbody>
    </table>
  );
}

const freshTarget = (doc: Doc): Target => ({ group: doc.groups[0]?.key ?? '', target: '', target_source: doc.sources[0]?.key ?? '' });

const numbersOf = (doc: Doc, keys: string[]) =>
  `no. ${doc.map.positions
    .filter((p) => keys.includes(p.key))
    .map((p) => p.number)
    .join(', ')}`;

const nameOf = (doc: Doc, t: Target) => doc.groups.find((g) => g.key === t.group)?.name ?? (t.positions ? numbersOf(doc, t.positions) : 'nobody');

type RowProps = {
  editing: Editing;
  target: Target;
  turns: boolean;
  name: string;
  onChange: (what: string, next: (t: Target) => Target) => void;
  onRemove: () => void;
};

function TargetRow({ editing, target, turns, name, onChange, onRemove }: RowProps) {
  const [open, setOpen] = useState(target.aim !== undefined || target.monitored !== undefined || target.threshold !== undefined);
  const put = (field: string) => (value: unknown) => onChange(field, (t) => withField(t, field, value));
  return (
    <>
      <tr className="align-top">
        <td className="pr-1">
          <Whom editing={editing} target={target} name={name} onChange={onChange} />
          <button
            type="button"
            aria-expanded={open}
            aria-label={`More about ${name}`}
            className="text-sm text-soft underline decoration-hair underline-offset-2"
            onClick={() => setOpen(!open)}
          >
            {open ? 'less' : 'more'}
          </button>
        </td>
        <td className="pr-1">
          <TargetValue target={target.target} name={name} onPut={put('target')} />
        </td>
        <WindowCells editing={editing} target={target} name={name} onChange={onChange} put={put} />
        <td className="pr-1">
          <Select
            label={`Source of the target, ${name}`}
            hideLabel
            value={target.target_source ?? ''}
            onValueChange={put('target_source')}
            options={[{ value: '', text: '–' }, ...choicesAt(editing.doc).sources]}
          />
        </td>
        <td>
          <RemoveButton label={`Take target out, ${name}`} onClick={onRemove} />
        </td>
      </tr>
      {open && <TargetDetails target={target} turns={turns} name={name} onChange={onChange} />}
    </>
  );
}

type ValueProps = { target: Target['target']; name: string; onPut: (value: unknown) => void };

/** The figure, or why it is not to be had. */
function TargetValue({ target, name, onPut }: ValueProps) {
  const missing = typeof target === 'object' ? target.missing : null;
  return (
    <>
      {missing !== null ? (
        <Cell label={`Why the target is missing, ${name}`} value={missing} onType={(v) => onPut({ missing: v })} className="border-fault" />
      ) : (
        <Cell label={`Target, ${name}`} placeholder="15 lbf·ft" value={typeof target === 'string' ? target : ''} onType={onPut} />
      )}
      <button
        type="button"
        className="text-sm whitespace-nowrap text-soft underline decoration-hair underline-offset-2"
        onClick={() => onPut(missing !== null ? '' : { missing: 'not printed; ask the maker' })}
      >
        {missing !== null ? 'it is to be had now' : 'not to be had yet'}
      </button>
    </>
  );
}

/** A group, or positions one by one: those that are selected on the map. */
function Whom({ editing, target, name, onChange }: Omit<RowProps, 'onRemove' | 'turns'>) {
  const { doc, selected } = editing;
  const places = doc.map.positions.map((p) => p.key).filter((k) => selected.includes(k));
  return (
    <Select
      label={`Which get this, ${name}`}
      hideLabel
      value={target.positions ? '=' : (target.group ?? '')}
      onValueChange={(v) => {
        if (v === '=') return;
        onChange('whom', (t) => (v === '+' ? { ...withField(t, 'group', ''), positions: places } : { ...withField(t, 'positions', []), group: v }));
      }}
      options={[
        ...(target.positions ? [{ value: '=', text: nameOf(doc, target) }] : [{ value: '', text: 'choose …' }]),
        ...doc.groups.map((g) => ({ value: g.key, text: g.name })),
        ...(places.length > 0 ? [{ value: '+', text: `the ${String(places.length)} selected` }] : []),
      ]}
    />
  );
}

type CellProps = Omit<RowProps, 'onRemove' | 'turns'> & { put: (field: string) => (value: unknown) => void };

function WindowCells({ editing: { doc }, target, name, onChange, put }: CellProps) {
  const way = target.low !== undefined || target.high !== undefined ? 'limits' : target.tolerance !== undefined ? 'tolerance' : 'standard';
  const choose = (next: string) => {
    const begin: Partial<Target> = next === 'limits' ? { low: '', high: '' } : next === 'tolerance' ? { tolerance: '' } : {};
    onChange('window', (t) => ({
      ...Object.fromEntries(Object.entries(t).filter(([key]) => !BARE.includes(key))),
      ...begin,
      ...(next === 'standard' ? {} : { window_source: t.target_source ?? '' }),
    }));
  };
  // A limit that is being typed stays a text, even while it is empty: the core says what is wanted.
  const keep = (field: string) => (value: string) => onChange(field, (t) => ({ ...t, [field]: value }));
  const shown = (value: unknown) => (typeof value === 'string' ? value : '');
  return (
    <>
      <td className="pr-1">
        <Select label={`Kind of window, ${name}`} hideLabel value={way} onValueChange={choose} options={WINDOWS} />
      </td>
      <td className="pr-1">
        {way === 'standard' && (
          <Select
            label={`Window standard, ${name}`}
            hideLabel
            value={target.window_standard ?? ''}
            onValueChange={put('window_standard')}
            options={[{ value: '', text: '–' }, ...(doc.window_standards ?? []).map((w) => ({ value: w.key, text: `± ${w.tolerance}, ${w.record ?? w.key}` }))]}
          />
        )}
        {way === 'limits' && (
          <span className="flex gap-1">
            <Cell label={`Good from, ${name}`} value={shown(target.low)} onType={keep('low')} />
            <Cell label={`Good to, ${name}`} value={shown(target.high)} onType={keep('high')} />
          </span>
        )}
        {way === 'tolerance' && <Cell label={`To either side, ${name}`} placeholder="4 % or 5°" value={target.tolerance ?? ''} onType={keep('tolerance')} />}
      </td>
    </>
  );
}
