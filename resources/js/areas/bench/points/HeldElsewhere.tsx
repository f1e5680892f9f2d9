import { useZone } from '@/api/session';
import type { BenchView } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { BigKey } from '../BigKey';
import { takeOver } from '../queries';
import { QUIET_MS, usePadKeys } from '../usePadKeys';
import { useNow } from '../useTicking';
import { useObserve } from '../useRun';
import { LeftWords } from './LeftWords';
import { Point, type PointProps, ToHook } from './Point';

/** The run is open at another bench or in other hands: it is seen here as it goes on, and both look at the metal before one takes it over. */
export function HeldElsewhere({ bench, sheet, view }: PointProps) {
  const observe = useObserve(bench);
  // Whoever has just looked at what was left need not be asked to look again.
  const goOn = () => (view.parked ? void observe({ type: 'resumed', after_idle: false }) : undefined);
  const onTakeOver = () => bench.command.mutate(takeOver, { onSuccess: goOn });
  usePadKeys({ Enter: bench.command.isPending ? undefined : onTakeOver }, QUIET_MS);
  const { device_name: device, person_name: person } = sheet.holder;
  return (
    <Point bench={bench} sheet={sheet} view={view} title={`Open at ${device ?? 'another bench'} with ${person ?? 'somebody'}`} error={bench.command.error}>
      <LeftWords left={bench.left} />
      <p className="text-2xl font-semibold">{nowOf(view)}</p>
      <Heard at={sheet.holder.heard_at} device={device ?? 'The other bench'} />
      <p className="mt-4 text-2xl">
        {view.done} of {view.all} steps are done; the metal must show these marks. Look before you go on.
      </p>
      <p className="mt-2 text-lg text-soft">What the other bench still sends is kept, and set aside where it does not fit; whoever sent it is told.</p>
      <BigKey look="main" cap="Enter" className="mt-6 w-fit" disabled={bench.command.isPending} onClick={onTakeOver}>
        Go on here
      </BigKey>
      <ToHook />
    </Point>
  );
}

/** What is done there now. */
function nowOf({ call, parked }: BenchView): string {
  if (parked) return 'It was left.';
  if (call.stop) return `${call.title}: ${call.stop.word.toLowerCase()}, and not put right yet.`;
  return call.sum === undefined ? `Now: ${call.title}.` : `Now: ${call.title}, ${call.sum}° of ${call.scale?.digits ?? ''}°.`;
}

const LONG_MIN = 10;

/** How old its last word is: what was done there since is not known here. */
function Heard({ at, device }: { at: string | null; device: string }) {
  const zone = useZone();
  const now = useNow(at !== null);
  if (at === null) return <p className="text-xl">{device} has sent nothing yet.</p>;
  const minutes = Math.max(0, Math.floor((now.day - new Date(at).getTime()) / 60_000));
  const ago = minutes === 0 ? 'less than a minute ago' : minutes < 120 ? `${String(minutes)} min ago` : dayAndTime(at, zone);
  return (
    <p className={`text-xl ${minutes >= LONG_MIN ? 'font-semibold text-fault' : ''}`}>
      {device} was last heard {ago}.{minutes >= LONG_MIN && ' What was done there since is not known here.'}
    </p>
  );
}
