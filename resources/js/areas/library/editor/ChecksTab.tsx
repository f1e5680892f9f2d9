import { type Check, newKey, withField } from '@/lib/document';
import { Another } from '@/ui/Another';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { Remove } from '@/ui/Remove';
import type { Editing } from './editor';

const KINDS = [
  { value: 'confirm', text: 'yes or no' },
  { value: 'measure', text: 'a measured value' },
  { value: 'interval', text: 'between two marks of a gauge' },
  { value: 'go_no_go', text: 'go and no-go gauge' },
  { value: 'compare', text: 'against an earlier value' },
];
const FIELDS: Record<string, [string, string, string][]> = {
  confirm: [],
  measure: [
    ['low', 'Good from', '0.08 mm'],
    ['high', 'to', '0.30 mm'],
  ],
  interval: [
    ['low', 'Good from', '0.04 mm'],
    ['high', 'to', '0.08 mm'],
  ],
  go_no_go: [
    ['go', 'Enters', '0.05 mm'],
    ['no_go', 'Does not', '0.15 mm'],
  ],
  compare: [['change_at_most', 'Changes at most by', '0.02 mm']],
};

/** Checks that rounds ask for. Where each stands among the rounds is said under “Rounds”. */
export function ChecksTab({ doc, edit }: Editing) {
  const checks = doc.checks ?? [];
  const put = (key: string, field: string) => (value: string) => {
    edit(`check ${key} ${field}`, (d) => ({ ...d, checks: (d.checks ?? []).map((c) => (c.key === key ? withField<Check>(c, field, value) : c)) }));
  };
  const text = (check: Check, field: string) => (typeof check[field] === 'string' ? check[field] : '');
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      {checks.length === 0 && <p className="text-soft">End play, crank turns freely, gap of a seal: whatever must hold before the work goes on.</p>}
      {checks.map((c) => (
        <fieldset key={c.key} className="border-b border-hair pb-3">
          <legend className="sr-only">{c.name}</legend>
          <div className="grid grid-cols-[1fr_13rem_2rem] items-end gap-3">
            <Field
              label="What is asked"
              value={c.name}
              placeholder="crank turns freely"
              onChange={(e) => {
                put(c.key, 'name')(e.target.value);
              }}
            />
            <Pick label="Kind" value={c.kind} onPick={put(c.key, 'kind')} options={KINDS} />
            <Remove
              label={`Take check ${c.name} out`}
              onClick={() => {
                edit('check', (d) => ({ ...d, checks: (d.checks ?? []).filter((o) => o.key !== c.key) }));
              }}
            />
          </div>
          <div className="mt-2 grid grid-cols-3 gap-3">
            {(FIELDS[c.kind] ?? []).map(([field, label, example]) => (
              <Field
                key={field}
                label={label}
                placeholder={example}
                value={text(c, field)}
                onChange={(e) => {
                  put(c.key, field)(e.target.value);
                }}
              />
            ))}
            {c.kind === 'compare' && (
              <Pick
                label="with"
                value={text(c, 'compare_with')}
                onPick={put(c.key, 'compare_with')}
                options={[{ value: '', text: 'choose …' }, ...checks.filter((o) => o.key !== c.key).map((o) => ({ value: o.key, text: o.name }))]}
              />
            )}
          </div>
          <div className="mt-2 grid grid-cols-2 gap-3">
            <Field
              label="How"
              value={text(c, 'method')}
              onChange={(e) => {
                put(c.key, 'method')(e.target.value);
              }}
            />
            <Field
              label="Why"
              value={c.why ?? ''}
              onChange={(e) => {
                put(c.key, 'why')(e.target.value);
              }}
            />
          </div>
        </fieldset>
      ))}
      <Another
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
