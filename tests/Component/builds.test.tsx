import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { JointOnStand, Stand } from '@/api/types';
import { Builds, ComeIn, Shipped } from '@/areas/builds';
import { NewFamilyPanel } from '@/areas/library/NewFamilyPanel';
import { atDesk, inApp, refused, serve, unreachable } from './server';
import { BUILD, CHOICES, JOINT, RODS, lead, page, sent } from './engine';

const STAND: Stand = {
  id: 'b1',
  serial: 'QN2-41-0001',
  title: 'QN2-41-0001',
  state: 'open',
  family: 'Quern QN2',
  customer: 'Marl Quarries',
  opened_at: '2026-06-01T08:00:00Z',
  finished_at: null,
  shipped_at: null,
  due_on: null,
  late: false,
  as: 'free_to_give',
  says: 'main caps free to give',
  hand: { name: 'Main caps', drawn: null, hardware: 'stock bolts', marks: [] },
  joints: [
    { name: 'Main caps', as: 'in_hand' },
    { name: 'Rods', as: 'to_come' },
  ],
};
const stand = (id: string, of: Partial<Stand>): Stand => ({ ...STAND, id, serial: id, title: id, ...of });

test('a shop without engines says what belongs there, and one that cannot be asked says so and asks again', async () => {
  serve({ 'GET builds': () => ({ body: { builds: [], maps: {}, shown_at_most: 300 } }) });
  const { unmount } = render(inApp(<Builds />, '/builds', lead()));
  expect(screen.getByRole('status').textContent).toBe('Fetching …');
  await screen.findByText('No engine is here. When one comes in, enter its serial and it stands here.');
  unmount();

  let reached = false;
  serve({ 'GET builds': () => (reached ? { body: { builds: [STAND], maps: {}, shown_at_most: 300 } } : unreachable()) });
  render(inApp(<Builds />, '/builds', lead()));
  expect((await screen.findByRole('alert')).textContent).toContain('The server cannot be reached');
  reached = true;
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  await screen.findByRole('link', { name: /^QN2-41-0001, main caps free to give; 0 of 2 joints done$/ });
});

test('what needs a hand stands first, and in a row the engine that must leave first', async () => {
  serve({
    'GET builds': () => ({
      body: {
        builds: [
          stand('Q-late', { due_on: '2026-06-09', late: true }),
          stand('Q-none', {}),
          stand('Q-soon', { due_on: '2026-06-20' }),
          stand('Q-stop', { as: 'needs_a_hand', says: 'stopped short, Tove Ringdal' }),
        ],
        maps: {},
        shown_at_most: 300,
      },
    }),
  });
  render(inApp(<Builds />, '/builds', lead()));
  await screen.findByText('4 engines; one needs a hand before anything else can be done to it, one is late.');
  expect(screen.getAllByRole('link', { name: /^Q-/ }).map((link) => link.getAttribute('href'))).toEqual(
    ['Q-stop', 'Q-late', 'Q-soon', 'Q-none'].map((id) => `/builds/${id}`),
  );
  expect(within(screen.getByRole('list', { name: 'Needs a hand' })).getByText('Main caps, stock bolts, Quern QN2')).toBeTruthy();
  expect(screen.getByText('due 9 Jun')).toBeTruthy();
  expect(screen.queryByRole('region', { name: 'Waiting' })).toBeNull();
});

test('who only reads is offered nothing to change, on the stands and on an engine’s page', async () => {
  serve({ 'GET builds': () => ({ body: { builds: [STAND], maps: {}, shown_at_most: 300 } }) });
  const { unmount } = render(inApp(<Builds />, '/builds', atDesk(['read-builds'])));
  await screen.findByRole('link', { name: /^QN2-41-0001/ });
  expect(screen.queryAllByRole('button')).toEqual([]);
  unmount();

  page(
    {
      ...BUILD,
      joints: [{ ...JOINT, hardware: null, revision: null, options: [...JOINT.options, { procedure: 'p2', option: 'stud kit', letter: 'A', variant: null }] }],
    },
    atDesk(['read-builds']),
  );
  await screen.findByText('One of: stock bolts, stud kit. Nobody has said which.');
  expect(screen.queryAllByRole('button')).toEqual([]);
});

