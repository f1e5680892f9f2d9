import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import type { FirstSteps as Listed, Need, PeopleAndBenches, RiskRules } from '@/api/types';
import { Today } from '@/areas/desk';
import { FirstSteps, PeopleBoard } from '@/areas/shop';
import { BadgePin } from '@/ui/BadgePin';
import { ScanField } from '@/ui/ScanField';
import { Twice, agree } from '@/ui/Twice';
import { atDesk, inApp, refused, serve, unreachable } from './server';

const STEP: Listed['steps'][number] = { key: 'windows', title: 'How close is close enough', about: 'the windows', state: 'open', link: '/library/sources' };
const STEPS: Listed['steps'] = [STEP, { ...STEP, key: 'tools', title: 'Tools', about: 'by file' }];

const RISKS: RiskRules = { rules: [], set: null, asked: null, fall_short: [], would_fall_short: [] };

const lead = () => atDesk(['keep-people', 'read-people', 'sign-skills', 'set-shop']);

test('a step that is put off goes on at once, and its answer, however late, takes nobody from where they have gone since', async () => {
  let answer: (() => void) | undefined;
  const answered = new Promise<void>((resolve) => {
    answer = resolve;
  });
  const asked = serve({
    'GET first-steps': () => ({ body: { steps: STEPS } }),
    'GET library/risk-rules': () => ({ body: RISKS }),
    'GET library/sources': () => ({ body: { sources: [], standards: [] } }),
    'POST first-steps/windows': async () => {
      await answered;
      return {};
    },
  });
  render(inApp(<FirstSteps />, '/first-steps', lead()));
  await screen.findByRole('heading', { name: 'How close is close enough?' });
  await userEvent.click(screen.getByRole('button', { name: 'Later' }));
  expect(screen.getByRole('heading', { name: 'Tools and their last certificates' })).toBeTruthy();

  await userEvent.click(screen.getByRole('button', { name: /^How close/ }));
  const before = asked.length;
  answer?.();
  // The steps are fetched again once the answer is here.
  await waitFor(() => expect(asked.length).toBeGreaterThan(before));
  expect(screen.getByRole('heading', { name: 'How close is close enough?' })).toBeTruthy();
});

test('of two windows the one that was refused is put right and sent without the one that was taken', async () => {
  const codes: string[] = [];
  serve({
    'GET first-steps': () => ({ body: { steps: STEPS } }),
    'GET library/risk-rules': () => ({ body: RISKS }),
    'GET library/sources': () => ({ body: { sources: [], standards: codes.map((code) => ({ code, state: 'asked', tolerance: '5 %', quantity: 'torque' })) } }),
    'POST library/sources': () => ({ status: 201, body: { id: 's' } }),
    'POST library/standards': (body) => {
      const { code, tolerance } = body as { code: string; tolerance: string };
      if (codes.includes(code)) return refused(422, 'bad-value', `${code} is taken.`);
      if (tolerance === '3,5 °') return refused(422, 'bad-value', 'A decimal has a point.');
      codes.push(code);
      return { status: 201, body: { id: code } };
    },
  });
  render(inApp(<FirstSteps />, '/first-steps', lead()));
  await userEvent.type(await screen.findByLabelText('torque, all risk classes, all tools'), '5');
  await userEvent.type(screen.getByLabelText('angle, all risk classes'), '3,5');
  await userEvent.type(screen.getByLabelText('Its paper: code'), 'fw-01');
  await userEvent.click(screen.getByRole('button', { name: 'Ask for them' }));
  expect((await screen.findByRole('alert')).textContent).toBe('A decimal has a point.');
  expect(screen.getByLabelText<HTMLInputElement>('angle, all risk classes').value).toBe('3,5');

  await userEvent.clear(screen.getByLabelText('angle, all risk classes'));
  await userEvent.type(screen.getByLabelText('angle, all risk classes'), '3.5');
  await userEvent.click(screen.getByRole('button', { name: 'Ask for them' }));
  await waitFor(() => expect(codes).toEqual(['FW-01-T', 'FW-01-AN']));
  expect((await screen.findByRole('status')).textContent).toContain('Asked for: FW-01-T, ± 5 % of a bare torque; FW-01-AN');
  expect(screen.getByRole('button', { name: 'Ask for them' })).toHaveProperty('disabled', true);
});

