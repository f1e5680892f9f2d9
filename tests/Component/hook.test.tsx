import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { expect, test } from 'vitest';
import { useHook, useHookAgain } from '@/areas/bench/queries';
import { inApp, newClient, serve } from './server';

const cards = (name: string) => ({ body: { mine: [{ assignment: name }], others: [] } });

/** A hook that hangs while something of this bench is still on its way to the server. */
function hang(waiting: number) {
  const client = newClient();
  const wrapper = ({ children }: { children: ReactNode }) => inApp(children, '/', client);
  return renderHook(
    ({ left }) => {
      useHookAgain(left);
      return useHook().data?.mine[0]?.assignment;
    },
    { wrapper, initialProps: { left: waiting } },
  );
}

test('what a hook asked for before the last of what was done came through is not taken for the newest, though it comes later', async () => {
  const answers: ((reply: { body: unknown }) => void)[] = [];
  serve({ 'GET bench/hook': () => new Promise((resolve) => answers.push(resolve)) });
  const { result, rerender } = hang(1);
  await waitFor(() => expect(answers).toHaveLength(1));

  rerender({ left: 0 });
  await waitFor(() => expect(answers).toHaveLength(2));
  answers[1]?.(cards('as it is now'));
  await waitFor(() => expect(result.current).toBe('as it is now'));
  answers[0]?.(cards('as it was before'));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(result.current).toBe('as it is now');
});

test('a hook that opens with nothing on its way asks once', async () => {
  const asked = serve({ 'GET bench/hook': () => cards('the one') });
  const { result } = hang(0);
  await waitFor(() => expect(result.current).toBe('the one'));
  expect(asked).toHaveLength(1);
});
