import { useState } from 'react';
import { useMay, useMe, useZone } from '@/api/session';
import type { GeneralTable } from '@/api/types';
import { count, day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { SignPanel } from '@/ui/SignPanel';
import { TableHead } from '@/ui/TableHead';
import { Empty, Loaded } from '@/ui/states';
import { GeneralTablePanel } from '../GeneralTablePanel';
import { LIBRARY, approveTable, useGeneralTables, withdrawTable } from '../queries';

type Open = { what: 'ask' } | { what: 'sign' | 'withdraw'; table: GeneralTable } | null;

/** Torques by thread, class and material for small joints that no procedure is written for. */
export function GeneralTables() {
  const may = useMay();
  const query = useGeneralTables();
  const [open, setOpen] = useState<Open>(null);
  return (
    <main className="px-7 py-5">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <h1 className="text-2xl">General tables</h1>
        {may('draft-procedures') && <Button onClick={() => setOpen({ what: 'ask' })}>Ask for a table</Button>}
      </div>
      <p className="mt-1 max-w-3xl text-soft">
        They serve joints of risk class C that no procedure is written for. What is written for a joint governs; a joint of class A or B has its own procedure
        or none.
      </p>
      <Loaded query={query}>
        {({ tables }) =>
          tables.length === 0 ? (
            <Empty>
              Brackets, covers and sumps are tightened by such a table: one row for each bolt, from a paper on record. Ask for one; somebody else signs it.
            </Empty>
          ) : (
            tables.map((table) => <Table key={table.id} table={table} onOpen={setOpen} />)
          )
        }
      </Loaded>
      {open && <Opened open={open} onClose={() => setOpen(null)} />}
    </main>
  );
}

function Opened({ open, onClose }: { open: NonNullable<Open>; onClose: () => void }) {
  const me = useMe();
  const common = { refreshes: LIBRARY, signer: me.name, onClose };
  if (open.what === 'ask') return <GeneralTablePanel onClose={onClose} />;
  const { table } = open;
  if (open.what === 'sign')
    return (
      <SignPanel
        {...common}
        title={`Sign ${table.code}`}
        meaning={`Approved as a general table of the shop: ${count(table.rows.length, 'torque')}, ± ${table.tolerance}, threads ${table.condition}, for joints of risk class C.`}
        verb="Sign"
        command={({ password }) => approveTable(table.id, password)}
      />
    );
  return (
    <SignPanel
      {...common}
      title={`Withdraw ${table.code}`}
      meaning="Nothing new is given out by it. What hangs on a hook or was done by it stays; where a value was wrong, stop that revision."
      verb="Withdraw it"
      fault
      reason="Why"
      password={false}
      command={({ reason }) => withdrawTable(table.id, reason)}
    />
  );
}

function Table({ table, onOpen }: { table: GeneralTable; onOpen: (open: Open) => void }) {
  const gone = table.state === 'withdrawn';
  return (
    <section aria-label={table.code} className="mt-6 border-t border-line pt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2">
        <h2 className={`text-xl ${gone ? 'line-through' : ''}`}>
          {table.code} <span className="text-base font-normal">{table.title}</span>
        </h2>
        <Standing table={table} onOpen={onOpen} />
      </div>
      <p className="text-soft">
        Threads {table.condition}, ± {table.tolerance}
      </p>
      {table.doubts.map((doubt) => (
        <p key={doubt} className="mt-1 border-l-4 border-fault pl-3">
          {doubt} <b className="font-semibold">All the same: {table.although}</b>
        </p>
      ))}
      <table className="mt-2 max-w-2xl">
        <TableHead columns={['thread', ['class', 'pl-8'], ['into', 'pl-8'], ['torque', 'pl-8 text-right']]} />
        <tbody>
          {table.rows.map((row) => (
            <tr key={row.name} className="h-9 border-b border-hair">
              <td className="font-semibold">{row.thread}</td>
              <td className="pl-8">{row.strength}</td>
              <td className="pl-8">{row.material}</td>
              <td className="pl-8 text-right whitespace-nowrap">{row.torque}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Whose signature it has, or wants. */
function Standing({ table, onOpen }: { table: GeneralTable; onOpen: (open: Open) => void }) {
  const zone = useZone();
  const sign = useMay()('approve-procedures');
  if (table.state === 'withdrawn') return <span className="text-fault">withdrawn: {table.withdrawn_why}</span>;
  if (table.state === 'asked' && sign && !table.asked_by_me)
    return (
      <Button look="main" small onClick={() => onOpen({ what: 'sign', table })}>
        Sign {table.code}
      </Button>
    );
  if (table.state === 'asked') return <span className="text-fault">asked by {table.asked_by ?? 'name blanked'}, not signed</span>;
  return (
    <span className="flex items-baseline gap-4">
      <span>
        signed by {table.signature}
        {table.approved_at !== null && <span className="text-soft">, {day(table.approved_at, zone)}</span>}
      </span>
      {sign && (
        <Button small onClick={() => onOpen({ what: 'withdraw', table })}>
          Withdraw
        </Button>
      )}
    </span>
  );
}
