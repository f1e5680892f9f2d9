import { describe, expect, it } from 'vitest';
import { Problem, sentenceOf } from './problem';

describe('what went wrong with a request', () => {
  // Status codes: RFC 9110, 15.6.
  it.each([
    ['offline', 0, true],
    ['not-running', 502, true],
    ['not-running', 503, true],
    ['not-running', 504, true],
    ['unknown', 500, false],
    ['draft-changed', 409, false],
    ['too-large', 413, false],
    ['too-many', 429, false],
  ])('%s, %i: nobody was there to answer: %s', (type, status, unanswered) => expect(new Problem(type, 'A sentence.', status).unanswered).toBe(unanswered));

  it('is told in the server’s own sentence, and in one that calms where there is none', () => {
    expect(sentenceOf(new Problem('bad-value', 'Bolt 9 is not on the map.', 422))).toBe('Bolt 9 is not on the map.');
    expect(sentenceOf(new TypeError('x is undefined'))).toMatch(/^Something went wrong on this page\..*what was recorded is safe/);
  });

  it('names its field where the server did', () => {
    expect(new Problem('bad-value', 'Too long.', 422, { field: 'option' }).field).toBe('option');
    expect(new Problem('bad-value', 'Too long.', 422).field).toBeNull();
  });
});
