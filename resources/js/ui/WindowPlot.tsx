import { type PlottedLine, isGood } from '@/lib/drawing';

type Props = { lines: PlottedLine[]; unit: string; picked: string | null; onPick: (position: string) => void };

const WIDTH = 470;
const HEIGHT = 200;
const [LEFT, RIGHT, TOP, BOTTOM] = [4, 76, 12, 30];

/** One round's results, bolt by bolt, between the inked limits of each. What was backed off stays as a hollow mark. */
export function WindowPlot({ lines, unit, picked, onPick }: Props) {
  const values = lines
    .flatMap((l) => [l.low, l.high, ...l.attempts.map((a) => a.base)])
    .filter((v) => v !== null)
    .map(Number);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const room = (most - least) * 0.12 || 1;
  const y = (value: number) => TOP + ((most + room - value) / (most - least + 2 * room)) * (HEIGHT - TOP - BOTTOM);
  const step = (WIDTH - LEFT - RIGHT) / Math.max(lines.length, 1);
  const x = (i: number) => LEFT + step * (i + 0.5);
  const limits = [...new Set(lines.flatMap((l) => [l.low, l.high]).filter((v) => v !== null))];

  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="block w-full"
      role="img"
      aria-label={`Results in ${unit}, bolt by bolt, between their limits`}
    >
      {lines.map((line, i) => (
        <Bolt key={line.step} line={line} x={x(i)} y={y} step={step} picked={picked === line.position} onPick={() => onPick(line.position)} />
      ))}
      {limits.map((limit) => (
        <text key={limit} x={WIDTH - RIGHT + 8} y={y(Number(limit)) + 5} fontSize={14} fill="var(--ink-soft)">
          {limit} {unit}
        </text>
      ))}
    </svg>
  );
}

type BoltProps = { line: PlottedLine; x: number; y: (value: number) => number; step: number; picked: boolean; onPick: () => void };

/** One bolt's limits, and every try within or beyond them. */
function Bolt({ line, x, y, step, picked, onPick }: BoltProps) {
  const low = line.low === null ? HEIGHT - BOTTOM : y(Number(line.low));
  const high = line.high === null ? TOP : y(Number(line.high));
  return (
    <g onClick={onPick} className="cursor-pointer">
      <rect x={x - step / 2} y={TOP} width={step} height={HEIGHT - TOP} fill={picked ? 'var(--casting)' : 'transparent'} />
      <rect x={x - step * 0.42} y={high} width={step * 0.84} height={low - high} fill="var(--casting)" />
      {[...(line.low === null ? [] : [low]), ...(line.high === null ? [] : [high])].map((limit) => (
        <path key={limit} d={`M${String(x - step * 0.42)} ${String(limit)} H${String(x + step * 0.42)}`} stroke="var(--ink)" strokeWidth={1.3} />
      ))}
      {line.attempts.map(
        (a) =>
          a.base !== null && (
            <Dot
              key={a.entry}
              x={x}
              y={y(Number(a.base))}
              good={isGood(a.verdict)}
              live={a.status === 'live'}
              title={`Bolt ${line.number ?? ''}, ${a.given ?? ''}, ${a.word}`}
            />
          ),
      )}
      <text x={x} y={HEIGHT - 8} textAnchor="middle" fontSize={14} fontWeight={picked ? 720 : 420} fill="var(--ink)">
        {line.number}
      </text>
    </g>
  );
}

function Dot({ x, y, good, live, title }: { x: number; y: number; good: boolean; live: boolean; title: string }) {
  return (
    <g>
      <title>{title}</title>
      <circle
        cx={x}
        cy={y}
        r={5.2}
        fill={live ? (good ? 'var(--ink)' : 'var(--fault)') : 'var(--paper)'}
        stroke={good ? 'var(--ink)' : 'var(--fault)'}
        strokeWidth={1.6}
      />
      {!good && <circle cx={x} cy={y} r={10.5} fill="none" stroke="var(--fault)" strokeWidth={2} strokeDasharray="5 3" />}
    </g>
  );
}
