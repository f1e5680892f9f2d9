/** Two of them closer than this were typed by no hand. */
const FASTER_THAN_A_HAND_MS = 40;

/** A third one, or Enter, so soon after the second makes it a number. */
const SETTLED_MS = 350;

/** What stands of a tile's two digits, and when the last of them came. */
export type TwoDigits = { digits: string; at: number };

/** Nothing yet; so far so good; a tile, once nothing has followed for `after` ms; or a reading, of which nothing is taken. */
export type Step = { is: 'waiting' | 'reading'; now: TwoDigits } | { is: 'tile'; now: TwoDigits; key: string; after: number };

export const NO_DIGITS: TwoDigits = { digits: '', at: -Infinity };

/**
 * What a key makes of the digits before it. A tool or a scanner that types is faster than a hand, has more than two digits,
 * a decimal mark, or an Enter behind them: that is a reading, and picks nothing.
 */
export function nextDigit(before: TwoDigits, key: string, at: number): Step {
  const soon = at - before.at;
  const isPartOfOne = soon < (before.digits.length === 1 ? FASTER_THAN_A_HAND_MS : SETTLED_MS);
  if (isPartOfOne) return { is: 'reading', now: { digits: '', at } };
  if (!/^[1-9]$/.test(key)) return { is: 'waiting', now: NO_DIGITS };
  const digits = before.digits.length === 1 ? before.digits + key : key;
  const now = { digits, at };
  return digits.length === 2 ? { is: 'tile', now, key: digits, after: SETTLED_MS } : { is: 'waiting', now };
}
