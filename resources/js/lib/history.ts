/** What was, what is, what was undone. Changes of one field in quick succession count as one. */
export type History<T> = { past: T[]; now: T; future: T[]; field: string | null; at: number };

const ONE_CHANGE_MS = 1_200;
const MOST = 200;

export function begin<T>(now: T): History<T> {
  return { past: [], now, future: [], field: null, at: 0 };
}

/** The next state; `field` says what was changed, `at` when (ms). */
export function change<T>(history: History<T>, next: T, field: string, at: number): History<T> {
  const same = history.field === field && at - history.at < ONE_CHANGE_MS && history.past.length > 0;
  return { past: same ? history.past : [...history.past, history.now].slice(-MOST), now: next, future: [], field, at };
}

export function undo<T>(history: History<T>): History<T> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return { past: history.past.slice(0, -1), now: before, future: [history.now, ...history.future], field: null, at: 0 };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.now], now: next, future: rest, field: null, at: 0 };
}
