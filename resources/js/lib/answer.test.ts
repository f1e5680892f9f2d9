import { describe, expect, test } from 'vitest';
import { type AskedField, type AskedScale, eventOf, slipOf, whyNot } from './answer';

const SCALE: AskedScale = {
  unit: { code: 'N.m', symbol: 'N·m' },
  digits: '32.0',
  least: '30',
  most: '34',
  doubts: [
    { from: '360', to: '408', says: 'lbf·in and lbf·ft differ by 12', over: '12' },
    { from: '3', to: '3.4', says: 'a decimal mark is a factor of 10', times: '10' },
    { from: '0', to: '0', says: 'it is nothing at all' },
    { to: '12', says: 'TW-04 is for 12–60 N·m', beyond: true },
    { from: '60', says: 'TW-04 is for 12–60 N·m', beyond: true },
  ],
};
const VALUE: AskedField = { name: 'value', kind: 'value', into: 'value', optional: false, scale: SCALE };
const HELD: AskedField = { name: 'held_torque', kind: 'value', into: 'watched', optional: false, what: 'held_torque', tool: 'w2', scale: SCALE };

describe('what is typed into a call', () => {
  test('becomes its event with the unit of its scale, and as it was typed beside it', () => {
    const answer = { event: { type: 'reading_taken', step: 's:1:1', tool: 'w1' }, takes: ['value', 'held_torque'] };
    expect(eventOf(answer, [VALUE, HELD], { value: '32,5', held_torque: '15' })).toEqual({
      type: 'reading_taken',
      step: 's:1:1',
      tool: 'w1',
      value: '32.5 N.m',
      raw: '32,5',
      watched: [{ what: 'held_torque', value: '15 N.m', tool: 'w2' }],
    });
  });

  test('fills nothing that nobody typed, and nothing that the answer does not take', () => {
    expect(eventOf({ event: { type: 'fastener_replaced' }, takes: ['lot'] }, [{ name: 'lot', kind: 'text', into: 'lot', optional: true }], {})).toEqual({
      type: 'fastener_replaced',
    });
    expect(eventOf({ event: { type: 'zeroed' }, takes: [] }, [VALUE], { value: '32' })).toEqual({ type: 'zeroed' });
    expect(eventOf({ event: {}, takes: ['marks'] }, [{ name: 'marks', kind: 'count', into: 'marks', optional: false }], { marks: '16' })).toEqual({
      marks: 16,
    });
  });

  test('is refused with a sentence where it is no number', () => {
    expect(whyNot(VALUE, '', 'Reading')).toBe('Reading: type it first.');
    expect(whyNot(VALUE, '3.2.1', 'Reading')).toBe('“3.2.1” is no reading. Type a number such as 32.0.');
    expect(whyNot({ ...VALUE, kind: 'count' }, '1.5', 'Marks')).toBe('“1.5” is no count. Type a whole number.');
    expect(whyNot(VALUE, '32,5', 'Reading')).toBeNull();
    expect(whyNot({ ...VALUE, optional: true }, '', 'Reading')).toBeNull();
  });
});

describe('what looks like a slip', () => {
  test('is said with what it would be without it', () => {
    expect(slipOf(SCALE, '3.2')).toEqual({ says: 'a decimal mark is a factor of 10', likely: '32' });
    expect(slipOf(SCALE, '384')).toEqual({ says: 'lbf·in and lbf·ft differ by 12', likely: '32' });
  });

  test('lies beyond the tool’s own range, or is nothing', () => {
    expect(slipOf(SCALE, '0')).toEqual({ says: 'it is nothing at all', likely: null });
    expect(slipOf(SCALE, '3842.7')).toEqual({ says: 'TW-04 is for 12–60 N·m', likely: null });
    expect(slipOf(SCALE, '11.9')?.says).toBe('TW-04 is for 12–60 N·m');
    expect(slipOf(SCALE, '12')).toBeNull();
    expect(slipOf(SCALE, '60')).toBeNull();
  });

  test('is never a good value, nor an honest short or over pull', () => {
    for (const value of ['30', '32', '34', '27.4', '38.1']) expect(slipOf(SCALE, value)).toBeNull();
  });
});
