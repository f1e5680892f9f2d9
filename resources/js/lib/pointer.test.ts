import { describe, expect, it } from 'vitest';
import { placeOf, placed } from './pointer';

const doc = { stages: [{ key: 'snug', targets: [{ group: 'a' }, {}] }], fasteners: [{ key: 'f', name: 'long bolt' }], map: { positions: [{ key: 'p1' }] } };

describe('the place of a problem', () => {
  it('is said in the words of the sheet, counted from one', () => {
    expect(placeOf('/stages/0/targets/1/low', doc)).toBe('round 1 snug, target 2, low');
    expect(placeOf('/fasteners/0/across_flats', doc)).toBe('fastener 1 long bolt, across flats');
    expect(placeOf('/map/positions/0/x', doc)).toBe('position 1 p1, x');
  });

  it('opens the sentence that begins with it', () => {
    expect(placed('/stages/0/targets/1/target: value missing (not printed).', doc)).toBe('Round 1 snug, target 2, target: value missing (not printed).');
    expect(placed('The conflict is open.', doc)).toBe('The conflict is open.');
  });

  it('is said even where the document has nothing there (RFC 6901 escapes undone)', () => {
    expect(placeOf('/sources', doc)).toBe('sources');
    expect(placeOf('/a~1b/~0c', doc)).toBe('a/b, ~c');
  });
});
