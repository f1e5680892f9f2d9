import type { Fastener, Mark } from '@/lib/drawing';
import { headCorners, polygon, restingTurn, strokeOf } from './heads';

type Props = {
  id: string;
  x: number;
  y: number;
  fastener: Fastener | undefined;
  mark: Mark | undefined;
  scale: number;
  now: boolean;
  size: number;
  /** The stroke to paint next is drawn hollow. */
  next?: boolean;
};

/** A fastener as it looks from above, with the paint that is on it. Sizes in millimetres of the joint. */
export function BoltHead({ id, x, y, fastener, mark, scale, now, size, next = false }: Props) {
  const r = size * scale;
  const strokes = mark?.strokes ?? [];
  const turned = mark?.line !== undefined || mark?.must !== undefined;
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
      {!turned && strokes.map((evidence, i) => <Stroke key={i} x={x} y={y} r={r} evidence={evidence} nth={i} />)}
      {next && <Stroke x={x} y={y} r={r} evidence="measured_value" nth={strokes.length} hollow />}
      {turned && <Turned x={x} y={y} r={r} mark={mark} />}
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
        >
          <title>an old stroke: it was done again here</title>
        </line>
      ))}
      {mark?.fault != null && <FaultRing x={x} y={y} r={r} />}
    </g>
  );
}

type StrokeProps = { x: number; y: number; r: number; evidence: Mark['strokes'][number]; nth: number; hollow?: boolean };

/** Each round's stroke crosses those before it; from the fifth on they lie over the first again. */
const WAYS = [
  [0.78, -0.98],
  [0.98, 0.72],
  [1.22, -0.12],
  [0.12, 1.22],
] as const;

/** The paint of one round; the next one crosses it. A thin dark edge keeps it in sight in grey; a thin one is drawn in that tone whole. */
function Stroke({ x, y, r, evidence, nth, hollow = false }: StrokeProps) {
  const { weight, dash } = strokeOf(evidence);
  const [dx, dy] = WAYS[nth % WAYS.length] ?? WAYS[0];
  const line = { x1: x - dx * r, y1: y - dy * r, x2: x + dx * r, y2: y + dy * r, strokeLinecap: 'round' as const };
  const dashes = dash
    ?.split(' ')
    .map((part) => Number(part) * r)
    .join(' ');
  if (dash !== undefined || weight < 0.2) return <line {...line} stroke="var(--paint-ink)" strokeWidth={weight * r} strokeDasharray={dashes} />;
  return (
    <>
      <line {...line} stroke="var(--paint-ink)" strokeWidth={(weight + 0.1) * r} />
      <line {...line} stroke={hollow ? 'var(--sheet)' : 'var(--paint)'} strokeWidth={weight * r} />
    </>
  );
}

/** A line over head and seat: the short one stays where it was drawn, the long one has turned with the head, or must; 0° points left. */
function Turned({ x, y, r, mark }: { x: number; y: number; r: number; mark: Mark }) {
  return (
    <>
      <Ray x={x} y={y} r={r} from={1.36} to={1.86} at={0} />
      {mark.must !== undefined && <Ray x={x} y={y} r={r} from={0.45} to={1.86} at={Number(mark.must)} hollow />}
      {mark.line !== undefined && <Ray x={x} y={y} r={r} from={0.2} to={mark.must === undefined ? 1.86 : 1.2} at={Number(mark.line)} />}
      {mark.line === undefined && mark.must !== undefined && <Ray x={x} y={y} r={r} from={0.2} to={1.2} at={0} />}
    </>
  );
}

function Ray({ x, y, r, from, to, at, hollow = false }: { x: number; y: number; r: number; from: number; to: number; at: number; hollow?: boolean }) {
  const angle = ((at + 180) * Math.PI) / 180;
  const line = {
    x1: x + from * r * Math.cos(angle),
    y1: y + from * r * Math.sin(angle),
    x2: x + to * r * Math.cos(angle),
    y2: y + to * r * Math.sin(angle),
    strokeLinecap: 'round' as const,
  };
  return (
    <>
      <line {...line} stroke="var(--paint-ink)" strokeWidth={0.36 * r} />
      <line {...line} stroke={hollow ? 'var(--sheet)' : 'var(--paint)'} strokeWidth={0.24 * r} />
    </>
  );
}

function FaultRing({ x, y, r }: { x: number; y: number; r: number }) {
  const dashes = `${String(r * 0.95)} ${String(r * 0.54)}`;
  return <circle cx={x} cy={y} r={r * 1.66} fill="none" stroke="var(--fault)" strokeWidth={r * 0.24} strokeDasharray={dashes} />;
}
