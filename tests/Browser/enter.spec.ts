import { writeFileSync } from 'node:fs';
import { type Browser, type Page, expect } from '@playwright/test';
import { coreModule, lives } from './lives';
import { atDesk, coreReady, engineOf, layOut, newBench, signInAtBench, test, unlike } from './shop';

const WANTED = 100;

declare global {
  interface Window {
    measured: Promise<number>;
    opened: Promise<number>;
  }
}

/** Milliseconds from a key going down to the frame after the screen shows what it waited for. */
async function press(page: Page, key: string, waitsForNext: boolean): Promise<number> {
  await page.evaluate((next) => {
    // The same bolt may be asked for twice; what was taken last is another then.
    const call = () => [...document.querySelectorAll('h1, [role=note]')].map((shown) => shown.textContent).join();
    const before = call();
    window.measured = new Promise((resolve, reject) => {
      setTimeout(() => reject(new Error(`nothing came after ${before}`)), 5_000);
      const onKey = () => {
        const began = performance.now();
        // What stands in the page before a frame is drawn is on the screen right after it.
        const look = () => {
          if (next && call() === before) requestAnimationFrame(look);
          else setTimeout(() => resolve(performance.now() - began), 0);
        };
        requestAnimationFrame(look);
      };
      addEventListener('keydown', onKey, { capture: true, once: true });
    });
  }, waitsForNext);
  await page.keyboard.press(key);
  return page.evaluate(() => window.measured);
}

function median(times: number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
}

function p95(times: number[]): number {
  return [...times].sort((a, b) => a - b)[Math.ceil(times.length * 0.95) - 1] ?? Number.NaN;
}

/** The page's own work four times slower; a worker beside it is not slowed by that. */
const SLOWER = 4;

const OPENINGS = 9;

const FIRST_SECONDS_MS = 10_000;

/** The page looks for its call by itself, frame by frame: whoever asked it from outside would be measured too. */
function watchOpening(page: Page): Promise<unknown> {
  return page.addInitScript(() => {
    window.opened = new Promise((resolve) => {
      const look = () => {
        if (document.querySelector('h1')?.textContent.startsWith('What is stamped') === true) requestAnimationFrame(() => resolve(performance.now()));
        else requestAnimationFrame(look);
      };
      look();
    });
  });
}

/** Until then nobody asks the page anything; and the page that is opened again has come to rest, its core compiled. */
const OPEN_BY_MS = 9_000;

/** Milliseconds from asking for a run of 42 positions and five rounds until its call stands on the screen. */
async function opened(page: Page): Promise<number> {
  await page.reload();
  await page.waitForTimeout(OPEN_BY_MS);
  return page.evaluate(() => window.opened);
}

/** A run of 42 positions and five rounds, begun, with its core at hand and its first tool taken. */
async function atHeads(browser: Browser, name: string): Promise<Page> {
  const lead = await atDesk(browser, 'lead');
  const serial = `OS6-27-${unlike()}`;
  await engineOf(lead, serial, 'Cylinder heads', 'Juno Castrel');
  const bench = await newBench(browser, name);
  await signInAtBench(bench, '1042');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await bench.getByRole('heading', { name: /^Take / }).waitFor();
  await bench.keyboard.type('1');
  await bench.keyboard.press('Enter');
  await coreReady(bench);
  return bench;
}

/** What a screen of this run asks for is typed; Enter then takes it. */
async function typeAsked(page: Page): Promise<void> {
  if ((await page.locator('main input').count()) === 0) return;
  const reach = await page.locator('[aria-label^="Reach "]').getAttribute('aria-label');
  await page.keyboard.type(/[\d.]+/.exec(reach ?? '')?.[0] ?? '');
}

