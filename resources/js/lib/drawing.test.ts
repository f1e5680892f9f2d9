import { describe, expect, it } from 'vitest';
import { type MapPosition, type Sketch, numberPlace } from './drawing';

const at = (key: string, x: number, y: number): MapPosition => ({ key, number: key, x: String(x), y: String(y), group: 'g', part: 'a' });
const map = (positions: MapPosition[], shape: 'box' | 'cap' | 'round', height: number): Sketch['map'] => ({
  width: '200',
  height: '200',
  front: 'left',
  parts: [
    { key: 'a', name: 'a', shape, x: '30', y: '10', width: '40', height: String(height) },
    { key: 'b', name: 'b', shape, x: '150', y: '10', width: '40', height: String(height) },
  ],
  positions,
});

describe('the number of a position', () => {
  it('stands towards the middle of the joint', () => {
    const [top, low] = [at('1', 50, 30), at('2', 50, 170)];
    expect(numberPlace(top, map([top, low], 'box', 180))).toEqual({ x: 0, y: 1 });
    expect(numberPlace(low, map([top, low], 'box', 180))).toEqual({ x: 0, y: -1 });
  });

  it('stands outside where a small cap has its name inside', () => {
    const [top, low] = [at('1', 50, 28), at('2', 50, 78)];
    expect(numberPlace(top, map([top, low], 'cap', 86))).toEqual({ x: 0, y: -1 });
    expect(numberPlace(low, map([top, low], 'cap', 86))).toEqual({ x: 0, y: 1 });
  });

  it('stands on no name below a part, and not off the drawing', () => {
    const low = at('1', 50, 170);
    expect(numberPlace(at('1', 50, 20), map([at('1', 50, 20)], 'round', 25))).toEqual({ x: 0, y: -1 });
    const edge = [at('1', 190, 60), at('2', 190, 100), at('3', 190, 140)];
    expect(numberPlace(edge[1] ?? low, map(edge, 'box', 180))).toEqual({ x: -1, y: 0 });
  });

  it('stands outside where two heads face each other so closely that their numbers would run into one', () => {
    const four = [at('1', 75, 75), at('2', 125, 75), at('3', 75, 125), at('4', 125, 125)];
    expect(four.map((p) => numberPlace(p, map(four, 'box', 180)).y)).toEqual([-1, -1, 1, 1]);
  });

  it('stands beside its head in a column of heads', () => {
    const column = [at('1', 100, 60), at('2', 100, 100), at('3', 100, 140)];
    expect(column.map((p) => numberPlace(p, map(column, 'box', 180)))).toEqual([
      { x: 0, y: -1 },
      { x: 1, y: 0 },
      { x: 0, y: 1 },
    ]);
  });
});
