import { describe, expect, it } from 'vitest';
import { LOCKS_AFTER_S, WARNS_BEFORE_S, idleState } from './idle';

const at = (seconds: number) => idleState(1_000_000, 1_000_000 + seconds * 1000);

describe('an idle bench', () => {
  it('stays open while hands come and go', () => {
    expect(at(0)).toEqual({ state: 'open' });
    expect(at(LOCKS_AFTER_S - WARNS_BEFORE_S - 1)).toEqual({ state: 'open' });
  });
  it('warns for the last half minute, counting down', () => {
    expect(at(LOCKS_AFTER_S - WARNS_BEFORE_S)).toEqual({ state: 'warning', secondsLeft: 30 });
    expect(at(LOCKS_AFTER_S - 1)).toEqual({ state: 'warning', secondsLeft: 1 });
  });
  it('is locked from ten minutes on, as the server counts them', () => {
    expect(LOCKS_AFTER_S).toBe(600);
    expect(at(600)).toEqual({ state: 'locked' });
    expect(at(90_000)).toEqual({ state: 'locked' });
  });
  it('is not locked by a clock that was set back', () => expect(at(-3600)).toEqual({ state: 'open' }));
});
