import { expect } from '@playwright/test';
import { accessible, atDesk, atFirstBolt, coreReady, engineIn, engineOf, expectBolt, newBench, newSerial, signInAtBench, test, type, unlike } from './shop';

test('a second bench sees a run as it goes on, and when the first was last heard; taken over, the first is told on the spot what was set aside', async ({
  browser,
}) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const first = await newBench(browser, `Bench of ${serial} A`);
  await atFirstBolt(first, serial);
  const second = await newBench(browser, `Bench of ${serial} B`);
  await signInAtBench(second, '1044');
  await second.getByRole('button', { name: new RegExp(serial) }).click();
  await expect(second.getByRole('heading', { name: /^Open at Bench of .* A with Edda Braskin/ })).toBeVisible();
  await expect(second.getByText('Now: Bolt 1.')).toBeVisible();
  await expect(second.getByText(/was last heard less than a minute ago/)).toBeVisible();
  await type(first, '31.8');
  await expect(second.getByText('Now: Bolt 2.')).toBeVisible();
  await type(first, '27.4');
  await expect(second.getByText('Bolt 2: short, and not put right yet.')).toBeVisible();
  await accessible(second);

  await first.context().setOffline(true);
  await second.getByRole('button', { name: 'Go on here' }).click();
  await expect(second.locator('[data-shape=closed]')).toBeVisible();
  await first.getByRole('button', { name: 'It is loose' }).click();
  await expectBolt(first, 2, 1);
  await type(first, '32.0');
  await expect(first.getByText(/2 kept here/)).toBeVisible();
  // It learns that it has lost the run before it learns what became of what it had kept, and decides anew beside the page: nobody was told that.
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  await first.route('**/api/bench/observations', async (route) => {
    await held;
    await route.continue();
  });
  await first.context().setOffline(false);
  await expect(first.getByRole('heading', { name: /^Open at Bench of .* B/ })).toBeVisible();
  release();
  await expect(first.getByRole('heading', { name: 'Set aside' })).toBeVisible();
  await first.getByRole('button', { name: 'I have read it' }).click();
  // What both recorded is kept: nothing goes on here, and there it is still to be loosened, whatever was pulled meanwhile.
  await expect(first.getByRole('heading', { name: /^Open at Bench of .* B/ })).toBeVisible();
  await expect(second.locator('[data-shape=closed]')).toContainText('Loosen no. 2.');
});

test('called away in the middle of an angle: the run opens at the very stroke, and asks once whether the reference was kept', async ({ browser }) => {
  const serial = `HG4-27-${unlike()}`;
  await engineOf(await atDesk(browser, 'lead'), serial, 'Cylinder head', 'Juno Castrel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1042');
  await bench.goto('/bench');
  // The demo's own engine stands at 35° of 80°, left by the same person.
  await bench.getByRole('button', { name: /HG4-26-0228/ }).click();
  await bench.getByRole('button', { name: 'Go on here' }).click();
  const asks = bench.getByRole('heading', { name: /stands at 35°$/ });
  await expect(asks).toBeVisible();
  await coreReady(bench);
  await accessible(bench);
  await bench.getByRole('button', { name: 'No, or I am not sure' }).click();
  await expect(bench.getByText('What it costs')).toBeVisible();
  await bench.keyboard.press('Escape');
  await expect(asks).toBeVisible();
  await bench.getByRole('button', { name: 'The line is where it must be, go on' }).click();
  await expect(bench.getByRole('img', { name: /^35° of/ })).toBeVisible();
  await expect(bench.getByText('all sent')).toBeVisible();
  await bench.reload();
  await expect(asks).toBeVisible();
});

test('what cannot be done now is put off with a reason, the rest goes on, and it is taken up again', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await bench.getByRole('button', { name: 'Something is wrong' }).click();
  await bench.getByRole('button', { name: 'Put it off' }).click();
  await accessible(bench);
  await bench.getByRole('button', { name: 'A part is missing' }).click();
  await expectBolt(bench, 2, 1);
  await expect(bench.getByText('Put off: 32 N·m at no. 1 (a part is missing)', { exact: false })).toBeVisible();
  await bench.getByRole('button', { name: 'More' }).click();
  await bench.getByRole('button', { name: 'Take up what was put off (1)' }).click();
  await bench.getByRole('button', { name: /^Take it up: 32 N·m at no\. 1/ }).click();
  await expectBolt(bench, 1, 1);
  await expect(bench.getByText('all sent')).toBeVisible();
});

test('the lead names somebody for the late shift, with classes and hours, and ends it', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.goto('/people/shifts');
  await expect(lead.getByRole('heading', { name: 'Who stands in for the lead' })).toBeVisible();
  await lead.getByRole('button', { name: 'Name somebody' }).click();
  await lead.getByRole('button', { name: 'Name them' }).click();
  await expect(lead.getByText('Choose who stands in.')).toBeVisible();
  await lead.getByRole('combobox', { name: 'Who' }).click();
  await lead.getByRole('option', { name: 'Milo Farrandel' }).click();
  await lead.getByLabel('B', { exact: true }).check();
  await lead.getByRole('button', { name: 'Name them' }).click();
  const row = lead.getByRole('row', { name: /Milo Farrandel C, B|Milo Farrandel B, C/ });
  await expect(row).toContainText('14:00 to 22:00');
  await accessible(lead);
  await row.getByRole('button', { name: 'End that Milo Farrandel stands in' }).click();
  await expect(row).toHaveCount(0);
});
