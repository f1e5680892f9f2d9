import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { Build as BuildData, Exchange, Stand } from '@/api/types';
import { Subassemblies } from '@/areas/builds';
import { NewFamilyPanel } from '@/areas/library/NewFamilyPanel';
import { BUILD, CHOICES, JOINT, RODS, choose, lead, page, sent } from './engine';
import { inApp, serve } from './server';

const ENGINE: BuildData = { ...BUILD, joints: [JOINT, RODS], carries: [{ kind: 'Head', fitted: null }] };
const HEAD = { id: 'h1', title: 'Head HD-1' };
const SHEET: Exchange = {
  kind: 'Head',
  off: { own: true, title: null },
  joints: [{ name: 'Rods', done: 4, all: 4, finished: true, person: 'Tove Ringdal', fasteners: [{ name: 'rod bolt', count: 6 }], gaskets: ['head gasket'] }],
  ready: [{ id: 'h1', title: 'Head HD-1', owner: 'the shop’s own', finished_at: null }],
};

test('before an engine’s own head comes off its price is read, it gets a number, and what goes in is chosen', async () => {
  const asked = page(ENGINE, lead(), { 'GET builds/b1/subassemblies/Head': () => ({ body: SHEET }), 'POST builds/b1/subassemblies/Head': () => ({}) });
  await userEvent.click(await screen.findByRole('button', { name: 'Exchange the head' }));
  expect(await screen.findByText('Its own head')).toBeTruthy();
  expect(screen.getByText('Costs 6 new rod bolt, a new head gasket.')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'It is off' })).toBeTruthy();
  await userEvent.type(screen.getByLabelText(/^The number that its own head gets/), 'HD-2');
  await userEvent.type(screen.getByLabelText('Why it comes off'), ' cracked ');
  await choose('What goes in', 'Head HD-1, the shop’s own');
  await userEvent.click(screen.getByRole('button', { name: 'It is exchanged' }));
  await waitFor(() => expect(sent(asked, 'builds/b1/subassemblies/Head')).toEqual([{ fit: 'h1', serial: 'HD-2', why: 'cracked' }]));
});

test('where nothing of its own is recorded one only goes in, and no number or reason is asked for', async () => {
  const asked = page(ENGINE, lead(), {
    'GET builds/b1/subassemblies/Head': () => ({ body: { ...SHEET, off: null, joints: [] } }),
    'POST builds/b1/subassemblies/Head': () => ({}),
  });
  await userEvent.click(await screen.findByRole('button', { name: 'Exchange the head' }));
  await choose('What goes in', 'Head HD-1, the shop’s own');
  expect(screen.queryByLabelText('Why it comes off')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'It is fitted' }));
  await waitFor(() => expect(sent(asked, 'builds/b1/subassemblies/Head')).toEqual([{ fit: 'h1', serial: '', why: '' }]));
});

test('one that is in an engine comes off under its own number; with none ready that is said', async () => {
  const fitted: BuildData = { ...ENGINE, carries: [{ kind: 'Head', fitted: HEAD }] };
  page(fitted, lead(), { 'GET builds/b1/subassemblies/Head': () => ({ body: { ...SHEET, off: { own: false, title: 'Head HD-1' }, joints: [], ready: [] } }) });
  await userEvent.click(await screen.findByRole('button', { name: 'Exchange the head' }));
  expect(await screen.findByText(/comes off as it is; nothing that holds it was begun\.$/)).toBeTruthy();
  expect(screen.queryByLabelText(/^The number that its own head gets/)).toBeNull();
  expect(screen.getByText(/^No head is ready to go in\./)).toBeTruthy();
});

test('what is carried in a head that was fitted is given out and changed there, and may be opened again from here', async () => {
  const run = {
    id: 'r1',
    person: 'Tove Ringdal',
    left: null,
    done: 4,
    all: 4,
    finished: true,
    stopped: false,
    parked: false,
    next: null,
    why: null,
    rounds: [],
    marks: [],
  };
  page({ ...ENGINE, joints: [{ ...JOINT, within: HEAD, run }] });
  const caps = within(await screen.findByRole('article', { name: 'Main caps' }));
  expect(caps.getByRole('link', { name: 'Head HD-1' }).getAttribute('href')).toBe('/builds/h1');
  expect(caps.getAllByRole('button').map((b) => b.textContent)).toEqual(['It is opened again']);
});

