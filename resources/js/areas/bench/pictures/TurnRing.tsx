import type { Scale } from '@/api/types';
import { arc, onCircle } from './polar';

type Props = { scale: Scale; sum: number; next: number };

const [X, Y, R] = [150, 108, 58];

/** The head as it turns: where its line was drawn, where it points now, where it must point; the limits inked across the ring. */
export function TurnRing({ scale, sum, next }: Props) {
  const target = Number(scale.digits ?? '0');
  const [low, high] = [Number(scale.least ?? target), Number(scale.most ?? target)];
  const reach = Math.min(sum + next, 359);
  const most = Math.min(Math.max(high, reach) + 8, 359);
  return (
    <div className="flex min-h-0 items-center gap-6 max-xl:gap-3 portrait:h-full">
      <svg
        viewBox="0 0 300 216"
        className="h-[min(12.5rem,24vh)] min-h-0 shrink-0 max-xl:h-[18vh] portrait:h-full portrait:w-full"
        role="img"
        aria-label={`${String(sum)}° of ${String(target)}° done`}
      >
        <circle cx={X} cy={Y} r={R} fill="none" stroke="var(--metal-edge)" strokeWidth={2.4} />
        <circle cx={X} cy={Y} r={R - 13} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} />
        <path d={arc(X, Y, R + 16, 0, most)} fill="none" stroke="var(--ink)" strokeWidth={1} />
        {ticks(most).map((at) => (
          <Tick key={at} at={at} />
        ))}
        {sum > 0 && <path d={arc(X, Y, R + 10, 0, Math.min(sum, 359))} fill="none" stroke="var(--paint)" strokeWidth={9} />}
        {next > 0 && <path d={arc(X, Y, R + 10, sum, reach)} fill="none" stroke="var(--paint)" strokeWidth={9} strokeOpacity={0.45} />}
        {[low, high].map((limit) => (
          <Limit key={limit} at={limit} text={`${String(limit)}°`} />
        ))}
        <Line at={0} short />
        <Line at={sum} />
        <Line at={target} hollow />
      </svg>
      <ul className="flex flex-col gap-3 max-xl:gap-2 portrait:hidden text-lg max-xl:text-base leading-tight">
        <Said look="short" head="the line drawn before" text="head and seat, to the front" />
        <Said look="now" head="where it points now" text={sum > 0 ? `${String(sum)}° in all` : 'not turned yet'} />
        <Said look="must" head="where it must point" text={`${String(target)}°, then paint it on`} />
      </ul>
    </div>
  );
}

const ticks = (most: number) => Array.from({ length: Math.floor(most / 10) + 1 }, (_, i) => i * 10);

function Tick({ at }: { at: number }) {
  const long = at % 30 === 0;
  const [a, b, t] = [onCircle(X, Y, R + 16, at), onCircle(X, Y, R + (long ? 24 : 20), at), onCircle(X, Y, R + 34, at)];
  return (
    <>
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="var(--ink)" strokeWidth={1} />
      {long && at > 0 && (
        <text x={t.x} y={t.y + 3.5} textAnchor="middle" fontSize={10} fill="var(--ink-soft)">
          {at}°
        </text>
      )}
    </>
  );
}

/** An inked bracket across the ring. */
function Limit({ at, text }: { at: number; text: string }) {
  const [a, b] = [onCircle(X, Y, R + 4, at), onCircle(X, Y, R + 30, at)];
  return <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="var(--ink)" strokeWidth={3.2} aria-label={text} />;
}

/** A stroke of paint on the head; hollow where it is still to be. A thin dark edge keeps it in sight in grey. */
function Line({ at, hollow = false, short = false }: { at: number; hollow?: boolean; short?: boolean }) {
  const [a, b] = [onCircle(X, Y, short ? R - 2 : R - 44, at), onCircle(X, Y, short ? R + 20 : R - 4, at)];
  return (
    <>
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="var(--paint-ink)" strokeWidth={11} strokeLinecap="round" />
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke={hollow ? 'var(--sheet)' : 'var(--paint)'} strokeWidth={8} strokeLinecap="round" />
    </>
  );
}

const SWATCH = { short: [4, 16, 38, 16], now: [8, 8, 34, 24], must: [21, 2, 21, 30] } as const;

function Said({ look, head, text }: { look: keyof typeof SWATCH; head: string; text: string }) {
  const [x1, y1, x2, y2] = SWATCH[look];
  return (
    <li className="flex items-center gap-3">
      <svg viewBox="0 0 42 32" className="h-8 w-11 shrink-0" aria-hidden="true">
        <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--paint-ink)" strokeWidth={9} strokeLinecap="round" />
        <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={look === 'must' ? 'var(--sheet)' : 'var(--paint)'} strokeWidth={6.4} strokeLinecap="round" />
      </svg>
      <span>
        <b>{head}</b>
        <br />
        <span className="text-base text-soft">{text}</span>
      </span>
    </li>
  );
}
