import { expect, it } from 'vitest';
import { stateSince } from './build-day';

it('gives the day on which an engine left to one that was shipped, and not the day on which it was finished', () => {
  expect(stateSince({ finished_at: '2026-10-18T10:00:00Z', shipped_at: '2026-10-20T10:00:00Z' })).toBe('2026-10-20T10:00:00Z');
  expect(stateSince({ finished_at: '2026-10-18T10:00:00Z', shipped_at: null })).toBe('2026-10-18T10:00:00Z');
  expect(stateSince({ finished_at: null, shipped_at: null })).toBeNull();
});
