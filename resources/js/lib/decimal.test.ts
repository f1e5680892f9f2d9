import { describe, expect, it } from 'vitest';
import { compare, decimal, times } from './decimal';

const read = (text: string) => decimal(text) ?? { units: -1n, scale: 0 };

describe('exact decimals', () => {
  it('reads plain decimals and nothing else', () => {
    expect(decimal('9.80')).toEqual({ units: 980n, scale: 2 });
    expect(decimal('007')).toEqual({ units: 7n, scale: 0 });
    for (const text of ['', '.', '1.', '.5', '-1', '+1', '1e3', '1,5', ' 1', '1 ', '0x1', 'NaN', '1.2.3']) expect(decimal(text), text).toBeNull();
  });

  it('multiplies without rounding: 62 lbf·ft is 84.0607127965468248 N·m to the last digit (NIST SP 811)', () =>
    expect(times(read('62'), read('1.3558179483314004'))).toEqual({ units: 840607127965468248n, scale: 16 }));

  it('compares across scales', () => {
    expect(compare(read('30'), read('30.000'))).toBe(0);
    expect(compare(read('29.9999999999999999999'), read('30'))).toBe(-1);
    expect(compare(read('30.0000000000000000001'), read('30'))).toBe(1);
  });

  it('orders a thousand made-up pairs as integers of a common scale do', () => {
    let seed = 12345;
    const next = (below: number) => (seed = (seed * 1103515245 + 12345) % 2147483648) % below;
    for (let i = 0; i < 1000; i++) {
      const [a, b] = [next(100000), next(100000)];
      const written = (n: number) => `${String(Math.floor(n / 1000))}.${String(n % 1000).padStart(3, '0')}`;
      expect(compare(read(written(a)), read(written(b)))).toBe(Math.sign(a - b));
    }
  });
});
