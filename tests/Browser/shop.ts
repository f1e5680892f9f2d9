import { type Browser, type Page, expect } from '@playwright/test';

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

/** With TEKKAL_SLOW_MS set, every request and every answer is late by up to so much: what then fails hung on speed. */
const SLOW_MS = Number(process.env.TEKKAL_SLOW_MS ?? 0);

async function slowed(page: Page): Promise<void> {
  await page.addInitScript((most) => {
    const late = () => new Promise((resolve) => setTimeout(resolve, Math.random() * most));
    const ask = window.fetch.bind(window);
    window.fetch = async (...request) => {
      await late();
      const answer = await ask(...request);
      await late();
      return answer;
    };
  }, SLOW_MS);
}

export async function atDesk(browser: Browser, name: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  if (SLOW_MS > 0) await slowed(page);
  await signInAtDesk(page, name);
  return page;
}

export async function signInAtDesk(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
}

/** A browser of its own that a lead has made a bench. */
export async function newBench(browser: Browser, name: string): Promise<Page> {
  const page = await atDesk(browser, 'lead');
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByLabel('Make this browser a bench, and call it').fill(name);
  await page.getByRole('button', { name: 'Enrol' }).click();
  await expect(page.getByText(`${name}, this browser`)).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'At a desk' })).toBeVisible();
  return page;
}

export async function signInAtBench(page: Page, badge: string): Promise<void> {
  await page.goto('/bench/sign-in');
  await page.getByLabel('Badge: scan it or type its number').fill(badge);
  await page.keyboard.press('Enter');
  await page.getByLabel(`PIN for badge ${badge}`).fill(PIN);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
}

/** The lead takes an engine in and gives its main caps to somebody. */
export async function engineFor(page: Page, serial: string, assembler: string): Promise<void> {
  await page.getByRole('link', { name: 'Builds' }).click();
  await page.getByRole('button', { name: 'An engine comes in' }).click();
  await page.getByLabel('Serial number, typed or scanned').fill(serial);
  await page.getByRole('combobox', { name: 'Customer' }).click();
  await page.getByRole('option', { name: 'Skerry Dredging' }).click();
  await page.getByRole('button', { name: 'Put it on a stand' }).click();
  await expect(page.getByRole('heading', { name: serial })).toBeVisible();
  await page.getByRole('button', { name: 'Give it to somebody' }).click();
  await page.getByRole('combobox', { name: 'Assembler' }).click();
  await page.getByRole('option', { name: assembler }).click();
  await page.getByRole('button', { name: 'Give it', exact: true }).click();
  await expect(page.getByText(`On ${assembler}’s hook, not begun.`)).toBeVisible();
}

export async function takeTool(page: Page, code: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${code}`) }).click();
}

export async function expectBolt(page: Page, number: number, round: number): Promise<void> {
  await expect(page.getByRole('heading', { name: new RegExp(`^Bolt ${String(number)} `) })).toBeVisible();
  await expect(page.getByText(`Round ${String(round)}`, { exact: true })).toBeVisible();
}

/** Edda Braskin begins the run on her hook at this bench, with its tool, and stands at the first bolt. */
export async function atFirstBolt(page: Page, serial: string): Promise<void> {
  await signInAtBench(page, '1044');
  await page.getByRole('button', { name: new RegExp(serial) }).click();
  await takeTool(page, 'TW-04');
  await expectBolt(page, 1, 1);
}

/** Types a reading as the numeric pad would: nobody clicks into a field. */
export async function type(page: Page, reading: string): Promise<void> {
  await page.keyboard.type(reading);
  await page.keyboard.press('Enter');
}
