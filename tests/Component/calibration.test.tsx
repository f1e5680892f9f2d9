import { expect, it } from 'vitest';
import type { CalibrationForm, ReadingsRead } from '@/api/types';
import { emptyCells, fromFile, typed, wanting } from '@/areas/crib/calibration';

const point = (nominal: string, direction: 'clockwise' | 'anticlockwise') => ({
  nominal,
  direction,
  words: `${nominal}\u00a0N·m${direction === 'clockwise' ? '' : ' anticlockwise'}`,
});

const form = { readings: 2, unit: 'N·m', points: [point('20', 'clockwise'), point('20', 'anticlockwise')] } as CalibrationForm;
const around = { not_found: '', adjustment: 'none', adapter: '', standard: '', valid_until: '', preloads: '3', laboratory: 'own' } as Parameters<
  typeof typed
>[2];

it('puts the readings of a file to their point and direction, and takes points that the shop does not ask for', () => {
  const read: ReadingsRead = {
    as_found: [
      { ...point('20.0', 'anticlockwise'), readings: ['19.8', '19.9', '20'] },
      { ...point('60', 'clockwise'), readings: ['60.1'] },
    ].map(({ nominal, direction, readings }) => ({ nominal, direction, readings })),
    as_left: [],
  };
  const file = fromFile(form, read);

  expect(file.points.map((p) => p.words)).toEqual(['60\u00a0N·m', '20\u00a0N·m anticlockwise']);
  expect(file.cells.as_found).toEqual([
    ['60.1', ''],
    ['19.8', '19.9', '20'],
  ]);
  expect(file.adjusted).toBe(false);
});

it('sends each point with its direction, and none at which nothing was read', () => {
  const cells = emptyCells(form);
  cells.as_found = [
    ['', ''],
    ['19.8', ''],
  ];

  expect(typed(form, cells, around).sheet.as_found).toEqual([{ nominal: '20', direction: 'anticlockwise', readings: ['19.8'] }]);
  expect(wanting(cells.as_found)).toBe(3);
});
