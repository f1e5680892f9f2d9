import type { Scale } from '@/api/types';

const WIDTH = 640;

/** What is good, inked on an axis; what it was before hollow, what is typed now filled. */
export function CheckAxis({ scale, before, text }: { scale: Scale; before: string | undefined; text: string }) {
  const limits = [scale.least, scale.most].filter((l) => l !== undefined).map(Number);
  const was = before === undefined ? null : Number.parseFloat(before);
  const now = Number(text.replace(',', '.')) || null;
  const all = [...limits, ...[was, now].filter((v) => v !== null)];
  const [least, most] = [Math.min(...all, 0), Math.max(...all)];
  const room = (most - least) * 0.15 || 1;
  const inside = (v: number) => Math.min(Math.max(v, least - room), most + room);
  const x = (value: number) => 20 + ((inside(value) - least + room) / (most - least + 2 * room)) * (WIDTH - 40);
  const [low, high] = [Number(scale.least ?? least - room), Number(scale.most ?? most + room)];
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} 110`}
      className="block max-h-36 w-full"
      role="img"
      aria-label={`Good from ${scale.low ?? '–'} to ${scale.high ?? '–'} ${scale.unit.symbol}`}
    >
      <rect x={x(low)} y={34} width={Math.max(2, x(high) - x(low))} height={22} fill="var(--casting)" />
      <line x1={14} y1={45} x2={WIDTH - 14} y2={45} stroke="var(--ink)" strokeWidth={1.4} />
      {limits.map((limit) => (
        <g key={limit}>
          <line x1={x(limit)} y1={24} x2={x(limit)} y2={66} stroke="var(--ink)" strokeWidth={3.4} />
          <text x={x(limit)} y={88} textAnchor="middle" fontSize={18} fill="var(--ink)">
            {limit} {scale.unit.symbol}
          </text>
        </g>
      ))}
      {was !== null && <circle cx={x(was)} cy={45} r={9} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.4} />}
      {now !== null && <circle cx={x(now)} cy={45} r={9} fill="var(--now)" />}
    </svg>
  );
}
