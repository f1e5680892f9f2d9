import { expect, test } from 'vitest';
import { pageClock } from './page-clock';

const DAY_MS = 86_400_000;

function clockAt(...times: number[]) {
  let next = 0;
  let names = 0;
  return pageClock(
    () => times[next++] ?? 0,
    () => `clock ${String((names += 1))}`,
  );
}

test('a page counts by one clock, in whole milliseconds', () => {
  const clock = clockAt(1_000.4, 2_500.6);
  expect([clock(), clock()]).toEqual([
    { mono_ms: 1_000, clock: 'clock 1' },
    { mono_ms: 2_501, clock: 'clock 1' },
  ]);
});

test('a page that stays open for months never counts beyond the whole numbers of 32 bits, and what cannot be compared has other names', () => {
  const clock = clockAt(...[1, 13, 25, 60, 200].map((day) => day * DAY_MS));
  const counted = [clock(), clock(), clock(), clock(), clock()];
  expect(Math.max(...counted.map((c) => c.mono_ms))).toBeLessThan(2 ** 31);
  expect(new Set(counted.map((c) => c.clock)).size).toBe(5);
});