test('where several kits are approved one is chosen before anything is given out, and a refusal is said beside it', async () => {
  let taken = false;
  const unsaid: JointOnStand = {
    ...JOINT,
    hardware: null,
    revision: null,
    options: [...JOINT.options, { procedure: 'p2', option: 'stud kit', letter: 'A', variant: null }],
  };
  const asked = page({ ...BUILD, joints: [unsaid] }, lead(), {
    'POST builds/b1/joints/j1/hardware': () => (taken ? {} : refused(409, 'run-begun', 'Main caps of QN2-41-0001 was given out with its hardware.')),
  });
  await screen.findByText('Hardware not chosen.');
  expect(screen.queryByRole('button', { name: 'Give it to somebody' })).toBeNull();
  await userEvent.selectOptions(screen.getByLabelText('Hardware that is fitted'), 'stud kit');
  await userEvent.click(screen.getByRole('button', { name: 'Fit this' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Main caps of QN2-41-0001 was given out with its hardware.');
  taken = true;
  await userEvent.click(screen.getByRole('button', { name: 'Fit this' }));
  await waitFor(() => expect(sent(asked, 'builds/b1/joints/j1/hardware')).toEqual([{ procedure: 'p2' }, { procedure: 'p2' }]));
});

test('finishing names what is not recorded, with the ways on that each has', async () => {
  const given = { id: 'g1', person: 'Tove Ringdal', at: '2026-06-02T08:00:00Z' };
  const asked = page(
    {
      ...BUILD,
      joints: [JOINT, { ...RODS, given }],
      missing: [...BUILD.missing, { joint: 'j2', name: 'Rods', why: 'on Tove Ringdal’s hook, not begun', asked: true }],
    },
    lead(),
    { 'POST builds/b1/joints/j1/let-go': () => refused(422, 'bad-value', 'Say why it leaves unrecorded.', { field: 'reason' }) },
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Finish the build' }));
  const [caps, rods] = within(screen.getByRole('dialog')).getAllByRole('listitem');
  expect(caps?.textContent).toContain('Not given to anybody.');
  expect(rods?.textContent).toBe('RodsA permit for it waits for a signature.');
  expect(within(rods as HTMLElement).queryAllByRole('button')).toEqual([]);

  await userEvent.click(within(caps as HTMLElement).getByRole('button', { name: 'Done before, on paper' }));
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Choose the scan of its paper first, PDF or picture.');
  await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
  await userEvent.click(within(screen.getAllByRole('listitem')[0] as HTMLElement).getByRole('button', { name: 'Ask for a permit' }));
  await userEvent.type(screen.getByLabelText('The customer’s authorisation, where it is needed'), 'letter 7');
  await userEvent.click(screen.getByRole('button', { name: 'Ask for a permit' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Say why it leaves unrecorded.');
  expect(screen.getByLabelText<HTMLInputElement>('The customer’s authorisation, where it is needed').value).toBe('letter 7');
  expect(sent(asked, 'builds/b1/joints/j1/let-go')).toEqual([{ reason: '', customer_reference: 'letter 7' }]);
});

test('shipping is asked once more, and taking up again wants a reason', async () => {
  const finished = { ...BUILD, state: 'finished' as const, finished_at: '2026-06-10T08:00:00Z', missing: [] };
  const asked = page(finished, lead(), {
    'POST builds/b1/ship': () => ({}),
    'POST builds/b1/reopen': () => refused(422, 'bad-value', 'Say why.', { field: 'reason' }),
  });
  await userEvent.click(await screen.findByRole('button', { name: 'Take it up again' }));
  await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Take it up again' }));
  expect((await screen.findByRole('alert')).textContent).toBe('Say why.');
  await userEvent.keyboard('{Escape}');
  await userEvent.click(screen.getByRole('button', { name: 'Ship it' }));
  expect(sent(asked, 'builds/b1/ship')).toEqual([]);
  await userEvent.click(screen.getByRole('button', { name: 'It has left' }));
  await waitFor(() => expect(sent(asked, 'builds/b1/ship')).toHaveLength(1));
});

test('an opening that was a mistake is taken off with a reason, as long as nothing was given out', async () => {
  const asked = page(BUILD, lead(), { 'POST builds/b1/call-off': () => ({}) });
  await userEvent.click(await screen.findByRole('button', { name: 'Entered by mistake' }));
  await userEvent.type(screen.getByLabelText('Why'), 'twice');
  await userEvent.click(screen.getByRole('button', { name: 'Take it off the stands' }));
  await screen.findByText('the stands');
  expect(sent(asked, 'builds/b1/call-off')).toEqual([{ reason: 'twice' }]);
});

test('what is known of an engine is sent whole, with each thing that was machined', async () => {
  const facts = { ...BUILD.facts, core: 'complete', waits_for: 'the crankshaft' };
  const asked = page({ ...BUILD, facts, late: true }, lead(), { 'POST builds/b1/facts': () => ({}) });
  await userEvent.click(await screen.findByRole('button', { name: 'Say more of it' }));
  await userEvent.type(screen.getByLabelText('Order'), 'FE-1');
  await userEvent.selectOptions(screen.getByLabelText('Variant'), 'long block');
  await userEvent.click(screen.getByRole('button', { name: 'Something was machined' }));
  await userEvent.selectOptions(screen.getByLabelText('At which joint'), 'Main caps');
  await userEvent.type(screen.getByLabelText('Where there'), 'all bores');
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  await waitFor(() =>
    expect(sent(asked, 'builds/b1/facts')).toEqual([
      {
        variant: 'long block',
        order_number: 'FE-1',
        core: 'complete',
        waits_for: 'the crankshaft',
        note: '',
        received_on: null,
        due_on: null,
        machining: [{ what: 'line_honed', joint: 'j1', at: 'all bores' }],
      },
    ]),
  );
});

test('of a paste that cannot be taken as it stands nothing comes in until it is put right', async () => {
  const row = { fields: { serial: 'QN2-41-0002', customer: 'Marl Quarries' }, title: 'QN2-41-0002', family: 'Quern QN2', problem: null, field: null };
  const asked = serve({
    'GET builds/choices': () => ({ body: CHOICES }),
    'POST builds/read': (body) => {
      const { text } = body as { text: string };
      if (text === 'colour') return refused(422, 'bad-value', '"colour" is no column of a table of engines.', { field: 'text' });
      return {
        body: { rows: text.includes('0003') ? [row] : [row, { ...row, title: null, problem: 'QN2-41-0002 stands in row 1 already.', field: 'serial' }] },
      };
    },
    'POST builds/many': () => ({ status: 201, body: { ids: ['b2'] } }),
  });
  render(inApp(<ComeIn />, '/builds/come-in', lead()));
  const table = screen.getByLabelText('Pasted, or from a file');
  await userEvent.click(table);
  await userEvent.paste('colour');
  expect((await screen.findByRole('alert')).textContent).toBe('"colour" is no column of a table of engines.');
  await userEvent.clear(table);
  await userEvent.paste('QN2-41-0002\nQN2-41-0002');
  await screen.findByText('QN2-41-0002 stands in row 1 already.');
  expect(screen.getByRole('button', { name: 'All 2 come in' })).toHaveProperty('disabled', true);
  await userEvent.clear(table);
  await userEvent.paste('QN2-41-0003');
  await userEvent.click(await screen.findByRole('button', { name: 'It comes in' }));
  await screen.findByRole('heading', { name: 'One engine has come in' });
  expect(screen.getByRole('link', { name: 'Print its label' }).getAttribute('href')).toBe('/api/builds/labels.pdf?builds=b2');
  expect(sent(asked, 'builds/many')).toMatchObject([{ engines: [row.fields] }]);
});

test('what has left stands in a table of its own, and where nothing has, that is said', async () => {
  serve({ 'GET builds': () => ({ body: { builds: [], maps: {}, shown_at_most: 60 } }) });
  const { unmount } = render(inApp(<Shipped />, '/builds/shipped', lead()));
  await screen.findByText(/^Nothing has left the house yet\./);
  unmount();
  serve({
    'GET builds': () => ({
      body: { builds: [stand('Q-gone', { state: 'shipped', as: 'shipped', shipped_at: '2026-06-11T08:00:00Z' })], maps: {}, shown_at_most: 1 },
    }),
  });
  render(inApp(<Shipped />, '/builds/shipped', atDesk(['read-builds'])));
  await screen.findByRole('link', { name: 'Q-gone' });
  expect(screen.getByText(/^The newest 1 engine\./)).toBeTruthy();
  expect(screen.queryByRole('link', { name: 'audit sheet' })).toBeNull();
});

test('how serials of a family read and what rests on what and is carried in what are sent only where somebody has said so', async () => {
  const joints = [
    { id: 'j1', name: 'Main caps', carried_in: '', holds: '', rests_on: [], options: [] },
    { id: 'j2', name: 'Rods', carried_in: '', holds: '', rests_on: [], options: [] },
    { id: 'j3', name: 'Head', carried_in: '', holds: '', rests_on: ['j2'], options: [] },
  ];
  const asked = serve({
    'POST library/families': () => ({ status: 201, body: { id: 'f1' } }),
    'POST library/families/f1/resting': () => ({}),
    'POST library/families/f1/serial-rules': () => ({}),
  });
  const family = { id: 'f1', code: 'QN2', name: 'Quern QN2', description: '', serial_rules: '', joints, variants: [] };
  const { unmount } = render(inApp(<NewFamilyPanel families={[family]} onClose={() => undefined} />, '/library', lead()));
  await userEvent.type(screen.getByLabelText('Code'), 'qn2');
  await userEvent.click(screen.getByRole('button', { name: 'Add to the family' }));
  await waitFor(() => expect(asked.map((a) => a.path)).toEqual(['library/families']));
  unmount();

  render(inApp(<NewFamilyPanel families={[family]} onClose={() => undefined} />, '/library', lead()));
  await userEvent.type(screen.getByLabelText('Code'), 'qn2');
  await userEvent.type(screen.getByLabelText('How its serials read, one rule to a line'), 'QN2-##-####');
  await userEvent.click(within(screen.getByRole('group', { name: 'Rods rests on' })).getByRole('checkbox', { name: 'main caps' }));
  await userEvent.click(screen.getByRole('button', { name: 'Add to the family' }));
  await waitFor(() =>
    expect(sent(asked, 'library/families/f1/resting')).toEqual([
      {
        joints: [
          { joint: 'j1', on: [] },
          { joint: 'j2', on: ['j1'] },
          { joint: 'j3', on: ['j2'] },
        ],
      },
    ]),
  );
  expect(sent(asked, 'library/families/f1/serial-rules')).toEqual([{ serial_rules: 'QN2-##-####' }]);
});
