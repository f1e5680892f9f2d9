import { type PathLine, judge } from './straight-path';

/** Factors by which a reading is out when a unit or the decimal mark was mistaken: in for ft, a place, N·m for lbf·ft. */
const SLIPS = [
  { factor: 12, words: 'lbf·in and lbf·ft differ by 12' },
  { factor: 10, words: 'a decimal mark is a factor of 10' },
  { factor: 1.356, words: 'N·m and lbf·ft differ by 1.356' },
] as const;

export type Slip = { likely: string; words: string };

/** Digits of the value with at most two decimals, as a person would have written it. */
function plain(value: number): string {
  return String(Math.round(value * 100) / 100);
}

/**
 * A reading out of its window that one slip would bring in is asked about before it becomes an observation.
 * An honest short or over pull lies near its window and is never asked about.
 */
export function suspectedSlip(line: PathLine, digits: string, unitCode: string): Slip | null {
  const verdict = judge(line, digits, unitCode);
  if (verdict === null || verdict === 'in') return null;
  for (const slip of SLIPS) {
    const likely = plain(verdict === 'low' ? Number(digits) * slip.factor : Number(digits) / slip.factor);
    if (judge(line, likely, unitCode) === 'in') return { likely, words: slip.words };
  }
  return null;
}
