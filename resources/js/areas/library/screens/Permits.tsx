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
  const me = useMe();
  const may = useMay();
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
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
      {open?.what === 'ask' && <PermitPanel onClose={close} />}
      {open?.what === 'approve' && (
        <SignPanel
          refreshes={LIBRARY}
          signer={me.name}
          title={`Sign ${open.permit.code}`}
          meaning={`I answer for it: ${open.permit.departure}`}
          verb="Sign"
          onClose={close}
          command={({ password }) =>
            answerOf(api.POST('/library/permits/{permit}/approve', { params: { path: { permit: open.permit.id } }, body: { password } }))
          }
        />
      )}
      {(open?.what === 'refuse' || open?.what === 'withdraw') && (
        <SignPanel
          refreshes={LIBRARY}
          signer={me.name}
          title={`${open.what === 'refuse' ? 'Refuse' : 'Withdraw'} ${open.permit.code}`}
          meaning={open.permit.departure}
          verb={open.what === 'refuse' ? 'Refuse it' : 'Withdraw it'}
          fault={open.what === 'withdraw'}
          reason="Why"
          password={false}
          onClose={close}
          command={({ reason }) => endPermit(open.what, open.permit.id, reason)}
        />
      )}
    </main>
  );
}

function Line({ permit: p, onOpen }: { permit: Permit; onOpen: (open: Open) => void }) {
  const zone = useZone();
  const may = useMay();
  const mine = p.asked_by === useMe().name;
  const sign = may('approve-procedures');
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
          <Link className="quiet" to={`/library?find=${encodeURIComponent(p.title.split(', ').at(-1) ?? '')}`}>
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
        {p.state === 'asked' && sign && (
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
        {(p.state === 'in force' || p.state === 'not yet' || (p.state === 'asked' && mine)) && may('draft-procedures') && (
          <Button small className="mt-2" onClick={() => onOpen({ what: 'withdraw', permit: p })}>
            Withdraw it
          </Button>
        )}
      </div>
    </article>
  );
}

/** Before it is signed it is refused, after that withdrawn. */
function endPermit(what: 'refuse' | 'withdraw', permit: string, reason: string) {
  const asked = { params: { path: { permit } }, body: { reason } };
  return answerOf(what === 'refuse' ? api.POST('/library/permits/{permit}/refuse', asked) : api.POST('/library/permits/{permit}/withdraw', asked));
}
