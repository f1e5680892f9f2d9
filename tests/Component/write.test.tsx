import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, test } from 'vitest';
import type { LineSketch } from '@/api/types';
import { Write } from '@/areas/library';
import { atDesk, inApp, refused, serve, unreachable } from './server';

const FAMILIES = { families: [{ id: 'f1', code: 'TN3', name: 'Tarn TN3', joints: [], variants: [] }] };
const ASKED: LineSketch = {
  rounds: [{ text: '18', title: '18 – of what?', says: '18 N·m?', problem: 'a number without its unit', offers: ['18 N·m'] }],
  questions: [],
  sisters: { of: 0, alike: 0, first: [] },
};

const lead = () => atDesk(['draft-procedures', 'read-library']);
const line = () => screen.getByLabelText<HTMLInputElement>(/^The line/);

// What was typed in one test is kept in the browser, and would stand in the next.
beforeEach(() => localStorage.clear());

test('a line that cannot be read back is said, what was typed stays, and trying again shows it', async () => {
  let there = false;
  serve({ 'GET library/families': () => ({ body: FAMILIES }), 'POST library/line/sketch': () => (there ? { body: ASKED } : unreachable()) });
  render(inApp(<Write />, '/library/write', lead()));
  await userEvent.type(line(), '18');
  await screen.findByRole('alert');
  expect(screen.queryByText(/before it can be handed in/)).toBeNull();
  expect(line().value).toBe('18');

  there = true;
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('18 – of what?')).toBeTruthy();
});

test('an offer for a line that was typed on since takes nothing back: it waits for what stands there now', async () => {
  let late: (() => void) | undefined;
  const answered = new Promise<void>((resolve) => {
    late = resolve;
  });
  serve({
    'GET library/families': () => ({ body: FAMILIES }),
    'POST library/line/sketch': async (body) => {
      if ((body as { line: string }).line !== '18') await answered;
      return { body: ASKED };
    },
  });
  localStorage.setItem('tekkal.writing.lead', JSON.stringify({ line: '18' }));
  render(inApp(<Write />, '/library/write', lead()));
  const offer = await screen.findByRole<HTMLButtonElement>('button', { name: '18 N·m' });
  expect(offer.disabled).toBe(false);
  await userEvent.type(line(), ' ; 24');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: '18 N·m' }).disabled).toBe(true);
  late?.();
  await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: '18 N·m' }).disabled).toBe(false));
});

test('where there is no family yet, it says where one is added', async () => {
  serve({ 'GET library/families': () => ({ body: { families: [] } }), 'POST library/line/sketch': () => ({ body: { ...ASKED, rounds: [] } }) });
  render(inApp(<Write />, '/library/write', lead()));
  expect((await screen.findByRole('link', { name: 'Add one under Families and joints' })).getAttribute('href')).toBe('/library');
});

test('a line that begins nothing is refused in its own words, and stays', async () => {
  localStorage.setItem('tekkal.writing.lead', JSON.stringify({ line: '18', family: 'f1', joint: 'j1', option: 'studs' }));
  serve({
    'GET library/families': () => ({ body: FAMILIES }),
    'POST library/line/sketch': () => ({ body: ASKED }),
    'POST library/procedures': () => refused(422, 'invalid', 'A value with its unit is wanted.', { field: 'line' }),
  });
  render(inApp(<Write />, '/library/write', lead()));
  await userEvent.click(await screen.findByRole('button', { name: 'Begin the draft' }));
  expect(await screen.findByText(/A value with its unit is wanted/)).toBeTruthy();
  expect(line().value).toBe('18');
});

test('whoever may not write is told who does', () => {
  render(inApp(<Write />, '/library/write', atDesk(['read-library'])));
  expect(screen.getByText('A quality lead writes procedures. You read here what was approved.')).toBeTruthy();
});
