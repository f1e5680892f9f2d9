/** PHP beside a page has whole numbers of 32 bits; a page may stay open for longer than so many milliseconds, some 24 days. */
const LONGEST_MS = 2 ** 30;

/** A count of milliseconds, and the name of the clock that counts: numbers of two clocks cannot be compared. */
export type Counted = { mono_ms: number; clock: string };

/** This page's own clock, which nobody can set. It goes by another name, and begins again, before it counts too far. */
export function pageClock(now: () => number, named: () => string): () => Counted {
  const names: string[] = [];
  return () => {
    const ms = Math.round(now());
    const turn = Math.floor(ms / LONGEST_MS);
    names[turn] ??= named();
    return { mono_ms: ms % LONGEST_MS, clock: names[turn] };
  };
}
