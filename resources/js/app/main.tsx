import '../../css/base.css';
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { SESSION, sessionQuery } from '@/api/session';
import type { Session } from '@/api/types';
import { Problem } from '@/lib/problem';
import { Screens } from './Screens';
import { fetchFor } from './areas';

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    // A session that ran out is noticed by whatever asks first; the sign-in then keeps the address.
    onError: noticed,
  }),
  mutationCache: new MutationCache({ onError: locked }),
  defaultOptions: {
    // The server may be this very machine, or in the same room: the browser's notion of "online" says nothing of it. What
    // cannot be reached fails and says so; left to wait, a command would be carried out whenever a cable is plugged in.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      refetchOnReconnect: true,
      staleTime: 5_000,
      // A refusal is an answer; only an unreachable server is asked again.
      retry: (failures, error) => error instanceof Problem && error.unanswered && failures < 3,
    },
  },
});

function noticed(error: unknown): void {
  if (error instanceof Problem && error.status === 401) client.setQueryData<Session>(SESSION, (now) => now && { ...now, person: null });
  locked(error);
}

/** A bench that the server holds locked shows its lock, whatever it was that was asked. */
function locked(error: unknown): void {
  if (error instanceof Problem && error.type === 'locked')
    client.setQueryData<Session>(SESSION, (now) => now && { ...now, person: now.person && { ...now.person, locked: true } });
}

function draw(root: HTMLElement): void {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        {/* An address that is typed into (a serial, a filter) holds each letter at once: a transition would lose those that come before it is drawn. */}
        <BrowserRouter useTransitions={false}>
          <Screens />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}

const EMPTY_AT_MOST_MS = 700;

const root = document.getElementById('app');
if (root) {
  client.query(sessionQuery).catch(() => undefined);
  // A script that does not come is asked for again by its screen, which says so; for one that is slow nobody looks at an empty page.
  const slow = new Promise((resolve) => setTimeout(resolve, EMPTY_AT_MOST_MS));
  void Promise.race([fetchFor(location.pathname, client).catch(() => undefined), slow]).then(() => draw(root));
}
