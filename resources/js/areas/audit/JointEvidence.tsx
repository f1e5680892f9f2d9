import { useState } from 'react';
import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { AuditJoint, ResultLine } from '@/api/types';
import { isGood } from '@/lib/drawing';
import { calendarDay, dayAndTime } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { RevisionLink } from '@/ui/RevisionLink';
import { WindowPlot } from '@/ui/WindowPlot';
import { AttemptChain } from './AttemptChain';
import { ResultTable } from './ResultTable';

type Props = { build: string; joint: AuditJoint; picked: string | null; onPick: (position: string) => void };

/** One joint as evidence: its map with the marks, a plot of the round, what happened at one bolt, and every result. */
export function JointEvidence({ build, joint, picked, onPick }: Props) {
  return (
    <section aria-label={joint.opened === null ? joint.name : `${joint.name}, before it was opened again`}>
      <div className="flex items-baseline justify-between gap-5">
        <h2 className="text-xl">
          {joint.name}
          {joint.hardware !== null && <span className="text-base font-normal">, {joint.hardware}</span>}
        </h2>
        <MadeTo revision={joint.revision} />
      </div>
      {joint.stayed !== null && (
        <p className="mt-1 border-l-2 border-now pl-3">
          <b>Not opened in this build:</b> as{' '}
          <Link className="quiet" to={`/audit/${joint.stayed.id}`}>
            {joint.stayed.title}
          </Link>
          , left it. What stands here is of that record.
        </p>
      )}
      {joint.within !== null && (
        <p className="mt-1 border-l-2 border-now pl-3">
          <b>Carried in</b>{' '}
          <Link className="quiet" to={`/audit/${joint.within.id}`}>
            {joint.within.title}
          </Link>
          , and recorded there. What stands here is of that record.
        </p>
      )}
      <Opened joint={joint} />
      {joint.permits.map((p) => (
        <PermitLine key={p.code} permit={p} />
      ))}
      {joint.cards.map((c) => (
        <CardLine key={c.number} card={c} />
      ))}
      {joint.run === null ? <Unrecorded joint={joint} build={build} /> : <Worked joint={joint} run={joint.run} picked={picked} onPick={onPick} />}
    </section>
  );
}

/** What was done before it came apart again: on record for ever, and none of it holds the engine together. */
function Opened({ joint: { opened } }: { joint: AuditJoint }) {
  const zone = useZone();
  if (opened === null) return null;
  return (
    <p className="mt-1 border-l-8 border-paint py-0.5 pl-4">
      <b>Before it was opened again</b>, {dayAndTime(opened.at, zone)}: {opened.why} <span className="text-soft">None of this holds the joint any more.</span>
    </p>
  );
}

/** What is not recorded is said as loudly as what is. */
function Unrecorded({ joint, build }: { joint: AuditJoint; build: string }) {
  if (joint.without === null) return <p className="mt-3 text-soft">Not begun.</p>;
  return (
    <p className="mt-3 border border-dashed border-ink px-4 py-3">
      <b>Not in the record:</b> {joint.without}.{' '}
      {joint.scanned && (
        <a className="quiet" href={`/api/builds/${build}/joints/${joint.id}/paper`}>
          Its paper
        </a>
      )}
    </p>
  );
}

function MadeTo({ revision }: { revision: AuditJoint['revision'] }) {
  const may = useMay();
  if (!revision) return null;
  return (
    <p className="text-soft">
      {revision.line}, <RevisionLink revision={revision} open={may('read-library')} />
    </p>
  );
}

function PermitLine({ permit: p }: { permit: AuditJoint['permits'][number] }) {
  return (
    <p className="mt-1 border-l-2 border-paint pl-3">
      <b>Permit {p.code}:</b> {p.departure}
      <span className="text-soft">
        , signed by {p.signature}
        {p.customer_reference !== '' && `; ${p.customer_reference}`}
        {p.until !== null && `; until ${calendarDay(p.until)}`}
      </span>
    </p>
  );
}

/** A job card on paper: whose hand is on it, who compared it, and its scan for whoever wants to see it. */
function CardLine({ card: c }: { card: AuditJoint['cards'][number] }) {
  const may = useMay();
  const name = `Card ${c.number}`;
  return (
    <p className="mt-1 border-l-2 border-hair pl-3">
      {may('handle-cards') ? <Link to={`/cards/${c.number}`}>{name}</Link> : <b>{name}</b>}, {c.says}
      <span className="text-soft">
        {c.worked_by !== null && `; signed by ${c.worked_by}, ${calendarDay(c.worked_on ?? '')}`}
        {c.compared_by !== null && `; compared by ${c.compared_by}`}
      </span>
      {c.scan && (
        <>
          ;{' '}
          <a href={`/api/cards/${c.number}/scan`} download>
            its scan
          </a>
        </>
      )}
    </p>
  );
}

