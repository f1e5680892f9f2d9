import { useState } from 'react';
import type { Build, GeneralTable, JointOnStand } from '@/api/types';
import { Checkbox } from '@/ui/Checkbox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { Loaded } from '@/ui/states';
import { useForm } from '@/ui/useForm';
import { BUILDS, giveByTable, useChoices, useTables } from './queries';

const LAYOUTS = [
  { value: 'row', text: 'in a row' },
  { value: 'two_rows', text: 'in two rows' },
  { value: 'circle', text: 'in a circle' },
];

type Props = { build: Build; joint: JointOnStand; onClose: () => void };

/** A joint of class C is given out by a row of a general table; whoever does so says that it is one. */
export function ByTablePanel({ build, joint, onClose }: Props) {
  const query = useTables();
  const assemblers = useChoices(true).data?.assemblers ?? [];
  const [id] = useState(() => crypto.randomUUID());
  const [classC, setClassC] = useState(false);
  const { form, put, bind } = useForm({ row: '', bolts: '', layout: '', person: '' });
  return (
    <FormPanel
      title={`${joint.name} of ${build.title}, by a general table`}
      note="For small joints that no procedure is written for. Once one is approved for this joint, that governs."
      verb="Give it"
      unready={!query.data?.tables.some((t) => t.state === 'approved')}
      onClose={onClose}
      refreshes={BUILDS}
      command={() =>
        giveByTable(build.id, joint.id, { id, ...chosen(form.row), bolts: Number(form.bolts), layout: form.layout, person: form.person, class_c: classC })
      }
    >
      <Loaded query={query}>{({ tables }) => <RowChoice tables={tables} value={form.row} onChange={put('row')} />}</Loaded>
      <div className="grid grid-cols-2 gap-4">
        <Field label="How many bolts" inputMode="numeric" {...bind('bolts')} />
        <Choice label="They lie" value={form.layout} onChange={put('layout')} placeholder="How they lie" options={LAYOUTS} />
      </div>
      <Choice
        label="Assembler"
        value={form.person}
        onChange={put('person')}
        placeholder="Whose hook it goes on"
        options={assemblers.map((a) => ({ value: a.id, text: a.name }))}
      />
      <Checkbox checked={classC} onCheckedChange={setClassC}>
        It is a joint of risk class C: nobody is hurt and the engine is not lost if it comes loose
      </Checkbox>
    </FormPanel>
  );
}

/** A row stands in the form as its table and its name. */
const PARTS = '/';
const chosen = (row: string) => ({ table: row.slice(0, row.indexOf(PARTS)), row: row.slice(row.indexOf(PARTS) + 1) });

function RowChoice({ tables, value, onChange }: { tables: GeneralTable[]; value: string; onChange: (row: string) => void }) {
  const serving = tables.filter((table) => table.state === 'approved');
  if (serving.length === 0)
    return (
      <p className="border-l-4 border-fault pl-3">
        No general table is signed. The library asks for one, under General tables; until then this joint waits for its procedure.
      </p>
    );
  const options = serving.flatMap((table) =>
    table.rows.map((row) => ({
      value: `${table.id}${PARTS}${row.name}`,
      text: `${row.name}: ${row.torque} ± ${table.tolerance}, ${table.condition} (${table.code})`,
    })),
  );
  return <Choice label="Bolt, and into what" value={value} onChange={onChange} placeholder="Thread, class, material" options={options} />;
}
