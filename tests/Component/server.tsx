import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import { LetThrough, SESSION } from '@/api/session';
import type { Session } from '@/api/types';

type Reply = { status?: number; body?: unknown };
type Asked = { method: string; path: string; body: unknown };

/** A server of a few paths: each answers with what its function gives; one that throws cannot be reached. */
export function serve(paths: Record<string, (body: unknown) => Reply | Promise<Reply>>): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname.replace('/api/', '');
    const body: unknown = request.method === 'POST' ? await request.json().catch(() => null) : null;
    asked.push({ method: request.method, path, body });
    const answer = paths[`${request.method} ${path}`];
    if (!answer) return Response.json({ type: 'tekkal:not-found', detail: `There is no ${path} here.` }, { status: 404 });
    const { status = 200, body: content } = await answer(body);
    return content === undefined ? new Response(null, { status: 204 }) : Response.json(content, { status });
  });
  return asked;
}

export const unreachable = (): Reply => {
  throw new TypeError('no connection');
};

export const refused = (status: number, type: string, detail: string, facts: Record<string, unknown> = {}): Reply => ({
  status,
  body: { type: `tekkal:${type}`, detail, status, ...facts },
});

/** What screens stand in: queries that are not asked again by themselves, an address, and who the session says is signed in. */
export function inApp(children: ReactNode, address = '/', client = newClient()) {
  return (
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[address]}>
        <LetThrough value={client.getQueryData<Session>(SESSION)?.person ?? null}>{children}</LetThrough>
      </MemoryRouter>
    </QueryClientProvider>
  );
}

export function newClient(): QueryClient {
  return new QueryClient({ defaultOptions: { queries: { retry: false, networkMode: 'always' }, mutations: { networkMode: 'always' } } });
}

export const SESSION_AT_BENCH: Session = {
  shop: { name: 'The shop', time_zone: 'UTC', torque_unit: 'N.m', length_unit: 'mm', demo: false, opened: true, now: '2026-06-15T09:00:00Z' },
  device: { id: 'bench-1', name: 'Bench 1', next_device_seq: 1 },
  person: { id: 'p1', name: 'Assembler', badge: '1041', roles: ['assembler'], abilities: ['work-at-bench'], kind: 'bench', sitting: 's1', locked: false },
};

type Abilities = NonNullable<Session['person']>['abilities'];

/** Somebody at a desk, who may do that much. */
export function atDesk(abilities: Abilities): QueryClient {
  const client = newClient();
  client.setQueryData<Session>(SESSION, {
    ...SESSION_AT_BENCH,
    device: null,
    person: { id: 'lead', name: 'Sanna Ostrey', badge: null, roles: ['quality lead'], abilities, kind: 'desk', sitting: null, locked: false },
  });
  return client;
}
