import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf, api } from '@/api/client';
import { useZone } from '@/api/session';
import type { Need } from '@/api/types';
import { count, dayInWords } from '@/lib/typeset';
import { ButtonLink } from '@/ui/ButtonLink';
import { JointMap } from '@/ui/JointMap';
import { Loaded } from '@/ui/states';

const TODAY_MS = 30_000;
type Urgency = Need['urgency'];

const KINDS: { key: Urgency; beside: [string, string] }[] = [
  { key: 'stands_still', beside: ['Standing', 'still now'] },
  { key: 'in_doubt', beside: ['In doubt', 'until decided'] },
  { key: 'next', beside: ['Next to', 'stand still'] },
  { key: 'can_wait', beside: ['Nothing holds', 'it any more'] },
];
/** So many of a kind are shown at once; what is pressing is never folded away. */
const AT_ONCE = 5;

/** The first page: what waits for whoever is signed in, by what holds an engine up, each with the one thing to do about it. */
export function Today() {
  const query = useQuery({ queryKey: ['today'], queryFn: () => answerOf(api.GET('/today')), refetchInterval: TODAY_MS });
  const zone = useZone();
  return (
    <main className="px-7 py-5">
      <Loaded query={query}>
        {({ now, needs }) => (
          <>
            <div className="flex flex-wrap items-baseline gap-x-6 border-b border-line pb-2.5">
              <h1 className="text-2xl">{dayInWords(now, zone)}</h1>
              <p className="text-lg">{sentence(needs)}</p>
            </div>
            {KINDS.map((kind) => (
              <Kind key={kind.key} beside={kind.beside} needs={needs.filter((n) => n.urgency === kind.key)} page={needs} fold={kind.key !== 'stands_still'} />
            ))}
          </>
        )}
      </Loaded>
    </main>
  );
}

function sentence(needs: Need[]): string {
  const still = needs.filter((n) => n.urgency === 'stands_still').length;
  if (needs.length === 0) return 'Nothing waits for you.';
  if (still === 0) return `Nothing stands still. ${count(needs.length, 'thing waits', 'things wait')} for you.`;
  return still === 1 ? 'One thing stands still and waits for you.' : `${String(still)} things stand still and wait for you.`;
}

type KindProps = { beside: [string, string]; needs: Need[]; page: Need[]; fold: boolean };

function Kind({ beside, needs, page, fold }: KindProps) {
  const [all, setAll] = useState(false);
  if (needs.length === 0) return null;
  const shown = fold && !all ? needs.slice(0, AT_ONCE) : needs;
  return (
    <section aria-label={beside.join(' ')} className="grid border-b border-line md:grid-cols-[7.4rem_minmax(0,1fr)] max-md:pt-2">
      <h2 className="py-4 text-[15px] leading-[1.15rem] font-normal text-soft">
        {beside[0]}
        <br />
        {beside[1]}
      </h2>
      <ul>
        {shown.map((need) => (
          <Line key={need.title + need.link} need={need} main={need === page[0]} metal={page.some((n) => n.joint !== null)} />
        ))}
        {shown.length < needs.length && (
          <li className="py-3">
            <button type="button" className="underline decoration-hair underline-offset-4" onClick={() => setAll(true)}>
              Show {needs.length - shown.length} more
            </button>
          </li>
        )}
      </ul>
    </section>
  );
}

/** Text begins at one place on the whole page, beside the metal where anything on it has some. */
function Line({ need, main, metal }: { need: Need; main: boolean; metal: boolean }) {
  return (
    <li
      className={`grid min-h-[76px] ${metal ? 'lg:grid-cols-[10.5rem_minmax(0,1fr)_auto]' : ''} grid-cols-[minmax(0,1fr)_auto] items-center gap-x-6 border-b border-hair py-2.5 last:border-b-0`}
    >
      {metal && (
        <div className="h-14 max-lg:hidden">
          {need.joint && <JointMap sketch={need.joint.map} marks={need.joint.marks} detail="small" label={`The joint: ${need.title}`} />}
        </div>
      )}
      <p>
        <b className="text-[17px] font-semibold">{need.title}</b>
        <span className="block text-[15px] text-soft">{need.why}</span>
      </p>
      <ButtonLink to={need.link} main={main} wide>
        {need.action}
      </ButtonLink>
    </li>
  );
}
