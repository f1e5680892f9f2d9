import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { SESSION } from '@/api/session';
import type { RunSheet } from '@/api/types';
import { LeavePanel } from '@/areas/bench/LeavePanel';
import type { RunObservation } from '@/areas/bench/outbox';
import { LeftWords } from '@/areas/bench/points/LeftWords';
import { Handover } from '@/areas/bench/screens/Handover';
import { type Bench, leftHere } from '@/areas/bench/useRun';
import { SHEET } from './run-sheet';
import { SESSION_AT_BENCH, inApp, newClient, serve } from './server';

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

const seen = (type: string, more: object): RunObservation => ({
  v: 1,
  id: 'o1',
  sitting: 's1',
  base_seq: 1,
  device_time: '2026-06-15T09:00:00Z',
  mono_ms: 0,
  clock: 'c1',
  run: 'run-1',
  subject: 'e1',
  ...more,
  type,
});

test('who leaves a job stands in front of it in the newest words at once, whatever the server has told so far', () => {
  const client = newClient();
  client.setQueryData(SESSION, SESSION_AT_BENCH);
  const since = [
    seen('parked', { reason: 'Stamped “qx 7”.' }),
    seen('resumed', { after_idle: false }),
    seen('parked', { reason: 'left at the bench', text: 'The rear pair is dry.' }),
  ];
  const { rerender } = render(inApp(<LeftWords left={leftHere(since.slice(0, 1), 'Assembler')} />, '/', client));
  expect(screen.getByText('Stamped “qx 7”.')).toBeTruthy();
  rerender(inApp(<LeftWords left={leftHere(since, 'Assembler')} />, '/', client));
  expect(screen.getByText('The rear pair is dry.')).toBeTruthy();
  expect(leftHere(since.slice(1, 2), 'Assembler')).toBeNull();
});

test('a shift is not handed over while something told here is not sent: the list is asked for once all of it is on record', async () => {
  const asked = serve({
    'GET bench/handover': () => ({ body: { engines: [{ build: 'e1', title: 'TN3-26-0402', lines: ['Main caps: 1 of 16 done'] }], mark: 'm1' } }),
  });
  const client = newClient();
  client.setQueryData(SESSION, SESSION_AT_BENCH);
  const told = { waiting: [seen('torque', {})], answered: [], trouble: null as string | null, unread: false, notKept: null };
  let now = told;
  const heard = new Set<() => void>();
  client.setQueryData(['outbox'], { snapshot: () => now, subscribe: (tell: () => void) => (heard.add(tell), () => heard.delete(tell)) });
  render(inApp(<Handover />, '/bench/handover', client));

  expect((await screen.findByRole('status')).textContent).toContain('1 thing told here is not sent yet');
  expect(screen.queryByLabelText('Your PIN')).toBeNull();
  expect(asked).toEqual([]);
  now = { ...told, waiting: [] };
  for (const tell of heard) tell();
  expect(await screen.findByText('Main caps: 1 of 16 done')).toBeTruthy();
  expect(screen.getByLabelText('Your PIN')).toBeTruthy();
});
