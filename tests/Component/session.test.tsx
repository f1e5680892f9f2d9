import { act, fireEvent, render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { SESSION } from '@/api/session';
import { Screens } from '@/app/Screens';
import { SESSION_AT_BENCH, inApp, newClient, serve } from './server';

test('a screen that is drawn once more while somebody is being signed out breaks nothing, and the sign-in comes', async () => {
  localStorage.setItem('tekkal.theme', 'light');
  const client = newClient();
  client.setQueryData(SESSION, SESSION_AT_BENCH);
  serve({
    'GET session': () => ({ body: SESSION_AT_BENCH }),
    'GET bench/hook': () => ({ body: { stops: [], mine: [], others: [] } }),
    'GET notices': () => ({ body: { notices: [] } }),
  });
  render(inApp(<Screens />, '/bench', client));
  const more = await screen.findByRole('button', { name: 'More' });
  fireEvent.click(more);
  const look = await screen.findByRole('button', { name: 'Dark, for the night' });

  act(() => {
    client.setQueryData(SESSION, { ...SESSION_AT_BENCH, person: null });
    fireEvent.click(look);
  });

  expect(await screen.findByLabelText('Badge: scan it or type its number')).toBeInstanceOf(HTMLInputElement);
});
