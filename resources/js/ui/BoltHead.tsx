import type { Fastener, Mark } from '@/lib/drawing';
import { headCorners, polygon, restingTurn, strokeOf } from './heads';

type Props = { id: string; x: number; y: number; fastener: Fastener | undefined; mark: Mark | undefined; scale: number; now: boolean; size: number };

/** A fastener as it looks from above, with the paint that is on it. Sizes in millimetres of the joint. */
export function BoltHead({ id, x, y, fastener, mark, scale, now, size }: Props) {
  const r = size * scale;
  const strokes = mark?.strokes ?? [];
  return (
    <g>
      <circle cx={x} cy={y} r={r * 1.32} fill={now ? 'var(--sheet)' : 'var(--paper)'} stroke="var(--metal-edge)" strokeWidth={r * 0.07} />
      <polygon
        points={polygon(x, y, r, headCorners(fastener?.head ?? 'hex'), restingTurn(id) + strokes.length * 41)}
        fill="var(--metal)"
        stroke="var(--metal-edge)"
        strokeWidth={r * 0.09}
        strokeLinejoin="round"
      />
      {strokes.map((evidence, i) => (
        <Stroke key={i} x={x} y={y} r={r} evidence={evidence} odd={i % 2 === 1} />
      ))}
      {Array.from({ length: Math.min(mark?.old ?? 0, 4) }, (_, i) => (
        <line
          key={i}
          x1={x + r * (1.3 + 0.42 * i)}
          y1={y - r * 0.8}
          x2={x + r * (1.9 + 0.42 * i)}
          y2={y - r * 1.6}
          stroke="var(--paint)"
          strokeWidth={r * 0.26}
          strokeLinecap="round"
        />
      ))}
      {mark?.fault != null && <FaultRing x={x} y={y} r={r} />}
    </g>
  );
}

type StrokeProps = { x: number; y: number; r: number; evidence: Mark['strokes'][number]; odd: boolean };

/** The paint of one round; the next one crosses it. */
function Stroke({ x, y, r, evidence, odd }: StrokeProps) {
  const { weight, dash } = strokeOf(evidence);
  const [dx, dy] = odd ? [0.98, 0.72] : [0.78, -0.98];
  return (
    <line
      x1={x - dx * r}
      y1={y - dy * r}
      x2={x + dx * r}
      y2={y + dy * r}
      stroke="var(--paint)"
      strokeWidth={weight * r}
      strokeLinecap="round"
      strokeDasharray={dash
        ?.split(' ')
        .map((part) => Number(part) * r)
        .join(' ')}
    />
  );
}

function FaultRing({ x, y, r }: { x: number; y: number; r: number }) {
  const dashes = `${String(r * 0.95)} ${String(r * 0.54)}`;
  return <circle cx={x} cy={y} r={r * 1.66} fill="none" stroke="var(--fault)" strokeWidth={r * 0.24} strokeDasharray={dashes} />;
}
