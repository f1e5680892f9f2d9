import { type Page, expect } from '@playwright/test';
import { PASSWORD, accessible, atDesk, atFirstBolt, engineFor, expectBolt, newBench, signInAtBench, test, type } from './shop';

const WHY = 'The angle is the one of the studs';
const FOUND = 'The sheet was looked up: 47° is right for these bolts';

/** What is stopped holds every bench of the shop, so nothing else is under way there meanwhile. */
test('a revision is stopped on a Friday and lifted by two @alone', async ({ browser }) => {
  // Others have made theirs in the same shop, in a run of their own.
  const serial = 'TN3-28-0001';
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const engine = lead.url();
  const bench = await newBench(browser, `Bench of ${serial} A`);
  await atFirstBolt(bench, serial);
  await type(bench, '31.9');
  await expectBolt(bench, 2, 1);
  const other = await newBench(browser, `Bench of ${serial} B`);
  await signInAtBench(other, '1043');

  await test.step('the lead sees what it would hold, and says what is wrong', async () => {
    await lead.reload();
    await lead
      .getByRole('article', { name: 'Main caps' })
      .getByRole('link', { name: /revision/i })
      .click();
    await lead.getByRole('link', { name: 'Stop now' }).click();
    await expect(lead.getByRole('heading', { name: /^Tarn TN3, main caps, stock bolts, revision [A-Z]$/ })).toBeVisible();
    await expect(lead.getByRole('listitem').filter({ hasText: serial })).toContainText('1 of 16 done, Edda Braskin');
    await expect(lead.getByRole('cell', { name: 'shipped' }).first()).toBeVisible();
    await lead.getByRole('button', { name: 'Stop it now' }).click();
    await expect(lead.getByText('Say why, in a few words: it is read at every bench.')).toBeVisible();
    await accessible(lead);
    await lead.getByLabel('What is wrong, as every bench will read it').fill(WHY);
    await lead.getByRole('button', { name: 'Stop it now' }).click();
    await expect(lead.getByText(/^Stop \d+, in force$/)).toBeVisible();
    await accessible(lead);
  });

  await test.step('the bench halts with the wrench in hand: what was pulled is told, and nothing more', async () => {
    await expect(bench.getByText('Stopped', { exact: true })).toBeVisible();
    await expect(bench.getByText(WHY)).toBeVisible();
    await expect(bench.getByText('Take the wrench off, and pull nothing more.')).toBeVisible();
    await expect(bench.getByText(/^This round is on 1 of 8: the joint stands uneven/)).toBeVisible();
    await accessible(bench);
    await bench.getByRole('button', { name: /Enter what I had pulled/ }).click();
    await expectBolt(bench, 2, 1);
    await type(bench, '32.1');
    await expect(bench.getByText(/^This round is on 2 of 8/)).toBeVisible();
    await bench.getByRole('button', { name: /It stands like this/ }).click();
    await expect(bench.getByText('It is known here. It goes on when two have lifted it.')).toBeVisible();
    await expect(bench.getByRole('button', { name: /Enter what I had pulled/ })).toHaveCount(0);
    await bench.getByRole('button', { name: /Back to my hook/ }).click();
    await expect(bench.getByRole('button', { name: new RegExp(serial) })).toContainText(`Stopped by the shop: ${WHY}`);
  });

  await test.step('whoever comes to another bench reads it before their hook', async () => {
    await expect(other.getByRole('heading', { name: 'Stopped' })).toBeVisible();
    await accessible(other);
    await other.getByRole('button', { name: /It is known here/ }).click();
    await expect(other.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
  });

  await test.step('the lead sees who knows, and what was pulled after it', async () => {
    await expect(
      lead
        .getByRole('region', { name: 'Benches' })
        .getByRole('listitem')
        .filter({ hasText: `Bench of ${serial} A` }),
    ).toContainText('Edda Braskin knows');
    await expect(
      lead
        .getByRole('region', { name: 'Benches' })
        .getByRole('listitem')
        .filter({ hasText: `Bench of ${serial} B` }),
    ).toContainText('knows');
    await expect(lead.getByRole('listitem').filter({ hasText: `${serial}, main caps` })).toContainText(/stands still1 pull after the stop/);
    await lead.goto(engine);
    await expect(lead.getByRole('article', { name: 'Main caps' }).getByText(`Stopped: ${WHY}`)).toBeVisible();
  });

  await test.step('it takes two: whoever asks does not sign', async () => {
    await toStop(lead);
    await lead.getByRole('button', { name: 'Ask to lift it' }).click();
    await lead.getByLabel('What was found, and why it may go on').fill(FOUND);
    await lead.getByLabel(/^Your password/).fill(PASSWORD);
    await accessible(lead);
    await lead.getByRole('button', { name: 'Ask for it' }).click();
    await expect(lead.getByText(FOUND)).toBeVisible();
    await expect(lead.getByRole('button', { name: 'Lift it' })).toHaveCount(0);
    const approver = await atDesk(browser, 'approver');
    await toStop(approver, 'Look and sign');
    await approver.getByRole('button', { name: 'Lift it' }).click();
    await approver.getByLabel(/^Your password/).fill(PASSWORD);
    await approver.getByRole('dialog').getByRole('button', { name: 'Lift it' }).click();
    await expect(approver.getByText(/^Stop \d+, lifted on/)).toBeVisible();
  });

  await test.step('the bench goes on at the bolt at which it was', async () => {
    await bench.reload();
    await expect(bench.getByText(/may be used again/).first()).toBeVisible();
    await bench.getByRole('button', { name: new RegExp(serial) }).click();
    await expect(bench.getByRole('heading', { name: 'Left for now' })).toBeVisible();
    await bench.getByRole('button', { name: /It looks like this, go on/ }).click();
    await expectBolt(bench, 3, 1);
  });
});

/** From the first page, where it stands before everything else. */
async function toStop(page: Page, action = 'See what it holds'): Promise<void> {
  await page.goto('/today');
  await page.getByRole('listitem').filter({ hasText: 'Tarn TN3, main caps' }).filter({ hasText: ': stopped' }).getByRole('link', { name: action }).click();
  await expect(page.getByText(/^Stop \d+, in force$/)).toBeVisible();
}
