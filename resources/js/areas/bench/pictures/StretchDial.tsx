import type { Scale } from '@/api/types';
import { arc, onCircle } from './polar';

type Props = { scale: Scale; never: string | undefined; text: string };

const [X, Y, R] = [150, 104, 84];
/** The dial's face: from lower left round to lower right. */
const [FROM, TO] = [-45, 225];

/** The gauge's own dial: where the needle must come to rest, inked brackets at the limits, a double line where the bolt is scrap. */
export function StretchDial({ scale, never, text }: Props) {
  const [low, high] = [Number(scale.least ?? '0'), Number(scale.most ?? '0')];
  const full = Math.max(high, Number(never ?? '0')) * 1.18;
  const at = (value: number) => FROM + ((TO - FROM) * Math.min(value, full)) / full;
  const shown = Number(text.replace(',', '.')) || null;
  return (
    <div className="flex min-h-0 items-center gap-6 portrait:h-full">
      <svg
        viewBox="44 0 212 208"
        className="h-[min(13.5rem,26vh)] min-h-0 portrait:h-full portrait:w-full"
        role="img"
        aria-label={`Stretch from ${scale.low ?? ''} to ${scale.high ?? ''} ${scale.unit.symbol}`}
      >
        <circle cx={X} cy={Y} r={R + 12} fill="var(--sheet)" stroke="var(--metal-edge)" strokeWidth={3} />
        <path d={arc(X, Y, R, FROM, TO)} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
        {Array.from({ length: 11 }, (_, i) => (
          <Stroke key={i} at={FROM + ((TO - FROM) * i) / 10} from={R - (i % 5 === 0 ? 10 : 6)} to={R} width={1.2} />
        ))}
        <path d={arc(X, Y, R - 3, at(low), at(high))} fill="none" stroke="var(--casting-edge)" strokeWidth={9} />
        {[low, high].map((limit) => (
          <Stroke key={limit} at={at(limit)} from={R - 18} to={R + 6} width={3.4} />
        ))}
        {never !== undefined && (
          <>
            <Stroke at={at(Number(never)) - 1.2} from={R - 18} to={R + 8} width={2.4} colour="var(--fault)" />
            <Stroke at={at(Number(never)) + 1.2} from={R - 18} to={R + 8} width={2.4} colour="var(--fault)" />
          </>
        )}
        {shown !== null && <Stroke at={at(shown)} from={-14} to={R - 14} width={3} colour="var(--now)" />}
        <circle cx={X} cy={Y} r={5} fill="var(--ink)" />
      </svg>
      <Read scale={scale} never={never} />
    </div>
  );
}

/** The same in words. */
function Read({ scale, never }: Pick<Props, 'scale' | 'never'>) {
  return (
    <ul className="flex flex-col gap-3 text-lg leading-tight portrait:hidden">
      <li>
        <b>
          {scale.low}–{scale.high} {scale.unit.symbol}
        </b>{' '}
        between the brackets
      </li>
      {never !== undefined && (
        <li className="text-fault">
          <b>
            {never} {scale.unit.symbol}
          </b>
          , double line: beyond it the bolt is scrap
        </li>
      )}
    </ul>
  );
}

function Stroke({ at, from, to, width, colour = 'var(--ink)' }: { at: number; from: number; to: number; width: number; colour?: string }) {
  const [a, b] = [onCircle(X, Y, from, at), onCircle(X, Y, to, at)];
  return <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke={colour} strokeWidth={width} />;
}
