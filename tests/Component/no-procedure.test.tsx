import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { expect, test } from 'vitest';
import type { Build as BuildData, GeneralTable, JointOnStand } from '@/api/types';
import { AskValue } from '@/areas/bench';
import { GeneralTables } from '@/areas/library';
import { BUILD, JOINT, choose, lead, page, sent } from './engine';
import { atDesk, inApp, serve } from './server';

const SUMP: JointOnStand = { ...JOINT, id: 'j9', name: 'Sump', options: [], hardware: null, revision: null, drawn: null };
const ENGINE: BuildData = { ...BUILD, joints: [SUMP] };
const TABLE: GeneralTable = {
  id: 't1',
  code: 'GT-01',
  source: 'GT-01',
  title: 'General torques',
  condition: 'dry',
  tolerance: '10 %',
  rows: [{ name: 'M8 8.8 in cast iron', thread: 'M8', strength: '8.8', material: 'cast iron', torque: '24 N·m' }],
  doubts: [],
  although: '',
  state: 'approved',
  signature: 'Wanda Pell',
  asked_by: 'Tove Ringdal',
  asked_by_me: false,
  approved_at: '2026-06-01T08:00:00Z',
  withdrawn_why: '',
};

test('a joint without a procedure is given out by a row of a signed table, and whoever does so says that it is of class C', async () => {
  const asked = page(ENGINE, lead(), {
    'GET library/general-tables': () => ({ body: { tables: [TABLE, { ...TABLE, id: 't2', code: 'GT-02', state: 'asked' }] } }),
    'POST builds/b1/joints/j9/by-table': () => ({ status: 201, body: { id: 'a9' } }),
  });
  const sump = within(await screen.findByRole('article', { name: 'Sump' }));
  expect(sump.getByText('No approved procedure.')).toBeTruthy();
  await userEvent.click(sump.getByRole('button', { name: 'By a general table' }));
  await choose('Bolt, and into what', 'M8 8.8 in cast iron: 24 N·m ± 10 %, dry (GT-01)');
  await userEvent.type(screen.getByLabelText('How many bolts'), '12');
  await choose('They lie', 'in two rows');
  await choose('Assembler', 'Tove Ringdal');
  await userEvent.click(screen.getByRole('checkbox', { name: /^It is a joint of risk class C/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Give it' }));
  await waitFor(() =>
    expect(sent(asked, 'builds/b1/joints/j9/by-table')).toEqual([
      expect.objectContaining({ table: 't1', row: 'M8 8.8 in cast iron', bolts: 12, layout: 'two_rows', person: 'a1', class_c: true }),
    ]),
  );
});

test('with no table signed nothing can be given by one, and that is said', async () => {
  page(ENGINE, lead(), { 'GET library/general-tables': () => ({ body: { tables: [{ ...TABLE, state: 'withdrawn' }] } }) });
  await userEvent.click(await screen.findByRole('button', { name: 'By a general table' }));
  expect(await screen.findByText(/^No general table is signed\./)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Give it' })).toHaveProperty('disabled', true);
});

test('what was tightened without a procedure is told with its value, by whom and when, and can be taken back', async () => {
  const asked = page(ENGINE, lead(), { 'POST builds/b1/joints/j9/told': () => ({}) });
  await userEvent.click(await screen.findByRole('button', { name: 'Tightened without one' }));
  await userEvent.type(screen.getByLabelText('To what, and where that value came from'), '24 N·m, from memory');
  await userEvent.type(screen.getByLabelText('Who tightened it'), 'N. Harrow');
  await userEvent.type(screen.getByLabelText('On which day'), '2026-06-02');
  await userEvent.click(screen.getByRole('button', { name: 'Tell it' }));
  await waitFor(() =>
    expect(sent(asked, 'builds/b1/joints/j9/told')).toEqual([{ told: '24 N·m, from memory', worked_by: 'N. Harrow', worked_on: '2026-06-02' }]),
  );
});

test('what was told stands there as loudly as a fault, and nothing is given out before it is taken back', async () => {
  const told = { kind: 'told' as const, says: 'tightened without a procedure: 24 N·m; nobody has approved that value', code: null, build: null };
  const asked = page({ ...ENGINE, joints: [{ ...SUMP, outside: told }] }, lead(), { 'POST builds/b1/joints/j9/told/take-back': () => ({}) });
  const sump = within(await screen.findByRole('article', { name: 'Sump' }));
  expect(sump.getByText('Not in the record.').className).toContain('text-fault');
  expect(sump.queryByRole('button', { name: 'By a general table' })).toBeNull();
  await userEvent.click(sump.getByRole('button', { name: 'It is to be tightened here' }));
  await waitFor(() => expect(sent(asked, 'builds/b1/joints/j9/told/take-back')).toHaveLength(1));
});

test('a value that a bench asked for is answered from the engine’s page', async () => {
  const value = { id: 'v1', says: 'Sump, M8', person: 'Tove Ringdal', asked_at: '2026-06-02T08:00:00Z', answer: null, answered_at: null };
  const asked = page(ENGINE, lead(), {
    'GET builds/b1/values': () => ({ body: { asked: [value, { ...value, id: 'v0', says: 'Cover', answer: 'By GT-01' }] } }),
    'POST values/v1/answer': () => ({}),
  });
  expect(await screen.findByText('Answered: By GT-01')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Answer it' }));
  await userEvent.type(screen.getByLabelText('What is to be done'), 'It hangs on your hook now. ');
  await userEvent.click(screen.getByRole('button', { name: 'Tell the bench' }));
  await waitFor(() => expect(sent(asked, 'values/v1/answer')).toEqual([{ answer: 'It hangs on your hook now.' }]));
});

const tables = (all: GeneralTable[], abilities: Parameters<typeof atDesk>[0], more: Parameters<typeof serve>[0] = {}) => {
  const asked = serve({
    'GET library/general-tables': () => ({ body: { tables: all } }),
    'GET library/sources': () => ({ body: { sources: [], standards: [] } }),
    ...more,
  });
  render(inApp(<GeneralTables />, '/library/general-tables', atDesk(abilities)));
  return asked;
};

test('an approver signs what somebody else asked for, reads what is doubted in it, and withdraws what serves', async () => {
  const asked = tables(
    [TABLE, { ...TABLE, id: 't2', code: 'GT-02', state: 'asked', doubts: ['M8: too high.'], although: 'Tried' }],
    ['read-library', 'approve-procedures'],
    {
      'POST library/general-tables/t2/approve': () => ({}),
      'POST library/general-tables/t1/withdraw': () => ({}),
    },
  );
  const second = within(await screen.findByRole('region', { name: 'GT-02' }));
  expect(second.getByText('M8: too high.', { exact: false }).textContent).toBe('M8: too high. All the same: Tried');
  await userEvent.click(second.getByRole('button', { name: 'Sign GT-02' }));
  await userEvent.type(screen.getByLabelText(/^Your password/), 'secret');
  await userEvent.click(screen.getByRole('button', { name: 'Sign' }));
  await waitFor(() => expect(sent(asked, 'library/general-tables/t2/approve')).toEqual([{ password: 'secret' }]));
  await userEvent.click(within(screen.getByRole('region', { name: 'GT-01' })).getByRole('button', { name: 'Withdraw' }));
  await userEvent.type(screen.getByLabelText('Why'), 'Issue 3 is out');
  await userEvent.click(screen.getByRole('button', { name: 'Withdraw it' }));
  await waitFor(() => expect(sent(asked, 'library/general-tables/t1/withdraw')).toEqual([{ why: 'Issue 3 is out' }]));
});

test('who asked for a table cannot sign it, and sees whose signature wants', async () => {
  tables([{ ...TABLE, state: 'asked', asked_by_me: true }], ['read-library', 'approve-procedures']);
  expect(await screen.findByText('asked by Tove Ringdal, not signed')).toBeTruthy();
  expect(screen.queryByRole('button')).toBeNull();
});

test('an empty register says what belongs there', async () => {
  tables([], ['read-library']);
  expect(await screen.findByText(/^Brackets, covers and sumps/)).toBeTruthy();
});

test('at a bench a scan goes on to the next line, Enter asks, and what was wrong is said and kept', async () => {
  let refuse = true;
  const asked = serve({
    'POST bench/values': () =>
      refuse
        ? {
            status: 422,
            body: { type: 'tekkal:bad-value', title: 'That cannot be', status: 422, detail: 'No engine on a stand bears "X".', field: 'serial', value: 'X' },
          }
        : { status: 204 },
  });
  render(
    inApp(
      <Routes>
        <Route path="/bench/ask" element={<AskValue />} />
        <Route path="/bench" element={<p>the hook</p>} />
      </Routes>,
      '/bench/ask',
      atDesk(['work-at-bench']),
    ),
  );
  await userEvent.type(await screen.findByLabelText(/^Of which engine/), '@SX{Enter}');
  expect(document.activeElement).toBe(screen.getByLabelText(/^What, and where/));
  await userEvent.keyboard('Sump, M8{Enter}');
  expect(await screen.findByText('No engine on a stand bears "X".')).toBeTruthy();
  expect(screen.getByLabelText(/^Of which engine/).getAttribute('aria-invalid')).toBe('true');
  refuse = false;
  await userEvent.click(screen.getByRole('button', { name: 'Ask the lead' }));
  expect((await screen.findByRole('status')).textContent).toContain('The lead is asked.');
  expect(sent(asked, 'bench/values').at(-1)).toEqual({ serial: 'X', says: 'Sump, M8' });
  await userEvent.click(screen.getByRole('button', { name: 'Back to my hook' }));
  expect(await screen.findByText('the hook')).toBeTruthy();
});
