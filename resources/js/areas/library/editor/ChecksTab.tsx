import { type Check, newKey, withField } from '@/lib/document';
import { CHECK_FIELDS, CHECK_KINDS, choicesAt, limitFields } from '@/lib/fields';
import { AddButton } from '@/ui/AddButton';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { FieldGrid } from '@/ui/FieldGrid';
import type { Editing } from './editor';

/** Checks that rounds ask for. Where each stands among the rounds is said under “Rounds”. */
export function ChecksTab({ doc, edit }: Editing) {
  const checks = doc.checks ?? [];
  const choices = choicesAt(doc);
  const put = (key: string) => (field: string, value: unknown) =>
    edit(`check ${key} ${field}`, (d) => ({ ...d, checks: (d.checks ?? []).map((c) => (c.key === key ? withField<Check>(c, field, value) : c)) }));
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      {checks.length === 0 && <p className="text-soft">End play, crank turns freely, gap of a seal: whatever must hold before the work goes on.</p>}
      {checks.map((c) => (
        <fieldset key={c.key} className="border-b border-hair pb-3">
          <legend className="sr-only">{c.name}</legend>
          <div className="grid grid-cols-[1fr_13rem_2rem] items-end gap-3">
            <Field label="What is asked" value={c.name} placeholder="crank turns freely" onChange={(e) => put(c.key)('name', e.target.value)} />
            <Select label="Kind" value={c.kind} onValueChange={(v) => put(c.key)('kind', v)} options={CHECK_KINDS} />
            <RemoveButton
              label={`Take check ${c.name} out`}
              onClick={() => edit('check', (d) => ({ ...d, checks: (d.checks ?? []).filter((o) => o.key !== c.key) }))}
            />
          </div>
          <div className="mt-2 flex flex-col gap-2">
            {[limitFields(c.kind), CHECK_FIELDS].map((fields, part) => (
              <FieldGrid
                key={part}
                fields={fields}
                of={c}
                onPut={put(c.key)}
                choices={{ ...choices, checks: choices.checks.filter((o) => o.value !== c.key) }}
              />
            ))}
          </div>
        </fieldset>
      ))}
      <AddButton
        text="Another check"
        onAdd={() => {
          edit('check', (d) => ({
            ...d,
            checks: [
              ...(d.checks ?? []),
              {
                key: newKey(
                  'check',
                  (d.checks ?? []).map((c) => c.key),
                ),
                kind: 'confirm',
                name: '',
                why: '',
              },
            ],
          }));
        }}
      />
    </div>
  );
}
