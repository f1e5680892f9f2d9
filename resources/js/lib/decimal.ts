/** An exact decimal: units × 10^-scale. Enough to compare a reading with its limits without binary fractions. */
export type Decimal = { units: bigint; scale: number };

const PLAIN = /^\d+(?:\.\d+)?$/;

/** Reads "32", "9.80", "0.1129848290276167"; null for anything else. */
export function decimal(text: string): Decimal | null {
  if (!PLAIN.test(text)) return null;
  const [whole = '0', fraction = ''] = text.split('.');
  return { units: BigInt(whole + fraction), scale: fraction.length };
}

export function times(a: Decimal, b: Decimal): Decimal {
  return { units: a.units * b.units, scale: a.scale + b.scale };
}

/** Negative when a < b, zero when equal, positive when a > b. */
export function compare(a: Decimal, b: Decimal): number {
  const scale = Math.max(a.scale, b.scale);
  const left = a.units * 10n ** BigInt(scale - a.scale);
  const right = b.units * 10n ** BigInt(scale - b.scale);
  return left < right ? -1 : left > right ? 1 : 0;
}
