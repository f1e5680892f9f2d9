import { expect, test } from 'vitest';
import { soundOf } from './sounds';

const at = (done: number, all = 4, stop?: object) => ({ done, rounds: [{ stage: 'snug', done, all }], call: { stop } });

test('a good pull, one that stops the bench and the last of a round are told apart by ear', () => {
  expect(soundOf(at(1), at(2))).toBe('good');
  expect(soundOf(at(1), at(1, 4, { word: 'Short' }))).toBe('not_good');
  expect(soundOf(at(3), at(4))).toBe('round');
});

test('a screen that is opened, drawn again or goes back is silent, and a stop is heard once', () => {
  expect(soundOf(null, at(3))).toBeNull();
  expect(soundOf(at(3), at(3))).toBeNull();
  expect(soundOf(at(3), at(2))).toBeNull();
  expect(soundOf(at(1, 4, {}), at(1, 4, {}))).toBeNull();
});
