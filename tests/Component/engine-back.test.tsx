import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { Build as BuildData } from '@/api/types';
import { BUILD, JOINT, RODS, lead, page, sent } from './engine';

test('of an engine that is back, what rests on an opened joint is opened with it, and each bolt that first moved is sent with its torque', async () => {
  const back: BuildData = {
    ...BUILD,
    build_number: 2,
    joints: [JOINT, RODS],
    intake: {
      before: { id: 'b0', title: 'QN2-41-0001, build 1', shipped_at: null },
      said: false,
      opens: [
        { joint: 'j1', with: ['j2'] },
        { joint: 'j2', with: [] },
      ],
    },
  };
  const asked = page(back, lead(), { 'POST builds/b1/intake': () => ({}) });
  await userEvent.click(await screen.findByRole('button', { name: 'Say what is opened' }));
  const caps = screen.getByRole('checkbox', { name: 'Main caps is opened' });
  await userEvent.click(caps);
  expect(screen.getByText('with main caps: it rests on that')).toBeTruthy();
  await userEvent.click(caps);
  await userEvent.click(screen.getByRole('checkbox', { name: 'Rods is opened' }));
  expect(caps).toHaveProperty('checked', false);
  await userEvent.type(screen.getByLabelText('How rods was found'), 'one nut finger tight');
  await userEvent.click(screen.getByRole('button', { name: 'A bolt was felt as it first moved' }));
  for (const [bolt, torque] of [
    ['2', '31 N·m'],
    ['5', '4 N·m'],
  ] as const) {
    await userEvent.type(screen.getAllByLabelText('First moved: bolt').at(-1) as HTMLElement, bolt);
    await userEvent.type(screen.getAllByLabelText('at, with its unit').at(-1) as HTMLElement, torque);
    await userEvent.click(screen.getByRole('button', { name: 'Another bolt' }));
  }
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  await waitFor(() =>
    expect(sent(asked, 'builds/b1/intake')).toEqual([
      {
        joints: [
          { joint: 'j1', opened: false, found: '', movements: [] },
          {
            joint: 'j2',
            opened: true,
            found: 'one nut finger tight',
            movements: [
              { at: '2', value: '31 N·m' },
              { at: '5', value: '4 N·m' },
            ],
          },
        ],
      },
    ]),
  );
});

test('what was said of an engine that is back stands there when more is found open', async () => {
  const opened = {
    opened: true,
    found: 'fretted',
    movements: [
      { at: '3', value: '41 N·m' },
      { at: '4', value: '38 N·m' },
    ],
  };
  const outside = { kind: 'stayed' as const, says: 'as QN2-41-0001, build 1, left it', code: null, build: 'b0' };
  page({
    ...BUILD,
    build_number: 2,
    joints: [
      { ...JOINT, returned: opened },
      { ...RODS, returned: { opened: false, found: '', movements: [] }, outside },
    ],
    intake: {
      before: { id: 'b0', title: 'QN2-41-0001, build 1', shipped_at: '2026-03-01T08:00:00Z' },
      said: true,
      opens: [
        { joint: 'j1', with: [] },
        { joint: 'j2', with: [] },
      ],
    },
  });
  const rods = await screen.findByRole('article', { name: 'Rods' });
  expect(rods.textContent).toContain('Not opened in this build.');
  expect(within(rods).queryByText('32 N·m')).toBeNull();
  expect(within(rods).getByRole('link', { name: 'Its record' }).getAttribute('href')).toBe('/audit/b0');
  expect(within(rods).queryByRole('button', { name: 'Give it to somebody' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'More was opened' }));
  expect(screen.getAllByLabelText<HTMLInputElement>('at, with its unit').map((field) => field.value)).toEqual(['41 N·m', '38 N·m']);
});
