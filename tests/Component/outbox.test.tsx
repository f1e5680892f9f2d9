import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { answerOf, api } from '@/api/client';
import type { Command } from '@/api/types';
import { Outbox, type RunObservation } from '@/areas/bench/outbox';
import { useOutbox } from '@/areas/bench/useOutbox';
import { SESSION_AT_BENCH, inApp, newClient, refused, serve, unreachable } from './server';

type Batch = { observations: { id: string; device_seq: number; type: string; value?: string; bytes?: string }[] };
const batchOf = (body: unknown) => (body as Batch).observations;

let bench = 0;
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'], shouldAdvanceTime: true });
  bench += 1;
});
afterEach(() => vi.useRealTimers());

const seen = (value: string): RunObservation => ({
  type: 'reading_taken',
  v: 1,
  id: crypto.randomUUID(),
  run: 'run-1',
  subject: 'sub-1',
  sitting: 's1',
  step: 'snug:1',
  base_seq: 7,
  device_time: '2026-06-15T09:00:00Z',
  mono_ms: 1,
  clock: 'c1',
  value: `${value} N.m`,
  raw: value,
  tool: 'tool-1',
  source: 'typed',
});

const applied = (body: unknown) => ({
  body: {
    outcomes: batchOf(body).map((o) => ({ id: o.id, seq: 8, leaf_hash: 'a'.repeat(64), standing: 'applied', effects: [], say: [] })),
  },
});

test('what is observed stands there at once, waits while nobody answers, and goes out by itself when somebody does', async () => {
  let up = false;
  const sent: string[] = [];
  serve({
    'GET session': () => ({ body: { ...SESSION_AT_BENCH, device: { id: `hook-${String(bench)}`, name: 'Bench 1', next_device_seq: 1 } } }),
    'POST bench/observations': (body) => {
      if (!up) return unreachable();
      sent.push(...batchOf(body).map((o) => `${String(o.device_seq)} ${o.value ?? ''}`));
      return applied(body);
    },
  });
  const client = newClient();
  const { result } = renderHook(() => useOutbox(), { wrapper: ({ children }: { children: ReactNode }) => inApp(children, '/', client) });
  await waitFor(() => expect(result.current.outbox).not.toBeNull());

  await act(async () => {
    await result.current.outbox?.observe(seen('32'));
    await result.current.outbox?.observe(seen('32.5'));
  });
  await waitFor(() => expect(result.current.state.trouble).toContain('cannot be reached'));
  expect(result.current.state.waiting.map((o) => o.device_seq)).toEqual([1, 2]);

  // What keeps it back is told as long as something is kept back, and in the same moment no more.
  const told: string[] = [];
  result.current.outbox?.subscribe(() => {
    const { waiting, trouble } = result.current.outbox?.snapshot() ?? {};
    if (waiting?.length === 0 && trouble != null) told.push(trouble);
  });
  up = true;
  await act(async () => await vi.advanceTimersByTimeAsync(2_000));
  await waitFor(() => expect(result.current.state.waiting).toEqual([]));
  expect(told).toEqual([]);
  expect(sent).toEqual(['1 32 N.m', '2 32.5 N.m']);
  expect(result.current.state.trouble).toBeNull();
});

test('what waits outlives the page: opened anew, it is sent with the number it was given', async () => {
  const device = `again-${String(bench)}`;
  serve({ 'POST bench/observations': unreachable });
  const before = await Outbox.open(device, 4);
  await before.observe(seen('31'));
  await waitFor(() => expect(before.snapshot().trouble).not.toBeNull());
  // The page is closed: what it would have tried again it does not.
  vi.clearAllTimers();
  const asked = serve({ 'POST bench/observations': applied });

  // The server's count is older than what waits here: it must not be given out a second time.
  const after = await Outbox.open(device, 4);
  await waitFor(() => expect(after.snapshot().waiting).toEqual([]));
  expect(batchOf(asked[0]?.body).map((o) => [o.device_seq, o.value])).toEqual([[4, '31 N.m']]);
  expect(await after.lastSeq()).toBe(4);
});

test('one that the server cannot read is stood in for with its bytes, and does not hold up the next', async () => {
  const asked = serve({
    'POST bench/observations': (body) =>
      batchOf(body)[0]?.type === 'reading_taken' && batchOf(body)[0]?.value === 'odd N.m'
        ? refused(422, 'unreadable', 'It cannot be read.', { index: 0, reason: 'a value is no number' })
        : applied(body),
  });
  const outbox = await Outbox.open(`odd-${String(bench)}`, 1);
  await outbox.observe(seen('odd'));
  await outbox.observe(seen('32'));
  await waitFor(() => expect(outbox.snapshot().waiting).toEqual([]));

  // The second may have been on its way in the same batch as the odd one, which was refused as a whole.
  const batches = asked.map(({ body }) => batchOf(body));
  const taken = batches.filter((batch) => batch.every((o) => o.value !== 'odd N.m')).flat();
  expect(taken.map((o) => [o.device_seq, o.type])).toEqual([
    [1, 'observation_unreadable'],
    [2, 'reading_taken'],
  ]);
  expect(taken[0]?.bytes).toContain('"value":"odd N.m"');
});