test('@bench from Enter to the next step painted, against an empty key press on the same page', async ({ browser }) => {
  test.setTimeout(400_000);
  const bench = await atHeads(browser, 'Bench of the key press');
  // A page compiles its core for its first seconds; what is wanted is how it goes on.
  await bench.waitForTimeout(FIRST_SECONDS_MS);
  const enter: number[] = [];
  const empty: number[] = [];
  while (enter.length < WANTED) {
    await expect(bench.getByRole('heading', { name: /^Bolt / })).toBeVisible();
    // Nobody pulls the next bolt before the last reading has been answered: the page is at rest.
    await expect(bench.getByText('all sent')).toBeVisible();
    empty.push(await press(bench, 'F8', false));
    await typeAsked(bench);
    enter.push(await press(bench, 'Enter', true));
  }
  writeFileSync(
    `${process.env.BENCH_OUT ?? 'var'}/enter.json`,
    JSON.stringify({ presses: enter.length, enter_p95_ms: p95(enter), empty_p95_ms: p95(empty), ratio: p95(enter) / p95(empty) }),
  );
});

// After the other: pages that are opened again and again leave a browser behind that has much to clear away.
test('@bench a run of 42 positions and five rounds is opened, with a processor four times slower', async ({ browser }) => {
  test.setTimeout(400_000);
  const lead = await atDesk(browser, 'lead');
  const serial = `OS6-27-${unlike()}`;
  await engineOf(lead, serial, 'Cylinder heads', 'Juno Castrel');
  const bench = await newBench(browser, 'Bench of the opening');
  await signInAtBench(bench, '1042');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await bench.getByRole('button', { name: 'It is all here' }).waitFor();
  // Something is on record, so that it opens at its call.
  await bench.keyboard.press('+');
  await bench.getByRole('button', { name: 'Leave it, or hand it over' }).click();
  await bench.keyboard.press('Enter');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await bench.getByRole('button', { name: 'It looks like this, go on' }).click();
  await bench.getByRole('heading', { name: 'What is stamped on the heads?' }).waitFor();
  await bench.getByText('all sent').waitFor();
  await watchOpening(bench);
  const plain: number[] = [];
  for (let i = 0; i < OPENINGS; i += 1) plain.push(await opened(bench));
  const cdp = await bench.context().newCDPSession(bench);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const slow: number[] = [];
  for (let i = 0; i < OPENINGS; i += 1) slow.push(await opened(bench));
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  const decided = await decisions(bench);
  writeFileSync(
    `${process.env.BENCH_OUT ?? 'var'}/open.json`,
    JSON.stringify({
      opened_ms: median(plain),
      opened_slow_ms: median(slow),
      decide_p95_ms: p95(decided.decide),
      take_p95_ms: p95(decided.take),
      decisions: decided.take.length,
    }),
  );
});

/** Milliseconds of every event of a walk of the longest procedure: decided alone, and with the screen that follows. */
async function decisions(page: Page): Promise<{ decide: number[]; take: number[] }> {
  const walk = lives('walks').find((w) => w.name === 'os6-heads');
  return page.evaluate(
    async ({ module, plan, where, events }) => {
      const { CoreBeside: Core } = (await import(module)) as {
        CoreBeside: {
          start: () => Promise<{
            begin: (p: string) => Promise<void>;
            call: (what: string, text: string) => Promise<string>;
            rehearsed: Promise<string | null>;
          }>;
        };
      };
      const core = await Core.start();
      await core.begin(plan);
      await core.call('stand', where);
      const why = await core.rehearsed;
      if (why !== null) throw new Error(why);
      const timed = async (what: string) => {
        await core.begin(plan);
        await core.call('stand', where);
        const times: number[] = [];
        for (const event of events) {
          const began = performance.now();
          await core.call(what, event);
          times.push(performance.now() - began);
        }
        return times;
      };
      return { decide: await timed('decide'), take: await timed('take') };
    },
    { module: coreModule(), plan: walk?.plan ?? '', where: walk?.where ?? '', events: walk?.events ?? [] },
  );
}
