import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, test, vi } from 'vitest';
import { SESSION } from '@/api/session';
import type { Call } from '@/api/types';
import { CallScreen } from '@/areas/bench/CallScreen';
import { clocks } from '@/areas/bench/outbox';
import type { Bench } from '@/areas/bench/useRun';
import { READ, SHEET, viewOf } from './run-sheet';
import { SESSION_AT_BENCH, inApp, newClient, serve } from './server';

type Seen = { type: string; step: string; value?: string; raw?: string; device_says?: { verdict: string }; moved?: boolean };
const observe = vi.fn<(seen: Seen) => Promise<boolean>>();
const take = vi.fn();
const onOther = vi.fn();

/** The screen of a call, with a core beside it that finds everything good. */
function show(call: Call, view = viewOf(call), session = SESSION_AT_BENCH) {
  const client = newClient();
  client.setQueryData(SESSION, session);
  const bench = {
    outbox: { observe },
    sheet: SHEET,
    view,
    waits: false,
    baseSeq: 7,
    notice: null,
    setNotice: vi.fn(),
    happened: (o: object) => o,
    beside: { state: 'ready', take, landed: vi.fn(), again: () => undefined },
    outboxState: { waiting: [], answered: [], trouble: null, unread: false, notKept: null },
    command: { mutate: vi.fn(), isPending: false, isError: false, error: null, reset: vi.fn() },
  } as unknown as Bench;
  return render(inApp(<CallScreen bench={bench} sheet={SHEET} view={view} call={call} onTool={vi.fn()} onOther={onOther} />, '/', client));
}

beforeEach(() => {
  observe.mockReset().mockResolvedValue(true);
  onOther.mockReset();
  take.mockReset().mockResolvedValue({ standing: 'applied', effects: [{ do: 'stood', verdict: 'in' }], say: [] });
});

const press = (key: string) => fireEvent.keyDown(document.body, { key });

test('the call names the bolt and the number to reach on the tool’s own scale', () => {
  show(READ);
  expect(screen.getByRole('heading', { level: 1 }).textContent).toContain('Bolt 1');
  expect(screen.getByLabelText('Reach 32 N·m')).toBeTruthy();
});

test('of a card it is asked what stands in its box; the number to reach would be typed for the one that is written', () => {
  show(READ, { ...viewOf(READ), card: 'C-0007' });
  expect(screen.getByText('What stands in its box?')).toBeTruthy();
  expect(screen.queryByLabelText('Reach 32 N·m')).toBeNull();
  expect(screen.queryByRole('button', { name: 'Good pull' })).toBeNull();
});

test('a reading may be typed from anywhere on the screen, with a comma, and is taken on Enter as it was typed', async () => {
  show(READ);
  const user = userEvent.setup();
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  await user.keyboard('32,5{Enter}');

  expect(observe).toHaveBeenCalledOnce();
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ type: 'reading_taken', step: 'snug:1:1', value: '32.5 N.m', raw: '32,5', device_says: { verdict: 'in' } });
});

test('what is no number is not taken, and what would be is said', async () => {
  show(READ);
  const user = userEvent.setup();
  await user.keyboard('{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('Reading of TW-04: type it first.');
  await user.keyboard('3.2.1{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('“3.2.1” is no reading. Type a number such as 32.');
  expect(observe).not.toHaveBeenCalled();
});

test('more digits than a reading has are refused, and never cut down to another number', async () => {
  show(READ);
  const user = userEvent.setup();
  for (const mashed of ['12345.12345', '12345.123456789', '323232323232323232323232']) {
    await user.keyboard(`${mashed}{Enter}`);
    expect(screen.getByRole('alert').textContent).toMatch(/is no reading\. Type a number such as 32\.$/);
    await user.clear(screen.getByRole('textbox'));
  }
  expect(observe).not.toHaveBeenCalled();
});

test('what looks like a slip is asked about first, and after "No" the field is empty; an honest short pull is not', async () => {
  show(READ);
  const user = userEvent.setup();
  await user.keyboard('320{Enter}');
  expect(observe).not.toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'No, let me type it again' }));
  await user.keyboard('3842.7{Enter}');
  expect(screen.getByText(/TW-04 is for 12–60 N·m/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'No, let me type it again' }));
  expect(observe).not.toHaveBeenCalled();
  await user.keyboard('320{Enter}');
  await user.click(screen.getByRole('button', { name: 'It showed 32 N·m' }));
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ value: '32 N.m' });

  await user.keyboard('29{Enter}');
  expect(observe.mock.calls[1]?.[0]).toMatchObject({ value: '29 N.m' });
});

test('letters and signs reach no key, a code that is typed names no reading, and a scan takes the tool or says why not', async () => {
  show(READ);
  const user = userEvent.setup();
  await user.keyboard('TW-04{Enter}');
  expect(observe.mock.calls[0]?.[0]).not.toMatchObject({ type: 'reading_withdrawn' });
  observe.mockClear();
  await user.clear(screen.getByRole('textbox'));
  await user.keyboard('@TTW-04{Enter}');
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ type: 'tool_taken', tool: 't4' });
  await user.keyboard('@TTW-07{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('TW-07 is out of calibration.');
  await user.keyboard('@BXY-9{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('XY-9 was scanned; it is no tool for this.');
  expect(observe).toHaveBeenCalledOnce();
});

