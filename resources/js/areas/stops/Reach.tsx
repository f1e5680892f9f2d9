import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { StopReach, StopSheet } from '@/api/types';
import { count, day } from '@/lib/typeset';
import { TableHead } from '@/ui/TableHead';

type Of = StopReach | StopSheet;

/** What it holds on engines that are worked on: runs under way, and jobs that wait on hooks. */
export function Held({ of, stopped }: { of: Of; stopped: boolean }) {
  if (of.runs.length + of.jobs.length === 0) return <p className="text-soft">Nobody is at work with it, and nothing that goes by it hangs on a hook.</p>;
  return (
    <ul>
      {of.runs.map((run) => (
        <Line
          key={run.run}
          build={run.build}
          title={run.title}
          says={`${run.joint.toLowerCase()}, ${String(run.done)} of ${String(run.all)} done, ${run.person ?? 'somebody'} at ${run.bench ?? 'a bench'}`}
        >
          {stopped && <Halted run={run} />}
        </Line>
      ))}
      {of.jobs.map((job) => (
        <Line key={job.build} build={job.build} title={job.title} says={`on ${job.person ?? 'somebody'}’s hook, not begun`}>
          {job.card !== null && <b className="font-semibold text-fault">card {job.card} is out: fetch it</b>}
        </Line>
      ))}
    </ul>
  );
}

function Line({ build, title, says, children }: { build: string; title: string; says: string; children: ReactNode }) {
  return (
    <li className="flex items-baseline justify-between gap-5 border-b border-hair py-2">
      <span>
        <Link to={`/builds/${build}`} className="font-semibold">
          {title}
        </Link>
        <span className="text-soft">, {says}</span>
      </span>
      <span className="shrink-0 text-right">{children}</span>
    </li>
  );
}

function Halted({ run }: { run: Of['runs'][number] }) {
  return (
    <>
      <span className={run.halted ? '' : 'font-semibold text-fault'}>{run.halted ? 'stands still' : 'its bench has not said so'}</span>
      {run.after > 0 && <b className="block font-semibold text-fault">{count(run.after, 'pull')} after the stop</b>}
    </>
  );
}

const STATES: Record<Of['engines'][number]['state'], string> = {
  received: 'come in',
  open: 'on a stand',
  finished: 'finished and here',
  shipped: 'shipped',
};

/** The engines that were made with it, those that have left too. */
export function Engines({ of, table }: { of: Of; table: string | null }) {
  const all = of.counts.reduce((sum, c) => sum + c.engines, 0);
  const parts = of.counts.filter((c) => c.engines > 0).map((c) => `${String(c.engines)} ${STATES[c.state]}`);
  return (
    <section className="mt-8">
      <div className="flex items-baseline justify-between gap-6">
        <h2 className="text-lg">
          {all === 0 ? 'No engine was made with it' : `Made with it: ${count(all, 'engine')}`}
          {parts.length > 0 && <span className="text-soft">, {parts.join(', ')}</span>}
        </h2>
        {table !== null && all > 0 && (
          <a className="quiet text-[15px]" href={table}>
            Save as CSV
          </a>
        )}
      </div>
      <p className="text-[15px] text-soft">{of.since}</p>
      {all > 0 && <EngineTable of={of} />}
      {all > of.engines.length && <p className="py-3 text-soft">The first {of.engines.length} are shown; the table has all of them.</p>}
    </section>
  );
}

function EngineTable({ of }: { of: Of }) {
  const zone = useZone();
  return (
    <table className="mt-3 w-full text-[15px]">
      <TableHead columns={['engine', 'family', 'joints', 'customer', 'where it is', ['since', 'text-right']]} />
      <tbody>
        {of.engines.map((engine) => (
          <tr key={engine.id} className="h-9 border-b border-hair">
            <td className="font-semibold">
              <Link to={`/audit/${engine.id}`}>{engine.title}</Link>
            </td>
            <td className="text-soft">{engine.family}</td>
            <td>{engine.joints}</td>
            <td>{engine.customer ?? '–'}</td>
            <td className={engine.state === 'shipped' ? 'font-semibold' : ''}>{STATES[engine.state]}</td>
            <td className="text-right text-soft">{engine.at === null ? '' : day(engine.at, zone)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
