import { describe, expect, it } from 'vitest';
import { renumber } from './renumber';

const waiting = [
  { id: 'a', device_seq: 5 },
  { id: 'b', device_seq: 6 },
  { id: 'c', device_seq: 7 },
];

describe('counting anew after a lost answer', () => {
  it('counts from the server’s number at the one it did not expect, and leaves those before it', () => {
    expect(renumber(waiting, 'b', 9)).toEqual([
      { id: 'a', device_seq: 5 },
      { id: 'b', device_seq: 9 },
      { id: 'c', device_seq: 10 },
    ]);
  });

  it('changes nothing when the server names one that no longer waits', () => expect(renumber(waiting, 'gone', 9)).toEqual(waiting));

  it('closes a gap without losing or doubling anything', () => {
    const counted = renumber(
      [
        { id: 'a', device_seq: 8 },
        { id: 'b', device_seq: 12 },
      ],
      'a',
      3,
    );
    expect(counted.map((item) => item.device_seq)).toEqual([3, 4]);
  });
});