/** What the work left behind: the bolt and the round that are looked at begin with what is wrong. */
function Worked({ joint, run, picked, onPick }: Omit<Props, 'build'> & { run: NonNullable<AuditJoint['run']> }) {
  const stages = [...new Set(joint.lines.map((l) => l.stage))];
  const first = worstLine(joint.lines);
  const position = picked ?? first?.position ?? null;
  return (
    <>
      <div className="mt-3 grid gap-8 xl:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] print:grid-cols-2">
        <div>
          {joint.sketch && (
            <JointMap
              sketch={joint.sketch}
              marks={run.marks}
              detail="full"
              label={`${joint.name} with the marks that are on it`}
              picked={position}
              onPick={onPick}
              byKeys
            />
          )}
        </div>
        <RoundPlot lines={joint.lines} stages={stages} first={first?.stage ?? stages[0] ?? ''} picked={position} onPick={onPick} />
      </div>
      {joint.run?.supervised != null && <p className="mt-4">{joint.run.supervised}</p>}
      <Faults faults={joint.faults} onPick={onPick} />
      <Noticed noticed={joint.noticed} />
      {position !== null && <AttemptChain lines={joint.lines.filter((l) => l.position === position)} stages={stages} />}
      <ResultTable lines={joint.lines} stages={stages} picked={position} onPick={onPick} />
    </>
  );
}

type PlotProps = { lines: ResultLine[]; stages: string[]; first: string; picked: string | null; onPick: (position: string) => void };

/** One round's results, and which round. */
function RoundPlot({ lines, stages, first, picked, onPick }: PlotProps) {
  const [stage, setStage] = useState<string | null>(null);
  const shown = stage ?? first;
  const round = lines.filter((l) => l.stage === shown);
  const unit = { angle: '°', length: 'mm', torque: 'N·m' }[round[0]?.quantity ?? 'torque'];
  const measured = round.some((l) => l.low !== null || l.high !== null || l.attempts.some((a) => a.base !== null));
  return (
    <div>
      <div className="flex gap-5" role="group" aria-label="Round">
        {stages.map((key, i) => (
          <button
            key={key}
            type="button"
            aria-pressed={key === shown}
            onClick={() => setStage(key)}
            className={`border-b-[3px] pb-0.5 ${key === shown ? 'border-paint font-semibold' : 'border-transparent text-soft'}`}
          >
            Round {i + 1}
          </button>
        ))}
      </div>
      <p className="mt-2 font-semibold">{plotSentence(round)}</p>
      {measured ? (
        <WindowPlot lines={round} unit={unit} picked={picked} onPick={onPick} />
      ) : (
        <p className="mt-2 text-soft">Nothing is measured in this round; what was said stands in the table.</p>
      )}
    </div>
  );
}
/** The line to look at first: one that is wrong, else one that was redone, else the first. */
function worstLine(lines: ResultLine[]): ResultLine | undefined {
  return (
    lines.find((l) => l.attempts.some((a) => a.status === 'live' && !isGood(a.verdict))) ??
    lines.find((l) => l.attempts.some((a) => a.findings.length > 0)) ??
    lines.find((l) => l.attempts.length > 1) ??
    lines[0]
  );
}

function plotSentence(round: ResultLine[]): string {
  const live = round.map((l) => l.attempts.find((a) => a.status === 'live'));
  const wrong = round.filter((_, i) => live[i] && !isGood(live[i].verdict));
  const missing = live.filter((a) => a === undefined).length;
  if (wrong.length > 0)
    return wrong
      .map((l) => `${l.number === null ? (l.target ?? l.kind) : `Bolt ${l.number}`} ${l.attempts.find((a) => a.status === 'live')?.word ?? ''}`)
      .join(', ');
  if (missing > 0) return `${String(round.length - missing)} of ${String(round.length)} have this round`;
  return round.some((l) => l.attempts.some((a) => a.base !== null)) ? 'All lie between their limits' : 'All were said to be done';
}

/** What went wrong, what it cost, and how it ended: an open one as loudly as it is. */
function Faults({ faults, onPick }: { faults: AuditJoint['faults']; onPick: Props['onPick'] }) {
  const zone = useZone();
  if (faults.length === 0) return null;
  return (
    <section className="mt-5">
      <h3 className="font-semibold">What went wrong</h3>
      <ul>
        {faults.map((f) => (
          <li key={f.at + f.what} className={`mt-1.5 border-l-2 pl-3 ${f.ended === null ? 'border-fault' : 'border-hair'}`}>
            <button type="button" className="text-left font-semibold" disabled={f.position === null} onClick={() => f.position !== null && onPick(f.position)}>
              {f.what}
            </button>
            <span className={f.ended === null ? 'font-semibold text-fault' : 'text-soft'}>, {f.ended ?? 'open'}</span>
            <span className="text-soft">, {dayAndTime(f.at, zone)}</span>
            <p>
              {f.says}
              {f.decided !== null && ` Decided: ${f.decided}.`}
              {f.cost !== '' && <b> Cost: {f.cost}.</b>}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What was noticed beside the results: a bench that went on without a PIN, a tool that was not fit when it was taken. */
function Noticed({ noticed }: { noticed: AuditJoint['noticed'] }) {
  const zone = useZone();
  if (noticed.length === 0) return null;
  return (
    <ul className="mt-4">
      {noticed.map((n) => (
        <li key={n.at + n.sentence} className={`border-l-2 pl-3 ${n.wrong ? 'border-fault' : 'border-hair'}`}>
          {n.sentence} <span className="text-soft">{dayAndTime(n.at, zone)}</span>
        </li>
      ))}
    </ul>
  );
}
