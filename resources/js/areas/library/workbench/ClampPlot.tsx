import type { JointEstimate } from '@/api/types';
import { Plot, points } from '@/ui/Plot';

type Point = JointEstimate['curve'][number];

/** Clamp over the torque and then over the angle, from lowest to highest friction, with proof load and yield as limits. */
export function ClampPlot({ estimate }: { estimate: JointEstimate }) {
  const angle = estimate.curve.filter((p) => p.phase === 'angle');
  return (
    <div className={`grid ${angle.length > 0 ? 'grid-cols-2' : 'max-w-xl grid-cols-1'}`}>
      <Phase points={estimate.curve.filter((p) => p.phase === 'torque')} label="torque, N·m" estimate={estimate} />
      {angle.length > 0 && <Phase points={angle} label="angle after it, °" estimate={estimate} />}
    </div>
  );
}

function Phase({ points: curve, label, estimate }: { points: Point[]; label: string; estimate: JointEstimate }) {
  const limits = [
    { kn: estimate.proof_kn, name: 'proof load' },
    { kn: estimate.yield_kn, name: 'yield' },
  ].filter((l): l is { kn: number; name: string } => l.kn !== null);
  const all = estimate.curve.flatMap((p) => [p.low, p.nominal, p.high]).filter((v) => v !== null);
  const line = (of: (p: Point) => number | null): [number, number][] =>
    curve.flatMap((p) => {
      const kn = of(p);
      return kn === null ? [] : [[p.at, kn] as [number, number]];
    });
  return (
    <Plot
      x={{ label, values: curve.map((p) => p.at), fromZero: true }}
      y={{ label: 'clamp load, kN', values: [...all, ...limits.map((l) => l.kn)], fromZero: true }}
      label={`Clamp load over the ${label}`}
      width={430}
    >
      {(x, y) => (
        <>
          <polygon points={points([...line((p) => p.low), ...line((p) => p.high).reverse()], x, y)} fill="var(--casting)" stroke="var(--casting-edge)" />
          <polyline
            points={points(
              line((p) => p.nominal),
              x,
              y,
            )}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2.2}
          />
          {limits.map((l) => (
            <Limit key={l.name} y={y(l.kn)} text={`${l.name} ${l.kn.toFixed(1)}`} />
          ))}
        </>
      )}
    </Plot>
  );
}

function Limit({ y, text }: { y: number; text: string }) {
  return (
    <g>
      <line x1={52} x2={416} y1={y} y2={y} stroke="var(--ink)" strokeDasharray="7 3" />
      <text x={414} y={y - 5} textAnchor="end" fontSize={12} fill="var(--ink)">
        {text}
      </text>
    </g>
  );
}
