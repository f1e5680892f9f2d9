import { expect, test } from 'vitest';
import { NO_DIGITS, type Step, type TwoDigits, nextDigit } from './two-digits';

/** Keys with the ms that lie before each. */
function typed(...keys: [string, number][]): Step[] {
  let [now, at]: [TwoDigits, number] = [NO_DIGITS, 10_000];
  return keys.map(([key, ms]) => {
    at += ms;
    const step = nextDigit(now, key, at);
    now = step.now;
    return step;
  });
}

test('a hand picks a column, then a row', () => {
  expect(typed(['3', 0], ['2', 180]).at(-1)).toMatchObject({ is: 'tile', key: '32' });
  expect(typed(['1', 0], ['1', 4_000]).at(-1)).toMatchObject({ is: 'tile', key: '11' });
});

test('digits faster than a hand are a reading, and pick nothing', () => {
  expect(typed(['3', 0], ['2', 12]).at(-1)?.is).toBe('reading');
});

test('a third digit, a decimal mark or an Enter close behind makes it a reading', () => {
  expect(typed(['3', 0], ['2', 90], ['5', 60]).at(-1)?.is).toBe('reading');
  expect(typed(['3', 0], ['2', 90], ['.', 60]).at(-1)?.is).toBe('reading');
  expect(typed(['3', 0], ['2', 90], ['Enter', 60]).at(-1)?.is).toBe('reading');
});

test('what is left of a reading picks nothing either', () => {
  expect(typed(['3', 0], ['2', 10], ['.', 10], ['5', 10], ['1', 10]).at(-1)?.is).toBe('reading');
});

test('once it has settled, the next digit begins anew', () => {
  expect(typed(['3', 0], ['2', 200], ['1', 900]).at(-1)).toMatchObject({ is: 'waiting', now: { digits: '1' } });
});

test('nought belongs to no tile', () => {
  expect(typed(['3', 0], ['0', 200]).at(-1)).toMatchObject({ is: 'waiting', now: NO_DIGITS });
});