test('where the reading could not be kept it stands in the field again', async () => {
  show(READ);
  observe.mockResolvedValue(false);
  const user = userEvent.setup();
  await user.keyboard('32{Enter}');
  expect((await screen.findByDisplayValue('32')).tagName).toBe('INPUT');
});

test('one press is one click; a second sooner than two can be is asked about, and its first answer takes nothing', async () => {
  const click: Call = {
    ...READ,
    kind: 'click',
    fields: [],
    least_ms: 3000,
    answers: [{ key: 'Enter', says: 'Bolt 2 clicked', takes: [], good: true, event: { type: 'click_attested', step: 'snug:2:1' } }],
  };
  const last = {
    reading: 'r',
    step: 'snug:1:1',
    stage: 'snug',
    title: 'Bolt 1',
    position: '1',
    value: null,
    word: 'attested',
    good: true,
    reason: '',
    typed: false,
    at: '',
    mono_ms: clocks().mono_ms,
    clock: clocks().clock,
  };
  show(click, { ...viewOf(click), last });
  press('Enter');
  expect(screen.getByText(/s after bolt 1\.$/)).toBeTruthy();
  expect(observe).not.toHaveBeenCalled();
  await userEvent.setup().click(screen.getByRole('button', { name: 'Yes, it did' }));
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ type: 'click_attested' });
});

test('the star is the other way here: moved instead of stood still, a whole round instead of one by one', () => {
  const verify: Call = {
    ...READ,
    kind: 'verify',
    fields: [],
    answers: [
      { key: 'Enter', says: 'It stood still', takes: [], good: true, event: { type: 'movement_seen', moved: false } },
      { key: '*', says: 'It moved', takes: [], good: false, event: { type: 'movement_seen', moved: true } },
    ],
  };
  const { unmount } = show(verify);
  press('*');
  unmount();
  show({ ...READ, kind: 'click', fields: [] });
  press('*');
  expect(onOther).toHaveBeenCalledOnce();
});

test('the key that sets a wrench is dead until its scale was typed, and the target is nowhere filled in', async () => {
  show({
    ...READ,
    kind: 'set',
    title: 'Set the wrench',
    fields: [
      {
        name: 'shows',
        label: 'What the scale of TW-11 shows',
        kind: 'value',
        into: 'shows',
        optional: false,
        scale: READ.fields[0]?.scale ?? { unit: { code: 'N.m', symbol: 'N·m' }, doubts: [] },
      },
    ],
    answers: [{ key: 'Enter', says: 'It shows', takes: ['shows'], good: true, event: { type: 'tool_set', tool: 't4' } }],
  });
  expect(screen.getByRole('button', { name: 'Type the scale first' })).toHaveProperty('disabled', true);
  expect(screen.getByRole('textbox')).toHaveProperty('value', '');
  await userEvent.setup().keyboard('33{Enter}');
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ type: 'tool_set', shows: '33 N.m' });
});

test('what hangs on a minus is nothing: it takes back no reading', () => {
  show(READ);
  press('-');
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('bolts that are nearest in length are tied on the map, and the star measures one that has changed its place', () => {
  const measure: Call = { ...READ, kind: 'check', title: 'Bolt 1' };
  show({ ...READ, kind: 'stretch', another: measure, pairs: [{ positions: ['1', '2'], apart: '0.02 mm', together: false }] });
  expect(screen.getByRole('img', { name: /The joint/ }).textContent).toContain('0.02 mm');

  expect(screen.getByRole('button', { name: /Another one/ })).toBeTruthy();
  press('*');
  expect(onOther).toHaveBeenCalledOnce();
});

test('a stand-in sends what was watched beside the value, within its limits whatever the value is, and leaves out what need not be read', async () => {
  const demo = { ...SESSION_AT_BENCH, shop: { ...SESSION_AT_BENCH.shop, demo: true } };
  const [value] = READ.fields;
  if (!value?.scale) throw new Error('no field');
  const angle = { unit: { code: 'deg', symbol: '°' }, low: '30', high: '60', least: '30', most: '60', doubts: [] };
  const call: Call = {
    ...READ,
    fields: [
      value,
      { name: 'angle', label: 'Angle', kind: 'value', into: 'watched', what: 'angle', tool: 'g3', optional: false, scale: angle },
      { name: 'most', label: 'Most', kind: 'value', into: 'watched', what: 'final_torque', optional: true, scale: value.scale },
    ],
    answers: READ.answers.map((a) => ({ ...a, takes: ['value', 'angle', 'most'] })),
  };
  const asked = serve({ 'POST stand-ins/wrench/pull': (body) => ({ body: { value: (body as { unit: string }).unit === 'deg' ? '41' : '28.0' } }) });
  show(call, viewOf(call), demo);
  await userEvent.setup().click(screen.getByRole('button', { name: 'Short' }));

  await waitFor(() => expect(observe).toHaveBeenCalledOnce());
  expect(asked.map(({ body }) => body)).toMatchObject([
    { unit: 'N.m', manner: 'short' },
    { unit: 'deg', manner: 'good', low: '30', high: '60' },
  ]);
  expect(observe.mock.calls[0]?.[0]).toMatchObject({ value: '28.0 N.m', source: 'simulated_tool', watched: [{ what: 'angle', value: '41 deg', tool: 'g3' }] });
});