test('a head says which engines it has been in, is finished as itself, and is not shipped while it is in one', async () => {
  const been = [
    { id: 'b0', title: 'QN2-41-0002', own: true, fitted_at: null, removed_at: '2026-06-02T08:00:00Z', why: 'cracked' },
    { id: 'b1', title: 'QN2-41-0001', own: false, fitted_at: '2026-06-04T08:00:00Z', removed_at: null, why: '' },
  ];
  const head: BuildData = { ...BUILD, title: 'Head HD-1', serial: 'HD-1', customer: 'the shop’s own', subassembly: { kind: 'Head', been } };
  page(head);
  expect(await screen.findByRole('button', { name: 'Finish it' })).toBeTruthy();
  expect(screen.getByText(/the shop’s own, here since/)).toBeTruthy();
  expect(screen.getByText('as its own, until 2 Jun 2026: cracked')).toBeTruthy();
  expect(screen.getByText('since 4 Jun 2026')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Entered by mistake' })).toBeNull();
});

test('a finished head that is in an engine is taken up again and leaves the house with that only', async () => {
  page({ ...BUILD, title: 'Head HD-1', serial: 'HD-1', state: 'finished', as: 'fitted', says: 'in QN2-41-0001', subassembly: { kind: 'Head', been: [] } });
  expect(await screen.findByRole('button', { name: 'Take it up again' })).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Ship it' })).toBeNull();
});

const STAND: Stand = {
  id: 'h1',
  serial: 'HD-1',
  title: 'Head HD-1',
  state: 'finished',
  family: 'Quern QN2',
  customer: null,
  opened_at: '2026-06-01T08:00:00Z',
  finished_at: null,
  shipped_at: null,
  due_on: null,
  late: false,
  as: 'done',
  says: 'ready since 1 June',
  hand: null,
  joints: [{ name: 'Main caps', as: 'done' }],
};

test('the shelf tells what is ready from what nobody has called finished, and from what is in an engine', async () => {
  const builds: Stand[] = [
    STAND,
    { ...STAND, id: 'h2', serial: 'HD-2', title: 'Head HD-2', state: 'open', says: 'can be finished' },
    { ...STAND, id: 'h3', serial: 'HD-3', title: 'Head HD-3', as: 'fitted', says: 'in QN2-41-0001' },
  ];
  serve({ 'GET subassemblies': () => ({ body: { builds, maps: {}, shown_at_most: 300 } }) });
  render(inApp(<Subassemblies />, '/builds/subassemblies', lead()));
  const row = async (name: string) =>
    within(await screen.findByRole('region', { name }))
      .getAllByRole('link')
      .map((link) => link.getAttribute('href'));
  expect(await row('Ready to fit')).toEqual(['/builds/h1']);
  expect(await row('Every joint done')).toEqual(['/builds/h2']);
  expect(await row('In an engine')).toEqual(['/builds/h3']);
  expect(screen.getByText('One is ready to fit, one is not finished, one is in an engine.')).toBeTruthy();
  expect(screen.getByText('Head; in QN2-41-0001')).toBeTruthy();
});

test('an empty shelf says what belongs there, and what gets a number goes to its own page', async () => {
  const asked = serve({
    'GET subassemblies': () => ({ body: { builds: [], maps: {}, shown_at_most: 300 } }),
    'GET builds/choices': () => ({ body: CHOICES }),
    'POST subassemblies': () => ({ status: 201, body: { id: 'h9' } }),
  });
  render(inApp(<Subassemblies />, '/builds/subassemblies', lead()));
  expect(await screen.findByText(/^None has a number of its own\./)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'One gets a number' }));
  await choose('It fits engines of', 'Quern QN2');
  await choose('It is a', 'Head');
  await userEvent.type(screen.getByLabelText(/^Its number, typed or scanned/), '@SHD-9');
  await choose('Whose it is', 'Marl Quarries');
  await userEvent.click(screen.getByRole('button', { name: 'Give it the number' }));
  await waitFor(() => expect(sent(asked, 'subassemblies')).toEqual([expect.objectContaining({ family: 'QN2', kind: 'Head', serial: 'HD-9', customer: 'c1' })]));
});

test('what a family carries in a head and what holds that is sent only where somebody has said so', async () => {
  const asked = serve({ 'POST library/families': () => ({ status: 201, body: { id: 'f1' } }), 'POST library/families/f1/subassemblies': () => ({}) });
  const joints = [
    { id: 'j1', name: 'Cylinder head', carried_in: '', holds: '', rests_on: [], options: [] },
    { id: 'j2', name: 'Cam ladder', carried_in: '', holds: '', rests_on: [], options: [] },
  ];
  const family = { id: 'f1', code: 'QN2', name: 'Quern QN2', description: '', serial_rules: '', joints, variants: [] };
  render(inApp(<NewFamilyPanel families={[family]} onClose={() => undefined} />, '/library', lead()));
  await userEvent.type(screen.getByLabelText('Code'), 'qn2');
  await userEvent.type(screen.getByLabelText('Cam ladder is carried in a'), 'Head');
  await userEvent.type(screen.getByLabelText('Cylinder head holds a'), 'Head');
  await userEvent.click(screen.getByRole('button', { name: 'Add to the family' }));
  await waitFor(() =>
    expect(sent(asked, 'library/families/f1/subassemblies')).toEqual([
      {
        joints: [
          { joint: 'j1', carried_in: '', holds: 'Head' },
          { joint: 'j2', carried_in: 'Head', holds: '' },
        ],
      },
    ]),
  );
});
