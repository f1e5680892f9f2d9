import type { BenchView, RunSheet } from '@/api/types';
import { isSentence, whereOf } from './words';

type Props = { sheet: RunSheet; view: BenchView; call: BenchView['call'] };

/** More letters than this are set smaller, so that none is cut off. */
const LOT = 190;

/**
 * What to do now: at which bolt, the number to reach on the tool's own scale, and how. Of a card it is asked what stands on it:
 * the number that it should be would be typed for the one that is there.
 */
export function CallHead({ sheet, view, call }: Props) {
  const where = whereOf(sheet, call.position);
  const digits = digitsOf(call);
  const lot = call.says.join(' ').length > LOT;
  return (
    <>
      <h1 className={`text-[46px] leading-[1.05] portrait:text-[40px] ${call.mismatch === true ? 'border-l-[14px] border-fault pl-4 text-fault' : ''}`}>
        {call.title} {where !== '' && <span className="block text-2xl leading-snug font-normal portrait:inline">{where}</span>}
      </h1>
      <div className="flex min-h-0 grow flex-col justify-center portrait:flex-row portrait:items-center portrait:justify-start portrait:gap-10">
        {digits !== null && view.card !== null && <p className="text-[56px] leading-tight font-semibold portrait:text-[40px]">What stands in its box?</p>}
        {digits !== null && view.card === null && (
          <BigNumber
            digits={digits}
            prefix={call.kind === 'turn' ? '+' : ''}
            unit={call.scale?.unit.symbol ?? ''}
            less={call.sum !== undefined || call.says.length > 4}
            lines={call.says.length}
          />
        )}
        <div className="min-h-0 overflow-hidden">
          {call.kind === 'turn' && call.sum !== undefined && <Sum call={call} />}
          {(digits !== null && view.card !== null ? [] : call.says).map((text, i) => (
            <p
              key={text}
              className={isSentence(text) || i === 0 ? (lot ? 'text-lg leading-tight' : 'text-[21px] leading-snug') : 'text-lg leading-tight text-soft'}
            >
              {text}
            </p>
          ))}
        </div>
      </div>
      <Last view={view} />
    </>
  );
}

/** The number to reach; where there are limits only, those. */
function digitsOf({ scale, kind }: BenchView['call']): string | null {
  if (!scale || kind === 'check' || kind === 'tool') return null;
  if (scale.digits !== undefined) return scale.digits;
  return scale.low !== undefined && scale.high !== undefined ? `${scale.low}–${scale.high}` : (scale.high ?? scale.low ?? null);
}

type NumberProps = { digits: string; prefix?: string; unit: string; less?: boolean; lines?: number };

/** As large as its digits, and the lines below it, leave room for: read at three metres. */
export function BigNumber({ digits, prefix = '', unit, less = false, lines = 0 }: NumberProps) {
  const text = prefix + digits + (unit === '°' ? unit : '');
  // On a low screen three lines and a word of what is wrong need the room that the number would take.
  const low = lines > 2 ? 'landscape:[@media(max-height:790px)]:text-[18vh]' : '';
  const size =
    text.length > 8
      ? 'text-[min(4.1rem,9vh)] whitespace-nowrap portrait:text-[5vh]'
      : less
        ? 'text-[min(8.6rem,15vh,10.4vw)] portrait:text-[9vh]'
        : text.length <= 4
          ? `text-[min(12.4rem,23vh)] portrait:text-[12vh] ${low}`
          : text.length <= 6
            ? 'text-[min(9.5rem,19vh)] portrait:text-[10vh]'
            : 'text-[min(6.6rem,14vh)] portrait:text-[8vh]';
  return (
    <p className="flex items-center leading-none font-bold tracking-tight" aria-label={`Reach ${digits} ${unit}`}>
      <span className={`${size} [font-stretch:74%]`}>{text}</span>
      {unit !== '°' && <span className={`ml-3 self-end font-semibold ${text.length > 8 ? 'pb-1 text-[32px]' : 'pb-[0.6em] text-[42px]'}`}>{unit}</span>}
    </p>
  );
}

/** What its strokes have so far, and what is still to go. */
function Sum({ call }: { call: BenchView['call'] }) {
  const [sum, target] = [Number(call.sum ?? '0'), Number(call.scale?.digits ?? '0')];
  return (
    <p className="mb-2 flex items-baseline gap-3">
      <span className="text-[48px] leading-none font-bold">{call.sum}°</span>
      <span className="text-2xl">
        done, <b>{String(Math.max(0, Math.round((target - sum) * 10) / 10))}° to go</b>
      </span>
    </p>
  );
}

/** What was taken last stays in sight. */
function Last({ view }: { view: BenchView }) {
  const { last } = view;
  if (!last) return null;
  return (
    <p className="truncate pt-2 text-lg" role="note">
      <b>{last.title}</b>: {last.value === null ? last.word : `${last.value}, ${last.word}`}
    </p>
  );
}
