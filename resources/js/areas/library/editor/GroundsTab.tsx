import { type Doc, newKey } from '@/lib/document';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { RemoveButton } from '@/ui/RemoveButton';
import { useSources } from '../queries';
import { SOURCE_KIND_OPTIONS } from '../words';
import { ConflictForm } from './ConflictForm';
import { WindowsForm } from './WindowsForm';
import type { Editing } from './editor';

/** What the figures rest on: papers cited, window standards, and where papers disagree. */
export function GroundsTab(editing: Editing) {
  return (
    <div className="flex flex-col gap-6 px-7 py-4">
      <Cited {...editing} />
      <WindowsForm {...editing} />
      <ConflictForm {...editing} />
    </div>
  );
}

const PRINTED = ['title', 'edition', 'date', 'page'] as const;

function Cited({ doc, edit }: Editing) {
  const register = useSources().data?.sources ?? [];
  const change = (key: string, field: string) => (value: string) =>
    edit(`source ${key} ${field}`, (d) => ({ ...d, sources: d.sources.map((s) => (s.key === key ? { ...s, [field]: value } : s)) }));
  const cite = (code: string) => {
    const record = register.find((s) => s.code === code);
    if (record)
      edit('source', (d) => ({
        ...d,
        sources: [
          ...d.sources,
          {
            key: newKey(record.code, keys(d)),
            kind: record.kind,
            title: record.title,
            edition: record.edition,
            date: record.date,
            page: '',
            record: record.code,
          },
        ],
      }));
  };
  return (
    <section>
      <h2 className="text-lg">Sources cited</h2>
      {doc.sources.map((s) => (
        <div key={s.key} className="mt-2 grid grid-cols-[1fr_6.5rem_5rem_13rem_2rem] items-center gap-1 border-b border-hair pb-2">
          {PRINTED.map((field) => (
            <Cell
              key={field}
              className={field === 'title' ? 'col-span-full' : ''}
              label={`${field} of source ${s.title || s.key}`}
              placeholder={field}
              value={s[field]}
              onType={change(s.key, field)}
              disabled={s.record !== undefined && field !== 'page'}
            />
          ))}
          <Select
            label={`Whose document source ${s.title || s.key} is`}
            hideLabel
            value={s.kind}
            onValueChange={change(s.key, 'kind')}
            options={SOURCE_KIND_OPTIONS}
            disabled={s.record !== undefined}
          />
          <RemoveButton
            label={`Take source ${s.title || s.key} out`}
            onClick={() => edit('source', (d) => ({ ...d, sources: d.sources.filter((o) => o.key !== s.key) }))}
          />
        </div>
      ))}
      <div className="mt-2 flex items-end gap-3">
        <SelectWithButton
          className="min-w-0 grow"
          label="Cite from the register"
          verb="Cite it"
          onDo={cite}
          options={register.map((s) => ({ value: s.code, text: `${s.code}, ${s.title}` }))}
        />
        <AddButton
          text="Another, not on record"
          className="h-[42px]"
          onAdd={() => {
            edit('source', (d) => ({
              ...d,
              sources: [...d.sources, { key: newKey('source', keys(d)), kind: 'engine_maker', title: '', edition: '', date: '', page: '' }],
            }));
          }}
        />
      </div>
    </section>
  );
}

const keys = (doc: Doc) => doc.sources.map((s) => s.key);
