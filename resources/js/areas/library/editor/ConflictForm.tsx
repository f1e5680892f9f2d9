import { type Conflict, type Doc, allStages, changed, keyAmong, withField, without } from '@/lib/document';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import type { Editing } from './editor';

/** Where sources disagree: who says what, and what was decided. Both sides stay on record. */
export function ConflictForm({ doc, edit }: Editing) {
  const change = (key: string) => (what: string, next: (c: Conflict) => Conflict) =>
    edit(`conflict ${key} ${what}`, (d) => ({ ...d, conflicts: changed(d.conflicts ?? [], key, next) }));
  return (
    <section>
      <h2 className="text-lg">Where sources disagree</h2>
      {(doc.conflicts ?? []).map((c) => (
        <OneConflict
          key={c.key}
          doc={doc}
          conflict={c}
          onChange={change(c.key)}
          onRemove={() => edit('conflict', (d) => withField(d, 'conflicts', without(d.conflicts ?? [], c.key)))}
        />
      ))}
      {doc.sources.length > 1 ? (
        <AddButton text="They disagree about something" onAdd={() => edit('conflict', addConflict)} />
      ) : (
        <p className="text-sm text-soft">With two sources cited, what they disagree about is written down here.</p>
      )}
    </section>
  );
}

/** A conflict between the two sources cited first, to begin with. */
function addConflict(doc: Doc): Doc {
  const conflicts = doc.conflicts ?? [];
  const sides = doc.sources.slice(0, 2).map((s) => ({ source: s.key, says: '' }));
  return { ...doc, conflicts: [...conflicts, { key: keyAmong('conflict', conflicts), about: '', sides }] };
}

type ConflictProps = { doc: Doc; conflict: Conflict; onChange: (what: string, next: (c: Conflict) => Conflict) => void; onRemove: () => void };

function OneConflict({ doc, conflict: c, onChange, onRemove }: ConflictProps) {
  const put = (field: keyof Conflict) => (value: string) => onChange(field, (now) => withField(now, field, value));
  const sources = doc.sources.map((s) => ({ value: s.key, text: s.title === '' ? s.key : `${s.title}, ${s.date}` }));
  const rounds = allStages(doc.stages).map((s) => ({ value: s.key, text: s.name ?? s.key }));
  return (
    <div className="mt-2 border-b border-hair pb-3">
      <div className="grid grid-cols-[1fr_11rem_2rem] items-end gap-2">
        <Field
          label="About"
          value={c.about}
          placeholder="angle of the outer bolts"
          onChange={(e) => onChange('about', (now) => ({ ...now, about: e.target.value }))}
        />
        <Select label="Round" value={c.stage ?? ''} onValueChange={put('stage')} options={[{ value: '', text: 'the whole procedure' }, ...rounds]} />
        <RemoveButton label={`Take the conflict about ${c.about} out`} onClick={onRemove} />
      </div>
      <Sides conflict={c} sources={sources} onChange={onChange} />
      <div className="mt-1.5 grid grid-cols-[1fr_1fr] items-end gap-2">
        <Select
          label="Followed is"
          value={c.decided ?? ''}
          onValueChange={put('decided')}
          options={[{ value: '', text: 'not decided' }, ...sources.filter((s) => c.sides.some((side) => side.source === s.value))]}
        />
        <Field label="because" value={c.reason ?? ''} onChange={(e) => put('reason')(e.target.value)} />
      </div>
    </div>
  );
}

type SidesProps = Pick<ConflictProps, 'conflict' | 'onChange'> & { sources: { value: string; text: string }[] };

function Sides({ conflict: c, sources, onChange }: SidesProps) {
  const put = (i: number, field: 'source' | 'says') => (value: string) =>
    onChange(`${field}${String(i)}`, (now) => ({ ...now, sides: now.sides.map((s, at) => (at === i ? { ...s, [field]: value } : s)) }));
  return c.sides.map((side, i) => (
    <div key={i} className="mt-1.5 grid grid-cols-[1fr_1fr] gap-2">
      <Select label={`Side ${String(i + 1)} of ${c.about}`} hideLabel value={side.source} onValueChange={put(i, 'source')} options={sources} />
      <Cell label={`What side ${String(i + 1)} of ${c.about} says`} placeholder="says, as printed" value={side.says} onType={put(i, 'says')} />
    </div>
  ));
}
