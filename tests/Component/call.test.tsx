import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, test, vi } from 'vitest';
import { SESSION } from '@/api/session';
import { StepScreen } from '@/areas/bench/StepScreen';
import type { Bench } from '@/areas/bench/useRun';
import { runView } from '@/lib/run-view';
import { SHEET } from './run-sheet';
import { SESSION_AT_BENCH, inApp, newClient } from './server';

const observe = vi.fn<(seen: { type: string; step: string; value: string; raw: string; device_says: { verdict: string } }) => Promise<boolean>>();
const mutate = vi.fn();

beforeEach(() => {
  observe.mockReset().mockResolvedValue(true);
  mutate.mockReset();
  const client = newClient();
  client.setQueryData(SESSION, SESSION_AT_BENCH);
  const [step] = SHEET.steps;
  if (!step) throw new Error('no step');
  const bench = {
    outbox: { observe },
    sheet: SHEET,
    view: runView(SHEET, []),
    pending: [],
    asides: [],
    outboxState: { waiting: [], answered: [], trouble: null, unread: false, notKept: null },
    command: { mutate, isPending: false, isError: false, error: null, reset: vi.fn() },
  } as unknown as Bench;
  render(inApp(<StepScreen bench={bench} sheet={SHEET} step={step} />, '/', client));
});

test('the call names the bolt and the number to reach on the tool’s own scale', () => {
  expect(screen.getByRole('heading', { level: 1 }).textContent).toContain('Bolt 1');
  expect(screen.getByLabelText('Reach 32 N·m')).toBeTruthy();
});

test('a reading may be typed from anywhere on the screen, with a comma, and is taken on Enter as it was typed', async () => {
  const user = userEvent.setup();
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  await user.keyboard('32,5{Enter}');

  expect(observe).toHaveBeenCalledOnce();
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ step: 'snug:1', value: '32.5 N.m', raw: '32,5', device_says: { verdict: 'in' } });
});

test('what is no number is not taken, and what would be is said', async () => {
  const user = userEvent.setup();
  await user.keyboard('{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('Type what TW-04 shows, in N·m.');
  await user.keyboard('3.2.1{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('“3.2.1” is no reading. Type a number such as 32.');
  expect(observe).not.toHaveBeenCalled();
});

test('more digits than a reading has are refused, and never cut down to another number', async () => {
  const user = userEvent.setup();
  for (const mashed of ['12345.12345', '12345.123456789', '323232323232323232323232']) {
    await user.keyboard(`${mashed}{Enter}`);
    expect(screen.getByRole('alert').textContent).toMatch(/is no reading\. Type a number such as 32\.$/);
    await user.clear(screen.getByRole('textbox'));
  }
  expect(observe).not.toHaveBeenCalled();
});

test('what looks like a slip of the decimal mark is asked about first; an honest short pull is not', async () => {
  const user = userEvent.setup();
  await user.keyboard('320{Enter}');
  expect(observe).not.toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'It showed 32 N·m' }));
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ value: '32 N.m', raw: '320', device_says: { verdict: 'in' } });

  await user.keyboard('29{Enter}');
  expect(observe.mock.calls[1]?.[0]).toMatchObject({ value: '29 N.m', device_says: { verdict: 'low' } });
});

test('a scan never enters as a reading: a tool of the crib is taken, anything else is named', async () => {
  const user = userEvent.setup();
  await user.keyboard('@TTW-04{Enter}');
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ type: 'tool_taken', quantity: 'torque' });
  await user.keyboard('@BXY-9{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('XY-9 was scanned; it is no torque wrench of the crib.');
  expect(observe).toHaveBeenCalledOnce();
});

test('where the reading could not be kept it stands in the field again', async () => {
  observe.mockResolvedValue(false);
  const user = userEvent.setup();
  await user.keyboard('32{Enter}');
  expect((await screen.findByDisplayValue('32')).tagName).toBe('INPUT');
});
