import { scaleLinear } from 'd3-scale';
import type { ReactNode } from 'react';

type Axis = { label: string; values: number[]; fromZero?: boolean };
type Scale = (value: number) => number;
type Props = {
  x: Axis;
  y: Axis;
  label: string;
  width?: number;
  height?: number;
  /** Without an upright axis. */ bare?: boolean;
  children: (x: Scale, y: Scale) => ReactNode;
};

const [LEFT, RIGHT, TOP, BOTTOM] = [52, 14, 30, 40];

/** Axes with units, round ticks, and whatever is drawn between them. */
export function Plot({ x, y, label, width = 560, height = 300, bare = false, children }: Props) {
  const sx = scaleLinear(extent(x), [LEFT, width - RIGHT]).nice();
  const sy = scaleLinear(extent(y), [height - BOTTOM, TOP]).nice();
  return (
    <svg viewBox={`0 0 ${String(width)} ${String(height)}`} className="block w-full" role="img" aria-label={label}>
      <path
        d={`M${String(LEFT)} ${String(bare ? height - BOTTOM : TOP)} V${String(height - BOTTOM)} H${String(width - RIGHT)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1}
      />
      {sx.ticks(6).map((v) => (
        <g key={v}>
          <line x1={sx(v)} x2={sx(v)} y1={height - BOTTOM} y2={height - BOTTOM + 5} stroke="var(--ink)" />
          <text x={sx(v)} y={height - BOTTOM + 18} textAnchor="middle" fontSize={12} fill="var(--ink-soft)">
            {sx.tickFormat(6)(v)}
          </text>
        </g>
      ))}
      {(bare ? [] : sy.ticks(5)).map((v) => (
        <g key={v}>
          <line x1={LEFT - 5} x2={LEFT} y1={sy(v)} y2={sy(v)} stroke="var(--ink)" />
          <text x={LEFT - 8} y={sy(v) + 4} textAnchor="end" fontSize={12} fill="var(--ink-soft)">
            {sy.tickFormat(5)(v)}
          </text>
        </g>
      ))}
      <text x={width - RIGHT} y={height - 6} textAnchor="end" fontSize={12} fill="var(--ink)">
        {x.label}
      </text>
      <text x={LEFT - 5} y={13} fontSize={12} fill="var(--ink)">
        {y.label}
      </text>
      {children(sx, sy)}
    </svg>
  );
}

function extent(axis: Axis): [number, number] {
  const values = axis.fromZero ? [0, ...axis.values] : axis.values;
  const [least, most] = [Math.min(...values), Math.max(...values)];
  return least === most ? [least - 1, most + 1] : [least, most];
}

/** The points of an SVG line. */
export function points(pairs: [number, number][], x: Scale, y: Scale): string {
  return pairs.map(([a, b]) => `${x(a).toFixed(1)},${y(b).toFixed(1)}`).join(' ');
}
