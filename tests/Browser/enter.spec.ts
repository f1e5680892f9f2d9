import { writeFileSync } from 'node:fs';
import { type Page, expect } from '@playwright/test';
import { atDesk, engineFor, newBench, newSerial, signInAtBench, takeTool, test } from './shop';

const WANTED = 100;

declare global {
  interface Window {
    measured: Promise<number>;
  }
}

/** Milliseconds from a key going down to the frame after the screen shows what it waited for. */
async function press(page: Page, key: string, waitsForNext: boolean): Promise<number> {
  await page.evaluate((next) => {
    const call = () => document.querySelector('h1')?.textContent;
    const before = call();
    window.measured = new Promise((resolve) => {
      const onKey = () => {
        const began = performance.now();
        const look = () => {
          if (next && call() === before) requestAnimationFrame(look);
          else requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began), 0));
        };
        look();
      };
      addEventListener('keydown', onKey, { capture: true, once: true });
    });
  }, waitsForNext);
  await page.keyboard.press(key);
  return page.evaluate(() => window.measured);
}

function p95(times: number[]): number {
  return [...times].sort((a, b) => a - b)[Math.ceil(times.length * 0.95) - 1] ?? Number.NaN;
}

test('@bench from Enter to the next step painted, against an empty key press on the same page', async ({ browser }) => {
  test.setTimeout(400_000);
  const lead = await atDesk(browser, 'lead');
  const bench = await newBench(browser, 'Bench of the key press');
  const enter: number[] = [];
  const empty: number[] = [];
  while (enter.length < WANTED) {
    const serial = newSerial();
    await engineFor(lead, serial, 'Edda Braskin');
    await signInAtBench(bench, '1044');
    await bench.getByRole('button', { name: new RegExp(serial) }).click();
    await takeTool(bench, 'TW-04');
    for (let step = 0; step < 7 && enter.length < WANTED; step += 1) {
      await expect(bench.getByRole('heading', { name: /^Bolt / })).toBeVisible();
      // Nobody pulls the next bolt before the last reading has been answered: the page is at rest.
      await expect(bench.getByText('all sent')).toBeVisible();
      empty.push(await press(bench, 'F8', false));
      await bench.keyboard.type('32.0');
      enter.push(await press(bench, 'Enter', true));
    }
    await expect(bench.getByText('all sent')).toBeVisible();
    await bench.getByRole('button', { name: 'Sign out' }).click();
  }
  writeFileSync(
    `${process.env.BENCH_OUT ?? 'var'}/enter.json`,
    JSON.stringify({ presses: enter.length, enter_p95_ms: p95(enter), empty_p95_ms: p95(empty), ratio: p95(enter) / p95(empty) }),
  );
});
