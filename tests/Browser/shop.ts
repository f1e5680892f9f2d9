import AxeBuilder from '@axe-core/playwright';
import { type Browser, type BrowserContext, type Page, test as base, expect } from '@playwright/test';
import type { RunSheet } from '@/api/types';

/** What a machine can see of the accessibility of a page as it stands; or of one rule. */
export async function accessible(page: Page, rule?: string): Promise<void> {
  const axe = new AxeBuilder({ page });
  const { violations } = await (rule === undefined ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules([rule])).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`)).toEqual([]);
}

/** What a page said when its journey broke, for whoever has only the words of the run. */
const standsOn = async (page: Page): Promise<string> =>
  `On ${page.url()} there stood:\n${await page
    .locator('body')
    .innerText({ timeout: 5_000 })
    .catch(() => 'nothing that could be read')}`;

/** A journey whose pages are closed when it is over: left open they would go on asking, beside all that come after. */
export const test = base.extend<{ closing: undefined }>({
  closing: [
    async ({ browser }, run, info) => {
      await run(undefined);
      const pages = browser.contexts().flatMap((context) => context.pages());
      if (info.status !== info.expectedStatus) for (const page of pages) console.log(await standsOn(page));
      // A request that is held on its way is no fault of the journey that comes next.
      await Promise.all(pages.map((page) => page.unrouteAll({ behavior: 'ignoreErrors' })));
      await Promise.all(browser.contexts().map((context) => context.close()));
      expect(leftTooSoon.splice(0), 'left by an address before all was kept').toEqual([]);
    },
    { auto: true },
  ],
});

/** People of the demo, and how they get to their places. Every journey makes its own build with a serial of its own. */
export const PASSWORD = 'fenmoor';
export const PIN = '314159';

let made = 0;
/** Four digits that nothing else in this run has, whichever of the workers asks. */
export function unlike(): string {
  made += 1;
  return String(Number(process.env.TEST_WORKER_INDEX ?? 0) * 100 + made).padStart(4, '0');
}

export const newSerial = (): string => `TN3-27-${unlike()}`;

/** With TEKKAL_SLOW_MS set, every request, every answer and all that a device keeps is late by up to so much: what then fails hung on speed. */
const SLOW_MS = Number(process.env.TEKKAL_SLOW_MS ?? 0);

/** A page as slow as the run asks for. */
export async function slowed(page: Page): Promise<void> {
  if (SLOW_MS === 0) return;
  await page.addInitScript((most) => {
    const late = () => new Promise((resolve) => setTimeout(resolve, Math.random() * most));
    const ask = window.fetch.bind(window);
    window.fetch = async (...request) => {
      await late();
      const answer = await ask(...request);
      await late();
      return answer;
    };
    const turn = navigator.locks.request.bind(navigator.locks) as (name: string, work: () => Promise<unknown>) => Promise<unknown>;
    Object.assign(navigator.locks, { request: (name: string, work: () => Promise<unknown>) => turn(name, async () => late().then(work)) });
  }, SLOW_MS);
}

/** Pages that were left by an address while something seen there was not yet on the device's disk: the browser had asked first. */
const leftTooSoon: string[] = [];

/** A page at a bench: slow if the run asks for it, and a journey that leaves it before all is kept fails for that, not for what is lost. */
async function benchPage(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  await slowed(page);
  page.on('dialog', (dialog) => {
    if (dialog.type() === 'beforeunload') leftTooSoon.push(page.url());
    void dialog.accept();
  });
  return page;
}

/** What a journey begins with, but is not about, is asked of the server directly. */
async function ask<T>(context: BrowserContext, path: string, data?: object): Promise<T> {
  const token = (await context.cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
  const headers = { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) };
  const answer = data === undefined ? await context.request.get(`/api/${path}`, { headers }) : await context.request.post(`/api/${path}`, { headers, data });
  expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true);
  return (answer.status() === 204 ? null : await answer.json()) as T;
}

async function signedIn(browser: Browser, name: string): Promise<BrowserContext> {
  const context = await browser.newContext();
  await ask(context, 'session');
  await ask(context, 'session', { name, password: PASSWORD });
  return context;
}

/** Where the errands of each begin. */
const PLACES: Record<string, string> = { lead: '/builds', approver: '/builds', crib: '/crib' };

/** Somebody at a desk, signed in, at the place where their errands begin, or at another. */
export async function atDesk(browser: Browser, name: string, place = PLACES[name] ?? '/'): Promise<Page> {
  const page = await (await signedIn(browser, name)).newPage();
  await slowed(page);
  await page.goto(place);
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
  return page;
}

export async function signInAtDesk(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
}

/** A browser of its own that a lead has made a bench; nobody is signed in. */
export async function newBench(browser: Browser, name: string): Promise<Page> {
  const context = await signedIn(browser, 'lead');
  await ask(context, 'devices', { name });
  await ask(context, 'session/end', { last_device_seq: null });
  return benchPage(context);
}

/** The same as one does it: the lead makes this very browser a bench, and leaves. */
export async function newBenchByHand(browser: Browser, name: string): Promise<Page> {
  const page = await benchPage(await browser.newContext());
  await signInAtDesk(page, 'lead');
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: 'Benches and server' }).click();
  await page.getByLabel('Make this browser a bench, and call it').fill(name);
  await page.getByRole('button', { name: 'Enrol' }).click();
  await expect(page.getByText(`${name}, this browser`)).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'At a desk' })).toBeVisible();
  return page;
}

export async function signInAtBench(page: Page, badge: string): Promise<void> {
  await page.goto('/bench/sign-in');
  await enterBadge(page, badge);
  await expect(page.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
}

/** Badge and PIN, wherever the bench asks for them. */
export async function enterBadge(page: Page, badge: string): Promise<void> {
  await page.getByLabel('Badge: scan it or type its number').fill(badge);
  await page.keyboard.press('Enter');
  await page.getByLabel(`PIN for badge ${badge}`).fill(PIN);
  await page.keyboard.press('Enter');
}

type Named = { id: string; name: string };

/** An engine on a stand, its main caps on somebody's hook. */
export async function engineIn(browser: Browser, serial: string, assembler: string): Promise<void> {
  const context = await signedIn(browser, 'lead');
  await give(context, serial, assembler);
  await context.close();
}

/** The same from a lead's page, which then shows the engine. */
export async function engineFor(lead: Page, serial: string, assembler: string): Promise<void> {
  await lead.goto(`/builds/${await give(lead.context(), serial, assembler)}`);
  await expect(lead.getByText(`On ${assembler}’s hook, not begun.`)).toBeVisible();
}

/** An engine of any family, one joint of it on somebody's hook with the hardware that it comes with. */
export async function engineOf(lead: Page, serial: string, joint: string, assembler: string): Promise<void> {
  await give(lead.context(), serial, assembler, joint);
}

async function give(context: BrowserContext, serial: string, assembler: string, joint = 'Main caps'): Promise<string> {
  const { customers, assemblers } = await ask<{ customers: Named[]; assemblers: Named[] }>(context, 'builds/choices');
  const idOf = (list: Named[], name: string) => list.find((one) => one.name === name)?.id;
  const { id } = await ask<{ id: string }>(context, 'builds', { serial, customer: idOf(customers, 'Skerry Dredging') });
  const { joints } = await ask<{ joints: (Named & { options: { procedure: string; option: string }[] })[] }>(context, `builds/${id}`);
  const options = joints.find((one) => one.name === joint)?.options ?? [];
  const procedure = (options.find((o) => o.option === 'stock bolts') ?? options[0])?.procedure ?? null;
  await ask(context, `builds/${id}/assignments`, { joint: idOf(joints, joint), person: idOf(assemblers, assembler), procedure });
  return id;
}

/** The lead takes an engine in and gives its main caps to somebody, as one does it. */
export async function engineByHand(page: Page, serial: string, assembler: string): Promise<void> {
  await page.getByRole('link', { name: 'Builds' }).click();
  await page.getByRole('button', { name: 'An engine comes in' }).click();
  await page.getByLabel('Serial number, typed or scanned').fill(serial);
  await page.getByRole('combobox', { name: 'Customer' }).click();
  await page.getByRole('option', { name: 'Skerry Dredging' }).click();
  await page.getByRole('button', { name: 'Put it on a stand' }).click();
  await expect(page.getByRole('heading', { name: serial })).toBeVisible();
  await page.getByRole('article').filter({ hasText: 'Main caps' }).getByRole('button', { name: 'Give it to somebody' }).click();
  await page.getByRole('combobox', { name: 'Assembler' }).click();
  await page.getByRole('option', { name: assembler }).click();
  await page.getByRole('button', { name: 'Give it', exact: true }).click();
  await expect(page.getByText(`On ${assembler}’s hook, not begun.`)).toBeVisible();
}

export async function takeTool(page: Page, code: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`\\b${code} `) }).click();
}

export async function expectBolt(page: Page, number: number, round: number): Promise<void> {
  await expect(page.getByRole('heading', { name: new RegExp(`^Bolt ${String(number)}\\b`) })).toBeVisible();
  await expect(page.getByText(`Round ${String(round)}`, { exact: true })).toBeVisible();
}

/** What is stamped on heads stands on no screen: a hand looks at the metal, and this one at the sheet. It picks the number of what it sees. */
export async function stampOnMetal(page: Page): Promise<string> {
  const run = /runs\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
  let key: string | undefined;
  const look = async () => {
    const sheet = (await (await page.request.get(`/api/bench/runs/${run}`, { headers: { Accept: 'application/json' } })).json()) as RunSheet;
    const asks = (await page.getByRole('heading', { level: 1 }).textContent())?.trim();
    key = sheet.view.call.title === asks ? sheet.view.call.answers.find((a) => a.good)?.key : undefined;
    return key;
  };
  await expect.poll(look).toBeTruthy();
  return key ?? '';
}

/** Heads read and surfaces seen to, as often as it is asked. */
export async function prepare(page: Page): Promise<void> {
  const title = page.getByRole('heading', { level: 1 });
  for (;;) {
    const asks = ((await title.textContent()) ?? '').trim();
    if (asks.startsWith('What is stamped')) {
      await page.keyboard.type(await stampOnMetal(page));
      await page.keyboard.press('Enter');
    } else if (/ (on|under) the /.test(asks)) await page.getByRole('button', { name: /It is (on|dry)$/ }).click();
    else return;
    await expect(title).not.toHaveText(asks);
  }
}

/** All that comes before the first tool of a run that nobody has touched. */
export async function layOut(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'It is all here' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Lay it out');
  await prepare(page);
}

/** Edda Braskin begins the run on her hook at this bench, with its tool, and stands at the first bolt. */
export async function atFirstBolt(page: Page, serial: string): Promise<void> {
  await signInAtBench(page, '1044');
  await page.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(page);
  await takeTool(page, 'TW-04');
  await expectBolt(page, 1, 1);
  await coreReady(page);
}

/** From here on the core beside the page decides, with the server or without. */
export async function coreReady(page: Page): Promise<void> {
  await expect(page.locator('[data-core=ready]')).toBeVisible();
}

/** The way off, behind the key that holds what one needs seldom. */
export async function signOutAtBench(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
}

/** What was typed last is taken back as a wrong key: asked for behind what is wrong, and the first answer takes nothing. */
export async function takeBack(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await page.getByRole('button', { name: /I typed it wrongly/ }).click();
  await page.getByRole('button', { name: 'Wrong key' }).click();
}

/** Types a reading as the numeric pad would: nobody clicks into a field. */
export async function type(page: Page, reading: string): Promise<void> {
  await page.keyboard.type(reading);
  await page.keyboard.press('Enter');
}

/** Something is wrong, and what: the tile is touched, and what it costs stands there before anything is said. */
export async function wrong(page: Page, what: RegExp): Promise<void> {
  await page.getByRole('button', { name: /Something is wrong|It was something else/ }).click();
  await page.getByRole('button', { name: what }).click();
}

/** It is said, in the first of its ways: Enter is dead until one is picked. */
export async function sayIt(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: /Pick 1/ })).toBeDisabled();
  await page.getByRole('button', { name: /^1 ?Say it/ }).click();
  await page.getByRole('button', { name: 'Yes, it is so' }).click();
}

/** Whoever stands in for nobody decides nothing: the lead comes to the bench, and signs one word. */
export async function leadDecides(page: Page, word: RegExp, badge = '1001'): Promise<void> {
  await page.getByRole('button', { name: /The lead is here/ }).click();
  await page.getByRole('button', { name: word }).click();
  await enterBadge(page, badge);
}

/** Every head is looked at, of a joint of class A by a second person too; then it is signed. */
export async function finishJob(page: Page, second = '1042'): Promise<void> {
  await expect(page.getByRole('heading', { name: 'Final look' })).toBeVisible();
  await page.getByRole('button', { name: /agrees?$/ }).click();
  await expect(page.getByRole('heading', { name: 'Somebody else looks at it' })).toBeVisible();
  await page.getByRole('button', { name: 'All agree, sign it' }).click();
  await enterBadge(page, second);
  await page.getByLabel('Your PIN').fill(PIN);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /: finished$/ })).toBeVisible();
}
