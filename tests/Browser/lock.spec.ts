import { type Browser, type Page, expect } from '@playwright/test';
import AxeBuilder from '@axe-core/playwright';
import { PIN, atDesk, atFirstBolt, engineFor, engineIn, expectBolt, newBench, newSerial, type, test } from './shop';

const MINUTE = 60_000;
const lock = (page: Page) => page.getByRole('dialog', { name: 'This bench is locked' });

/** At the first bolt of a bench whose clock of the day can be put forward. */
async function withOwnClock(page: Page, serial: string): Promise<void> {
  await page.addInitScript(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + Number(sessionStorage.getItem('ahead') ?? 0);
  });
  await atFirstBolt(page, serial);
}

async function benchAtWork(browser: Browser): Promise<{ bench: Page; serial: string }> {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await withOwnClock(bench, serial);
  return { bench, serial };
}

/** Nobody touches it for so long. */
async function leave(page: Page, ms: number): Promise<void> {
  await page.evaluate((by) => sessionStorage.setItem('ahead', String(Number(sessionStorage.getItem('ahead') ?? 0) + by)), ms);
}

async function badgeAndPin(page: Page, badge: string): Promise<void> {
  await page.keyboard.type(badge);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(`PIN for badge ${badge}`)).toBeFocused();
  await page.keyboard.type(PIN);
  await page.keyboard.press('Enter');
}

