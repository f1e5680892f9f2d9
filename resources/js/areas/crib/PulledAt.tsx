import type { ToolPage } from '@/api/types';

type Props = { at: ToolPage['uses']['pulled_at']; page: ToolPage };

const WIDTH = 320;

/** At which values a tool is used, on its own range. */
export function PulledAt({ at, page }: Props) {
  const [low, high] = [Number(page.fields.lowest ?? 0), Number(page.fields.highest ?? 0)];
  const most = at.reduce<Props['at'][number] | null>((m, a) => (m === null || a.count > m.count ? a : m), null);
  if (most === null || high <= low) return null;
  const x = (value: number) => 4 + ((Math.min(Math.max(value, low), high) - low) / (high - low)) * (WIDTH - 8);
  return (
    <section className="mt-5">
      <h2 className="text-lg">What it is set to</h2>
      <svg viewBox={`0 0 ${String(WIDTH)} 46`} className="block w-full" role="img" aria-label={`Used most at ${shown(most.value)}, of ${page.tool.range}`}>
        {at.map((a) => (
          <rect key={a.value} x={x(a.value) - 1.5} y={4} width={3} height={14} fill="var(--paint)" stroke="var(--paint-ink)" strokeWidth={0.5} />
        ))}
        <path d={`M4 14 V28 M4 21 H${String(WIDTH - 4)} M${String(WIDTH - 4)} 14 V28`} stroke="var(--ink)" strokeWidth={1.2} fill="none" />
        <text x={4} y={42} fontSize={12} fill="var(--ink-soft)">
          {page.fields.lowest}
        </text>
        <text x={Math.min(Math.max(x(most.value), 60), WIDTH - 90)} y={42} fontSize={12} textAnchor="middle" fill="var(--ink)">
          most at {shown(most.value)}
        </text>
        <text x={WIDTH - 4} y={42} fontSize={12} textAnchor="end" fill="var(--ink-soft)">
          {page.tool.range.split('–').pop()}
        </text>
      </svg>
    </section>
  );
}

function shown(value: number): string {
  return String(Number(value.toPrecision(3)));
}
