import { scaleLinear } from 'd3-scale';
import type { CaseJoint } from '@/api/types';

type Result = CaseJoint['results'][number];

const [W, H, PAD] = [320, 64, 14];
/** Where names stand before marks. */
const NAMED_PAD = 40;
const ROWS = 3;

/** Each result between its limits: hollow as it was believed, full as it is judged now. In clamp load where there is an estimate, else as it was measured. */
export function CasePlot({ joint }: { joint: CaseJoint }) {
  // The stage that was lost most of stands for the joint; others are told in words.
  const stage = [...joint.results].sort((a, b) => Math.abs(b.loss ?? 0) - Math.abs(a.loss ?? 0))[0]?.stage;
  const results = joint.results.filter((r) => r.stage === stage && (r.true !== null || r.clamp !== null));
  if (results.length === 0) return <p className="text-soft">Nothing was read that could be judged again.</p>;
  const clamp = results.every((r) => r.clamp !== null);
  const points = results.map((r) => pointOf(r, clamp));
  const unit = clamp ? 'kN' : (results[0]?.unit ?? '');
  const [low, high] = [points[0]?.low ?? null, points[0]?.high ?? null];
  const all = [...points.flatMap((p) => [p.before, p.now]), ...(low === null ? [] : [low]), ...(high === null ? [] : [high])];
  const spread = (Math.max(...all) - Math.min(...all)) * 0.06 || 1;
  const x = scaleLinear([Math.min(...all) - spread, Math.max(...all) + spread], [points.some((p) => p.verdict === 'out') ? NAMED_PAD : PAD, W - PAD]);
  return (
    <svg
      viewBox={`0 0 ${String(W)} ${String(H + 18)}`}
      className="block w-full overflow-visible"
      role="img"
      aria-label={`${joint.says} Limits ${shown(low)} to ${shown(high)} ${unit}.`}
    >
      <rect
        x={low === null ? PAD : x(low)}
        y={4}
        width={Math.max(0, (high === null ? W - PAD : x(high)) - (low === null ? PAD : x(low)))}
        height={H - 4}
        fill="var(--casting)"
      />
      <Limits low={low} high={high} unit={unit} x={x} />
      <path d={`M${String(PAD)} ${String(H)} H${String(W - PAD)}`} stroke="var(--casting-edge)" />
      {points.map((p, i) => (
        <OnePoint key={i} point={p} y={laneY(i)} x={x} />
      ))}
      {names(points, x).map((n) => (
        <text key={`${String(n.x)} ${String(n.y)}`} x={n.x - 11} y={n.y + 4} textAnchor="end" fontSize={12} fontWeight={650} fill="var(--fault)">
          {n.text}
        </text>
      ))}
    </svg>
  );
}

function Limits({ low, high, unit, x }: { low: number | null; high: number | null; unit: string; x: (v: number) => number }) {
  return [low, high].map((v, i) =>
    v === null ? null : (
      <g key={i}>
        <path d={`M${String(x(v))} 4 V${String(H)}`} stroke="var(--ink)" strokeWidth={1.6} />
        <text x={x(v)} y={H + 14} textAnchor="middle" fontSize={12} fill="var(--ink-soft)">
          {shown(v)} {i === 1 || high === null ? unit : ''}
        </text>
      </g>
    ),
  );
}

type PlotPoint = { before: number; now: number; low: number | null; high: number | null; verdict: Result['verdict']; doubt: number | null; position: string };

function pointOf(r: Result, clamp: boolean): PlotPoint {
  if (clamp && r.clamp !== null)
    return { before: r.clamp.believed, now: r.clamp.now, low: r.clamp.low, high: r.clamp.high, verdict: r.verdict, doubt: null, position: r.number };
  return { before: r.shown ?? r.true ?? 0, now: r.true ?? 0, low: r.low, high: r.high, verdict: r.verdict, doubt: r.doubt, position: r.number };
}

const laneY = (i: number) => 14 + (i % ROWS) * 17;

/** So near to each other, two marks of a lane have their names beside the first. */
const NEAR = 24;

/** The names of what lies outside, each lane from the left. */
function names(points: PlotPoint[], x: (v: number) => number): { x: number; y: number; text: string }[] {
  const out = points
    .map((p, i) => ({ x: x(p.now), y: laneY(i), text: p.position, out: p.verdict === 'out' }))
    .filter((p) => p.out)
    .sort((a, b) => a.y - b.y || a.x - b.x);
  const told: { x: number; y: number; text: string; until: number }[] = [];
  for (const p of out) {
    const last = told.at(-1);
    if (last?.y === p.y && p.x - last.until < NEAR) {
      last.text += `, ${p.text}`;
      last.until = p.x;
    } else told.push({ ...p, until: p.x });
  }
  return told;
}

function OnePoint({ point, y, x }: { point: PlotPoint; y: number; x: (v: number) => number }) {
  const ink = point.verdict === 'out' ? 'var(--fault)' : 'var(--ink)';
  return (
    <g>
      <path d={`M${String(x(point.before))} ${String(y)} H${String(x(point.now))}`} stroke={ink} strokeWidth={1.1} />
      <circle cx={x(point.before)} cy={y} r={3.4} fill="var(--paper)" stroke="var(--metal-edge)" strokeWidth={1.2} />
      <circle cx={x(point.now)} cy={y} r={4} fill={ink} />
      {point.verdict === 'out' && <circle cx={x(point.now)} cy={y} r={7.5} fill="none" stroke={ink} strokeWidth={1.5} strokeDasharray="4 2.6" />}
      {point.verdict === 'in_doubt' && <path d={`M${String(x(point.now) - 8)} ${String(y + 7)} h16`} stroke={ink} strokeWidth={1.8} strokeDasharray="4 2.4" />}
    </g>
  );
}

function shown(v: number | null): string {
  return v === null ? '' : String(Number(v.toPrecision(4)));
}
