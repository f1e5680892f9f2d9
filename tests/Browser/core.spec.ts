import { readFileSync } from 'node:fs';
import { type Page, expect } from '@playwright/test';
import type { CoreBeside } from '../../resources/js/core/beside';
import { type Life, coreModule, lives } from './lives';
import { test } from './shop';

/** The core beside the page with its answers as they come: what is compared is bytes. */
type Raw = { begin: (plan: string) => Promise<void>; call: (what: string, text: string) => Promise<string>; state: () => Promise<string> };

const SEEDS = 500;

/** A page with the core beside it. */
async function besideCore(page: Page): Promise<void> {
  await page.goto('/sign-in');
  await page.evaluate(async (module) => {
    const { CoreBeside: Core } = (await import(module)) as { CoreBeside: typeof CoreBeside };
    Object.assign(globalThis, { core: await Core.start() });
  }, coreModule());
}

/** Names of those that come to other bytes beside the page. */
async function different(page: Page, of: Life[]): Promise<string[]> {
  const names: string[] = [];
  for (const life of of) {
    const came = await page.evaluate(async ({ plan, where, events }) => {
      const { core } = globalThis as unknown as { core: Raw };
      const sha = async (text: string) =>
        Array.from(new Uint8Array(await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text))), (b) => b.toString(16).padStart(2, '0')).join('');
      await core.begin(plan);
      if (where !== undefined) await core.call('stand', where);
      const answers: string[] = [];
      for (const event of events) answers.push(await core.call(where === undefined ? 'decide' : 'take', event));
      return { outcomes: await sha(answers.join('')), state: await sha(await core.state()) };
    }, life);
    if (came.outcomes !== life.outcomes || came.state !== life.state) names.push(life.name);
  }
  return names;
}

/**
 * The same PHP, unchanged, on the server and in Chromium: every run of the corpus of decisions and hundreds of drawn ones
 * come to the same bytes, outcome by outcome and register by register.
 */
test('the core beside a page decides every life as the server does, byte for byte', async ({ page }) => {
  test.setTimeout(1_800_000);
  const drawn = lives(String(SEEDS));
  expect(drawn.length).toBeGreaterThan(SEEDS + 60);
  await besideCore(page);
  const bundle = JSON.parse(readFileSync('public/core/bundle.json', 'utf8')) as { hash: string };
  expect(await page.evaluate(() => (globalThis as unknown as { core: CoreBeside }).core.hash)).toBe(bundle.hash);

  expect(await different(page, drawn)).toEqual([]);
});

test('every procedure that ships is carried out to its end beside a page, and every screen on the way is the server’s, byte for byte', async ({ page }) => {
  test.setTimeout(1_800_000);
  const walks = lives('walks');
  expect(walks.length).toBeGreaterThan(40);
  expect(walks.filter((walk) => walk.finished !== true).map((walk) => walk.name)).toEqual([]);
  await besideCore(page);

  expect(await different(page, walks)).toEqual([]);
});

test('every procedure in which whatever may go wrong does once is the same beside a page, screen by screen and byte for byte', async ({ page }) => {
  test.setTimeout(1_800_000);
  const clumsy = lives('mishaps');
  expect(clumsy.length).toBeGreaterThan(40);
  expect(clumsy.filter((life) => life.finished !== true).map((life) => life.name)).toEqual([]);
  await besideCore(page);

  expect(await different(page, clumsy)).toEqual([]);
});

test('the core beside a page plays a run to itself before anybody asks, and decides as if it had not', async ({ page }) => {
  const [walk] = lives('walks');
  if (walk?.where === undefined) throw new Error('no walk');
  await besideCore(page);
  const why = await page.evaluate(
    async ({ plan, where }) => {
      const { core } = globalThis as unknown as { core: Raw & { rehearsed: Promise<string | null> } };
      await core.begin(plan);
      await core.call('stand', where);
      return core.rehearsed;
    },
    { plan: walk.plan, where: walk.where },
  );

  expect(why, 'why it could not').toBeNull();
  expect(await different(page, [walk])).toEqual([]);
});

test('what the core beside a page cannot read is said, and it goes on; where it cannot start, that is said', async ({ page }) => {
  await page.goto('/sign-in');
  const said = await page.evaluate(async (module) => {
    const { CoreBeside: Core } = (await import(module)) as { CoreBeside: typeof CoreBeside };
    const core = await Core.start();
    const why = await core.decide({ type: 'bolt_sung_to' }).then(
      () => 'decided',
      (error: unknown) => String(error),
    );
    const again = await core.begin('{}').then(
      () => 'begun',
      (error: unknown) => String(error),
    );
    core.end();
    return [why, again];
  }, coreModule());
  expect(said[0]).toContain('Call to a member function decide() on null');
  expect(said[1]).not.toBe('begun');

  await page.route('**/core/bundle.json', (route) => route.abort());
  const refused = await page.evaluate(async (module) => {
    const { CoreBeside: Core } = (await import(module)) as { CoreBeside: typeof CoreBeside };
    return Core.start().then(
      () => 'started',
      (error: unknown) => String(error),
    );
  }, coreModule());
  expect(refused).toContain('The core does not run beside this page:');
});
