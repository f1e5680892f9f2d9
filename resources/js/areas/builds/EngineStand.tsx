import { Link } from 'react-router';
import type { Stand } from '@/api/types';
import type { Sketch } from '@/lib/drawing';
import { count, shortDay } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { Bar } from './Bars';

type Props = { stand: Stand; map: Sketch | null };

/** An engine that needs a hand: its joint large, and why. */
export function LargeStand({ stand, map }: Props) {
  return (
    <Link to={`/builds/${stand.id}`} aria-label={spoken(stand)} className="group flex flex-col">
      <span className="flex h-20 items-end">
        {map ? (
          <JointMap sketch={map} marks={stand.hand?.marks ?? []} detail="small" label={handOf(stand)} />
        ) : (
          <span className="h-full w-full rounded border border-dashed border-ink" role="img" aria-label={handOf(stand)} />
        )}
      </span>
      <span className="wide mt-2 text-[17px] font-bold group-hover:underline group-hover:underline-offset-4">{stand.title}</span>
      <span className="font-semibold text-fault">{first(stand.says)}</span>
      <span className="text-[15px] text-soft">{[stand.hand?.name, stand.hand?.hardware, stand.family].filter(Boolean).join(', ')}</span>
      <Due stand={stand} />
    </Link>
  );
}

/** One engine in its row: joints as bars, the one in hand drawn, on its stand. */
export function SmallStand({ stand, map }: Props) {
  return (
    <Link to={`/builds/${stand.id}`} aria-label={spoken(stand)} className="group flex min-w-0 flex-col">
      <span className="flex h-8 items-end gap-[3px]">
        {stand.joints.map((joint, i) =>
          joint.as === 'in_hand' && map !== null ? (
            <span key={i} className="block h-8 w-[4.6rem] min-w-6">
              <JointMap sketch={map} marks={stand.hand?.marks ?? []} detail="small" label={handOf(stand)} />
            </span>
          ) : (
            <Bar key={i} name={joint.name} as={joint.as} />
          ),
        )}
      </span>
      <span className="mt-0.5 block h-1.5 w-24 border-x border-t border-metal-edge" aria-hidden="true" />
      <span className="wide text-[14px] leading-tight font-bold whitespace-nowrap group-hover:underline group-hover:underline-offset-4">{stand.serial}</span>
      <span className="text-[13px] leading-tight text-soft">{life(stand) + stand.says}</span>
      <Due stand={stand} />
    </Link>
  );
}

/** Said of what is late only: a day that has not come is no news on a stand. */
function Due({ stand }: { stand: Stand }) {
  if (!stand.late || stand.due_on === null) return null;
  return <span className="text-[13px] leading-tight font-semibold text-fault">due {shortDay(stand.due_on)}</span>;
}

/** Which of its lives it is, from the second on; of a head or a short block, what it is. */
function life({ title, serial }: Stand): string {
  if (title === serial) return '';
  return `${title.startsWith(serial) ? title.slice(serial.length + 2) : title.slice(0, -serial.length - 1)}; `;
}

/** What the picture says, for whoever hears it. */
function spoken(stand: Stand): string {
  const done = stand.joints.filter((joint) => joint.as === 'done').length;
  return `${stand.title}, ${stand.says}; ${String(done)} of ${count(stand.joints.length, 'joint')} done${stand.late ? ', late' : ''}`;
}

const handOf = ({ hand, title }: Stand) => (hand ? `${hand.name}${hand.hardware === null ? '' : `, ${hand.hardware},`} of ${title}` : title);
const first = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
