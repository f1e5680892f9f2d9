import { type Conflict, allStages, newKey, withField } from '@/lib/document';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import type { Editing } from './editor';

/** Where sources disagree: who says what, and what was decided. Both sides stay on record. */
export function ConflictForm({ doc, edit }: Editing) {
  const change = (key: string, what: string, next: (c: Conflict) => Conflict) =>
    edit(`conflict ${key} ${what}`, (d) => ({ ...d, conflicts: (d.conflicts ?? []).map((c) => (c.key === key ? next(c) : c)) }));
  const sources = doc.sources.map((s) => ({ value: s.key, text: s.title === '' ? s.key : `${s.title}, ${s.date}` }));
  return (
    <section>
      <h2 className="text-lg">Where sources disagree</h2>
      {(doc.conflicts ?? []).map((c) => (
        <div key={c.key} className="mt-2 border-b border-hair pb-3">
          <div className="grid grid-cols-[1fr_11rem_2rem] items-end gap-2">
            <Field
              label="About"
              value={c.about}
              placeholder="angle of the outer bolts"
              onChange={(e) => change(c.key, 'about', (now) => ({ ...now, about: e.target.value }))}
            />
            <Select
              label="Round"
              value={c.stage ?? ''}
              onValueChange={(v) => change(c.key, 'stage', (now) => withField(now, 'stage', v))}
              options={[{ value: '', text: 'the whole procedure' }, ...allStages(doc.stages).map((s) => ({ value: s.key, text: s.name ?? s.key }))]}
            />
            <RemoveButton
              label={`Take the conflict about ${c.about} out`}
              onClick={() => {
                edit('conflict', (d) =>
                  withField(
                    d,
                    'conflicts',
                    (d.conflicts ?? []).filter((o) => o.key !== c.key),
                  ),
                );
              }}
            />
          </div>
          {c.sides.map((side, i) => {
            const put = (field: 'source' | 'says') => (value: string) =>
              change(c.key, `${field}${String(i)}`, (now) => ({ ...now, sides: now.sides.map((s, at) => (at === i ? { ...s, [field]: value } : s)) }));
            return (
              <div key={i} className="mt-1.5 grid grid-cols-[1fr_1fr] gap-2">
                <Select label={`Side ${String(i + 1)} of ${c.about}`} hideLabel value={side.source} onValueChange={put('source')} options={sources} />
                <Cell label={`What side ${String(i + 1)} of ${c.about} says`} placeholder="says, as printed" value={side.says} onType={put('says')} />
              </div>
            );
          })}
          <div className="mt-1.5 grid grid-cols-[1fr_1fr] items-end gap-2">
            <Select
              label="Followed is"
              value={c.decided ?? ''}
              onValueChange={(v) => change(c.key, 'decided', (now) => withField(now, 'decided', v))}
              options={[{ value: '', text: 'not decided' }, ...sources.filter((s) => c.sides.some((side) => side.source === s.value))]}
            />
            <Field label="because" value={c.reason ?? ''} onChange={(e) => change(c.key, 'reason', (now) => withField(now, 'reason', e.target.value))} />
          </div>
        </div>
      ))}
      {doc.sources.length > 1 ? (
        <AddButton
          text="They disagree about something"
          onAdd={() => {
            edit('conflict', (d) => ({
              ...d,
              conflicts: [
                ...(d.conflicts ?? []),
                {
                  key: newKey(
                    'conflict',
                    (d.conflicts ?? []).map((c) => c.key),
                  ),
                  about: '',
                  sides: d.sources.slice(0, 2).map((s) => ({ source: s.key, says: '' })),
                },
              ],
            }));
          }}
        />
      ) : (
        <p className="text-sm text-soft">With two sources cited, what they disagree about is written down here.</p>
      )}
    </section>
  );
}
