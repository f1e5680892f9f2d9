import { describe, expect, it } from 'vitest';
import { differences } from './differences';

describe('two versions of a draft', () => {
  it('differ leaf by leaf, a stage being named by its key', () => {
    const mine = {
      stages: [
        { key: 'snug', target: '15 lbf·ft' },
        { key: 'turn', target: '80°' },
      ],
      why: 'x',
    };
    const theirs = {
      stages: [
        { key: 'snug', target: '20 N·m' },
        { key: 'turn', target: '80°' },
      ],
    };
    expect(differences(mine, theirs)).toEqual([
      { path: 'stages, snug, target', mine: '15 lbf·ft', theirs: '20 N·m' },
      { path: 'why', mine: 'x', theirs: '–' },
    ]);
  });

  it('differ by a stage that only one of them has', () =>
    expect(differences({ stages: [{ key: 'a' }] }, { stages: [] })).toEqual([{ path: 'stages, a', mine: '{"key":"a"}', theirs: '–' }]));

  it('do not differ where nothing does', () => expect(differences({ a: ['1', { b: null }] }, { a: ['1', { b: null }] })).toEqual([]));
});

describe('two versions made at random', () => {
  /** A document of lists and things, three levels deep, from a repeatable row of numbers. */
  const made = (numbers: number[], depth = 3): unknown => {
    const n = numbers.shift() ?? 0;
    if (depth === 0 || n % 3 === 0) return `text ${String(n)}`;
    const size = 1 + (n % 4);
    if (n % 3 === 1) return Array.from({ length: size }, (_, i) => ({ key: `k${String(i)}`, value: made(numbers, depth - 1) }));
    return Object.fromEntries(Array.from({ length: size }, (_, i) => [`f${String(i)}`, made(numbers, depth - 1)]));
  };
  const row = (seed: number) => Array.from({ length: 200 }, (_, i) => (seed * 7_919 + i * i * 104_729 + i * 31) % 9_973);

  it.each(Array.from({ length: 30 }, (_, i) => i + 1))('differ nowhere from themselves and as much there as back, seed %i', (seed) => {
    const [a, b] = [{ d: made(row(seed)) }, { d: made(row(seed + 1)) }];
    expect(differences(a, structuredClone(a))).toEqual([]);
    const there = differences(a, b);
    const back = differences(b, a).map((d) => ({ path: d.path, mine: d.theirs, theirs: d.mine }));
    const byPath = (x: { path: string }, y: { path: string }) => x.path.localeCompare(y.path);
    expect([...there].sort(byPath)).toEqual([...back].sort(byPath));
    expect(there.length > 0).toBe(JSON.stringify(a) !== JSON.stringify(b));
  });
});
