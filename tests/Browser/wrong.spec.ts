import { type Page, expect } from '@playwright/test';
import type { RunSheet } from '@/api/types';
import { answerCall } from './hand';
import {
  accessible,
  atDesk,
  atFirstBolt,
  coreReady,
  engineIn,
  engineOf,
  enterBadge,
  expectBolt,
  finishJob,
  layOut,
  leadDecides,
  newBench,
  newSerial,
  sayIt,
  signInAtBench,
  takeTool,
  type,
  unlike,
  test,
  wrong,
} from './shop';

const stop = (page: Page, shape: string) => page.locator(`[data-shape=${shape}]`);

/** What a stop asks for is done, key by key, until the work goes on; a thread is repaired with an insert, and the lead accepts it. */
async function putRight(page: Page): Promise<void> {
  const any = page.locator('[data-shape]');
  // Of the stop itself: a sheet that closes over it has changed nothing yet.
  const now = () => page.locator('main').first().innerText();
  while (await any.isVisible()) {
    const before = await now();
    const first = page.locator('footer button').first();
    if (/The lead/.test((await first.textContent()) ?? '')) {
      await first.click();
      const word = page.getByRole('button', { name: /^Do it again/ });
      const badge = page.getByLabel('Badge: scan it or type its number');
      await expect(word.or(badge).first()).toBeVisible();
      if (await word.isVisible()) await word.click();
      await enterBadge(page, '1001');
    } else {
      if (await page.getByLabel('What was put in').isVisible()) await page.getByLabel('What was put in').fill('insert');
      await first.click();
    }
    await expect.poll(now).not.toBe(before);
  }
}

test('a bolt short and redone, one that gives way and is repaired, and a wrong setting for the whole round', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);

  await test.step('short: the closed frame explains what belongs to short, and Enter does nothing', async () => {
    await type(bench, '27.4');
    await expect(stop(bench, 'closed')).toContainText('nudging a stopped bolt');
    await bench.keyboard.press('Enter');
    await expect(stop(bench, 'closed')).toBeVisible();
    await accessible(bench);
    await bench.getByRole('button', { name: 'It is loose' }).click();
    await expectBolt(bench, 1, 1);
    await type(bench, '32.0');
  });

  await test.step('over: another shape, and nothing of a nudged click', async () => {
    await expectBolt(bench, 2, 1);
    await type(bench, '36.5');
    await expect(stop(bench, 'edge')).toContainText('easing it back');
    await expect(stop(bench, 'edge')).not.toContainText('nudging');
    await bench.getByRole('button', { name: 'It is loose' }).click();
    await expectBolt(bench, 2, 1);
    await type(bench, '32.0');
    await expectBolt(bench, 3, 1);
  });

  await test.step('gave way: two digits; what it costs is seen before it is said, and going back leaves no trace', async () => {
    await bench.getByRole('button', { name: 'Something is wrong' }).click();
    await expect(bench.getByRole('heading', { name: 'What is wrong?' })).toBeVisible();
    await accessible(bench);
    await bench.waitForTimeout(500);
    await bench.keyboard.press('1', { delay: 60 });
    await bench.waitForTimeout(120);
    await bench.keyboard.press('1', { delay: 60 });
    await expect(bench.getByRole('heading', { name: 'Gave way' })).toBeVisible();
    await expect(bench.getByText('Not one degree more', { exact: false })).toBeVisible();
    await expect(bench.getByText('1 new fastener, a thread repair', { exact: false }).first()).toBeVisible();
    await accessible(bench);
    await bench.getByRole('button', { name: 'Back to the question' }).click();
    await bench.getByRole('button', { name: 'Nothing is wrong, back' }).click();
    await expectBolt(bench, 3, 1);
  });

  await test.step('said, it stops the bench; who is no lead decides nothing, the lead does', async () => {
    await wrong(bench, /gave way/);
    await sayIt(bench);
    await expect(stop(bench, 'cracked')).toBeVisible();
    await leadDecides(bench, /^Do it again/, '1043');
    await expect(bench.getByText('Milo Farrandel does not decide this', { exact: false })).toBeVisible();
    await accessible(bench);
    await bench.getByRole('button', { name: 'Badge', exact: true }).click();
    await bench.getByRole('button', { name: 'Clear' }).click();
    await enterBadge(bench, '1001');
    await expect(stop(bench, 'cracked')).toBeVisible();
    await putRight(bench);
    await expectBolt(bench, 3, 1);
    await type(bench, '32.0');
    await expectBolt(bench, 4, 1);
  });

  await test.step('a wrong setting: all of the round is not proved, each is loosened and done again before the next', async () => {
    await wrong(bench, /wrong setting/);
    await expect(bench.getByText('3 steps done again', { exact: false }).first()).toBeVisible();
    await sayIt(bench);
    await expect(stop(bench, 'dotted')).toBeVisible();
    await leadDecides(bench, /^Do it again/);
    for (let i = 0; i < 3; i++) {
      await expect(stop(bench, 'dotted')).toBeVisible();
      await bench.getByRole('button', { name: 'It is loose' }).click();
      await expect(bench.getByLabel('Reading of TW-04 in N·m')).toBeVisible();
      await type(bench, '32.0');
    }
    await expectBolt(bench, 4, 1);
    await expect(bench.getByText('all sent')).toBeVisible();
  });
});

