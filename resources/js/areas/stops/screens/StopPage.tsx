import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMe, useZone } from '@/api/session';
import type { StopSheet } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { SignPanel } from '@/ui/SignPanel';
import { Loaded } from '@/ui/states';
import { Engines, Held } from '../Reach';
import { STOPS, askToLift, keepStopped, liftStop, tableOf, useStop } from '../queries';

/** One stop: what is stopped and why, who knows of it, what it holds, which engines were made with it, and the way to lift it. */
export function StopPage() {
  const { number = '' } = useParams();
  return <Loaded query={useStop(Number(number))}>{(stop) => <Sheet stop={stop} />}</Loaded>;
}

function Sheet({ stop }: { stop: StopSheet }) {
  return (
    <main className="grow px-7 pb-8">
      <Head stop={stop} />
      <div className="mt-6 grid gap-10 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        {stop.lifted === null && (
          <section aria-label="What it holds">
            <h2 className="text-lg">What it holds</h2>
            <div className="mt-1">
              <Held of={stop} stopped />
            </div>
          </section>
        )}
        <Benches stop={stop} />
      </div>
      <Engines of={stop} table={tableOf(stop.number)} />
    </main>
  );
}

function Head({ stop }: { stop: StopSheet }) {
  const zone = useZone();
  return (
    <header className={`-mx-7 border-t-[10px] px-7 pt-4 ${stop.lifted === null ? 'border-fault' : 'border-hair'}`}>
      <div className="flex items-start justify-between gap-8">
        <div className="min-w-0">
          <p className="text-soft">
            <Link to="/stops" className="quiet">
              Stop {stop.number}
            </Link>
            {stop.lifted === null ? ', in force' : `, lifted on ${dayAndTime(stop.lifted.at ?? '', zone)} by ${stop.lifted.by}`}
          </p>
          <h1 className="wide text-[32px] leading-tight font-bold">
            <Link to={stop.link}>{stop.title}</Link>
          </h1>
          <p className={`mt-1 text-xl font-semibold ${stop.lifted === null ? 'text-fault' : ''}`}>{stop.reason}</p>
          <p className="text-soft">
            Stopped on {dayAndTime(stop.at, zone)} by {stop.by}.
          </p>
        </div>
        {stop.lifted === null && <Ways stop={stop} />}
      </div>
      <Asked stop={stop} />
    </header>
  );
}

/** Who has asked to lift it, and what became of that. */
function Asked({ stop }: { stop: StopSheet }) {
  const zone = useZone();
  if (stop.asked !== null)
    return (
      <figure className="mt-4 border-l-4 border-now pl-4">
        <blockquote className="text-lg">{stop.asked.reason}</blockquote>
        <figcaption className="text-soft">
          {stop.asked.by} {stop.lifted === null ? 'has asked to lift it' : 'asked to lift it'}, {dayAndTime(stop.asked.at ?? '', zone)}
          {stop.lifted === null ? '. Somebody else signs.' : `; ${stop.lifted.by} signed.`}
        </figcaption>
      </figure>
    );
  if (stop.kept_why === null) return null;
  return <p className="mt-4 border-l-4 border-fault pl-4">It was asked for and stays stopped: {stop.kept_why}</p>;
}

type Way = 'ask' | 'lift' | 'keep';

/** One asks, another one signs: each is offered what is theirs. */
function Ways({ stop }: { stop: StopSheet }) {
  const me = useMe();
  const [way, setWay] = useState<Way | null>(null);
  const own = stop.asked?.person === me.id;
  return (
    <div className="no-print flex shrink-0 items-center gap-3">
      {stop.asked === null && (
        <Button look="main" onClick={() => setWay('ask')}>
          Ask to lift it
        </Button>
      )}
      {stop.asked !== null && !own && (
        <Button look="main" onClick={() => setWay('lift')}>
          Lift it
        </Button>
      )}
      {stop.asked !== null && <Button onClick={() => setWay('keep')}>{own ? 'Take that back' : 'It stays stopped'}</Button>}
      {way !== null && <WayPanel stop={stop} way={way} own={own} onClose={() => setWay(null)} />}
    </div>
  );
}

function WayPanel({ stop, way, own, onClose }: { stop: StopSheet; way: Way; own: boolean; onClose: () => void }) {
  const signer = useMe().name;
  const common = { signer, onClose, refreshes: STOPS };
  if (way === 'ask')
    return (
      <SignPanel
        {...common}
        title="Ask to lift it"
        meaning={`You say that ${stop.title} may be used again. It stays stopped until somebody else has signed that, too.`}
        verb="Ask for it"
        reason="What was found, and why it may go on"
        command={(signed) => askToLift(stop.number, signed)}
      />
    );
  if (way === 'lift')
    return (
      <SignPanel
        {...common}
        title="Lift it"
        meaning={`“${stop.asked?.reason ?? ''}” With your signature it may be used again; whoever holds a run that stands still is told.`}
        verb="Lift it"
        command={({ password }) => liftStop(stop.number, password, stop.asked?.reason ?? null)}
      />
    );
  return (
    <SignPanel
      {...common}
      title={own ? 'Take that back' : 'It stays stopped'}
      meaning="It can be asked for again."
      verb={own ? 'Take it back' : 'It stays'}
      reason={own ? 'Why' : 'What is missing before it may go on'}
      password={false}
      command={({ reason }) => keepStopped(stop.number, reason)}
    />
  );
}

/** Those that have not said that they know come first. */
function Benches({ stop }: { stop: StopSheet }) {
  const zone = useZone();
  return (
    <section aria-label="Benches">
      <h2 className="text-lg">Benches</h2>
      {stop.benches.length === 0 && <p className="mt-1 text-soft">No bench is enrolled.</p>}
      <ul className="mt-1">
        {stop.benches.map((bench) => (
          <li key={bench.name} className="flex justify-between gap-4 border-b border-hair py-2">
            <b className="font-semibold">{bench.name}</b>
            {bench.seen_at !== null ? (
              <span>
                {bench.seen_by ?? 'somebody'} knows, {dayAndTime(bench.seen_at, zone)}
              </span>
            ) : (
              <span className={stop.lifted === null ? 'text-fault' : 'text-soft'}>
                {stop.lifted === null ? 'has not said so' : 'never said so'}
                {bench.heard_at !== null && `, last heard ${dayAndTime(bench.heard_at, zone)}`}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
