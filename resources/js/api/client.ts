import createClient from 'openapi-fetch';
import { Problem } from '@/lib/problem';
import type { paths } from './types';

/** A request without an answer by then counts as unanswered; whatever it was may be sent again with the same id. */
const LONGEST_MS = 15_000;
const LONGEST_UPLOAD_MS = 120_000;

const AT_WORK_MS = 10_000;
let lastInput = performance.now();
for (const event of ['keydown', 'pointerdown'])
  window.addEventListener(
    event,
    () => {
      lastInput = performance.now();
    },
    { capture: true, passive: true },
  );

/** A request that no hand has caused lately is a poll: it must not keep a session alive at a desk that was left. */
function isPoll(): boolean {
  return performance.now() - lastInput > AT_WORK_MS;
}

function csrfToken(): string {
  const match = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);
  return match?.[1] === undefined ? '' : decodeURIComponent(match[1]);
}

async function toProblem(response: Response): Promise<Problem> {
  try {
    const body = (await response.json()) as Record<string, unknown>;
    const type = typeof body.type === 'string' ? body.type.replace('tekkal:', '') : 'unknown';
    return new Problem(type, typeof body.detail === 'string' ? body.detail : 'The server refused without saying why.', response.status, body);
  } catch {
    return new Problem('unknown', `The server answered with ${String(response.status)} and no explanation.`, response.status);
  }
}

async function ask(request: Request): Promise<Response> {
  request.headers.set('Accept', 'application/json');
  if (isPoll()) request.headers.set('X-Poll', '1');
  if (request.method === 'POST') request.headers.set('X-XSRF-TOKEN', csrfToken());
  const form = request.headers.get('Content-Type')?.startsWith('multipart/') === true;
  try {
    return await fetch(request, { signal: AbortSignal.timeout(form ? LONGEST_UPLOAD_MS : LONGEST_MS) });
  } catch {
    throw new Problem('offline', 'The server cannot be reached. What was typed is kept; it goes on when the connection is back.', 0);
  }
}

const STALE = 419;
const BASE = `${location.origin}/api`;

/** A refusal is thrown, as what the server says of it. */
async function send(request: Request): Promise<Response> {
  const again = request.clone();
  let response = await ask(request);
  // A session that ended takes its token along. A bench must not hold readings back for that: it fetches a new one.
  if (response.status === STALE) {
    await ask(new Request(`${BASE}/session`));
    response = await ask(again);
  }
  if (!response.ok) throw await toProblem(response);
  return response;
}

/** The server, by its contract: which path takes and answers what is in types.ts. */
export const api = createClient<paths>({ baseUrl: BASE, fetch: send });

/** What the server answers: `await answerOf(api.GET('/builds'))`. Nothing, where the answer has no content. */
export async function answerOf<T>(asked: Promise<{ data?: T }>): Promise<T> {
  return (await asked).data as T;
}

/** Sends a body as a form: a file with what belongs to it. */
export function asForm(body: Record<string, Blob | string | undefined> = {}): FormData {
  const form = new FormData();
  for (const [name, value] of Object.entries(body)) if (value !== undefined) form.append(name, value);
  return form;
}