test('a word whose answer comes late closes nothing that was opened since', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await wrong(bench, /gave way/);
  await sayIt(bench);
  await bench.getByRole('button', { name: 'It is loose' }).click();
  await bench.getByLabel('What was put in').fill('insert');
  await bench.getByRole('button', { name: 'It is repaired' }).click();
  await expect(bench.getByText('all sent')).toBeVisible();

  let come: () => void = () => undefined;
  const late = new Promise<void>((resolve) => (come = resolve));
  await bench.route('**/api/bench/runs/*/decisions', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    const response = await route.fetch();
    await late;
    await route.fulfill({ response });
  });
  await leadDecides(bench, /^Do it again/);
  // The server has heard of it, and the bench of that, before the answer is there.
  await bench.getByRole('button', { name: 'The lead accepts it here' }).click();
  const badge = bench.getByLabel('Badge: scan it or type its number');
  await badge.fill('10');
  const answer = bench.waitForResponse((response) => response.request().method() === 'POST' && response.url().endsWith('/decisions'));
  come();
  await (await answer).finished();
  await bench.waitForTimeout(1_000);
  await expect(badge).toHaveValue('10');
  await enterBadge(bench, '1001');
  await bench.getByRole('button', { name: 'A new one is in' }).click();
  await expectBolt(bench, 1, 1);
});

test('a bolt stretched beyond its limit is scrap, and its partner is measured, not scrapped', async ({ browser }) => {
  const serial = `HG4-27-${unlike()}`;
  await engineOf(await atDesk(browser, 'lead'), serial, 'Connecting rods', 'Rafe Ondling');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1041');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await takeTool(bench, 'DG-03');
  await coreReady(bench);
  const gauge = bench.getByRole('img', { name: /^Stretch from/ });
  await bench.getByRole('button', { name: 'It is zeroed' }).click();
  await expect(gauge).toBeVisible();
  await type(bench, '0.0046');
  await expectBolt(bench, 2, 1);
  await bench.getByRole('button', { name: 'It is zeroed' }).click();
  await expect(gauge).toBeVisible();
  await type(bench, '0.0072');
  await expect(stop(bench, 'edge')).toContainText('measured, not scrapped');
  await expect(stop(bench, 'edge')).toContainText('Costs: 1 new fastener');
  await leadDecides(bench, /Scrap it/);
  await putRight(bench);
  await expectBolt(bench, 1, 1);
  await expect(bench.getByText('Measure it again where it stands; do not tighten it.')).toBeVisible();
  await type(bench, '0.0046');
  await expectBolt(bench, 2, 1);
  await bench.getByRole('button', { name: 'It is zeroed' }).click();
  await expect(gauge).toBeVisible();
  await type(bench, '0.0046');
  await expect(bench.getByRole('heading', { name: /^Bolt 3/ })).toBeVisible();
  await expect(bench.getByText('all sent')).toBeVisible();
});

test('the final look finds a head whose line points wrong: nobody signs until it was done again and looked at again', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1044');
  await bench.clock.install();
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await coreReady(bench);
  const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
  const title = bench.getByRole('heading', { level: 1 });
  const untilLook = async () => {
    while (((await title.textContent()) ?? '') !== 'Final look') await answerCall(bench, hand);
  };
  await untilLook();
  await accessible(bench);
  await bench
    .getByRole('img', { name: /^8 heads as they must look; none differs/ })
    .locator('g', { hasText: /^6$/ })
    .first()
    .click();
  await expect(bench.getByText('Bolt 6 differs.')).toBeVisible();
  await bench.getByRole('button', { name: 'See to bolt 6' }).click();
  await expect(stop(bench, 'dotted')).toContainText('Its mark is not as it must be.');
  await untilLook();
  await finishJob(bench);
});

test('the network is away for sixty steps with two faults, and all of it arrives exactly once', async ({ browser }) => {
  const serial = `OS6-27-${unlike()}`;
  await engineOf(await atDesk(browser, 'lead'), serial, 'Cylinder heads', 'Milo Farrandel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1043');
  await bench.clock.install();
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await coreReady(bench);
  const hand = { own: '1043', second: '1042', scales: new Map<string, string>() };
  for (let i = 0; i < 6; i++) await answerCall(bench, hand);
  await expect(bench.getByText('all sent')).toBeVisible();
  const sheet = async () => {
    const run = /runs\/([0-9a-f-]{36})/.exec(bench.url())?.[1] ?? '';
    return (await (await bench.request.get(`/api/bench/runs/${run}`, { headers: { Accept: 'application/json' } })).json()) as RunSheet;
  };
  const before = (await sheet()).last_seq;
  await bench.context().setOffline(true);

  const faults = [/socket or gauge slipped/, /clicked without moving/];
  for (let i = 0; i < 60; i++) {
    await answerCall(bench, hand);
    const atBolt = /^Bolt/.test((await bench.getByRole('heading', { level: 1 }).textContent()) ?? '') && (await bench.locator('[data-shape]').count()) === 0;
    const fault = atBolt && i > 10 ? faults.pop() : undefined;
    if (fault) {
      await bench.clock.fastForward(2_000);
      await wrong(bench, fault);
      await sayIt(bench);
      await expect(bench.locator('[data-shape]')).toBeVisible();
      await expect(bench.getByText(/kept here/)).toBeVisible();
    }
  }
  expect(faults).toEqual([]);
  const kept = Number(/^(\d+) kept here/.exec((await bench.getByText(/kept here/).textContent()) ?? '')?.[1]);
  expect(kept).toBeGreaterThan(60);

  await bench.context().setOffline(false);
  await expect
    .poll(
      async () => {
        await bench.clock.fastForward(5_000);
        return bench.getByText('all sent').isVisible();
      },
      { timeout: 60_000 },
    )
    .toBe(true);
  expect((await sheet()).last_seq - before, 'an entry for each that was kept, and none twice').toBe(kept);
});
