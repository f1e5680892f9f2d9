import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api } from './client';

const LIVE_MS = 2_000;

type Ask = (run: string, since: number) => Promise<{ data?: unknown }>;

const atDesk: Ask = (run, since) => api.GET('/live', { params: { query: { run, since } } });

/** How a bench asks, that need not be allowed to audit: it hears of what the shop stops, too. */
export const atBench =
  (stops: number): Ask =>
  (run, since) =>
    api.GET('/bench/runs/{run}/moved', { params: { path: { run }, query: { since, stops } } });

/** While the page is visible, asks whether a run has moved on and has the screen's query fetched again when it has. */
export function useLive(run: string | null, since: number, queryKey: readonly unknown[], ask = atDesk): void {
  const client = useQueryClient();
  const key = JSON.stringify(queryKey);
  useEffect(() => {
    if (run === null) return;
    const timer = setInterval(() => {
      if (document.visibilityState !== 'visible') return;
      const shown = { queryKey: JSON.parse(key) as unknown[] };
      ask(run, since).then(
        // No content where nothing moved.
        ({ data }) => {
          if (data) void client.invalidateQueries(shown);
        },
        // A missed poll is made up for by the next one; whether anything answers at all, the query finds out and shows.
        () => client.refetchQueries(shown, { cancelRefetch: false }),
      );
    }, LIVE_MS);
    return () => clearInterval(timer);
  }, [run, since, key, client, ask]);
}
