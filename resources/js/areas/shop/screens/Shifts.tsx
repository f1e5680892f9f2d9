import { useState } from 'react';
import type { Shift } from '@/api/types';
import { AddButton } from '@/ui/AddButton';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Refusal } from '@/ui/Refusal';
import { RemoveButton } from '@/ui/RemoveButton';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { Deputies } from '../Deputies';
import { Leave } from '../Leave';
import { PEOPLE, type Person, SHOP, setShifts, usePeople, useShift } from '../queries';
import { standsAs } from '../words';

/** When the shop works, who works when, who is away, and who then decides in the lead's place. */
export function Shifts() {
  return (
    <Loaded query={usePeople()}>
      {(sheet) => {
        const here = sheet.people.filter((p) => p.left_at === null && p.customer === null);
        return (
          <main className="grid gap-x-14 gap-y-8 px-7 py-4 lg:grid-cols-2">
            <ShiftTimes key={JSON.stringify(sheet.shifts)} shifts={sheet.shifts} />
            <WhoWorksWhen people={here} shifts={sheet.shifts} />
            <Leave people={here} />
            <Deputies people={here} deputies={sheet.deputies} />
          </main>
        );
      }}
    </Loaded>
  );
}

function ShiftTimes({ shifts }: { shifts: Shift[] }) {
  const [rows, setRows] = useState(shifts);
  const keep = useCommand(setShifts, PEOPLE, SHOP);
  const put = (i: number, field: keyof Shift, value: string) => setRows((now) => now.map((row, at) => (at === i ? { ...row, [field]: value } : row)));
  const changed = JSON.stringify(rows) !== JSON.stringify(shifts);
  return (
    <section>
      <h1 className="text-2xl">Shifts</h1>
      <p className="mt-1 max-w-prose text-soft">
        Every working day, by the shop’s clock. A hook says what will not be done before the shift ends; without shifts it says nothing of it.
      </p>
      <form
        className="mt-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          keep.mutate(rows);
        }}
      >
        {rows.map((row, i) => (
          <ShiftRow key={i} row={row} onPut={(field, value) => put(i, field, value)} onRemove={() => setRows((now) => now.filter((_, at) => at !== i))} />
        ))}
        <AddButton text="another shift" onAdd={() => setRows((now) => [...now, { name: '', from: '06:00', to: '14:00' }])} />
        <Refusal of={keep} className="mt-2" />
        {changed && (
          <div className="mt-3 flex gap-3">
            <Button look="main" type="submit" disabled={keep.isPending}>
              Keep the shifts
            </Button>
            <Button onClick={() => setRows(shifts)}>As they were</Button>
          </div>
        )}
      </form>
    </section>
  );
}

function ShiftRow({ row, onPut, onRemove }: { row: Shift; onPut: (field: keyof Shift, value: string) => void; onRemove: () => void }) {
  return (
    <div className="mb-2 grid grid-cols-[1fr_8rem_8rem_auto] items-end gap-3">
      <Field label="Name" value={row.name} onChange={(e) => onPut('name', e.target.value)} />
      <Field label="From" type="time" value={row.from} onChange={(e) => onPut('from', e.target.value)} />
      <Field label="To" type="time" value={row.to} onChange={(e) => onPut('to', e.target.value)} />
      <RemoveButton label={`Take the ${row.name} shift out`} onClick={onRemove} />
    </div>
  );
}

function WhoWorksWhen({ people, shifts }: { people: Person[]; shifts: Shift[] }) {
  const give = useShift();
  return (
    <section>
      <h2 className="text-2xl">Who works when</h2>
      <table className="mt-3 w-full">
        <TableHead columns={['name', 'stands as', ['shift', 'w-40']]} />
        <tbody>
          {people.map((p) => (
            <tr key={p.id} className="h-11 border-b border-hair">
              <td className="font-semibold">{p.name}</td>
              <td className="text-soft">{standsAs(p)}</td>
              <td>
                <Select
                  label={`Shift of ${p.name}`}
                  hideLabel
                  value={p.shift ?? ''}
                  options={[
                    { value: '', text: 'none' },
                    ...shifts.map((s) => ({ value: s.name, text: s.name })),
                    ...(p.shift !== null && !shifts.some((s) => s.name === p.shift) ? [{ value: p.shift, text: `${p.shift} (no more)` }] : []),
                  ]}
                  onValueChange={(shift) => give.mutate({ person: p.id, shift: shift === '' ? null : shift })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Refusal of={give} className="mt-2" />
    </section>
  );
}
