import { expect } from '@playwright/test';
import {
  PIN,
  atDesk,
  atFirstBolt,
  engineFor,
  engineIn,
  enterBadge,
  expectBolt,
  newBench,
  newSerial,
  signInAtBench,
  signOutAtBench,
  takeBack,
  takeTool,
  type,
  test,
} from './shop';

test('an answer lost after the server had stored a reading costs nothing and doubles nothing', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);

  let lost = 0;
  await bench.route('**/api/bench/observations', async (route) => {
    lost += 1;
    if (lost > 2) return route.continue();
    await route.fetch();
    return route.abort();
  });
  await type(bench, '31.5');
  await expectBolt(bench, 2, 1);
  await type(bench, '32.5');
  await expectBolt(bench, 3, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  expect(lost).toBeGreaterThan(2);

  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
  await expect(lead.getByText('Main caps: 2 measured and in.')).toBeVisible();
  await expect(lead.getByText('Set aside')).toHaveCount(0);
});

test('an answer lost to a command does not stop the readings after it', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);

  await type(bench, '32.5');
  await expectBolt(bench, 2, 1);
  await bench.route('**/api/bench/runs/*/withdrawals', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await expect(bench.getByText('all sent')).toBeVisible();
  await takeBack(bench);
  await expect(bench.getByRole('alert')).toContainText('The server cannot be reached.');
  await bench.unroute('**/api/bench/runs/*/withdrawals');
  await bench.keyboard.press('Escape');
  // A hand looks where the screen is before it types on.
  await expect(bench.getByRole('button', { name: 'Wrong key' })).toHaveCount(0);
  await expect(bench.getByRole('button', { name: 'Something is wrong' })).toBeEnabled();
  // The bench does not know that the first was taken back; the second is kept, and the first is called for again.
  await type(bench, '32.5');
  await expect(bench.getByText('all sent')).toBeVisible();
  await expectBolt(bench, 1, 1);
  await bench.reload();
  await expectBolt(bench, 1, 1);
});

test('a sheet that was asked for before something happened and comes after it takes nothing back', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  for (const bolt of [1, 2, 3, 4, 5, 6, 7]) {
    await expectBolt(bench, bolt, 1);
    await type(bench, '32');
  }
  await expectBolt(bench, 8, 1);
  await expect(bench.getByText('all sent')).toBeVisible();

  // The server answers at once; the answer is long on its way.
  let arrives: () => void = () => undefined;
  const late = new Promise<void>((resolve) => {
    arrives = resolve;
  });
  let held = 0;
  await bench.route('**/api/bench/runs/*', async (route) => {
    const answer = await route.fetch();
    held += 1;
    await late;
    await route.fulfill({ response: answer });
  });
  await type(bench, '32');
  await expect(bench.getByRole('heading', { name: 'Take an angle gauge' })).toBeVisible();
  await expect.poll(() => held).toBeGreaterThan(0);
  await takeTool(bench, 'AG-02');
  await expectBolt(bench, 1, 2);
  const came = bench.waitForResponse('**/api/bench/runs/*');
  arrives();
  await came;
  await type(bench, '46');
  await expectBolt(bench, 2, 2);
});

test('a serial scanned before the bench has opened its outbox is worked as soon as it has', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await bench.goto('/bench/sign-in');
  await bench.getByLabel('Badge: scan it or type its number').fill('1044');
  await bench.keyboard.press('Enter');
  await bench.getByLabel('PIN for badge 1044').fill(PIN);

  // From signing in on, what the outbox asks first is held back.
  let answers: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    answers = resolve;
  });
  let asked: number | null = null;
  await bench.route('**/api/session/bench', (route) => {
    asked = 0;
    return route.continue();
  });
  await bench.route('**/api/session', async (route) => {
    if (asked !== null) {
      asked += 1;
      await held;
    }
    await route.continue();
  });
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
  await bench.getByLabel('Scan a serial').fill(`@S${serial}`);
  await bench.keyboard.press('Enter');
  await expect.poll(() => asked).toBeGreaterThan(0);
  await expect(bench.getByRole('button', { name: new RegExp(serial) })).toBeDisabled();
  await expect(bench.getByRole('alert')).toHaveCount(0);
  answers();
  await expect(bench.getByRole('heading', { name: 'Lay it out' })).toBeVisible();
});

