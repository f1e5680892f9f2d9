import { describe, expect, it } from 'vitest';
import type { Doc } from './document';
import { drawnMillimetres, oddOnes, sketchOf } from './sketch';

const doc = (groups: string[]): Doc =>
  ({
    map: {
      width: '',
      height: '90',
      front: 'left',
      parts: [],
      positions: groups.map((group, i) => ({ key: `p${String(i)}`, number: String(i), x: String(i * 10), y: '5', group, part: 'a' })),
    },
    groups: [
      { key: 'long', name: 'long', fastener: 'l' },
      { key: 'short', name: 'short', fastener: 's' },
    ],
    fasteners: [
      { key: 'l', name: 'long', reuse: 'free', head: 'hex', across_flats: '9/16 in' },
      { key: 's', name: 'short', reuse: 'free', head: 'a shape nobody draws' },
    ],
  }) as unknown as Doc;

describe('a map while it is drawn', () => {
  it('takes sizes in millimetres and inches (1 in is 25.4 mm by definition), and nothing that is no length', () => {
    expect(Number(drawnMillimetres('9/16 in'))).toBeCloseTo(14.2875, 6);
    expect(drawnMillimetres('14 mm')).toBe('14');
    expect(drawnMillimetres('14')).toBeNull();
    expect(drawnMillimetres({ missing: 'not printed' })).toBeNull();
  });

  it('is drawn while its sizes and heads are still missing', () => {
    const sketch = sketchOf(doc(['long', 'short']));
    expect(sketch.map.width).toBe('400');
    expect(sketch.fasteners.map((f) => f.head)).toEqual(['hex', null]);
  });

  it('leaves out a position that stands nowhere', () => {
    const started = doc(['long']);
    const first = started.map.positions[0];
    if (first) first.x = 'somewhere';
    expect(sketchOf(started).map.positions).toEqual([]);
  });

  it('knows the one short bolt among long ones, and none where there are as many of each', () => {
    expect(oddOnes(sketchOf(doc(['long', 'long', 'long', 'short'])))).toEqual(['p3']);
    expect(oddOnes(sketchOf(doc(['long', 'short'])))).toEqual([]);
  });
});
