import { type Page, expect } from '@playwright/test';
import { answerCall } from './hand';
import { atDesk, coreReady, engineIn, expectBolt, layOut, newBench, signInAtBench, takeTool, type, test } from './shop';

// Not a test: takes the pictures of docs/screenshots from the demo as it stands (bin/tekkal pictures, on a fresh demo).
test('pictures of the main views @pictures', async ({ browser }) => {
  const picture = async (page: Page, name: string) => {
    // Nothing is drawn as if a pointer lay on it.
    await page.mouse.move(0, 0);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  };
  const lead = await atDesk(browser, 'lead');
  const settle = async (page = lead) => {
    await page.waitForLoadState('networkidle');
    await expect(page.locator('main')).toBeVisible();
    await expect(page.getByText('Fetching …')).toHaveCount(0);
  };
  await lead.goto('/builds');
  await settle();
  await lead.getByRole('button', { name: /^I have read:/ }).click();
  await expect(lead.getByRole('region', { name: 'Bulletins' })).toHaveCount(0);
  await picture(lead, 'builds');
  await lead.goto('/today');
  await settle();
  await picture(lead, 'today');
  await lead.goto('/people');
  await lead.getByRole('button', { name: 'Milo Farrandel' }).click();
  await settle();
  await picture(lead, 'people');
  await lead.goto('/builds');
  await settle();
  await lead.getByRole('link', { name: /^TN3-26-0402/ }).click();
  await lead.getByRole('link', { name: 'Audit sheet', exact: true }).waitFor();
  await settle();
  await picture(lead, 'build');
  await lead.goto('/library');
  await settle();
  await picture(lead, 'library');
  await lead.getByRole('link', { name: '43 N·m inner / 33 N·m outer · +49° inner · +43° outer · 34 N·m side' }).click();
  await settle();
  await lead.getByRole('button', { name: 'Round 2 on the map' }).click();
  await picture(lead, 'procedure');
  await lead.goto('/library?state=draft&find=stud');
  await lead.locator('table a').first().click();
  await lead.getByRole('tab', { name: 'Rounds' }).click();
  await lead.getByRole('button', { name: /^2 ?torque/ }).click();
  await lead.getByRole('tab', { name: /^Still wanting/ }).click();
  await settle();
  await picture(lead, 'editor');
  await lead.goto('/crib');
  await settle();
  await picture(lead, 'crib');
  await lead.goto('/crib/tools/TW-12');
  await settle();
  await picture(lead, 'tool');
  await lead.goto('/crib/cases/1');
  await lead.getByRole('heading', { name: 'Case 1' }).waitFor();
  await settle();
  await picture(lead, 'case');
  await lead.goto('/stops/1');
  await lead.getByRole('heading', { name: /^TW-05/ }).waitFor();
  await settle();
  await picture(lead, 'stopped');
  await lead.goto('/cards/C-0001');
  await lead.getByRole('img', { name: 'Scan of card C-0001' }).waitFor();
  await settle();
  await picture(lead, 'card');
  await lead.goto('/audit?serial=TN3-26-0409');
  await lead.locator('table a').first().click();
  await lead.locator('[data-question=in_window]').waitFor();
  await settle();
  await picture(lead, 'audit-short');

  const bench = await newBench(browser, 'Bench 2');
  await signInAtBench(bench, '1041');
  await settle(bench);
  await picture(bench, 'hook');
  await bench.getByRole('button', { name: /TN3-26-0417/ }).click();
  await bench.getByRole('heading', { name: 'Lay it out' }).waitFor();
  await settle(bench);
  await layOut(bench);
  await takeTool(bench, 'TW-04');
  await coreReady(bench);
  for (const [i, reading] of ['31.8', '32.1', '32.4'].entries()) {
    await expectBolt(bench, i + 1, 1);
    await type(bench, reading);
  }
  await expectBolt(bench, 4, 1);
  await bench.keyboard.type('31.9');
  await settle(bench);
  await picture(bench, 'call');
  await bench.getByLabel('Reading of TW-04 in N·m').fill('27.4');
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('button', { name: 'It is loose' })).toBeEnabled();
  await settle(bench);
  await picture(bench, 'stop');
  await bench.getByRole('button', { name: 'It is loose' }).click();
  await expectBolt(bench, 4, 1);
  await bench.getByRole('button', { name: 'Something is wrong' }).click();
  await bench.getByRole('heading', { name: 'What is wrong?' }).waitFor();
  await picture(bench, 'wrong');

  const other = await newBench(browser, 'Bench for turn');
  await signInAtBench(other, '1042');
  await other.getByRole('button', { name: /HG4-26-0228/ }).click();
  await other.getByRole('button', { name: 'Go on here' }).click();
  await other.getByRole('button', { name: 'The line is where it must be, go on' }).click();
  await other.getByRole('img', { name: /^35° of/ }).waitFor();
  await coreReady(other);
  await other.keyboard.press('+');
  await other.getByRole('button', { name: /^\d? ?Dark/ }).click();
  await other.keyboard.press('*');
  await settle(other);
  await picture(other, 'turn');

  const serial = 'TN3-26-0599';
  await engineIn(browser, serial, 'Edda Braskin');
  const last = await newBench(browser, 'Bench for the end');
  await signInAtBench(last, '1044');
  await last.clock.install();
  await last.getByRole('button', { name: new RegExp(serial) }).click();
  await coreReady(last);
  const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
  while (((await last.getByRole('heading', { level: 1 }).textContent()) ?? '') !== 'Final look') await answerCall(last, hand);
  await last
    .getByRole('img', { name: /^8 heads/ })
    .locator('g', { hasText: /^6$/ })
    .first()
    .click();
  await last.getByText('Bolt 6 differs.').waitFor();
  await picture(last, 'final-look');
});
