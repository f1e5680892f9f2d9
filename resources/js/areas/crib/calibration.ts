import type { CalibrationForm, CalibrationTyped, ReadingsRead } from '@/api/types';

export type Pass = 'as_found' | 'as_left';
export type Cells = Record<Pass, string[][]>;
export type Around = {
  calibrated_on: string;
  standard: string;
  certificate: string;
  valid_until: string;
  adapter: string;
  preloads: string;
  temperature: string;
  humidity: string;
  laboratory: string;
  laboratory_name: string;
  accreditation: string;
  scope: string;
  adjustment: string;
  not_found: string;
};

type Adjustment = CalibrationTyped['sheet']['adjustment'];

/** An empty sheet for the points and readings that the shop wants. */
export function emptyCells(form: CalibrationForm): Cells {
  const pass = () => form.points.map(() => Array.from({ length: form.readings }, () => ''));
  return { as_found: pass(), as_left: pass() };
}

/** As it is looked at and kept: cells in which nothing stands yet are no readings. */
export function typed(form: CalibrationForm, cells: Cells, around: Around): CalibrationTyped {
  const points = (pass: Pass) =>
    form.points
      .map((p, i) => ({ nominal: p.nominal, direction: p.direction, readings: (cells[pass][i] ?? []).map((c) => c.trim()).filter((c) => c !== '') }))
      .filter((p) => p.readings.length > 0);
  const found = around.not_found === '' ? points('as_found') : [];
  return {
    calibrated_on: around.calibrated_on,
    certificate: around.certificate,
    standard: around.standard === '' ? null : around.standard,
    valid_until: around.valid_until === '' ? null : around.valid_until,
    not_found: around.not_found === '' ? null : (around.not_found as 'new' | 'unread'),
    laboratory: { kind: around.laboratory as 'own' | 'outside', name: around.laboratory_name, accreditation: around.accreditation, scope: around.scope },
    sheet: {
      direction: form.points[0]?.direction ?? 'clockwise',
      as_found: found,
      adjustment: around.adjustment as Adjustment,
      as_left: around.adjustment === 'none' && around.not_found === '' ? [] : points('as_left'),
      preloads: /^\d+$/.test(around.preloads) ? Number(around.preloads) : 0,
      temperature: around.temperature,
      humidity: around.humidity,
      adapter: around.adapter === '' ? null : around.adapter,
    },
  };
}

type Point = Pick<CalibrationForm['points'][number], 'nominal' | 'direction'>;

const keyOf = (p: Point) => `${String(Number(p.nominal))} ${p.direction}`;

const wordsOf = (p: Point, unit: string) => `${p.nominal}\u00a0${unit}${p.direction === 'clockwise' ? '' : ` ${p.direction}`}`;

/** What a file has read: its own points, and its readings in their cells. */
export function fromFile(form: CalibrationForm, read: ReadingsRead): { points: CalibrationForm['points']; cells: Cells; adjusted: boolean } {
  const there = new Map([...read.as_found, ...read.as_left].map((p) => [keyOf(p), p]));
  const points = [...there.values()]
    .sort((a, b) => b.direction.localeCompare(a.direction) || Number(a.nominal) - Number(b.nominal))
    .map((p) => form.points.find((q) => keyOf(q) === keyOf(p)) ?? { nominal: p.nominal, direction: p.direction, words: wordsOf(p, form.unit) });
  const pass = (of: ReadingsRead['as_found']) =>
    points.map((p) => {
      const readings = of.find((q) => keyOf(q) === keyOf(p))?.readings ?? [];
      return Array.from({ length: Math.max(form.readings, readings.length) }, (_, i) => readings[i] ?? '');
    });
  return { points, cells: { as_found: pass(read.as_found), as_left: pass(read.as_left) }, adjusted: read.as_left.length > 0 };
}

/** How many readings are still wanted in a pass. */
export function wanting(cells: string[][]): number {
  return cells.flat().filter((c) => c.trim() === '').length;
}

/** Readings pasted as rows of a table: each line a point, or each a reading of every point. Null where they do not fit. */
export function pasted(text: string, points: number, readings: number): string[][] | null {
  const rows = text
    .trim()
    .split(/\r?\n/)
    .map((line) =>
      line
        .trim()
        .split(/[\t;]|, |,(?=\d+\.)|\s+/)
        .map((c) => c.trim()),
    );
  if (rows.length === points && rows.every((r) => r.length === readings)) return rows;
  if (rows.length === readings && rows.every((r) => r.length === points)) return Array.from({ length: points }, (_, p) => rows.map((r) => r[p] ?? ''));
  return null;
}
