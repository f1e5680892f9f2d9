import type { MapPosition, Sketch } from '@/lib/drawing';

/** The whole way through a round, hairline, with a dot where it begins. */
export function Walk({ positions }: { positions: MapPosition[] }) {
  const first = positions[0];
  if (!first || positions.length < 2) return null;
  return (
    <g aria-hidden="true">
      <polyline points={positions.map((p) => `${p.x},${p.y}`).join(' ')} fill="none" stroke="var(--now)" strokeWidth={0.9} strokeOpacity={0.55} />
      <circle cx={first.x} cy={first.y} r={15.5} fill="none" stroke="var(--now)" strokeWidth={1.4} />
    </g>
  );
}

/** A curved arrow from the last fastener to the next. */
export function Way({ from, to }: { from: MapPosition; to: MapPosition }) {
  const [x1, y1, x2, y2] = [Number(from.x), Number(from.y), Number(to.x), Number(to.y)];
  const length = Math.hypot(x2 - x1, y2 - y1);
  if (length < 45) return null;
  const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length];
  // Between the two bolts of one cap the way goes round the numbers, otherwise straight with a slight bend.
  const aside = Math.abs(ux) < 0.3 ? 0.8 : 0;
  const bend = aside > 0 ? 22 : Math.min(14, length * 0.12);
  const [sx, sy] = [x1 + (ux - uy * aside) * 14, y1 + (uy + ux * aside) * 14];
  const [ex, ey] = [x2 - (ux + uy * aside) * (aside > 0 ? 18 : 25), y2 - (uy - ux * aside) * (aside > 0 ? 18 : 25)];
  const [cx, cy] = [(sx + ex) / 2 - uy * bend, (sy + ey) / 2 + ux * bend];
  const tip = Math.atan2(ey - cy, ex - cx);
  const wing = (turn: number) => `${String(ex - 7 * Math.cos(tip + turn))},${String(ey - 7 * Math.sin(tip + turn))}`;
  return (
    <g aria-hidden="true">
      <path d={`M${String(sx)} ${String(sy)} Q${String(cx)} ${String(cy)} ${String(ex)} ${String(ey)}`} fill="none" stroke="var(--now)" strokeWidth={1.6} />
      <polygon points={`${String(ex + 2 * Math.cos(tip))},${String(ey + 2 * Math.sin(tip))} ${wing(0.45)} ${wing(-0.45)}`} fill="var(--now)" />
    </g>
  );
}

export function Front({ front, width, height }: { front: Sketch['map']['front']; width: number; height: number }) {
  // Below the numbers of fasteners that stand at the edge of the casting.
  const y = height + 21;
  const right = front === 'right';
  const arrow = {
    left: `M30 ${String(y)} H6 m6 -3.5 l-6 3.5 l6 3.5`,
    right: `M${String(width - 30)} ${String(y)} H${String(width - 6)} m-6 -3.5 l6 3.5 l-6 3.5`,
    top: `M10 ${String(y + 6)} V${String(y - 7)} m-3.5 6 l3.5 -6 l3.5 6`,
    bottom: `M10 ${String(y - 7)} V${String(y + 6)} m-3.5 -6 l3.5 6 l3.5 -6`,
  }[front];
  const beside = front === 'left' ? 34 : 19;
  return (
    <g>
      <path d={arrow} fill="none" stroke="var(--ink)" strokeWidth={1} />
      <text x={right ? width - 34 : beside} y={y + 3} textAnchor={right ? 'end' : 'start'} fontSize={8.5} fill="var(--ink-soft)">
        front of engine
      </text>
    </g>
  );
}
