import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { SESSION } from '@/api/session';
import type { RunSheet } from '@/api/types';
import { LeavePanel } from '@/areas/bench/LeavePanel';
import type { Bench } from '@/areas/bench/useRun';
import { SHEET } from './run-sheet';
import { SESSION_AT_BENCH, inApp, newClient } from './server';

type Beside = { state: string; leave: () => Promise<string> };
const TOLD: RunSheet = { ...SHEET, time: { in_all: '40 min', late: false, leave: '14 min, after round 2' } };

function show(beside: Beside) {
  const client = newClient();
  client.setQueryData(SESSION, SESSION_AT_BENCH);
  const bench = { beside, outboxState: { notKept: null } } as unknown as Bench;
  render(inApp(<LeavePanel bench={bench} sheet={TOLD} onClose={() => undefined} />, '/', client));
}

test('whoever leaves reads where it can next be left, as the core beside the page has it now', async () => {
  show({ state: 'ready', leave: () => Promise.resolve('3 min, after round 1') });
  expect(await screen.findByText('Place to leave it: 3 min, after round 1.')).toBeTruthy();
});

test('once all is done, nothing is left', async () => {
  show({ state: 'ready', leave: () => Promise.resolve('') });
  expect(await screen.findByText('Nothing is left to do.')).toBeTruthy();
});

test.each([
  ['where no core runs beside the page', { state: 'unavailable', leave: () => Promise.reject(new Error('never asked')) }],
  ['where the core cannot say', { state: 'ready', leave: () => Promise.reject(new Error('no run')) }],
])('%s it is as the server last told it', async (_, beside) => {
  show(beside);
  expect(await screen.findByText('Place to leave it: 14 min, after round 2.')).toBeTruthy();
});
