/*
 * Runs the shop's core – the same PHP as on the server – beside a page. One message is one call, answered in order; what
 * PHP says went wrong is answered as that. Started by beside.ts, and served with the bundle that bin/tekkal builds.
 */
type Call = { id: number; call: 'begin' | 'stand' | 'decide' | 'take' | 'view' | 'leave' | 'mishaps' | 'weigh' | 'state'; text: string };
type Runtime = {
  FS: { writeFile: (path: string, bytes: Uint8Array) => void };
  ccall: (name: string, returns: string, takes: string[], given: string[], how: { async: true }) => Promise<string>;
};
type PhpModule = { PhpWeb: new (options: { version: string }) => { binary: Promise<Runtime> } };
type Bundle = { hash: string; core: string; runtime: string };

// PHP's browser build looks for a page when it loads; a worker has none.
const nothing = () => undefined;
Object.assign(globalThis, {
  window: globalThis,
  document: { currentScript: null, baseURI: location.href, addEventListener: nothing, removeEventListener: nothing },
});

/** Beginning with this, an answer is the sentence of what was thrown. */
const THROWN = '\u0001';

async function start(): Promise<{ php: Runtime; hash: string }> {
  const base = new URL('/core/', location.origin);
  const bundle = (await (await fetch(new URL('bundle.json', base))).json()) as Bundle;
  const [core, { PhpWeb }] = await Promise.all([
    fetch(new URL(bundle.core, base)).then((answer) => answer.arrayBuffer()),
    import(/* @vite-ignore */ new URL(bundle.runtime, base).href) as Promise<PhpModule>,
  ]);
  const php = await new PhpWeb({ version: '8.2' }).binary;
  php.FS.writeFile('/core.php', new Uint8Array(core));
  await evaluate(php, "require '/core.php'; return '';");
  return { php, hash: bundle.hash };
}

async function evaluate(php: Runtime, code: string): Promise<string> {
  const guarded = `(function () { global $beside, $rehearsal, $plan, $where; try { ${code} } catch (\\Throwable $e) { return "\\x01".$e->getMessage(); } })()`;
  const answer = await php.ccall('pib_exec', 'string', ['string'], [guarded], { async: true });
  if (answer.startsWith(THROWN)) throw new Error(answer.slice(THROWN.length));
  return answer;
}

/** A text as PHP reads it back, whatever is in it. */
function quoted(text: string): string {
  const bytes = new TextEncoder().encode(text);
  let binary = '';
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return `base64_decode('${btoa(binary)}')`;
}

const CODE: Record<Call['call'], (text: string) => string> = {
  begin: (plan) => `$plan = ${plan}; $beside = Tekkal\\Core\\Call\\Beside::begin($plan); return '';`,
  stand: (where) => `$where = ${where}; $beside->stand($where); return '';`,
  take: (event) => `return $beside->take(${event});`,
  view: () => 'return $beside->view();',
  leave: () => 'return $beside->leave();',
  mishaps: () => 'return $beside->mishaps();',
  weigh: (said) => `return $beside->weigh(${said});`,
  decide: (event) => `return $beside->decide(${event});`,
  state: () => 'return $beside->state();',
};

/**
 * PHP as WebAssembly is compiled twice: at once, and well once it has been at work for some seconds. So it plays a run by
 * itself before anybody waits for it, one answer at a time, and steps back for whatever is really asked.
 */
const ANSWERS = 120;
const REHEARSES = "($rehearsal ??= new Tekkal\\Core\\Simulation\\Rehearsal($plan, $where))->one(); return '';";
/** Whoever has just asked may ask again. */
const QUIET_MS = 250;
let rehearsed = 0;
let asked = 0;
let stood = false;
let timer: ReturnType<typeof setTimeout> | undefined;

function later(ms: number): void {
  clearTimeout(timer);
  timer = setTimeout(rehearse, ms);
}

function rehearse(): void {
  if (rehearsed >= ANSWERS) return;
  last = last.then(async () => {
    if (asked > 0 || rehearsed >= ANSWERS) return;
    const { php } = await started;
    rehearsed += 1;
    try {
      await evaluate(php, REHEARSES);
      if (rehearsed < ANSWERS) {
        // A timer lets in what has come meanwhile.
        later(0);
        return;
      }
      postMessage({ rehearsed: null });
    } catch (error) {
      // Slower answers are answers all the same.
      rehearsed = ANSWERS;
      postMessage({ rehearsed: error instanceof Error ? error.message : String(error) });
    }
    await evaluate(php, "$rehearsal = $plan = $where = null; return '';");
  });
}

const started = start();
let last: Promise<unknown> = started.then(
  ({ hash }) => postMessage({ ready: hash }),
  (error: unknown) => postMessage({ broken: error instanceof Error ? error.message : String(error) }),
);

onmessage = ({ data }: MessageEvent<Call>) => {
  asked += 1;
  last = last.then(async () => {
    try {
      postMessage({ id: data.id, answer: await evaluate((await started).php, CODE[data.call](quoted(data.text))) });
    } catch (error) {
      postMessage({ id: data.id, error: error instanceof Error ? error.message : String(error) });
    }
    asked -= 1;
    if (data.call === 'stand') stood = true;
    if (stood) later(QUIET_MS);
  });
};
