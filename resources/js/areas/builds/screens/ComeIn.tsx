import { useState } from 'react';
import type { BuildRows } from '@/api/types';
import { fileText } from '@/lib/file-text';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ButtonLink, FileLink } from '@/ui/ButtonLink';
import { Checkbox } from '@/ui/Checkbox';
import { FileField } from '@/ui/FileField';
import { Refusal } from '@/ui/Refusal';
import { Select } from '@/ui/Select';
import { TableHead } from '@/ui/TableHead';
import { TextArea } from '@/ui/TextArea';
import { labelsOf, openMany, readTable, useBuildCommand, useChoices } from '../queries';

/** Many engines come in at once, pasted or out of a file: looked at row by row, then all of them or none. */
export function ComeIn() {
  const [done, setDone] = useState<string[]>([]);
  return <main className="px-7 py-5">{done.length > 0 ? <CameIn builds={done} onMore={() => setDone([])} /> : <FromTable onDone={setDone} />}</main>;
}

function CameIn({ builds, onMore }: { builds: string[]; onMore: () => void }) {
  return (
    <>
      <h1 className="text-2xl">{builds.length === 1 ? 'One engine has come in' : `${String(builds.length)} engines have come in`}</h1>
      <div className="mt-5 flex items-center gap-4">
        <FileLink href={labelsOf(builds)} main>
          Print {builds.length === 1 ? 'its label' : 'their labels'}
        </FileLink>
        <ButtonLink to="/builds">To the stands</ButtonLink>
        <Button onClick={onMore}>More come in</Button>
      </div>
    </>
  );
}

const HEAD = 'serial,customer,order_number,due_on,core';
const EXAMPLE = 'TN3-26-0431\nTN3-26-0432\nHG4-26-0240';

type Table = { text: string; customer: string; waits: boolean };

function FromTable({ onDone }: { onDone: (builds: string[]) => void }) {
  const [table, setTable] = useState<Table>({ text: '', customer: '', waits: true });
  const read = useBuildCommand(readTable);
  const look = (next: Partial<Table>) => {
    const asked = { ...table, ...next };
    setTable(asked);
    read.reset();
    if (asked.text.trim() !== '') read.mutate({ ...asked, customer: asked.customer || null });
  };
  return (
    <>
      <h1 className="text-2xl">Many engines come in</h1>
      <p className="mt-1 max-w-prose text-soft">
        Serials one to a line, or a table with a head: <b className="text-ink">{HEAD.replaceAll(',', ', ')}</b>; there may be family, build, variant,
        received_on, waits_for, note and other_numbers. Copied from a spreadsheet it is right as it comes.
      </p>
      <div className="mt-4 grid gap-6 md:grid-cols-[1fr_18rem]">
        <TextArea
          label="Pasted, or from a file"
          rows={read.data === undefined ? 9 : 5}
          value={table.text}
          placeholder={EXAMPLE}
          onChange={(e) => look({ text: e.target.value })}
        />
        <Beside table={table} onChange={look} />
      </div>
      <Refusal of={read} className="mt-3" />
      {read.data !== undefined && <Rows rows={read.data.rows} onDone={onDone} />}
    </>
  );
}

/** What holds for every row that does not say it itself, and another way for the table to come. */
function Beside({ table, onChange }: { table: Table; onChange: (next: Partial<Table>) => void }) {
  const customers = useChoices(true).data?.customers ?? [];
  return (
    <div className="flex flex-col gap-4">
      <Select
        label="Whose they are, where a row does not say it"
        value={table.customer}
        onValueChange={(customer) => onChange({ customer })}
        options={[{ value: '', text: 'each row says it' }, ...customers.map((c) => ({ value: c.name, text: c.name }))]}
      />
      <FileField
        label="File"
        accept=".csv,text/csv"
        onChoose={(file) => {
          if (file) void fileText(file).then((text) => onChange({ text }));
        }}
      />
      <Checkbox checked={table.waits} onCheckedChange={(waits) => onChange({ waits })}>
        They wait, and stand on no stand yet
      </Checkbox>
    </div>
  );
}

function Rows({ rows, onDone }: { rows: BuildRows['rows']; onDone: (builds: string[]) => void }) {
  const [id] = useState(() => crypto.randomUUID());
  const open = useBuildCommand(() =>
    openMany(
      id,
      rows.map((r) => r.fields),
    ),
  );
  const wrong = rows.filter((r) => r.problem !== null);
  return (
    <>
      <h2 className="mt-6 text-lg">
        {wrong.length === 0
          ? `${count(rows.length, 'engine')}, every row whole`
          : `${String(wrong.length)} of ${String(rows.length)} cannot be taken as they stand`}
      </h2>
      <table className="mt-1 w-full text-[15px]">
        <TableHead columns={['engine', 'family', 'variant', 'customer', 'order', 'must leave by', 'came in']} />
        <tbody>
          {rows.map((row, i) => (
            <Row key={i} row={row} />
          ))}
        </tbody>
      </table>
      <Refusal of={open} className="mt-3" />
      <Button
        className="mt-4"
        look="main"
        disabled={wrong.length > 0 || open.isPending}
        onClick={() => open.mutate(undefined, { onSuccess: ({ ids }) => onDone(ids) })}
      >
        {rows.length === 1 ? 'It comes in' : `All ${String(rows.length)} come in`}
      </Button>
      {wrong.length > 0 && <span className="ml-4 text-soft">All of them or none: set it right in the table above.</span>}
    </>
  );
}

function Row({ row: { fields, title, family, problem } }: { row: BuildRows['rows'][number] }) {
  return (
    <>
      <tr className={`h-9 ${problem === null ? 'border-b border-hair' : ''}`}>
        <td className="pr-3 font-semibold">{title ?? fields.serial}</td>
        <td className="pr-3">{family}</td>
        <td className="pr-3">{fields.variant}</td>
        <td className="pr-3">{fields.customer}</td>
        <td className="pr-3">{fields.order_number}</td>
        <td className="pr-3">{fields.due_on}</td>
        <td className="text-soft">{fields.core}</td>
      </tr>
      {problem !== null && (
        <tr className="border-b border-hair">
          <td colSpan={7} className="pb-2 font-semibold text-fault">
            {problem}
          </td>
        </tr>
      )}
    </>
  );
}
