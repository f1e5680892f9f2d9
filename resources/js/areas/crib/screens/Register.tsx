import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { ToolFields, ToolRows } from '@/api/types';
import { fileText } from '@/lib/file-text';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink, FileLink } from '@/ui/ButtonLink';
import { FileField } from '@/ui/FileField';
import { Refusal } from '@/ui/Refusal';
import { TableHead } from '@/ui/TableHead';
import { Tabs } from '@/ui/Tabs';
import { TextArea } from '@/ui/TextArea';
import { fieldOf } from '../ChangePanel';
import { type Fields, ToolFieldsForm } from '../ToolFieldsForm';
import { labelsOf, readTable, register, useToolCommand, useToolRules } from '../queries';

/** Tools come into the crib: one by a form, or many out of a table. */
export function Register() {
  const [view, setView] = useState('table');
  const [done, setDone] = useState<string[]>([]);
  if (done.length > 0) return <Registered codes={done} onMore={() => setDone([])} />;
  return (
    <main className="flex grow flex-col pt-4">
      <h1 className="px-7 pb-2 text-2xl">Register tools</h1>
      <Tabs
        label="How"
        value={view}
        onChange={setView}
        views={[
          { key: 'table', name: 'Many, from a table', body: <FromTable onDone={setDone} /> },
          { key: 'one', name: 'One', body: <One onDone={setDone} /> },
        ]}
      />
    </main>
  );
}

function Registered({ codes, onMore }: { codes: string[]; onMore: () => void }) {
  return (
    <main className="grow p-7">
      <h1 className="text-2xl">{codes.length === 1 ? `${codes[0] ?? ''} hangs in the crib` : `${String(codes.length)} tools hang in the crib`}</h1>
      <p className="mt-1 max-w-prose text-soft">{codes.join(', ')}. What is calibrated goes out once it has a calibration.</p>
      <div className="mt-5 flex items-center gap-4">
        <FileLink href={labelsOf(codes)} main>
          Print {codes.length === 1 ? 'its label' : 'their labels'}
        </FileLink>
        <ButtonLink to="/crib">To the board</ButtonLink>
        <Button onClick={onMore}>Register more</Button>
      </div>
    </main>
  );
}

/** In which unit the shop's forms begin for a kind of tool. */
function useUnits(): (form: string | undefined) => string {
  const forms = useToolRules().data?.forms ?? [];
  return (form) => forms.find((f) => f.form === form)?.unit ?? '';
}

function One({ onDone }: { onDone: (codes: string[]) => void }) {
  const navigate = useNavigate();
  const [fields, setFields] = useState<Fields>({ directions: 'clockwise' });
  const units = useUnits();
  const put = (field: string, value: string) =>
    // The unit begins as the shop has set it; whoever has typed another keeps it.
    setFields((now) => ({
      ...now,
      [field]: value,
      ...(field === 'form' && [undefined, '', units(now.form)].includes(now.unit) ? { unit: units(value) } : {}),
    }));
  const keep = useToolCommand(() => register([fields]));
  return (
    <form
      className="max-w-5xl px-7 py-5"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(undefined, { onSuccess: () => onDone([(fields.code ?? '').toUpperCase()]) });
      }}
    >
      <ToolFieldsForm fields={fields} wrong={fieldOf(keep.error)} onPut={put} />
      <Refusal of={keep} className="mt-3" />
      <div className="mt-5 flex gap-3">
        <Button look="main" type="submit" disabled={keep.isPending}>
          Register it
        </Button>
        <Button onClick={() => void navigate('/crib')}>Not now</Button>
      </div>
    </form>
  );
}

const HEAD = 'code,name,form,unit,lowest,highest,resolution,place';
const EXAMPLE = `${HEAD}\nTW-30,"Click wrench, 1/2 in drive",click wrench,N.m,20,100,0.5,Drawer 2`;

