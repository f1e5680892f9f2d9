import { type Doc, changed, keyAmong, without } from '@/lib/document';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Select } from '@/ui/Select';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { RemoveButton } from '@/ui/RemoveButton';
import { sourceOptions } from '../choices';
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

type Source = Doc['sources'][number];

const PRINTED = ['title', 'edition', 'date', 'page'] as const;

function Cited({ doc, edit }: Editing) {
  const register = useSources().data?.sources ?? [];
  const change = (key: string) => (field: keyof Source, value: string) =>
    edit(`source ${key} ${field}`, (d) => ({ ...d, sources: changed(d.sources, key, (s) => ({ ...s, [field]: value })) }));
  const cite = (code: string) => {
    const record = register.find((s) => s.code === code);
    if (!record) return;
    const { kind, title, edition, date } = record;
    edit('source', (d) => addSource(d, record.code, { kind, title, edition, date, record: record.code }));
  };
  return (
    <section>
      <h2 className="text-lg">Sources cited</h2>
      {doc.sources.map((s) => (
        <CitedSource key={s.key} source={s} onChange={change(s.key)} onRemove={() => edit('source', (d) => ({ ...d, sources: without(d.sources, s.key) }))} />
      ))}
      <div className="mt-2 flex items-end gap-3">
        <SelectWithButton className="min-w-0 grow" label="Cite from the register" verb="Cite it" onDo={cite} options={sourceOptions(register)} />
        <AddButton text="Another, not on record" className="h-[42px]" onAdd={() => edit('source', (d) => addSource(d, 'source', {}))} />
      </div>
    </section>
  );
}

function addSource(doc: Doc, words: string, known: Partial<Source>): Doc {
  const blank = { kind: 'engine_maker', title: '', edition: '', date: '', page: '' };
  return { ...doc, sources: [...doc.sources, { key: keyAmong(words, doc.sources), ...blank, ...known }] };
}

type CitedProps = { source: Source; onChange: (field: keyof Source, value: string) => void; onRemove: () => void };

/** What is on record is changed there; here only the page that is cited. */
function CitedSource({ source: s, onChange, onRemove }: CitedProps) {
  const name = s.title || s.key;
  return (
    <div className="mt-2 grid grid-cols-[1fr_6.5rem_5rem_13rem_2rem] items-center gap-1 border-b border-hair pb-2">
      {PRINTED.map((field) => (
        <Cell
          key={field}
          className={field === 'title' ? 'col-span-full' : ''}
          label={`${field} of source ${name}`}
          placeholder={field}
          value={s[field]}
          onType={(text) => onChange(field, text)}
          disabled={s.record !== undefined && field !== 'page'}
        />
      ))}
      <Select
        label={`Whose document source ${name} is`}
        hideLabel
        value={s.kind}
        onValueChange={(kind) => onChange('kind', kind)}
        options={SOURCE_KIND_OPTIONS}
        disabled={s.record !== undefined}
      />
      <RemoveButton label={`Take source ${name} out`} onClick={onRemove} />
    </div>
  );
}
