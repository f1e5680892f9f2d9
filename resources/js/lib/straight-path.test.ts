import { describe, expect, it } from 'vitest';
import vectors from '../../../core/reference/straight-path-vectors.json';
import { judge } from './straight-path';

describe('the straight path', () => {
  it('comes to the core’s verdict in every vector, edges at the last digit included', () => {
    let checked = 0;
    for (const { low, high, units, cases } of vectors) {
      for (const { digits, unit, verdict } of cases) {
        expect(`${digits} ${unit} ${String(judge({ step: 's', low, high, units }, digits, unit))}`).toBe(`${digits} ${unit} ${verdict}`);
        checked++;
      }
    }
    expect(checked).toBeGreaterThan(500);
  });

  const line = { step: 's', low: '30', high: '34', units: [{ code: 'N.m', factor: '1' }] };

  it('leaves to the server what it cannot judge', () => {
    for (const digits of ['', '-32', '1e309', '32,5', 'Infinity', '٣٢']) expect(judge(line, digits, 'N.m')).toBeNull();
    expect(judge(line, '32', 'furlong')).toBeNull();
  });

  it('is not fooled by binary fractions: 0.1 + 0.2 is no limit of 0.3', () => {
    const tenths = { ...line, low: '0.3', high: '0.3' };
    expect(judge(tenths, '0.3', 'N.m')).toBe('in');
    expect(judge(tenths, '0.30000000000000001', 'N.m')).toBe('high');
  });
});
