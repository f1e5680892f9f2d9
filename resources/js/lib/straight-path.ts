import { compare, decimal, times } from './decimal';

/** One line of the walk sheet that the server computed. */
export type PathLine = { step: string; low: string; high: string; units: { code: string; factor: string }[] };
export type PathVerdict = 'in' | 'low' | 'high';

/**
 * The one rule a bench decides by itself: reading × exact factor against the limits, both limits included, in exact
 * decimals. Null when the reading or its unit cannot be judged here; then the server must.
 */
export function judge(line: PathLine, digits: string, unitCode: string): PathVerdict | null {
  const reading = decimal(digits);
  const factor = decimal(line.units.find((unit) => unit.code === unitCode)?.factor ?? '');
  const low = decimal(line.low);
  const high = decimal(line.high);
  if (!reading || !factor || !low || !high) return null;
  const value = times(reading, factor);
  if (compare(value, low) < 0) return 'low';
  return compare(value, high) > 0 ? 'high' : 'in';
}
