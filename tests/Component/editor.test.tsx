import { readFileSync } from 'node:fs';
import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { DraftSheet } from '@/api/types';
import { Editor } from '@/areas/library';
import type { Doc } from '@/lib/document';
import { inApp, refused, serve, unreachable } from './server';

const DOCUMENT = JSON.parse(readFileSync('database/seeders/demo/tn3-main-caps.json', 'utf8')) as Doc;
// Each test has a draft of its own: what one leaves unsaved goes on being saved, and is waited for by whoever opens it again.
let draft = '';
let opened = 0;
// Time goes on as it does, and may be sent ahead.
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'], shouldAdvanceTime: true });
  opened += 1;
  draft = `p${String(opened)}`;
});
afterEach(() => vi.useRealTimers());
const path = () => `library/drafts/${draft}`;
const sheet = (version: number, doc: Doc = DOCUMENT): DraftSheet => ({
  procedure: draft,
  title: 'Main caps, stock bolts',
  letter: 'B',
  version,
  document: doc,
  answers: {},
  based_on: null,
  saved_by: null,
  saved_at: '2026-06-15T09:00:00Z',
  sent_back: null,
});

type Save = { document: Doc; version: number };

function open(paths: Parameters<typeof serve>[0], part = 'rounds') {
  const asked = serve({
    [`GET ${path()}`]: () => ({ body: sheet(3) }),
    'POST library/look': () => refused(503, 'unavailable', 'The core cannot be asked now.'),
    ...paths,
  });
  render(
    inApp(
      <Routes>
        <Route path="/library/drafts/:procedure" element={<Editor />} />
      </Routes>,
      `/${path()}?part=${part}`,
    ),
  );
  return { saves: () => asked.filter((a) => a.method === 'POST' && a.path === path()).map((a) => a.body as Save) };
}

/** The target of the first round, whose rung is opened for it. */
const target = async () => {
  const there = screen.queryAllByLabelText<HTMLInputElement>(/^Target, /);
  if (there[0]) return there[0];
  const [rung] = await screen.findAllByRole('button', { expanded: false });
  if (!rung) throw new Error('no round');
  await userEvent.click(rung);
  const [cell] = await screen.findAllByLabelText<HTMLInputElement>(/^Target, /);
  if (!cell) throw new Error('no target');
  return cell;
};
/** Past the pause after which a draft saves itself: nobody waits for the clock. */
const pause = async () => await act(async () => await vi.advanceTimersByTimeAsync(1_500));
const firstTarget = (doc: Doc | undefined) => doc?.stages[0]?.targets?.[0]?.target;

test('what is typed is saved by itself, as one save, with the version that it began from', async () => {
  const { saves } = open({ [`POST ${path()}`]: () => ({ body: { version: 4 } }) });
  const user = userEvent.setup();
  const cell = await target();
  await user.clear(cell);
  await user.type(cell, '33 N·m');
  await pause();
  await waitFor(() => expect(saves()).toHaveLength(1));
  expect(saves()[0]?.version).toBe(3);
  expect(firstTarget(saves()[0]?.document)).toBe('33 N·m');
  await screen.findByText('saved');
});

test('undo takes a typed value back as one change, and redo brings it back', async () => {
  open({ [`POST ${path()}`]: () => ({ body: { version: 4 } }) });
  const user = userEvent.setup();
  const cell = await target();
  const was = cell.value;
  await user.type(cell, '9');
  expect((await target()).value).toBe(`${was}9`);
  await user.keyboard('{Control>}z{/Control}');
  expect((await target()).value).toBe(was);
  await user.keyboard('{Control>}y{/Control}');
  expect((await target()).value).toBe(`${was}9`);
});

test('a save that nobody answers is said, tried again by itself, and nothing typed is lost', async () => {
  let up = false;
  const { saves } = open({ [`POST ${path()}`]: () => (up ? { body: { version: 4 } } : unreachable()) });
  const user = userEvent.setup();
  const cell = await target();
  await user.type(cell, '5');
  const typed = cell.value;
  await pause();
  await screen.findByText(/^Not saved: The server cannot be reached\./);
  expect((await target()).value).toBe(typed);
  up = true;
  await vi.advanceTimersByTimeAsync(5_000);
  await screen.findByText('saved');
  expect(firstTarget(saves().at(-1)?.document)).toBe(typed);
});

test('where somebody else saved meanwhile both stand there to choose from, and neither is written over', async () => {
  let asked = 0;
  const theirs = structuredClone(DOCUMENT);
  const [stage] = theirs.stages;
  const [row] = stage?.targets ?? [];
  if (row) row.target = '41 N·m';
  const { saves } = open({
    [`GET ${path()}`]: () => ({ body: asked++ === 0 ? sheet(3) : sheet(4, theirs) }),
    [`POST ${path()}`]: (body) => ((body as Save).version === 3 ? refused(409, 'draft-changed', 'Somebody else saved this draft.') : { body: { version: 5 } }),
  });
  const user = userEvent.setup();
  const cell = await target();
  await user.type(cell, '7');
  const mine = cell.value;
  await pause();
  const both = (await screen.findByText('Somebody else saved this draft.')).parentElement;
  if (!both) throw new Error('no choice');
  expect(both.textContent).toContain('41 N·m');
  expect(both.textContent).toContain(mine);
  expect(saves()).toHaveLength(1);

  await user.click(within(both).getByRole('button', { name: 'Go on with theirs' }));
  expect((await target()).value).toBe('41 N·m');
  await user.keyboard('{Control>}z{/Control}');
  expect((await target()).value).toBe(mine);
});

test('where the core cannot judge an order that is said, and the order stays', async () => {
  const positions = DOCUMENT.map.positions.toReversed();
  const doc = { ...DOCUMENT, sequences: [{ key: 'back', order: positions.map((p) => p.key) }] };
  open(
    { [`GET ${path()}`]: () => ({ body: sheet(3, doc) }), 'POST library/map/order': () => refused(422, 'bad-value', 'Two fasteners lie in one place.') },
    'orders',
  );

  expect(await screen.findByText('Two fasteners lie in one place.')).toBeTruthy();
  expect(screen.getByText(positions.map((p) => p.number).join(' · '))).toBeTruthy();
});
