import { Problem } from '@/lib/problem';

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

async function ask(method: 'GET' | 'POST', path: string, body?: unknown): Promise<Response> {
  const form = body instanceof FormData;
  try {
    return await fetch(`/api/${path}`, {
      method,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        ...(isPoll() ? { 'X-Poll': '1' } : {}),
        ...(method === 'POST' ? { 'X-XSRF-TOKEN': csrfToken() } : {}),
        ...(method === 'POST' && !form ? { 'Content-Type': 'application/json' } : {}),
      },
      ...(method === 'POST' ? { body: form ? body : JSON.stringify(body ?? {}) } : {}),
      signal: AbortSignal.timeout(form ? LONGEST_UPLOAD_MS : LONGEST_MS),
    });
  } catch {
    throw new Problem('offline', 'The server cannot be reached. What was typed is kept; it goes on when the connection is back.', 0);
  }
}

const STALE = 419;

async function call(method: 'GET' | 'POST', path: string, body?: unknown): Promise<Response> {
  let response = await ask(method, path, body);
  // A session that ended takes its token along. A bench must not hold readings back for that: it fetches a new one.
  if (response.status === STALE) {
    await ask('GET', 'session');
    response = await ask(method, path, body);
  }
  if (!response.ok) throw await toProblem(response);
  return response;
}

export async function get<T>(path: string): Promise<T> {
  return (await (await call('GET', path)).json()) as T;
}

export async function post<T = null>(path: string, body?: unknown): Promise<T> {
  const response = await call('POST', path, body);
  return (response.status === 204 ? null : await response.json()) as T;
}

/** Sends a file with what belongs to it. */
export function upload<T = null>(path: string, file: File, fields: Record<string, string> = {}): Promise<T> {
  const form = new FormData();
  form.append('file', file);
  for (const [name, value] of Object.entries(fields)) form.append(name, value);
  return post<T>(path, form);
}

/** Has the run moved on since entry `since`? */
export async function liveSeq(run: string, since: number): Promise<number | null> {
  const response = await call('GET', `live?run=${run}&since=${String(since)}`);
  return response.status === 204 ? null : ((await response.json()) as { last_seq: number }).last_seq;
}
