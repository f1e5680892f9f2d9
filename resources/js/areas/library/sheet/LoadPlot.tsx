import { scaleLinear } from 'd3-scale';
import type { LoadBand } from '@/api/types';

const WIDTH = 560;
const ROW = 54;
const [LEFT, RIGHT, FOOT] = [4, 16, 26];

/** Clamp load per group from the lowest to the highest friction, against the proof load. An estimate, and drawn as one. */
export function LoadPlot({ bands }: { bands: LoadBand[] }) {
  const known = bands.filter((b) => b.low_kn !== null && b.high_kn !== null);
  const most = Math.max(1, ...known.flatMap((b) => [b.high_kn ?? 0, b.proof_kn ?? 0])) * 1.06;
  const x = scaleLinear([0, most], [LEFT, WIDTH - RIGHT]);
  const height = known.length * ROW + FOOT;
  return (
    <div>
      {known.length > 0 && (
        <svg viewBox={`0 0 ${String(WIDTH)} ${String(height)}`} className="block w-full" role="img" aria-label={known.map(sentence).join('. ')}>
          {known.map((band, i) => (
            <Band key={band.group} band={band} y={i * ROW} x={x} />
          ))}
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={height - FOOT + 2} y2={height - FOOT + 2} stroke="var(--ink)" strokeWidth={1} />
          {x.ticks(5).map((kn) => (
            <g key={kn}>
              <line x1={x(kn)} x2={x(kn)} y1={height - FOOT + 2} y2={height - FOOT + 7} stroke="var(--ink)" />
              <text x={x(kn)} y={height - 6} fontSize={12} textAnchor={kn === 0 ? 'start' : 'middle'} fill="var(--ink-soft)">
                {kn === 0 ? '0 kN' : kn}
              </text>
            </g>
          ))}
        </svg>
      )}
      {bands
        .filter((b) => b.missing.length > 0)
        .map((b) => (
          <p key={b.group} className="mt-1 text-sm text-soft">
            <b className="text-ink">{b.name}</b>: {b.missing.join(' ')}
          </p>
        ))}
      <Assumptions bands={bands} />
    </div>
  );
}

function Band({ band, y, x }: { band: LoadBand; y: number; x: (kn: number) => number }) {
  const [low, high, proof] = [band.low_kn ?? 0, band.high_kn ?? 0, band.proof_kn];
  return (
    <g>
      <text x={LEFT} y={y + 16} fontSize={14} fontWeight={620} fill="var(--ink)">
        {band.name}
        <tspan fontWeight={400} fill="var(--ink-soft)">
          {'  '}
          {[band.torque, band.angle].filter((v) => v !== null).join(' + ')}
          {share(band)}
        </tspan>
      </text>
      <rect x={x(low)} y={y + 25} width={Math.max(x(high) - x(low), 2)} height={14} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={0.8} />
      {band.nominal_kn !== null && <line x1={x(band.nominal_kn)} x2={x(band.nominal_kn)} y1={y + 21} y2={y + 43} stroke="var(--ink)" strokeWidth={2.4} />}
      {proof !== null && (
        <path
          d={`M${String(x(proof) - 5)} ${String(y + 20)} h5 v24 h-5`}
          fill="none"
          stroke={band.past_proof ? 'var(--fault)' : 'var(--ink)'}
          strokeWidth={1.6}
        >
          <title>{`proof load ${proof.toFixed(1)} kN`}</title>
        </path>
      )}
    </g>
  );
}

function share(band: LoadBand): string {
  const parts = [
    ...(band.past_proof ? [', turned into yield'] : band.yield_share === null ? [] : [`, up to ${percent(band.yield_share)} of yield`]),
    ...(band.stretch_um === null ? [] : [`, stretch ${(band.stretch_um / 1000).toFixed(3)} mm`]),
  ];
  return parts.join('');
}

const percent = (share: number) => `${String(Math.round(share * 100))} %`;

function sentence(band: LoadBand): string {
  const kn = (value: number | null) => (value === null ? 'unknown' : `${value.toFixed(1)} kN`);
  return `${band.name}: ${kn(band.low_kn)} to ${kn(band.high_kn)}, most likely ${kn(band.nominal_kn)}${share(band)}, proof load ${kn(band.proof_kn)}`;
}

function Assumptions({ bands }: { bands: LoadBand[] }) {
  const all = [...new Set(bands.flatMap((b) => b.assumptions))];
  if (all.length === 0) return null;
  return (
    <details className="mt-2 text-sm text-soft">
      <summary className="cursor-pointer">What the estimate rests on</summary>
      <ul className="mt-1 list-disc pl-5">
        {all.map((a) => (
          <li key={a}>{a}</li>
        ))}
      </ul>
    </details>
  );
}
