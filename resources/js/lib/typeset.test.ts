import { describe, expect, it } from 'vitest';
import { calendarDay, count, day, dayAndTime, dayInWords, expected, shortDay, signed } from './typeset';

describe('typesetting', () => {
  it('shows an instant in the shop’s zone: half past eleven in the evening UTC in July is the next day in London', () => {
    expect(day('2026-07-31T23:30:00Z', 'Europe/London')).toBe('1 Aug 2026');
    expect(dayAndTime('2026-07-31T23:30:00Z', 'Europe/London')).toBe('1 Aug, 00:30');
  });

  it('names a day by its weekday, in the shop’s zone', () => {
    expect(dayInWords('2026-11-27T10:00:00Z', 'Europe/London')).toBe('Friday 27 November');
    expect(dayInWords('2026-11-27T13:00:00Z', 'Pacific/Auckland')).toBe('Saturday 28 November');
  });

  it('does not move a calendar day by any zone', () => expect(calendarDay('2026-02-28')).toBe('28 Feb 2026'));

  it('names a calendar day without its year', () => expect(shortDay('2026-12-01')).toBe('1 Dec'));

  it('gives a deviation its sign, a true minus, and nothing a sign of zero', () => {
    expect([signed(6.38, 1), signed(-0.5, 2), signed(-0.04, 1), signed(0, 1)]).toEqual(['+6.4', '−0.50', '0.0', '0.0']);
  });

  it('counts one and many', () => expect([count(1, 'step'), count(0, 'step'), count(2, 'person', 'people')]).toEqual(['1 step', '0 steps', '2 people']));

  it('expects all or none of a share only where it is that', () =>
    expect([1, 0.9996, 0.99, 0.805, 0.01, 0.004, 0].map(expected)).toEqual(['100 %', 'more than 99 %', '99 %', '81 %', '1 %', 'less than 1 %', '0 %']));
});
