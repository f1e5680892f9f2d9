import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { Pictures } from '@/areas/library/editor/Pictures';
import type { Thing } from '@/ui/ThingList';
import { inApp, refused, serve } from './server';

const [FIRST, SECOND] = ['a'.repeat(64), 'b'.repeat(64)];
const BRING = /^Another picture, cap bolt/;

function Check() {
  const [check, setCheck] = useState<Thing>({ key: 'c', pictures: [{ file: FIRST, shows: 'right', says: '' }] });
  return <Pictures of={check} name="cap bolt" onPut={(field, value) => setCheck((c) => ({ ...c, [field]: value }))} />;
}

const file = () => new File(['x'], 'washer.png', { type: 'image/png' });

test('what is written under one picture while another is being brought is not lost by it', async () => {
  let arrive: () => void = () => undefined;
  const arrived = new Promise<void>((done) => (arrive = done));
  serve({ 'POST library/pictures': () => arrived.then(() => ({ status: 201, body: { file: SECOND } })) });
  render(inApp(<Check />));
  const user = userEvent.setup();

  await user.upload(screen.getByLabelText(BRING), file());
  expect(screen.getByRole('status').textContent).toBe('Bringing it …');
  await user.type(screen.getByLabelText('What is to be seen on picture 1, cap bolt'), 'chamfer up');
  arrive();

  expect(await screen.findByLabelText('What is to be seen on picture 2, cap bolt')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('What is to be seen on picture 1, cap bolt').value).toBe('chamfer up');
  expect(screen.getByRole('status').textContent).toBe('');
});

test('a picture that is refused is said, and those that stand there stay', async () => {
  serve({
    'POST library/pictures': () => refused(422, 'bad-value', '"washer.png" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.'),
  });
  render(inApp(<Check />));

  await userEvent.upload(screen.getByLabelText(BRING), file());

  expect(await screen.findByText(/neither a PNG nor a JPEG picture/)).toBeTruthy();
  expect(screen.getByLabelText('What is to be seen on picture 1, cap bolt')).toBeTruthy();
  expect(screen.queryByLabelText('What is to be seen on picture 2, cap bolt')).toBeNull();
});
