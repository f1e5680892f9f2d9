import { useState } from 'react';
import { Link } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay, useMe, useZone } from '@/api/session';
import type { Permit } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Empty, Loaded } from '@/ui/states';
import { PermitPanel } from '../PermitPanel';
import { limits } from '../PermitLines';
import { SignPanel } from '@/ui/SignPanel';
import { LIBRARY, usePermits } from '../queries';

type Open = { what: 'ask' } | { what: 'approve'; permit: Permit } | { what: 'refuse' | 'withdraw'; permit: Permit } | null;

/** Departures from a procedure that somebody answers for, for so long, for these engines. */
export function Permits() {
  const may = useMay();
  const [open, setOpen] = useState<Open>(null);
  return (
    <main className="px-7 py-5">
      <div className="flex items-center justify-between">
        <h1 className="text-2xl">Deviation permits</h1>
        {may('draft-procedures') && (
          <Button small onClick={() => setOpen({ what: 'ask' })}>
            Ask for a permit
          </Button>
        )}
      </div>
      <Loaded query={usePermits()}>
        {({ permits }) =>
          permits.length === 0 ? (
            <Empty>When an engine has to depart from its procedure, the permit for it stands here: what, why, for how long, who answers for it.</Empty>
          ) : (
            permits.map((p) => <Line key={p.id} permit={p} onOpen={setOpen} />)
          )
        }
      </Loaded>
      {open && <OpenPanel open={open} onClose={() => setOpen(null)} />}
    </main>
  );
}

function OpenPanel({ open, onClose }: { open: NonNullable<Open>; onClose: () => void }) {
  const signer = useMe().name;
  if (open.what === 'ask') return <PermitPanel onClose={onClose} />;
  const { what, permit } = open;
  const shared = { refreshes: LIBRARY, signer, onClose };
  if (what === 'approve')
    return (
      <SignPanel
        {...shared}
        title={`Sign ${permit.code}`}
        meaning={`I answer for it: ${permit.departure}`}
        verb="Sign"
        command={({ password }) => answerOf(api.POST('/library/permits/{permit}/approve', { params: { path: { permit: permit.id } }, body: { password } }))}
      />
    );
  const verb = what === 'refuse' ? 'Refuse' : 'Withdraw';
  return (
    <SignPanel
      {...shared}
      title={`${verb} ${permit.code}`}
      meaning={permit.departure}
      verb={`${verb} it`}
      fault={what === 'withdraw'}
      reason="Why"
      password={false}
      command={({ reason }) => endPermit(what, permit.id, reason)}
    />
  );
}
function Line({ permit: p, onOpen }: { permit: Permit; onOpen: (open: Open) => void }) {
  const zone = useZone();
  return (
    <article className="grid gap-x-7 gap-y-2 border-b border-hair py-4 lg:grid-cols-[9rem_1fr_17rem]">
      <p>
        <b>{p.code}</b>
        <span className={`block ${p.state === 'in force' ? 'font-semibold' : 'text-soft'}`}>{p.state}</span>
      </p>
      <div>
        <h2 className="font-semibold">{p.departure}</h2>
        <p>{p.reason}</p>
        <p className="text-soft">
          <Link className="quiet" to={p.build === null ? `/library?find=${encodeURIComponent(p.title.split(', ').at(-1) ?? '')}` : `/builds/${p.build}`}>
            {p.title}
          </Link>
          {p.stage !== null && `, round “${p.stage}”`}; {limits(p)}
        </p>
      </div>
      <div>
        <p className="text-soft">
          asked by {p.asked_by ?? 'name blanked'}
          {p.signature !== null && p.approved_at !== null && `, signed by ${p.signature} on ${day(p.approved_at, zone)}`}
          {p.customer_reference !== '' && `; customer’s authorisation ${p.customer_reference}`}
        </p>
        <PermitActions permit={p} onOpen={onOpen} />
      </div>
    </article>
  );
}

/** Whoever asked does not sign; what one asked for oneself one may take back. */
function PermitActions({ permit: p, onOpen }: { permit: Permit; onOpen: (open: Open) => void }) {
  const may = useMay();
  const mine = p.asked_by === useMe().name;
  const withdrawn = p.state === 'in force' || p.state === 'not yet' || (p.state === 'asked' && mine);
  return (
    <>
      {p.state === 'asked' && may('approve-procedures') && (
        <p className="mt-2 flex gap-3">
          {!mine && (
            <Button small look="main" onClick={() => onOpen({ what: 'approve', permit: p })}>
              Sign it
            </Button>
          )}
          <Button small onClick={() => onOpen({ what: 'refuse', permit: p })}>
            Refuse it
          </Button>
        </p>
      )}
      {withdrawn && may('draft-procedures') && (
        <Button small className="mt-2" onClick={() => onOpen({ what: 'withdraw', permit: p })}>
          Withdraw it
        </Button>
      )}
    </>
  );
}

/** Before it is signed it is refused, after that withdrawn. */
function endPermit(what: 'refuse' | 'withdraw', permit: string, reason: string) {
  const asked = { params: { path: { permit } }, body: { reason } };
  return answerOf(what === 'refuse' ? api.POST('/library/permits/{permit}/refuse', asked) : api.POST('/library/permits/{permit}/withdraw', asked));
}
