import { describe, expect, it } from 'vitest';
import { type PendingObservation, runView, unknownTo } from './run-view';

const line = (step: string) => ({ step, low: '30', high: '34', units: [{ code: 'N.m', factor: '1' }] });
const run = { next_step: 'a', stopped_at: null, walk_sheet: [line('a'), line('b'), line('c')] };
const reading = (step: string, value: string): PendingObservation => ({ id: step, type: 'reading_taken', step, value: `${value} N.m` });

describe('a run as the bench sees it', () => {
  it('stands at the server’s next step while nothing is on its way', () => expect(runView(run, [])).toEqual({ doneHere: [], next: 'a', waits: false }));

  it('walks on along the sheet by good readings that are still on their way', () =>
    expect(runView(run, [reading('a', '32'), reading('b', '30')])).toEqual({ doneHere: ['a', 'b'], next: 'c', waits: false }));

  it('waits for the server after anything but a good reading', () => {
    expect(runView(run, [reading('a', '32'), reading('b', '29.9')])).toEqual({ doneHere: ['a'], next: null, waits: true });
    expect(runView(run, [{ id: 'x', type: 'backed_off', step: 'a' }]).waits).toBe(true);
  });

  it('does not wait for a reading that a fresh sheet already holds, though its answer has not come', () => {
    const overtaken = { next_step: 'b', stopped_at: null, walk_sheet: [line('b'), line('c')], steps: [{ attempts: [{ reading: 'a' }] }, { attempts: [] }] };
    const onTheirWay = [reading('a', '32'), reading('b', '31')];
    expect(runView(overtaken, unknownTo(overtaken, onTheirWay))).toEqual({ doneHere: ['b'], next: 'c', waits: false });
    expect(unknownTo(undefined, onTheirWay)).toHaveLength(2);
  });

  it('stays at a step that stopped the run', () => expect(runView({ ...run, stopped_at: 'b' }, []).next).toBe('b'));

  it('has nothing next when the sheet is walked to its end', () => {
    expect(
      runView(
        run,
        ['a', 'b', 'c'].map((step) => reading(step, '32')),
      ).next,
    ).toBeNull();
  });
});