test('a bench that nobody touches warns, locks, shows what stands open, and badge and PIN come back to the same stroke', async ({ browser }) => {
  const { bench, serial } = await benchAtWork(browser);
  await bench.keyboard.type('31');
  await leave(bench, 9 * MINUTE + 35_000);
  await expect(bench.getByText(/This bench locks itself in \d+ s\. Touch it to stay\./)).toBeVisible();
  await bench.keyboard.type('.');
  await expect(bench.getByText(/This bench locks itself/)).toBeHidden();

  await leave(bench, 11 * MINUTE);
  await expect(lock(bench)).toBeVisible();
  await expect(bench.getByText('No fault stands open here.')).toBeVisible();
  await expect(bench.getByRole('heading', { name: /^Bolt 1\b/ })).toBeHidden();
  const scan = await new AxeBuilder({ page: bench }).analyze();
  expect(scan.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(' ')}`)).toEqual([]);

  await badgeAndPin(bench, '1044');
  await expect(lock(bench)).toBeHidden();
  await expectBolt(bench, 1, 1);
  await expect(bench.getByRole('button', { name: 'Take 31.' })).toBeVisible();
  await bench.keyboard.type('9');
  await bench.keyboard.press('Enter');
  await expectBolt(bench, 2, 1);

  await expect(bench.getByText('all sent')).toBeVisible();
  await type(bench, '27.1');
  await expect(bench.getByText('Short', { exact: true })).toBeVisible();
  await leave(bench, 11 * MINUTE);
  await expect(lock(bench)).toContainText(`Still open: ${serial}, main caps, bolt 2: short. It is not done.`);
});

test('a bench locks over whatever lies open on it: nothing of that is seen or takes a key, and badge and PIN bring it back as it was', async ({ browser }) => {
  const { bench } = await benchAtWork(browser);

  await bench.keyboard.press('+');
  await bench.getByRole('button', { name: 'Leave it, or hand it over' }).click();
  const words = bench.getByLabel('What the next one has to know, if anything');
  await words.fill('The rear pair is dry.');
  await leave(bench, 9 * MINUTE + 35_000);
  await expect(bench.getByText(/This bench locks itself in \d+ s\. Touch it to stay\./)).toBeVisible();
  await leave(bench, MINUTE);
  await expect(lock(bench)).toBeVisible();
  // Where somebody would press to put it on the hook, the lock lies.
  await expect(bench.getByRole('dialog')).toHaveCount(1);
  await badgeAndPin(bench, '1044');
  await expect(lock(bench)).toBeHidden();
  await expect(words).toHaveValue('The rear pair is dry.');
  await bench.keyboard.press('Escape');

  await bench.keyboard.press('/');
  await expect(bench.getByRole('heading', { name: 'What is wrong?' })).toBeVisible();
  await leave(bench, 11 * MINUTE);
  await expect(lock(bench)).toBeVisible();
  await lock(bench).getByRole('button', { name: 'Clear' }).click();
  await bench.keyboard.press('Escape');
  await bench.keyboard.press('/');
  await lock(bench).getByLabel('Badge: scan it or type its number').fill('');
  await badgeAndPin(bench, '1044');
  await expect(lock(bench)).toBeHidden();
  await expect(bench.getByRole('heading', { name: 'What is wrong?' })).toBeVisible();
  await bench.getByRole('button', { name: 'Nothing is wrong, back' }).click();
  await expectBolt(bench, 1, 1);
});

test('another badge at a locked bench begins with its own hook, and what the one before left is theirs', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await withOwnClock(bench, serial);
  await type(bench, '32');
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  await leave(bench, 11 * MINUTE);
  await expect(lock(bench)).toBeVisible();
  await badgeAndPin(bench, '1043');
  await expect(bench.getByRole('heading', { name: 'On Milo Farrandel’s hook' })).toBeVisible();
  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
  await expect(lead.getByText('Main caps: 1 measured and in.')).toBeVisible();
});

test('while no PIN can be checked one goes on and the record says so', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await withOwnClock(bench, serial);
  await bench.route('**/api/**', (route) => route.abort());
  await leave(bench, 11 * MINUTE);
  await expect(lock(bench)).toBeVisible();
  await expect(bench.getByRole('button', { name: 'Go on without a PIN' })).toHaveCount(0);
  await badgeAndPin(bench, '1044');
  await bench.getByRole('button', { name: 'Go on without a PIN' }).click();
  await expect(lock(bench)).toBeHidden();
  await type(bench, '32.2');
  await expectBolt(bench, 2, 1);
  // The server, back again, has had it locked all the while.
  await bench.unroute('**/api/**');
  await bench.route('**/api/bench/runs/*', (route) =>
    route.fulfill({
      status: 423,
      contentType: 'application/problem+json',
      body: JSON.stringify({ type: 'tekkal:locked', title: 'The bench is locked', status: 423, detail: 'This bench is locked.' }),
    }),
  );
  await expect(lock(bench)).toBeVisible();
  await bench.unroute('**/api/bench/runs/*');
  await badgeAndPin(bench, '1044');
  await expect(lock(bench)).toBeHidden();
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
  await expect(lead.getByText('The bench had locked itself, and somebody went on while no PIN could be checked.').first()).toBeVisible();
});

test('an observation that the server cannot read waits for the lead and holds up nothing', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  // As a page of another release might send it: a value in signs that no tool shows.
  let spoilt = false;
  await bench.route('**/api/bench/observations', async (route) => {
    const body = route.request().postDataJSON() as { observations: { type: string; value?: string }[] };
    spoilt ||= body.observations.some((o) => o.type === 'observation_unreadable');
    // What was prepared before it may go in the same batch.
    const reading = body.observations.find((o) => o.type === 'reading_taken');
    if (!spoilt && reading) reading.value = '３２.１ N.m';
    await route.continue({ postData: JSON.stringify(body) });
  });
  await type(bench, '32.1');
  await expect(bench.getByText('The server could not read one reading; the lead gets it. Do that bolt again.')).toBeVisible();
  await expect(bench.getByText('all sent')).toBeVisible();
  await expectBolt(bench, 1, 1);
  await type(bench, '32.1');
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  await lead.getByRole('link', { name: 'Audit', exact: true }).click();
  await expect(lead.getByText('What the bench sent could not be read; its bytes are kept.').first()).toBeVisible();
});
