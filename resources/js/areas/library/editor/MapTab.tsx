import { removePositions, toggled, withField, withPositions } from '@/lib/document';
import type { MapPosition } from '@/lib/drawing';
import { choicesAt } from '@/lib/fields';
import { Button } from '@/ui/Button';
import { Cell } from '@/ui/Cell';
import { SelectWithButton } from '@/ui/SelectWithButton';
import { TableHead } from '@/ui/TableHead';
import { CsvForm } from './CsvForm';
import { LayoutForm } from './LayoutForm';
import type { Editing } from './editor';

/** Positions: laid out from a few dimensions, put right in millimetres, grouped by selecting. */
export function MapTab(editing: Editing) {
  const { doc, edit, selected, select } = editing;
  const groups = doc.groups.map((g) => ({ value: g.key, text: g.name }));
  const parts = doc.map.parts.map((p) => ({ value: p.key, text: p.name }));
  if (groups.length === 0 || parts.length === 0)
    return <p className="px-7 py-5 text-soft">First name a fastener and a clamped part: every position is of a group and in a part.</p>;
  return (
    <div className="flex flex-col gap-4 px-7 py-4">
      <LayoutForm {...editing} />
      {doc.map.positions.length > 0 && (
        <>
          <Assign {...editing} groups={groups} parts={parts} />
          <p className="flex gap-3">
            <Button small disabled={selected.length === 0} onClick={() => edit('remove', (d) => removePositions(d, selected))}>
              Take out
            </Button>
            <Button small onClick={() => select(selected.length === doc.map.positions.length ? [] : doc.map.positions.map((p) => p.key))}>
              {selected.length === doc.map.positions.length ? 'Select none' : 'Select all'}
            </Button>
          </p>
          <PositionTable {...editing} />
        </>
      )}
      <CsvForm {...editing} />
    </div>
  );
}

const NO_ADAPTER = '-';

type Named = { value: string; text: string }[];

/** What those that are selected belong to, and what reaches them. */
function Assign({ doc, edit, selected, groups, parts }: Editing & { groups: Named; parts: Named }) {
  const { adapters } = choicesAt(doc);
  const put = (field: 'group' | 'part') => (value: string) => edit(field, (d) => withPositions(d, selected, (p) => ({ ...p, [field]: value })));
  const reach = (value: string) => edit('adapter', (d) => withPositions(d, selected, (p) => withField(p, 'adapter', value === NO_ADAPTER ? '' : value)));
  const shared = { className: 'w-68', disabled: selected.length === 0 };
  return (
    <div className="flex flex-wrap items-end gap-3 border-t border-hair pt-3">
      <SelectWithButton {...shared} label="Those selected are of" verb="Put in group" onDo={put('group')} options={groups} />
      <SelectWithButton {...shared} label="and in" verb="Put in part" onDo={put('part')} options={parts} />
      {adapters.length > 0 && (
        <SelectWithButton
          {...shared}
          label="and reached with"
          verb="Say so"
          onDo={reach}
          options={[...adapters, { value: NO_ADAPTER, text: 'the wrench alone' }]}
        />
      )}
    </div>
  );
}

type Typed = 'number' | 'x' | 'y' | 'landmark';

function PositionTable({ doc, edit, selected, select }: Editing) {
  const put = (key: string, field: Typed, value: string) =>
    edit(`${key} ${field}`, (d) => withPositions(d, [key], (p) => (field === 'landmark' ? withField(p, field, value) : { ...p, [field]: value })));
  const { adapters } = choicesAt(doc);
  const adapterName = (key: string) => adapters.find((a) => a.value === key)?.text ?? key;
  const groupName = (key: string) => doc.groups.find((g) => g.key === key)?.name ?? key;
  return (
    <table className="w-full">
      <TableHead tight columns={[['', 'w-8'], ['no.', 'w-16'], ['x, mm', 'w-22'], ['y, mm', 'w-22'], ['group', 'pl-2'], 'landmark']} />
      <tbody>
        {doc.map.positions.map((p) => (
          <PositionRow
            key={p.key}
            position={p}
            group={groupName(p.group) + (p.adapter === undefined ? '' : `, ${adapterName(p.adapter)}`)}
            selected={selected.includes(p.key)}
            onSelect={() => select(toggled(selected, p.key))}
            onPut={(field, value) => put(p.key, field, value)}
          />
        ))}
      </tbody>
    </table>
  );
}

type RowProps = { position: MapPosition; group: string; selected: boolean; onSelect: () => void; onPut: (field: Typed, value: string) => void };

function PositionRow({ position: p, group, selected, onSelect, onPut }: RowProps) {
  const cell = (field: Typed) => ({ label: `${LABELS[field]} of no. ${p.number}`, value: p[field] ?? '', onType: (text: string) => onPut(field, text) });
  return (
    <tr className={selected ? 'bg-sheet' : ''}>
      <td>
        <input type="checkbox" className="size-4 accent-now" aria-label={`Select no. ${p.number}`} checked={selected} onChange={onSelect} />
      </td>
      <td className="pr-1">
        <Cell {...cell('number')} />
      </td>
      <td className="pr-1">
        <Cell {...cell('x')} inputMode="decimal" className="text-right" />
      </td>
      <td className="pr-1">
        <Cell {...cell('y')} inputMode="decimal" className="text-right" />
      </td>
      <td className="pr-2 pl-2 whitespace-nowrap text-soft">{group}</td>
      <td>
        <Cell {...cell('landmark')} />
      </td>
    </tr>
  );
}

const LABELS: Record<Typed, string> = { number: 'Number', x: 'x', y: 'y', landmark: 'Landmark' };
