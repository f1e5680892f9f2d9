import { type Page, expect } from '@playwright/test';
import { unlike } from './shop';

/** What the focused thing is called, as a screen reader says it, roughly. */
function nameOfFocus(): string {
  const here = document.activeElement as HTMLInputElement | null;
  if (!here) return '';
  const by = (here.getAttribute('aria-labelledby') ?? '')
    .split(' ')
    .map((id) => document.getElementById(id)?.textContent ?? '')
    .join(' ');
  const name = here.getAttribute('aria-label') ?? (by.trim() || (here.labels?.[0]?.textContent ?? here.textContent));
  return name.replace(/\s+/g, ' ').trim();
}

/** Goes there with the Tab key, as somebody without a mouse does; round again while what is looked for may still be coming. */
export async function reach(page: Page, name: string | RegExp): Promise<void> {
  const seen: string[] = [];
  await expect(page.getByText('Fetching …')).toHaveCount(0);
  const until = Date.now() + 15_000;
  for (let i = 0; i < 220 || Date.now() < until; i++) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(nameOfFocus);
    if (typeof name === 'string' ? here === name : name.test(here)) return;
    seen.push(here);
  }
  throw new Error(`The keyboard does not reach ${String(name)}; it went over ${[...new Set(seen)].join(' | ')}`);
}

export async function press(page: Page, name: string | RegExp): Promise<void> {
  await reach(page, name);
  await page.keyboard.press('Enter');
}

export async function fill(page: Page, name: string | RegExp, text: string): Promise<void> {
  await reach(page, name);
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
}

/** Chooses in a list of the browser's own or of the kit's, by typing what it begins with. */
export async function choose(page: Page, name: string | RegExp, begins: string): Promise<void> {
  await reach(page, name);
  if (await page.evaluate(() => document.activeElement?.tagName === 'SELECT')) {
    await page.keyboard.type(begins);
    await expect(page.locator('select:focus option:checked')).toHaveText(new RegExp(`^${begins}`, 'i'));
    return;
  }
  await page.keyboard.press('Enter');
  await expect(page.getByRole('option', { name: new RegExp(`^${begins}`, 'i') }).first()).toBeVisible();
  await page.keyboard.type(begins);
  await expect(page.locator('[role=option][data-highlighted]')).toHaveText(new RegExp(`^${begins}`, 'i'));
  await page.keyboard.press('Enter');
}

/** From the tab that has the focus, or any of its row, to the one of that name. */
export async function part(page: Page, name: string): Promise<void> {
  await reach(page, /^(Joint|Fasteners|Map|Orders|Sources|Rounds|Checks|Bench|Text)$/);
  for (let i = 0; i < 9; i++) {
    const here = await page.evaluate(nameOfFocus);
    if (here === name) return;
    await page.keyboard.press('ArrowRight');
    // The focus follows a moment after the key.
    await expect.poll(() => page.evaluate(nameOfFocus), { intervals: [20, 50, 100] }).not.toBe(here);
  }
  throw new Error(`There is no part ${name}`);
}

async function newJoint(page: Page): Promise<{ code: string; name: string }> {
  const number = unlike();
  // Each begins with a letter of its own, so that it is found in a list by what it begins with.
  const code = `${'QXYZJK'.charAt(Number(number) % 6)}${number}`;
  const name = `${code} Rill`;
  await page.goto('/library');
  await expect(page.getByText(/^\d+ procedures$/)).toBeVisible();
  await press(page, 'Families and joints');
  await fill(page, 'Code', code);
  await fill(page, 'Name', name);
  await fill(page, 'Joints, one to a line, in the order of assembly', 'Pump cradle');
  await press(page, 'Add the family');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  return { code, name };
}

export async function newDraft(page: Page): Promise<string> {
  const { name } = await newJoint(page);
  await press(page, 'Write a procedure');
  await choose(page, 'For engines of', name);
  await choose(page, 'Joint', 'Pump');
  await fill(page, 'Hardware option', 'stock bolts');
  await press(page, 'Begin the draft');
  await expect(page.getByRole('heading', { name: `${name}, pump cradle, stock bolts` })).toBeVisible();
  return name;
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByText('draft of revision', { exact: false }).getByText('saved', { exact: true })).toBeVisible();
}
