import { defaultScheduler, notifyManager } from '@tanstack/react-query';
import { act, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test } from 'vitest';
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

/** What the store has to tell comes after the next screen is drawn: on a busy machine it does now and then. */
const toldLate = () => notifyManager.setScheduler((tell) => setTimeout(tell, 50));
afterEach(() => notifyManager.setScheduler(defaultScheduler));

test('who has signed in at a bench stands at the hook, however late the screens around hear of it', async () => {
  const client = newClient();
  client.setQueryData(SESSION, { ...SESSION_AT_BENCH, person: null });
  serve({
    'GET session': () => ({ body: SESSION_AT_BENCH }),
    'POST session/bench': () => ({ body: SESSION_AT_BENCH }),
    'GET bench/hook': () => ({ body: { stops: [], mine: [], others: [] } }),
    'GET notices': () => ({ body: { notices: [] } }),
  });
  render(inApp(<Screens />, '/bench/sign-in', client));
  await userEvent.type(await screen.findByLabelText('Badge: scan it or type its number'), '1041{Enter}');
  toldLate();
  await userEvent.type(await screen.findByLabelText('PIN for badge 1041'), '314159{Enter}');

  expect(await screen.findByText(/^Nothing hangs here\./)).toBeTruthy();
  expect(screen.queryByLabelText('Badge: scan it or type its number')).toBeNull();
});

test('who has signed in at a desk stands at their first page, however late the screens around hear of it', async () => {
  const client = newClient();
  const person = { ...SESSION_AT_BENCH.person, kind: 'desk', abilities: ['read-library'] };
  client.setQueryData(SESSION, { ...SESSION_AT_BENCH, device: null, person: null });
  serve({
    'POST session': () => ({ body: { ...SESSION_AT_BENCH, device: null, person } }),
    'GET today': () => ({ body: { needs: [], day: '2026-06-15' } }),
    'GET notices': () => ({ body: { notices: [] } }),
  });
  render(inApp(<Screens />, '/sign-in', client));
  await userEvent.type(await screen.findByLabelText('Name'), 'lead');
  await userEvent.type(screen.getByLabelText('Password'), 'secret');
  toldLate();
  await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));

  expect(await screen.findByRole('button', { name: 'Sign out' })).toBeTruthy();
  expect(screen.queryByLabelText('Password')).toBeNull();
});