const NEED: Need = { urgency: 'next', title: 'A card came back', why: 'C-0003', action: 'Look at it', link: '/cards/C-0003', joint: null };
const today = (needs: Need[]) => ({ 'GET today': () => ({ body: { now: '2026-11-27T10:00:00Z', needs } }) });

test('where nothing waits Today says so, and with which day', async () => {
  serve(today([]));
  render(inApp(<Today />, '/today', lead()));
  expect(await screen.findByText('Nothing waits for you.')).toBeTruthy();
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Friday 27 November');
});

test('what stands still is never folded away, and what can wait is shown on demand', async () => {
  const many = (urgency: Need['urgency'], n: number) =>
    Array.from({ length: n }, (_, i): Need => ({ ...NEED, urgency, title: `${urgency} ${String(i)}`, link: `/cards/${urgency}${String(i)}` }));
  serve(today([...many('stands_still', 7), ...many('can_wait', 7)]));
  render(inApp(<Today />, '/today', lead()));
  const still = within(await screen.findByRole('region', { name: 'Standing still now' }));
  expect(still.getAllByRole('listitem')).toHaveLength(7);
  expect(screen.getByText('7 things stand still and wait for you.')).toBeTruthy();
  const rest = within(screen.getByRole('region', { name: 'Nothing holds it any more' }));
  await userEvent.click(rest.getByRole('button', { name: 'Show 2 more' }));
  expect(rest.getAllByRole('link', { name: 'Look at it' })).toHaveLength(7);
});

test('where nobody answers Today says so and offers to try again', async () => {
  serve({ 'GET today': unreachable });
  render(inApp(<Today />, '/today', lead()));
  expect((await screen.findByRole('alert')).textContent).toContain('The server cannot be reached.');
  expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy();
});

const SHEET: PeopleAndBenches = {
  people: [],
  summary: [],
  alone: [],
  families: [],
  shifts: [],
  customers: [],
  deputies: [],
  devices: [],
  skills_decide: false,
};
const person = (name: string, more: Partial<PeopleAndBenches['people'][number]> = {}): PeopleAndBenches['people'][number] => ({
  id: name,
  name,
  sign_in_name: null,
  badge: '2001',
  customer: null,
  shift: null,
  left_at: null,
  roles: ['assembler'],
  pin_locked: false,
  pin: 'none',
  password: 'none',
  skills: [],
  absences: [],
  ...more,
});

test('a shop in which nobody works at a bench yet says what to do', async () => {
  serve({ 'GET people': () => ({ body: SHEET }) });
  render(inApp(<PeopleBoard />, '/people', lead()));
  expect(await screen.findByText(/^Nobody works at a bench yet\. Add somebody with a badge/)).toBeTruthy();
});

test('a PIN that was drawn is shown once, in two groups, and asked for with one’s own password', async () => {
  const asked = serve({
    'GET people': () => ({ body: { ...SHEET, people: [person('Tove')] } }),
    'POST people/Tove/pin': () => ({ status: 201, body: { pin: '482913' } }),
  });
  render(inApp(<PeopleBoard />, '/people?person=Tove', lead()));
  await userEvent.click(await screen.findByRole('button', { name: 'Give a PIN' }));
  await userEvent.type(screen.getByLabelText('Your password, Sanna Ostrey'), 'keys');
  await userEvent.click(screen.getByRole('button', { name: 'Draw a PIN' }));
  expect(await screen.findByText('482 913')).toBeTruthy();
  expect(asked.find((a) => a.path === 'people/Tove/pin')?.body).toEqual({ password: 'keys' });
  await userEvent.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByText('482 913')).toBeNull();
});

