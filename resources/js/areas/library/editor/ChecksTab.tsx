import { type Check, changed, keyAmong, withField, without } from '@/lib/document';
import { CHECK_FIELDS, CHECK_KINDS, type Choices, MORE_CHECK_FIELDS, choicesAt, limitFields } from '@/lib/fields';
import { AddButton } from '@/ui/AddButton';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { FieldGrid } from '@/ui/FieldGrid';
import { Pictures } from './Pictures';
import type { Editing } from './editor';

/** Checks that rounds ask for. Where each stands among the rounds is said under “Rounds”. */
export function ChecksTab({ doc, edit }: Editing) {
  const checks = doc.checks ?? [];
  const choices = choicesAt(doc);
  const withChecks = (field: string, change: (checks: Check[]) => Check[]) => edit(field, (d) => ({ ...d, checks: change(d.checks ?? []) }));
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      {checks.length === 0 && <p className="text-soft">End play, crank turns freely, gap of a seal: whatever must hold before the work goes on.</p>}
      {checks.map((c) => (
        <OneCheck
          key={c.key}
          check={c}
          choices={{ ...choices, checks: choices.checks.filter((o) => o.value !== c.key) }}
          onPut={(field, value) => withChecks(`check ${c.key} ${field}`, (all) => changed(all, c.key, (now) => withField<Check>(now, field, value)))}
          onRemove={() => withChecks('check', (all) => without(all, c.key))}
        />
      ))}
      <AddButton
        text="Another check"
        onAdd={() => withChecks('check', (all) => [...all, { key: keyAmong('check', all), kind: 'confirm', name: '', why: '' }])}
      />
    </div>
  );
}

/** Whether something stands there that one would look for. */
const saysMore = (check: Check) => check.pictures !== undefined || MORE_CHECK_FIELDS.some((f) => check[f.field] !== undefined);

type CheckProps = { check: Check; choices: Choices; onPut: (field: string, value: unknown) => void; onRemove: () => void };

function OneCheck({ check: c, choices, onPut, onRemove }: CheckProps) {
  return (
    <fieldset className="border-b border-hair pb-3">
      <legend className="sr-only">{c.name}</legend>
      <div className="grid grid-cols-[1fr_13rem_2rem] items-end gap-3">
        <Field label="What is asked" value={c.name} placeholder="crank turns freely" onChange={(e) => onPut('name', e.target.value)} />
        <Select label="Kind" value={c.kind} onValueChange={(v) => onPut('kind', v)} options={CHECK_KINDS} />
        <RemoveButton label={`Take check ${c.name} out`} onClick={onRemove} />
      </div>
      <div className="mt-2 flex flex-col gap-2">
        {[limitFields(c.kind), CHECK_FIELDS].map((fields, part) => (
          <FieldGrid key={part} fields={fields} of={c} onPut={onPut} choices={choices} columns={fields.length === 4 ? 'grid-cols-4' : 'grid-cols-3'} />
        ))}
        <details open={saysMore(c)}>
          <summary className="cursor-pointer text-soft">More about this check</summary>
          <div className="mt-2 flex flex-col gap-2">
            <FieldGrid fields={MORE_CHECK_FIELDS} of={c} onPut={onPut} choices={choices} />
            <Pictures of={c} name={c.name} onPut={onPut} />
          </div>
        </details>
      </div>
    </fieldset>
  );
}
