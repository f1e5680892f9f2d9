import type { BenchView, RunSheet } from '@/api/types';
import { useNow, useTicking } from '../useTicking';
import { clockFace } from '../words';
import { CheckAxis } from './CheckAxis';
import { NextStroke } from './NextStroke';
import { ScaleRuler } from './ScaleRuler';
import { StretchDial } from './StretchDial';
import { TurnRing } from './TurnRing';

type Props = { sheet: RunSheet; view: BenchView; call: BenchView['call']; text: string };

/** The picture that belongs to the call, below the joint: where people would rather look than read. */
export function CallPicture({ sheet, view, call, text }: Props) {
  const { scale } = call;
  switch (call.kind) {
    case 'turn':
      return scale ? <TurnRing scale={scale} sum={Number(call.sum ?? '0')} next={Number(text.replace(',', '.')) || 0} /> : null;
    case 'stretch':
      // While bolts are paired by their lengths, the joint wants the room.
      return scale && !call.pairs ? <StretchDial scale={scale} never={call.never} text={call.fields[0]?.scale?.digits === undefined ? '' : text} /> : null;
    case 'set':
      return scale?.digits === undefined ? null : <ScaleRuler scale={scale} />;
    case 'check':
      return scale && (scale.low !== undefined || scale.high !== undefined) ? <CheckAxis scale={scale} before={call.before} text={text} /> : null;
    case 'settle':
      return <Countdown call={call} />;
    case 'read':
    case 'click':
    case 'verify':
      return <NextStroke sheet={sheet} view={view} call={call} />;
    default:
      return null;
  }
}

/** The time that has to pass, in digits that are read from across the shop. */
function Countdown({ call }: { call: BenchView['call'] }) {
  const left = useTicking(call);
  useNow(true);
  const clock = clockFace(left);
  return (
    <p className="text-center text-[min(9rem,20vh)] leading-none font-bold [font-stretch:80%]" role="timer" aria-label={`${clock} to go`}>
      {clock}
    </p>
  );
}
