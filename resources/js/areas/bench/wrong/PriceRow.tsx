import type { Price } from '@/api/types';

/** Bolts, drawn and counted up to so many; a picture is no inventory. */
const DRAWN = 18;

/** What it costs in metal, drawn and counted, and in work. */
export function PriceRow({ price }: { price: Price }) {
  const fasteners = price.fasteners.reduce((sum, f) => sum + f.count, 0);
  const metal = fasteners > 0 || price.gaskets.length > 0;
  return (
    <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
      {fasteners > 0 && <NewFasteners count={fasteners} names={price.fasteners} />}
      {price.gaskets.map((name) => (
        <figure key={name}>
          <Gasket />
          <figcaption className="mt-1 text-lg font-semibold">1 new {name}</figcaption>
        </figure>
      ))}
      {metal ? <Work price={price} /> : <p className="text-xl leading-snug">{price.says}</p>}
    </div>
  );
}

function NewFasteners({ count, names }: { count: number; names: Price['fasteners'] }) {
  return (
    <figure>
      <svg viewBox={`0 0 ${String(Math.min(count, DRAWN) * 18)} 44`} className="h-11" aria-hidden="true">
        {Array.from({ length: Math.min(count, DRAWN) }, (_, i) => (
          <g key={i} transform={`translate(${String(i * 18)} 1)`} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={1.5}>
            <rect x={1} y={0} width={13} height={7} />
            <rect x={4} y={7} width={7} height={34} />
          </g>
        ))}
      </svg>
      <figcaption className="mt-1 text-lg font-semibold">
        {count} new: {names.map((f) => (names.length === 1 ? f.name : `${String(f.count)} ${f.name}`)).join(', ')}
      </figcaption>
    </figure>
  );
}

function Gasket() {
  return (
    <svg viewBox="0 0 110 44" className="h-11" aria-hidden="true" fill="var(--paper)" stroke="var(--metal-edge)" strokeWidth={2}>
      <rect x={1} y={1} width={108} height={42} rx={2} fill="var(--casting)" />
      {[20, 55, 90].map((x) => (
        <circle key={x} cx={x} cy={22} r={13} />
      ))}
    </svg>
  );
}

function Work({ price }: { price: Price }) {
  const more = [
    price.checked === 0 ? '' : `${String(price.checked)} checked, new where it fails`,
    price.repaired === 0 ? '' : 'a thread repair',
    price.lost === 0 ? '' : `${String(price.lost)} ${price.lost === 1 ? 'step' : 'steps'} done again, about ${price.minutes}`,
  ].filter((line) => line !== '');
  return more.length === 0 ? null : <p className="text-lg text-soft">{more.join('; ')}</p>;
}
