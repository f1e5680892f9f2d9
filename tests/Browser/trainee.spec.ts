import { expect } from '@playwright/test';
import { answerCall } from './hand';
import { accessible, atDesk, coreReady, enterBadge, newBench, signInAtBench, test, unlike } from './shop';

test('who learns stretch works under somebody who may do it alone, both sign, and the build counts', async ({ browser }) => {
  test.setTimeout(240_000);
  const lead = await atDesk(browser, 'lead');
  const serial = `HG4-27-${unlike()}`;

  await test.step('it is refused for somebody of whom nothing is signed, and given to who learns it', async () => {
    await lead.getByRole('link', { name: 'Builds' }).click();
    await lead.getByRole('button', { name: 'An engine comes in' }).click();
    await lead.getByLabel('Serial number, typed or scanned').fill(serial);
    await lead.getByRole('combobox', { name: 'Customer' }).click();
    await lead.getByRole('option', { name: 'Skerry Dredging' }).click();
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
    const rods = lead.getByRole('article', { name: 'Connecting rods' });
    await rods.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Juno Castrel' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByRole('alert')).toContainText('Nobody has signed that Juno Castrel may do stretch on HG4, or that they learn it.');
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Milo Farrandel' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(rods.getByText('On Milo Farrandel’s hook, not begun.')).toBeVisible();
  });

  const bench = await newBench(browser, `Bench of ${serial}`);
  await test.step('the hook says so, and nothing is called for before a supervisor has signed in', async () => {
    await signInAtBench(bench, '1043');
    await bench.clock.install();
    const card = bench.getByRole('button', { name: new RegExp(serial) });
    await expect(card).toContainText('Under a supervisor: stretch on HG4.');
    await card.click();
    await coreReady(bench);
    await expect(bench.getByRole('heading', { name: 'Your supervisor signs in' })).toBeVisible();
    await accessible(bench);
    await enterBadge(bench, '1042');
    await expect(bench.getByRole('alert')).toContainText('Juno Castrel may not do stretch on HG4 alone, and so supervises nobody at it.');
    await enterBadge(bench, '1041');
    await expect(bench.getByText('Milo Farrandel, under Rafe Ondling', { exact: false })).toBeVisible();
  });

  await test.step('it is carried out to its end; the supervisor signs, then the trainee', async () => {
    const hand = { own: '1043', second: '1041', scales: new Map<string, string>() };
    while (!(await answerCall(bench, hand)));
    await bench.goto('/bench');
    await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
    await expect(bench.getByRole('button', { name: new RegExp(serial) })).toHaveCount(0);
  });

  await test.step('the build stands with the skill, and under Today it waits to be signed', async () => {
    await lead.goto('/people');
    await lead.getByRole('button', { name: 'Milo Farrandel' }).click();
    await expect(lead.getByText(`2 of 2 supervised builds: HG4-26-0224, ${serial}`, { exact: false })).toBeVisible();
    await accessible(lead);
    await lead.goto('/today');
    await lead
      .getByRole('listitem')
      .filter({ hasText: 'Milo Farrandel has done the supervised builds for stretch on HG4' })
      .getByRole('link', { name: 'Sign it' })
      .click();
    await expect(lead.getByRole('heading', { name: 'Milo Farrandel' })).toBeVisible();
  });
});