test('where the server counts further, what waits is counted anew, in its order, and none is lost', async () => {
  const asked = serve({
    'POST bench/observations': (body) => {
      const first = batchOf(body)[0];
      return first && first.device_seq < 9 ? refused(409, 'device-seq', 'Counted otherwise.', { id: first.id, expected: 9 }) : applied(body);
    },
  });
  const outbox = await Outbox.open(`count-${String(bench)}`, 3);
  await Promise.all([outbox.observe(seen('31')), outbox.observe(seen('32'))]);
  await waitFor(() => expect(outbox.snapshot().waiting).toEqual([]));
  const accepted = asked.flatMap(({ body }) => batchOf(body)).filter((o) => o.device_seq >= 9);
  expect(new Set(accepted.map((o) => `${String(o.device_seq)} ${o.value ?? ''}`))).toEqual(new Set(['9 31 N.m', '10 32 N.m']));
  expect(await outbox.lastSeq()).toBe(10);
});

const finish = (stamp: Command) => answerOf(api.POST('/bench/runs/{run}/finish', { params: { path: { run: 'run-1' } }, body: { ...stamp, pin: '314159' } }));

test('a command waits for the readings before it, and is refused with what is in their way', async () => {
  const asked = serve({ 'POST bench/observations': unreachable });
  const outbox = await Outbox.open(`before-${String(bench)}`, 1);
  await outbox.observe(seen('32'));

  await expect(outbox.command(finish)).rejects.toThrow('cannot be reached');
  expect(asked.some(({ path }) => path.endsWith('finish'))).toBe(false);
});

test('a refused command uses up no number, a carried out one does', async () => {
  let refuses = true;
  const asked = serve({
    'POST bench/runs/run-1/finish': () => (refuses ? refused(409, 'run-open', 'Three steps are open.') : { body: { id: 'run-1' } }),
  });
  const outbox = await Outbox.open(`number-${String(bench)}`, 5);
  await expect(outbox.command(finish)).rejects.toThrow('Three steps are open.');
  expect(await outbox.lastSeq()).toBe(4);
  refuses = false;
  await outbox.command(finish);

  expect(await outbox.lastSeq()).toBe(5);
  expect(asked.filter(({ path }) => path.endsWith('finish')).map(({ body }) => (body as Command).device_seq)).toEqual([5, 5]);
});

test('where this device cannot keep a reading, that is said and nothing counts as recorded', async () => {
  serve({ 'POST bench/observations': applied });
  const outbox = await Outbox.open(`full-${String(bench)}`, 1);
  const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('the disk is full', 'QuotaExceededError');
  });
  expect(await outbox.observe(seen('32'))).toBe(false);
  expect(outbox.snapshot()).toMatchObject({
    waiting: [],
    notKept: 'This device could not keep 32: its store is full or closed. Nothing was recorded; call the lead.',
  });
  put.mockRestore();

  expect(await outbox.observe(seen('32.5'))).toBe(true);
  expect(outbox.snapshot().notKept).toBeNull();
});

test('that somebody went on without a PIN is said before what they do, and nothing is kept without it', async () => {
  const asked = serve({ 'POST bench/observations': applied });
  const outbox = await Outbox.open(`idle-${String(bench)}`, 1);
  outbox.markAfterIdle(true);
  const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('the disk is full', 'QuotaExceededError');
  });
  expect(await outbox.observe(seen('32'))).toBe(false);
  expect(outbox.snapshot()).toMatchObject({ waiting: [], notKept: expect.stringContaining('could not keep 32:') as string });
  put.mockRestore();

  const reading = seen('32.5');
  await outbox.observe(reading);
  await outbox.flush();
  const batch = asked.map(({ body }) => batchOf(body)).find((sent) => sent.some((o) => o.id === reading.id));
  expect(batch?.map((o) => [o.device_seq, o.type])).toEqual([
    [1, 'resumed'],
    [2, 'reading_taken'],
  ]);
});

test('while a reading is on its way to the disk the browser asks before it leaves the page, and no more once it is kept', async () => {
  serve({ 'POST bench/observations': () => unreachable() });
  const leave = () => {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);
    return event.defaultPrevented;
  };
  const outbox = await Outbox.open(`leaving-${String(bench)}`, 1);
  expect(leave()).toBe(false);

  const first = outbox.observe(seen('32'));
  const second = outbox.observe(seen('32.5'));
  expect(leave()).toBe(true);
  await first;
  await second;
  expect(leave()).toBe(false);
  expect(outbox.snapshot().waiting.map((o) => o.device_seq)).toEqual([1, 2]);
});