test('who leaves shows what is in their hands first, and who takes over is asked only where something passes', async () => {
  const held = [
    { what: 'TW-04', how: 'It comes back to the crib first.', passes: false, link: '/crib/tools/TW-04' },
    { what: 'Main caps of QN2-41-0001', how: 'The card goes over.', passes: true, link: '/builds/b' },
  ];
  let holdings = held.slice(0, 1);
  serve({
    'GET people': () => ({ body: { ...SHEET, people: [person('Tove'), person('Nils', { badge: '2002' })] } }),
    'GET people/Tove/holdings': () => ({ body: { holdings } }),
    'POST people/Tove/leave': () => refused(409, 'still-held', 'Tove still has TW-04. It comes back to the crib first.'),
  });
  render(inApp(<PeopleBoard />, '/people?person=Tove', lead()));
  await userEvent.click(await screen.findByRole('button', { name: 'They leave' }));
  const panel = within(await screen.findByRole('dialog', { name: 'Tove leaves' }));
  expect(await panel.findByRole('link', { name: 'TW-04' })).toBeTruthy();
  expect(panel.queryByText('Who takes over')).toBeNull();
  await userEvent.type(panel.getByLabelText(/^Your password/), 'keys');
  holdings = held;
  await userEvent.click(panel.getByRole('button', { name: 'They leave' }));
  expect((await panel.findByRole('alert')).textContent).toBe('Tove still has TW-04. It comes back to the crib first.');
  expect(await panel.findByText('Who takes over')).toBeTruthy();
});

/** Types into the one field of the bench and sends it. */
async function key(label: RegExp, text: string) {
  await userEvent.type(await screen.findByLabelText(label), `${text}{Enter}`);
}

test('a PIN that was handed out asks for one of one’s own, twice, and sends all three; what is refused is chosen anew', async () => {
  const sent: (string | undefined)[][] = [];
  const onDone = vi.fn((badge: string, pin: string, own?: string) => {
    sent.push([badge, pin, own]);
    return Promise.resolve(own === undefined ? ('own' as const) : own === '271828');
  });
  render(<BadgePin onDone={onDone} error="Digits in a row are guessed first." busy={false} done="Sign in" />);
  await key(/^Badge/, '@B2001');
  await key(/^PIN for badge 2001/, '482913');
  await key(/^This PIN was handed to you/, '345678');
  await key(/once more$/, '345678');
  await key(/^This PIN was handed to you/, '271828');
  await key(/once more$/, '271829');
  expect(screen.getByRole('alert').textContent).toBe('The two differ. Choose it once more.');
  await key(/^This PIN was handed to you/, '271828');
  await key(/once more$/, '271828');
  expect(sent).toEqual([
    ['2001', '482913', undefined],
    ['2001', '482913', '345678'],
    ['2001', '482913', '271828'],
  ]);
});

test('a PIN that does not fit is asked for again, and no other is chosen', async () => {
  render(<BadgePin onDone={() => Promise.resolve(false)} error="Badge and PIN do not belong together." busy={false} done="Sign in" />);
  await key(/^Badge/, '2001');
  await key(/^PIN for badge 2001/, '000000');
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/^PIN for badge 2001/).value).toBe(''));
  expect(screen.queryByLabelText(/^This PIN was handed to you/)).toBeNull();
});

test.each([
  ['where the badge was typed, it is asked for again', false, /^Badge/],
  ['where the badge is known, the PIN is', true, /^Your PIN/],
])('it takes somebody else: %s', async (_, known, asked) => {
  render(<BadgePin known={known} onDone={() => Promise.resolve('badge')} error="Who signs is who stood beside it." busy={false} done="Sign" />);
  if (!known) await key(/^Badge/, '1042');
  await key(known ? /^Your PIN/ : /^PIN for badge 1042/, '314159');
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(asked).value).toBe(''));
});

test('a secret that is typed twice is whole only when both are the same', () => {
  const fixed = (value: string) => ({ value, onChange: () => undefined });
  const { rerender } = render(<Twice label="Password" secret={fixed('one')} again={fixed('')} />);
  expect([agree('one', ''), agree('', ''), agree('one', 'two'), agree('one', 'one')]).toEqual([false, false, false, true]);
  expect(screen.queryByText('The two differ.')).toBeNull();
  rerender(<Twice label="Password" secret={fixed('one')} again={fixed('two')} />);
  expect(screen.getByText('The two differ.')).toBeTruthy();
});

test('what the one field was refused is said, and not that it is still looking', async () => {
  render(<ScanField value="zz" onChange={vi.fn()} hits={[]} busy={false} refusal="The server cannot be reached." onChoose={vi.fn()} placeholder="serial" />);
  await userEvent.click(screen.getByRole('combobox'));
  expect(screen.getByText('The server cannot be reached.')).toBeTruthy();
});
