import type { Scale } from '@/api/types';

const WIDTH = 640;

/** A piece of the tool's own scale around the number to set, with what is good between two inked brackets. Nothing stands on it as set. */
export function ScaleRuler({ scale }: { scale: Scale }) {
  const target = Number(scale.digits ?? '0');
  const [low, high] = [Number(scale.low ?? target), Number(scale.high ?? target)];
  const room = Math.max((high - low) * 1.4, target * 0.12, 1);
  const [from, to] = [Math.max(0, target - room), target + room];
  const x = (value: number) => 20 + ((value - from) / (to - from)) * (WIDTH - 40);
  const step = niceStep((to - from) / 8);
  const first = Math.ceil(from / step) * step;
  const marks = Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => Math.round((first + i * step) * 1000) / 1000);
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} 128`}
      className="block max-h-40 w-full"
      role="img"
      aria-label={`Its scale around ${scale.digits ?? ''} ${scale.unit.symbol}`}
    >
      <rect x={2} y={26} width={WIDTH - 4} height={56} fill="var(--sheet)" stroke="var(--metal-edge)" strokeWidth={2} />
      <rect x={x(low)} y={27} width={x(high) - x(low)} height={54} fill="var(--casting)" />
      {marks.map((mark) => (
        <g key={mark}>
          <line x1={x(mark)} y1={26} x2={x(mark)} y2={46} stroke="var(--ink)" strokeWidth={1.6} />
          <text x={x(mark)} y={68} textAnchor="middle" fontSize={17} fill="var(--ink)">
            {mark}
          </text>
        </g>
      ))}
      {[low, high].map((limit) => (
        <line key={limit} x1={x(limit)} y1={18} x2={x(limit)} y2={90} stroke="var(--ink)" strokeWidth={3.4} />
      ))}
      <path d={`M${String(x(target))} 88 l-9 16 h18 z`} fill="var(--now)" />
      <text x={x(target)} y={124} textAnchor="middle" fontSize={19} fontWeight={700} fill="var(--now)">
        set it to {scale.digits} {scale.unit.symbol}
      </text>
    </svg>
  );
}

/** 1, 2 or 5 times a power of ten: what scales are divided by. */
function niceStep(rough: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(rough, 0.001)));
  return power * ([1, 2, 5, 10].find((f) => f * power >= rough) ?? 10);
}
