import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { BenchView, RunSheet } from '@/api/types';
import { sentenceOf } from '@/lib/problem';
import { dayAndTime } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { Aside, type AsidePanel } from './Aside';
import { BigKey } from './BigKey';
import { usePadKeys } from './usePadKeys';
import { LeadSheet } from './LeadSheet';
import { takeOver } from './queries';
import { WrongSheet } from './wrong/WrongSheet';
import { type Bench, useObserve } from './useRun';

const QUIET_MS = 900;

type Props = { bench: Bench; sheet: RunSheet; view: BenchView };

/** The run is open at another bench or in other hands: both look at the metal before one goes on. */
export function HeldElsewhere({ bench, sheet, view }: Props) {
  const observe = useObserve(bench);
  // Whoever has just looked at what was left need not be asked to look again.
  const goOn = () => (view.parked ? void observe({ type: 'resumed', after_idle: false }) : undefined);
  const onTakeOver = () => bench.command.mutate(takeOver, { onSuccess: goOn });
  usePadKeys({ Enter: bench.command.isPending ? undefined : onTakeOver }, QUIET_MS);
  return (
    <Point
      sheet={sheet}
      view={view}
      title={`Open at ${sheet.holder.device_name ?? 'another bench'} with ${sheet.holder.person_name ?? 'somebody'}`}
      error={bench.command.error}
    >
      <LeftWords sheet={sheet} />
      <p className="text-2xl">
        {view.done} of {view.all} steps are done; the metal must show these marks. Look before you go on.
      </p>
      <BigKey look="main" cap="Enter" className="mt-8" disabled={bench.command.isPending} onClick={onTakeOver}>
        Go on here
      </BigKey>
    </Point>
  );
}

/** It was left: before it is touched, its state is seen, and what whoever left it had to say. */
export function Left({ bench, sheet, view }: Props) {
  const observe = useObserve(bench);
  const [wrong, setWrong] = useState(false);
  const goOn = () => void observe({ type: 'resumed', after_idle: false });
  usePadKeys({ Enter: goOn, '/': () => setWrong(true) }, QUIET_MS);
  return (
    <Point sheet={sheet} view={view} title="Left for now" error={null}>
      <LeftWords sheet={sheet} />
      <p className="text-2xl">
        {view.done} of {view.all} steps are done; the metal must show these marks. Look before you touch it.
      </p>
      <div className="mt-8 flex flex-wrap gap-4">
        <BigKey look="main" cap="Enter" onClick={goOn}>
          It looks like this, go on
        </BigKey>
        <BigKey cap="/" onClick={() => setWrong(true)}>
          Something is wrong
        </BigKey>
      </div>
      <ToHook />
      {wrong && <WrongSheet bench={bench} sheet={sheet} view={view} onClose={() => setWrong(false)} />}
    </Point>
  );
}

/** Who left it, when, and in whose words. */
function LeftWords({ sheet: { left } }: { sheet: RunSheet }) {
  const zone = useZone();
  if (left === null) return null;
  return (
    <figure className="mb-5 border-l-8 border-now pl-4">
      <blockquote className="text-2xl font-semibold break-words">{left.says}</blockquote>
      <figcaption className="mt-1 text-lg text-soft">
        {left.person_name ?? 'somebody'}, {dayAndTime(left.at, zone)}
      </figcaption>
    </figure>
  );
}

/** Only the lead, or who stands in for them, can go on with it: here, with own badge and PIN. */
export function ForTheLead({ bench, sheet, view }: Props) {
  const [over, setOver] = useState<AsidePanel | 'lead'>(null);
  const [answer] = view.call.answers;
  const lead = answer ? () => setOver('lead') : undefined;
  usePadKeys({ Enter: lead, '/': () => setOver('wrong'), '+': () => setOver('more') }, QUIET_MS);
  const close = () => setOver(null);
  return (
    <Point sheet={sheet} view={view} title={view.call.title} error={null}>
      {view.call.says.map((text) => (
        <p key={text} className="mt-2 text-2xl">
          {text}
        </p>
      ))}
      <div className="mt-8 flex flex-wrap gap-4">
        {answer && (
          <BigKey look="main" cap="Enter" onClick={lead}>
            {answer.says}
          </BigKey>
        )}
        <BigKey cap="/" onClick={() => setOver('wrong')}>
          Something is wrong
        </BigKey>
        <BigKey cap="+" onClick={() => setOver('more')}>
          More
        </BigKey>
      </div>
      <ToHook />
      {over === 'lead' ? (
        <LeadSheet bench={bench} sheet={sheet} view={view} onClose={close} />
      ) : (
        <Aside panel={over} bench={bench} sheet={sheet} view={view} onClose={close} />
      )}
    </Point>
  );
}

export function Closed({ sheet, view }: Omit<Props, 'bench'>) {
  return (
    <Point sheet={sheet} view={view} title={`${sheet.joint} of ${sheet.serial}: finished`} error={null}>
      <p className="text-2xl">Everything is recorded. The lead sees it on the audit sheet.</p>
      <ToHook />
    </Point>
  );
}

function ToHook() {
  return (
    <Link to="/bench" className="mt-4 flex h-24 w-fit items-center rounded border-2 border-line bg-sheet px-8 text-xl font-semibold">
      Back to my hook
    </Link>
  );
}

/** The metal as it must look now, over the whole side. */
export function PointMap({ sheet, view }: Omit<Props, 'bench'>) {
  return (
    <section className="min-h-0 border-l border-line p-7 portrait:border-t portrait:border-l-0" aria-label="The joint">
      <JointMap sketch={sheet.sketch} marks={view.marks} detail="full" label="The joint with the marks that must be on it" />
    </section>
  );
}

function Point({ sheet, view, title, error, children }: Omit<Props, 'bench'> & { title: string; error: unknown; children: ReactNode }) {
  return (
    <main className="grid min-h-0 grow grid-cols-[minmax(0,31.7rem)_minmax(0,1fr)] portrait:grid-cols-1">
      <section className="flex flex-col justify-center px-7 py-6">
        <h1 className="mb-5 text-5xl">{title}</h1>
        {children}
        {error !== null && (
          <p role="alert" className="mt-4 text-xl text-fault">
            {sentenceOf(error)}
          </p>
        )}
      </section>
      <PointMap sheet={sheet} view={view} />
    </main>
  );
}
