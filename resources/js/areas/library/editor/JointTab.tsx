import type { Doc } from '@/lib/document';
import { changed, keyAmong, withField, without } from '@/lib/document';
import type { MapPart } from '@/lib/drawing';
import { AddButton } from '@/ui/AddButton';
import { Cell } from '@/ui/Cell';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { RemoveButton } from '@/ui/RemoveButton';
import { TableHead } from '@/ui/TableHead';
import { TextArea } from '@/ui/TextArea';
import type { Editing } from './editor';

const RISKS = [
  { value: '', text: 'not said yet' },
  { value: 'A', text: 'A: a failure endangers people' },
  { value: 'B', text: 'B: a failure stops the engine' },
  { value: 'C', text: 'C: a nuisance' },
];
const PURPOSES = [
  { value: 'tightening', text: 'tightening' },
  { value: 'teardown', text: 'taking apart' },
  { value: 'residual_audit', text: 'audit of residual torque' },
];
const FRONTS = ['left', 'right', 'top', 'bottom'].map((value) => ({ value, text: value }));
const SHAPES = [
  { value: 'box', text: 'box' },
  { value: 'cap', text: 'cap over a bore' },
  { value: 'round', text: 'round' },
];

/** What the joint is, how large, what it consists of, and what can hurt. */
export function JointTab({ doc, edit }: Editing) {
  const put = (field: string) => (value: string) => edit(field, (d) => withField(d, field, value));
  const mapField = (field: 'width' | 'height' | 'front') => (value: string) => edit(field, (d) => ({ ...d, map: { ...d.map, [field]: value } }));
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      <div className="grid grid-cols-2 gap-3">
        <Select label="Risk class" value={doc.risk_class ?? ''} onValueChange={put('risk_class')} options={RISKS} />
        <Select
          label="It is for"
          value={typeof doc.purpose === 'string' ? doc.purpose : 'tightening'}
          onValueChange={(v) => put('purpose')(v === 'tightening' ? '' : v)}
          options={PURPOSES}
        />
      </div>
      <div className="grid grid-cols-3 gap-3">
        <Field label="Drawing, mm to the right" inputMode="decimal" value={doc.map.width} onChange={(e) => mapField('width')(e.target.value)} />
        <Field label="mm down" inputMode="decimal" value={doc.map.height} onChange={(e) => mapField('height')(e.target.value)} />
        <Select label="Front of the engine at the" value={doc.map.front} onValueChange={mapField('front')} options={FRONTS} />
      </div>
      <Parts doc={doc} edit={edit} />
      <TextArea
        label="What the procedure is about, where that helps"
        rows={2}
        value={typeof doc.why === 'string' ? doc.why : ''}
        onChange={(e) => put('why')(e.target.value)}
      />
      <TextArea
        label="Cautions, one to a line"
        rows={4}
        value={doc.cautions.join('\n')}
        onChange={(e) => edit('cautions', (d) => ({ ...d, cautions: e.target.value === '' ? [] : e.target.value.split('\n') }))}
        hint="Eyes, hands, weight, heat, fire. They stand where the work is."
      />
    </div>
  );
}

const SIZES = ['x', 'y', 'width', 'height'] as const;

function Parts({ doc, edit }: Given) {
  const change = (key: string, field: keyof MapPart, value: string) =>
    edit(`part ${key} ${field}`, (d) => ({ ...d, map: { ...d.map, parts: changed(d.map.parts, key, (p) => ({ ...p, [field]: value })) } }));
  const remove = (key: string) => edit('part', (d) => ({ ...d, map: { ...d.map, parts: without(d.map.parts, key) } }));
  return (
    <section>
      <h2 className="text-lg">Clamped parts</h2>
      <table className="mt-1 w-full">
        <TableHead tight columns={['name', ['drawn as', 'w-44'], ['left, mm', 'w-18'], ['top', 'w-18'], ['wide', 'w-18'], ['high', 'w-18'], ['', 'w-8']]} />
        <tbody>
          {doc.map.parts.map((p) => (
            <PartRow key={p.key} part={p} onChange={(field, value) => change(p.key, field, value)} onRemove={() => remove(p.key)} />
          ))}
        </tbody>
      </table>
      <AddButton text="Another part" onAdd={() => edit('part', addPart)} />
    </section>
  );
}

type Given = { doc: Doc; edit: Editing['edit'] };
type RowProps = { part: MapPart; onChange: (field: keyof MapPart, value: string) => void; onRemove: () => void };

function PartRow({ part: p, onChange, onRemove }: RowProps) {
  return (
    <tr>
      <td className="pr-1">
        <Cell label={`Name of part ${p.name}`} value={p.name} onType={(v) => onChange('name', v)} />
      </td>
      <td className="pr-1">
        <Select label={`Part ${p.name} is drawn as`} hideLabel value={p.shape} onValueChange={(v) => onChange('shape', v)} options={SHAPES} />
      </td>
      {SIZES.map((field) => (
        <td key={field} className="pr-1">
          <Cell label={`Part ${p.name}, ${field}`} inputMode="decimal" value={p[field]} onType={(v) => onChange(field, v)} className="text-right" />
        </td>
      ))}
      <td>
        <RemoveButton label={`Take part ${p.name} out`} onClick={onRemove} />
      </td>
    </tr>
  );
}

/** Another part as large as the last, to its right. */
function addPart(doc: Doc): Doc {
  const last = doc.map.parts.at(-1);
  const part: MapPart = {
    key: keyAmong('part_2', doc.map.parts),
    name: `part ${String(doc.map.parts.length + 1)}`,
    shape: last?.shape ?? 'box',
    x: last ? String(Number(last.x) + Number(last.width) + 10) : '10',
    y: last?.y ?? '10',
    width: last?.width ?? '60',
    height: last?.height ?? '100',
  };
  return { ...doc, map: { ...doc.map, parts: [...doc.map.parts, part] } };
}