test('what waits at a bench outlives signing out, and is sent without anybody signing in', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await expect(bench.getByText('all sent')).toBeVisible();

  await bench.route('**/api/bench/observations', (route) => route.abort());
  await type(bench, '31.5');
  await expect(bench.getByText(/1 kept here/)).toBeVisible();
  await signOutAtBench(bench);
  await expect(bench.getByLabel('Badge: scan it or type its number')).toBeVisible();
  await bench.reload();
  await expect(bench.getByLabel('Badge: scan it or type its number')).toBeVisible();
  await bench.unroute('**/api/bench/observations');

  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
  await expect(lead.getByText('Main caps: 1 measured and in.')).toBeVisible();
});

test('signing out that did not come through is said, at a bench and at a desk', async ({ browser }) => {
  const bench = await newBench(browser, `Bench of ${newSerial()}`);
  await signInAtBench(bench, '1044');
  await bench.getByRole('button', { name: 'More' }).click();
  for (const page of [bench, await atDesk(browser, 'crib')]) {
    await page.context().setOffline(true);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('alert')).toHaveText('Still signed in. Try again.');
    await page.context().setOffline(false);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('button', { name: 'Sign out' })).toHaveCount(0);
  }
});

test('a bench whose session has ended meanwhile fetches a new token by itself and holds no reading back', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await expect(bench.getByText('all sent')).toBeVisible();

  // Nothing that is asked for meanwhile may say so before the reading does.
  await bench.route('**/api/bench/runs/*', (route) => route.abort());
  const cookies = await bench.context().cookies();
  await bench.context().clearCookies({ name: /^tekkal_(?!bench)|XSRF/ });
  expect((await bench.context().cookies()).length).toBeLessThan(cookies.length);
  await type(bench, '31.5');
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  await bench.unroute('**/api/bench/runs/*');
  // The reading is in, and the answer to the next question is that nobody is signed in: the bench asks for a badge by itself.
  await expect(bench.getByLabel('Badge: scan it or type its number')).toBeVisible();
  await enterBadge(bench, '1044');
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
});

test('a device that cannot keep a reading says so, goes back to the bolt and keeps what was typed', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await expect(bench.getByText('all sent')).toBeVisible();

  const full = (on: boolean) =>
    bench.evaluate((isFull) => {
      const page = globalThis as unknown as { put?: PropertyDescriptor };
      page.put ??= Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put') ?? {};
      const refuse = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
      Object.defineProperty(IDBObjectStore.prototype, 'put', isFull ? { ...page.put, value: refuse } : page.put);
    }, on);
  const lost = (what: string) => bench.getByText(`This device could not keep ${what}: its store is full or closed. Nothing was recorded; call the lead.`);
  await full(true);
  await type(bench, '31.5');
  await expect(lost('31.5')).toBeVisible();
  await expectBolt(bench, 1, 1);
  await expect(bench.getByLabel('Reading of TW-04 in N·m')).toHaveValue('31.5');

  // A short one leads to another screen at once, and back from it: the sentence is there all the same.
  await bench.getByLabel('Reading of TW-04 in N·m').fill('');
  await type(bench, '28');
  await expect(lost('28')).toBeVisible();
  await expectBolt(bench, 1, 1);

  await full(false);
  await bench.getByLabel('Reading of TW-04 in N·m').fill('');
  await type(bench, '31.5');
  await expectBolt(bench, 2, 1);
  await expect(lost('28')).toBeHidden();
});