function FromTable({ onDone }: { onDone: (codes: string[]) => void }) {
  const [csv, setCsv] = useState('');
  const read = useToolCommand(readTable);
  const look = (text: string) => {
    setCsv(text);
    read.reset();
    if (text.trim() !== '') read.mutate(text);
  };
  return (
    <div className="px-7 py-5">
      <p className="max-w-prose text-soft">
        A table with a head of <b className="text-ink">{HEAD.replaceAll(',', ', ')}</b>; there may be class, directions, permissible, threshold, length, angle,
        owner, months and cycles. What it leaves out is as the shop does it with tools of that kind.
      </p>
      <div className="mt-3 grid grid-cols-[1fr_18rem] gap-6">
        <TextArea
          label="Pasted, or from a file"
          rows={read.data === undefined ? 9 : 4}
          value={csv}
          placeholder={EXAMPLE}
          onChange={(e) => look(e.target.value)}
        />
        <FileField
          label="File"
          accept=".csv,text/csv"
          onChoose={(file) => {
            if (file) void fileText(file).then(look);
          }}
        />
      </div>
      <Refusal of={read} className="mt-3" />
      {read.data !== undefined && <Rows rows={read.data.rows} onDone={onDone} />}
    </div>
  );
}

function Rows({ rows, onDone }: { rows: ToolRows['rows']; onDone: (codes: string[]) => void }) {
  const keep = useToolCommand((tools: ToolFields[]) => register(tools));
  const wrong = rows.filter((r) => r.problem !== null);
  const codes = rows.map((r) => r.fields.code ?? '');
  return (
    <>
      <h2 className="mt-5 text-lg">
        {wrong.length === 0
          ? `${count(rows.length, 'tool')}, all of them whole`
          : `${String(wrong.length)} of ${String(rows.length)} cannot be taken as they stand`}
      </h2>
      <RowTable rows={rows} />
      <Refusal of={keep} className="mt-3" />
      <Button
        className="mt-4"
        look="main"
        disabled={wrong.length > 0 || keep.isPending}
        onClick={() =>
          keep.mutate(
            rows.map((r) => r.fields),
            { onSuccess: () => onDone(codes) },
          )
        }
      >
        Register {count(rows.length, 'tool')}
      </Button>
      {wrong.length > 0 && <span className="ml-4 text-soft">All of them or none: set it right in the table above.</span>}
    </>
  );
}

function RowTable({ rows }: { rows: ToolRows['rows'] }) {
  return (
    <table className="mt-1 w-full text-[15px]">
      <TableHead
        columns={[
          'tool',
          'what it is',
          'kind',
          ['range', 'text-right'],
          ['step', 'text-right'],
          ['may deviate', 'text-right'],
          ['months', 'text-right'],
          ['pulls', 'text-right'],
          ['place', 'pl-6'],
        ]}
      />
      <tbody>
        {rows.map((row, i) => (
          <Row key={i} row={row} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ row }: { row: ToolRows['rows'][number] }) {
  const { fields, range, problem } = row;
  return (
    <>
      <tr className={`h-8 ${problem === null ? 'border-b border-hair' : ''}`}>
        <td className="font-semibold">{fields.code}</td>
        <td>{fields.name}</td>
        <td className="text-soft">{fields.form?.replaceAll('_', ' ')}</td>
        <td className="text-right">{range ?? `${fields.lowest ?? ''}–${fields.highest ?? ''} ${fields.unit ?? ''}`}</td>
        <td className="text-right">{fields.resolution}</td>
        <td className="text-right">{fields.permissible}</td>
        <td className="text-right">{fields.months}</td>
        <td className="text-right">{fields.cycles}</td>
        <td className="pl-6">{fields.place}</td>
      </tr>
      {problem !== null && (
        <tr className="border-b border-hair">
          <td colSpan={9} className="pb-1.5 font-semibold text-fault">
            {problem}
          </td>
        </tr>
      )}
    </>
  );
}
