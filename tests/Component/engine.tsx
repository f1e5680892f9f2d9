import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import type { Build as BuildData, JointOnStand } from '@/api/types';
import { Build } from '@/areas/builds';
import { atDesk, inApp, serve } from './server';

/** A lead, unless it is said who. */
export const lead = () => atDesk(['read-builds', 'open-builds', 'give-work', 'close-builds', 'audit', 'read-library']);

export const JOINT: JointOnStand = {
  id: 'j1',
  name: 'Main caps',
  map: null,
  drawn: 'r1',
  revision: { id: 'r1', letter: 'A', line: '32 N·m', rounds: ['32 N·m'] },
  options: [{ procedure: 'p1', option: 'stock bolts', letter: 'A', variant: null }],
  hardware: { option: 'stock bolts', chosen: false },
  outside: null,
  returned: null,
  given: null,
  run: null,
  stop: null,
  opened: null,
  within: null,
};
export const RODS: JointOnStand = { ...JOINT, id: 'j2', name: 'Rods' };

export const BUILD: BuildData = {
  id: 'b1',
  serial: 'QN2-41-0001',
  build_number: 1,
  title: 'QN2-41-0001',
  state: 'open',
  family: 'Quern QN2',
  family_code: 'QN2',
  customer: 'Marl Quarries',
  opened_at: '2026-06-01T08:00:00Z',
  finished_at: null,
  shipped_at: null,
  as: 'free_to_give',
  says: 'main caps free to give',
  late: false,
  facts: { variant: '', order_number: '', core: '', received_on: null, due_on: null, machining: [], waits_for: '', note: '' },
  old_serials: [],
  other_builds: [],
  intake: null,
  pictures: [],
  metal: [],
  missing: [{ joint: 'j1', name: 'Main caps', why: 'not given to anybody', asked: false }],
  joints: [JOINT],
  subassembly: null,
  carries: [],
};

export const CHOICES = {
  customers: [{ id: 'c1', name: 'Marl Quarries' }],
  assemblers: [{ id: 'a1', name: 'Tove Ringdal' }],
  families: [{ code: 'QN2', name: 'Quern QN2', serials: ['QN2-12-3456'], variants: ['long block'], subassemblies: ['Head'] }],
  machining: [{ what: 'line_honed' as const, words: 'line-honed' }],
};

/** The page of one engine before a server of these paths; what was asked of it. */
export function page(build: BuildData, client = lead(), more: Parameters<typeof serve>[0] = {}) {
  const asked = serve({
    'GET builds/b1': () => ({ body: build }),
    'GET builds/choices': () => ({ body: CHOICES }),
    'GET cards': () => ({ body: { cards: [] } }),
    ...more,
  });
  render(
    inApp(
      <Routes>
        <Route path="/builds/:build" element={<Build />} />
        <Route path="/builds" element={<p>the stands</p>} />
      </Routes>,
      '/builds/b1',
      client,
    ),
  );
  return asked;
}

export const sent = (asked: ReturnType<typeof serve>, path: string) => asked.filter((a) => a.method === 'POST' && a.path === path).map((a) => a.body);

/** One of a drop-down, by keyboard: jsdom knows no pointer that could be held. */
export async function choose(label: string, option: RegExp | string): Promise<void> {
  screen.getByRole('combobox', { name: label }).focus();
  await userEvent.keyboard('{Enter}');
  (await screen.findByRole('option', { name: option })).focus();
  await userEvent.keyboard('{Enter}');
}
