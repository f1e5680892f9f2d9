import { Link, useSearchParams } from 'react-router';
import { useMay } from '@/api/session';
import type { ToolOnBoard, Tools } from '@/api/types';
import { Empty, Loaded } from '@/ui/states';
import { ButtonLink } from '@/ui/ButtonLink';
import { Counter } from '../Counter';
import { Drawers } from '../Drawers';
import { useCalendarAddress, useTools, labelsOf } from '../queries';

/** The shadow board: what needs a hand first, then every tool where it hangs. */
export function Crib() {
  const query = useTools();
  return (
    <main className="grow px-7 pt-4 pb-7">
      <Loaded query={query}>{(data) => (data.tools.length === 0 ? <NoTools /> : <Board data={data} />)}</Loaded>
    </main>
  );
}

function NoTools() {
  const may = useMay();
  return (
    <>
      <h1 className="text-2xl">Crib</h1>
      <Empty>
        The shop’s tools hang here: wrenches, gauges, adapters, drivers. None has been registered yet.
        {may('keep-tools') && (
          <p className="mt-4">
            <ButtonLink to="/crib/register">Register tools</ButtonLink>
          </p>
        )}
      </Empty>
    </>
  );
}

function Board({ data }: { data: Tools }) {
  const may = useMay();
  const [params, setParams] = useSearchParams();
  const by = params.get('by') === 'kind' ? 'kind' : 'place';
  const hanging = data.tools.filter((t) => t.state !== 'retired');
  return (
    <>
      <div className="flex items-center gap-5">
        <h1 className="text-2xl">Crib</h1>
        <p className="grow text-lg">{data.sentence}</p>
        {may('keep-tools') && <Counter tools={data.tools} />}
        {may('keep-tools') && <ButtonLink to="/crib/register">Register tools</ButtonLink>}
      </div>
      <Needs needs={data.needs} />
      <Drawers tools={hanging} by={by} />
      <Foot by={by} onBy={(next) => setParams(next === 'kind' ? { by: next } : {}, { replace: true })} tools={hanging} />
    </>
  );
}

function Needs({ needs }: { needs: Tools['needs'] }) {
  const may = useMay();
  if (needs.length === 0) return <p className="mt-2 text-soft">No tool needs a hand today.</p>;
  return (
    <ul className="mt-3 grid grid-cols-[repeat(auto-fit,minmax(13.5rem,1fr))] gap-x-6 gap-y-3 pb-3" aria-label="What needs a hand">
      {needs.map((need) => (
        <li key={need.tools.join()}>
          <Said says={need.says} grave={need.way === 'calibrate' || need.says.includes('overdue')} />
          {may('keep-tools') && (
            <Link to={wayOf(need)} className="quiet font-semibold text-now">
              {WAYS[need.way](need.tools.length)}
            </Link>
          )}
        </li>
      ))}
    </ul>
  );
}

const WAYS: Record<Tools['needs'][number]['way'], (n: number) => string> = {
  calibrate: () => 'Find out what it reads',
  send: (n) => (n === 1 ? 'Send it away' : 'Send them away'),
  ask: () => 'See who has what',
};

function wayOf(need: Tools['needs'][number]): string {
  const [first = ''] = need.tools;
  if (need.way === 'ask') return '/crib/table?show=out';
  return need.way === 'calibrate' ? `/crib/tools/${first}/calibrate` : `/crib/table?only=${encodeURIComponent(need.tools.join(','))}`;
}

/** The numbers at its beginning stand out of the sentence. */
function Said({ says, grave }: { says: string; grave: boolean }) {
  const numbers = /^(?:[A-Z0-9-]*\d,? (?:and )?)+/.exec(says)?.[0] ?? '';
  return (
    <p className="leading-snug">
      <b className={grave ? 'text-fault' : ''}>{numbers.replace(/ and $/, '')}</b>
      {says.slice(numbers.replace(/ and $/, '').length)}
    </p>
  );
}

function Foot({ by, onBy, tools }: { by: 'place' | 'kind'; onBy: (by: 'place' | 'kind') => void; tools: ToolOnBoard[] }) {
  const calendar = useCalendarAddress();
  return (
    <div className="no-print mt-3 flex items-center gap-6 text-[15px]">
      <p className="grow text-soft">A tag is with somebody. A slip is away. A chain is out of use. A dashed date is due.</p>
      <button type="button" className="quiet underline decoration-hair underline-offset-4" onClick={() => onBy(by === 'kind' ? 'place' : 'kind')}>
        {by === 'kind' ? 'By drawer' : 'By kind'}
      </button>
      <a className="quiet" href={labelsOf(tools.map((t) => t.code))} target="_blank" rel="noreferrer">
        Print labels
      </a>
      {calendar.data !== undefined && (
        <a className="quiet" href={calendar.data.path}>
          Due dates as a calendar
        </a>
      )}
    </div>
  );
}
