import { expect } from '@playwright/test';
import { PIN, accessible, atDesk, atFirstBolt, coreReady, engineIn, enterBadge, expectBolt, newBench, newSerial, signInAtBench, test, type } from './shop';

const SENTENCE = 'The rear pair is dry; oil it again before you pull.';

test('a job is left with a sentence, and the next one reads it beside the metal’s state before going on', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const first = await newBench(browser, `Bench of ${serial} A`);
  await atFirstBolt(first, serial);
  await type(first, '31.9');
  await expectBolt(first, 2, 1);
  await first.keyboard.press('+');
  await first.getByRole('button', { name: 'Leave it, or hand it over' }).click();
  await expect(first.getByText(/^Place to leave it: \d+ min, after round 1\.$/)).toBeVisible();
  await accessible(first);
  await first.getByLabel('What the next one has to know, if anything').fill(SENTENCE);
  await first.keyboard.press('Enter');
  await expect(first.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
  await expect(first.getByRole('button', { name: new RegExp(serial) })).toContainText(SENTENCE);

  await first.getByRole('button', { name: new RegExp(serial) }).click();
  await expect(first.getByRole('heading', { name: 'Left for now' })).toBeVisible();
  await expect(first.getByText(SENTENCE)).toBeVisible();
  await expect(first.getByText('1 of 16 steps are done', { exact: false })).toBeVisible();
  await accessible(first);
  await first.getByRole('link', { name: 'Back to my hook' }).click();

  const second = await newBench(browser, `Bench of ${serial} B`);
  await signInAtBench(second, '1043');
  await second.getByRole('button', { name: new RegExp(serial) }).click();
  await expect(second.getByText(SENTENCE)).toBeVisible();
  await second.getByRole('button', { name: 'Go on here' }).click();
  await expectBolt(second, 2, 1);
  await expect(second.getByText('all sent')).toBeVisible();
  await second.reload();
  await expectBolt(second, 2, 1);
});

test('what lies ready comes first; a stamp of unknown hardware stops the job and leaves it to the lead with both in the sentence', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Juno Castrel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1042');
  await expect(bench.getByText(/^The shift ends at \d\d:\d\d, in /)).toBeVisible();
  await expect(bench.getByRole('button', { name: new RegExp(serial) })).toContainText(/About \d+ min/);
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await expect(bench.getByRole('heading', { name: 'Lay it out' })).toBeVisible();
  await expect(bench.getByText('Threads: engine oil')).toBeVisible();
  await expect(bench.getByText('Angle gauge: AG-02')).toBeVisible();
  await accessible(bench);
  await bench.keyboard.press('Enter');

  await expect(bench.getByRole('heading', { name: 'What is stamped on the heads?' })).toBeVisible();
  await expect(bench.getByRole('button', { name: 'FW 10.9' })).toHaveCount(1);
  await accessible(bench);
  await bench.keyboard.type('qx 7');
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: 'Other hardware' })).toBeVisible();
  await coreReady(bench);
  // Who leaves it reads that at once, whether or not the server has heard of it.
  await bench.context().setOffline(true);
  await bench.getByRole('button', { name: 'Leave it to the lead' }).click();
  await expect(bench.getByRole('heading', { name: 'Left for now' })).toBeVisible();
  await expect(bench.getByText(/Stamped “qx 7”; this procedure is for “FW 10\.9”/)).toBeVisible();
  await bench.context().setOffline(false);
  await bench.getByRole('button', { name: 'It looks like this, go on' }).click();
  await expect(bench.getByRole('heading', { name: 'Other hardware' })).toBeVisible();
  // A key that comes with the screen decides nothing there: a hand reads first, and presses again where nothing came of it.
  const stamped = bench.getByLabel('Its number, or what is stamped');
  await expect(async () => {
    // What comes of it may come later than one looks: then there is no field any more, and none is waited for.
    if (await stamped.isVisible()) {
      await stamped.fill('1', { timeout: 3000 });
      await bench.keyboard.press('Enter');
    }
    await expect(bench.getByRole('heading', { name: 'Engine oil on the threads' })).toBeVisible({ timeout: 3000 });
  }).toPass();
});

test('a shift is handed over: both read how each engine stands, both sign, and it stands with the engine', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await type(bench, '31.9');
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
  await bench.goto('/bench');
  await bench.getByRole('button', { name: 'More' }).click();
  await bench.getByRole('button', { name: 'Hand over the shift' }).click();
  const engine = bench.getByRole('region', { name: serial });
  await expect(engine.getByRole('listitem')).toHaveText(['Main caps: 1 of 16 done', 'Main caps: not tight yet']);
  await accessible(bench);
  await bench.getByLabel('What the next one has to know, if anything').fill('Cap 3 is oiled');
  await bench.getByLabel('Your PIN').fill(PIN);
  await bench.keyboard.press('Enter');
  await expect(bench.getByText('Whoever takes over')).toBeVisible();
  await enterBadge(bench, '1043');
  await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();

  const lead = await atDesk(browser, 'lead');
  await lead.getByRole('link', { name: new RegExp(`^${serial}`) }).click();
  const aside = lead.getByRole('complementary', { name: 'What is known of it' });
  await expect(aside.getByText('Main caps: not tight yet')).toBeVisible();
  await expect(aside.getByText('“Cap 3 is oiled”')).toBeVisible();
  await accessible(lead);
});
