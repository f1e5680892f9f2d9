import { scaleLinear, scaleTime } from 'd3-scale';
import type { ToolDrift } from '@/api/types';
import { calendarDay, signed } from '@/lib/typeset';

type Point = ToolDrift['points'][number];
type Scale = (value: number) => number;

const [WIDTH, HEIGHT, LEFT, RIGHT, TOP] = [800, 128, 66, 120, 14];

/** Each point of a tool over time, on one axis: as found full, as left hollow, its band ahead, and the day on which that meets the limit. */
export function DriftPlot({ drift }: { drift: ToolDrift }) {
  const days = drift.points.flatMap((p) => [...p.values.map((v) => time(v.on)), ...p.band.map((b) => time(b.on))]);
  const x = scaleTime([Math.min(...days, time(drift.today)), Math.max(...days, time(drift.today) + 30 * 864e5)], [LEFT + 14, WIDTH - RIGHT]);
  return (
    <figure>
      <figcaption>
        <h2 className="text-lg">{sentence(drift)}</h2>
        <p className="text-[15px] text-soft">
          mean deviation, {drift.measure === '%' ? '% of the reading' : drift.measure}, with its uncertainty; hollow is as left; the band holds 19 of 20
          expected readings
        </p>
      </figcaption>
      {drift.points.map((point, i) => (
        <Strip key={point.words} point={point} drift={drift} x={(d) => x(d)} today={i === 0} />
      ))}
      <svg viewBox={`0 0 ${String(WIDTH)} 24`} className="block w-full" aria-hidden="true">
        <path d={`M${String(LEFT)} 1 H${String(WIDTH - RIGHT)}`} stroke="var(--ink)" />
        {x.ticks(6).map((t) => (
          <g key={t.getTime()}>
            <path d={`M${String(x(t))} 1 v5`} stroke="var(--ink)" />
            <text x={x(t)} y={19} textAnchor="middle" fontSize={12} fill="var(--ink-soft)">
              {month(t)}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}

function time(date: string): number {
  return new Date(`${date}T00:00:00Z`).getTime();
}

function month(t: Date): string {
  return new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(t);
}

/** Which point moves most, and where to. */
function sentence(drift: ToolDrift): string {
  const moving = drift.points.filter((p) => p.per_year !== null);
  const most = moving.reduce<Point | null>((m, p) => (m === null || Math.abs(p.per_year ?? 0) > Math.abs(m.per_year ?? 0) ? p : m), null);
  if (most === null) return 'Too few calibrations to see where it is going';
  const rate = Math.abs(most.per_year ?? 0);
  if (rate < drift.limit / 20) return 'It stays where it is';
  const [less, more] =
    drift.measure === '%' ? ['It gives less every year', 'It gives more every year'] : ['It shows more every year', 'It shows less every year'];
  return `${(most.per_year ?? 0) > 0 ? less : more}, most at ${most.words}`;
}

type StripProps = { point: Point; drift: ToolDrift; x: Scale; today: boolean };

function Strip({ point, drift, x, today }: StripProps) {
  const beyond = 1.35 * drift.limit;
  const y = scaleLinear([-beyond, beyond], [HEIGHT - TOP, TOP]);
  const at = (v: number) => y(Math.max(-beyond, Math.min(beyond, v)));
  const limit = `${String(drift.limit)}${drift.measure === '%' ? ' %' : ''}`;
  const now = x(time(drift.today));
  return (
    <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} className="block w-full" role="img" aria-label={told(point, drift)}>
      <rect x={LEFT} y={y(drift.limit)} width={WIDTH - RIGHT - LEFT} height={y(-drift.limit) - y(drift.limit)} fill="var(--casting)" />
      {[drift.limit, 0, -drift.limit].map((v) => (
        <g key={v}>
          <path
            d={`M${String(LEFT)} ${String(y(v))} H${String(WIDTH - RIGHT)}`}
            stroke={v === 0 ? 'var(--casting-edge)' : 'var(--ink)'}
            strokeWidth={v === 0 ? 1 : 1.6}
          />
          <text x={LEFT - 8} y={y(v) + 4} textAnchor="end" fontSize={12} fill="var(--ink-soft)">
            {v === 0 ? '0' : `${v > 0 ? '+' : '\u2212'}${limit}`}
          </text>
        </g>
      ))}
      <Band point={point} x={x} y={at} />
      <Course point={point} x={x} y={at} />
      <path d={`M${String(now)} 4 V${String(HEIGHT - 4)}`} stroke="var(--now)" strokeWidth={1.5} />
      {today && (
        <text x={now + 5} y={HEIGHT - 6} fontSize={12} fill="var(--now)">
          today
        </text>
      )}
      <Meets point={point} x={x} y={at} limit={drift.limit} />
      <text x={WIDTH - RIGHT + 10} y={y(0)} fontSize={14} fontWeight={650} fill="var(--ink)">
        {point.words}
      </text>
      <text x={WIDTH - RIGHT + 10} y={y(0) + 17} fontSize={12} fill="var(--ink-soft)">
        {point.per_year === null ? '' : `${signed(point.per_year, drift.decimals)} a year`}
      </text>
    </svg>
  );
}

function told(point: Point, drift: ToolDrift): string {
  const last = point.values[point.values.length - 1];
  return `${point.words}: ${String(point.values.length)} values, the last ${signed(last?.mean ?? 0, drift.decimals)} ${drift.measure}${point.meets === null ? '' : `; its band meets the limit on ${calendarDay(point.meets)}`}`;
}

function Band({ point, x, y }: { point: Point; x: Scale; y: Scale }) {
  if (point.band.length === 0) return null;
  const path = (pairs: [number, number][]) => pairs.map(([a, b]) => `${a.toFixed(1)},${b.toFixed(1)}`).join(' ');
  const up = point.band.map((b): [number, number] => [x(time(b.on)), y(b.high)]);
  const down = [...point.band].reverse().map((b): [number, number] => [x(time(b.on)), y(b.low)]);
  return (
    <>
      <polygon points={path([...up, ...down])} fill="var(--casting-edge)" opacity={0.45} />
      <polyline points={path(point.band.map((b) => [x(time(b.on)), y(b.mid)]))} fill="none" stroke="var(--ink)" strokeWidth={1.3} strokeDasharray="5 4" />
    </>
  );
}

function Course({ point, x, y }: { point: Point; x: Scale; y: Scale }) {
  return (
    <>
      {point.values.map((v, i) => {
        const next = point.values[i + 1];
        const adjusted = next?.when === 'left' && next.on === v.on;
        return next === undefined ? null : (
          <path
            key={`line${String(i)}`}
            d={`M${String(x(time(v.on)))} ${String(y(v.mean))} L${String(x(time(next.on)))} ${String(y(next.mean))}`}
            stroke="var(--ink)"
            strokeWidth={1.1}
            {...(adjusted ? { strokeDasharray: '2 3' } : {})}
          />
        );
      })}
      {point.values.map((v, i) => (
        <g key={i}>
          <path d={`M${String(x(time(v.on)))} ${String(y(v.mean - v.expanded))} V${String(y(v.mean + v.expanded))}`} stroke="var(--ink)" strokeWidth={1.3} />
          <circle
            cx={x(time(v.on))}
            cy={y(v.mean)}
            r={4.2}
            fill={v.when === 'left' ? 'var(--sheet)' : v.good ? 'var(--ink)' : 'var(--fault)'}
            stroke={v.good ? 'var(--ink)' : 'var(--fault)'}
            strokeWidth={1.4}
          />
          {!v.good && <circle cx={x(time(v.on))} cy={y(v.mean)} r={8.5} fill="none" stroke="var(--fault)" strokeWidth={1.6} strokeDasharray="4 3" />}
        </g>
      ))}
    </>
  );
}

function Meets({ point, x, y, limit }: { point: Point; x: Scale; y: Scale; limit: number }) {
  if (point.meets === null) return null;
  const at = x(time(point.meets));
  if (at > WIDTH - RIGHT) return null;
  const up = (point.per_year ?? 0) >= 0;
  return (
    <g>
      <path d={`M${String(at)} ${String(y(up ? limit : -limit))} V${String(y(0) + (up ? 30 : -30))}`} stroke="var(--ink)" />
      <circle cx={at} cy={y(up ? limit : -limit)} r={7} fill="none" stroke="var(--fault)" strokeWidth={1.6} strokeDasharray="4 3" />
      <text x={at + 6} y={y(0) + (up ? 32 : -24)} fontSize={12.5} fontWeight={650} fill="var(--fault)">
        {calendarDay(point.meets)}
      </text>
    </g>
  );
}
