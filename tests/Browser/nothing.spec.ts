import { readFileSync } from 'node:fs';
import { type Browser, type Page, expect } from '@playwright/test';
import { accessible, expectBolt, layOut, slowed, takeTool, test, type } from './shop';

/** A shop in which nobody is yet, and the code that its start has printed. */
const SHOP = process.env.EMPTY_SHOP ?? '';
const CODE = process.env.EMPTY_CODE ?? '';

/** One family with one joint of one round, out of a file: what another shop might hand on. */
function family(): Buffer {
  const whole = JSON.parse(readFileSync('database/seeders/demo/tn3-main-caps.json', 'utf8')) as Record<string, unknown> & { stages: Record<string, unknown>[] };
  const [snug] = whole.stages;
  const procedure = { ...whole, family: 'Quern QN2', risk_class: 'C', stages: [{ ...snug, loading: true }] };
  return Buffer.from(
    JSON.stringify({
      format: 'tekkal.library/1',
      families: [{ code: 'QN2', name: 'Quern QN2', joints: ['Main caps'] }],
      sources: [],
      window_standards: [],
      procedures: [procedure],
    }),
  );
}

const somebody = async (browser: Browser, path: string): Promise<Page> => {
  const page = await (await browser.newContext({ baseURL: SHOP })).newPage();
  await slowed(page);
  await page.goto(path);
  return page;
};

/** Somebody opens the link that was handed to them, and chooses a password. */
async function welcomed(browser: Browser, link: string, password: string): Promise<Page> {
  const page = await somebody(browser, link);
  await page.getByLabel('Password, at least 10 characters').fill(password);
  await page.getByLabel('Once more').fill(password);
  await page.getByRole('button', { name: 'Set it and sign in' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
  return page;
}

async function add(lead: Page, verb: string, name: string, fields: Record<string, string>): Promise<void> {
  await lead.getByRole('button', { name: verb }).click();
  const panel = lead.getByRole('dialog');
  await panel.getByLabel('Name', { exact: true }).fill(name);
  for (const [label, text] of Object.entries(fields)) await panel.getByLabel(label).fill(text);
  await panel.getByLabel(/^Your password/).fill('keys on the left');
  await panel.getByRole('button', { name: 'Add them' }).click();
}

const linkOf = async (lead: Page, name: string): Promise<string> => {
  const shown = lead.getByRole('dialog', { name: `Hand this link to ${name}` });
  const link = (await shown.locator('p.select-all').textContent()) ?? '';
  await shown.getByRole('button', { name: 'Done' }).click();
  return new URL(link).pathname;
};

test('a shop from nothing: opened by its code, two people, a family, a tool, an engine, a joint carried out and audited', async ({ browser }) => {
  expect(SHOP, 'a shop in which nobody is yet: bin/tekkal test browser begins one').not.toBe('');
  const lead = await somebody(browser, '/');
  let approver: Page;
  let keeper: Page;
  let pin = '';

  await test.step('the code opens it, a wrong one does not, and what is typed wrongly stays', async () => {
    await expect(lead.getByRole('heading', { name: 'The code from the terminal' })).toBeVisible();
    await accessible(lead);
    await lead.getByLabel('Code').fill('AAAA-AAAA-AAAA');
    await lead.keyboard.press('Enter');
    await expect(lead.getByRole('alert')).toContainText('That is not the code.');
    await lead.getByLabel('Code').fill(CODE.toLowerCase());
    await lead.keyboard.press('Enter');
    await expect(lead.getByLabel('The shop is called')).toHaveValue('Orrin Bank');
    await lead.getByLabel('Time zone').fill('Fenmoor/East');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Go on' }).click();
    await lead.getByLabel('Name', { exact: true }).fill('Sanna Ostrey');
    await lead.getByLabel('Signs in as').fill('sanna');
    await lead.getByLabel('Password, at least 10 characters').fill('keys on the left');
    await lead.getByLabel('Once more').fill('keys on the left');
    await lead.getByRole('button', { name: 'Open the shop' }).click();
    await expect(lead.getByRole('alert')).toContainText('"Fenmoor/East" is no time zone.');
    await lead.getByRole('button', { name: 'Back' }).click();
    await lead.getByLabel('Time zone').fill('Europe/Amsterdam');
    await lead.getByRole('button', { name: 'Go on' }).click();
    await expect(lead.getByLabel('Name', { exact: true })).toHaveValue('Sanna Ostrey');
    await lead.getByRole('button', { name: 'Open the shop' }).click();
    await expect(lead.getByRole('heading', { name: 'Who signs' })).toBeVisible();
    await accessible(lead);
  });

  await test.step('the code is used up', async () => {
    const second = await somebody(browser, '/first-use');
    await expect(second.getByRole('heading', { name: 'This shop is open' })).toBeVisible();
    await second.context().close();
  });

  await test.step('the approver comes, by a link that is good once', async () => {
    await add(lead, 'Add an approver', 'Berit Lowmark', { 'Signs in at a desk as': 'berit' });
    const link = await linkOf(lead, 'Berit Lowmark');
    approver = await welcomed(browser, link, 'late in the evening');
    await expect(approver.getByRole('heading', { level: 1 })).toBeVisible();
    const again = await somebody(browser, link);
    await expect(again.getByRole('heading', { name: 'This link leads nowhere' })).toBeVisible();
    await accessible(again);
    await again.context().close();
  });

  await test.step('a window can wait, and stands under Today until it is signed', async () => {
    await lead.getByRole('button', { name: /^How close is close enough/ }).click();
    await lead.getByRole('button', { name: 'Later' }).click();
    await lead.getByRole('link', { name: 'Today' }).click();
    const line = lead.getByRole('listitem').filter({ hasText: 'How close is close enough: still to be done' });
    await line.getByRole('link', { name: 'Do it' }).click();
    await lead.getByLabel('torque, all risk classes, all tools').fill('6.25');
    await lead.getByLabel('Its paper: code').fill('OB-01');
    await lead.getByLabel('Title').fill('Window standard, quality office');
    await lead.getByLabel('Issue').fill('1');
    await lead.getByLabel('Date').fill('2041-03');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Ask for them' }).click();
    await expect(lead.getByRole('status')).toContainText('Asked for: OB-01-T, ± 6.25 % of a bare torque. An approver signs it under Today');
    await approver.goto('/today');
    await approver.getByRole('listitem').filter({ hasText: 'Window standard OB-01-T' }).getByRole('link', { name: 'Look and sign' }).click();
    await approver.getByRole('button', { name: 'Sign OB-01-T' }).click();
    await approver.getByLabel(/^Your password/).fill('late in the evening');
    await approver.getByRole('dialog').getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(approver.getByRole('dialog')).toHaveCount(0);
  });

  await test.step('a family comes in from a file, and its procedure is signed by the other', async () => {
    await lead.goto('/library/import');
    await lead.getByLabel('A procedure, a family or a library, as JSON').setInputFiles({ name: 'quern.json', mimeType: 'application/json', buffer: family() });
    await lead.getByRole('button', { name: 'Look at it' }).click();
    await lead.getByRole('button', { name: 'Write 1 procedure' }).click();
    await expect(lead.getByText('Written: 1 procedure, as drafts.')).toBeVisible();
    await lead.goto('/library?state=draft');
    await lead.getByRole('link').filter({ hasText: '32 N·m' }).first().click();
    await lead.getByRole('button', { name: 'Hand in for review' }).click();
    await expect(lead.getByText('Revision A, in review')).toBeVisible();
    await approver.goto('/today');
    await approver.getByRole('link', { name: 'Read and sign' }).click();
    await approver.getByRole('button', { name: 'Sign it' }).click();
    await approver.getByLabel(/^Your password/).fill('late in the evening');
    await approver.getByRole('dialog').getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(approver.getByText('Revision A, approved')).toBeVisible();
  });

  await test.step('an assembler with a badge and a PIN, and a crib keeper', async () => {
    await lead.goto('/first-steps?step=people');
    await add(lead, 'Add an assembler', 'Tove Ringdal', { 'Badge, for a bench': '@B2001' });
    const shown = lead.getByRole('dialog', { name: 'Tell Tove Ringdal this PIN' });
    pin = ((await shown.getByText(/^\d{3} \d{3}$/).textContent()) ?? '').replace(' ', '');
    await shown.getByRole('button', { name: 'Done' }).click();
    await add(lead, 'Add a crib keeper', 'Arvid Munster', { 'Signs in at a desk as': 'arvid' });
    keeper = await welcomed(browser, await linkOf(lead, 'Arvid Munster'), 'every hook has a name');
  });

  await test.step('two people never share a badge', async () => {
    await add(lead, 'Add an assembler', 'Nils Other', { 'Badge, for a bench': '2001' });
    await expect(lead.getByRole('alert')).toContainText('Badge 2001 is Tove Ringdal’s.');
    await expect(lead.getByLabel('Name', { exact: true })).toHaveValue('Nils Other');
    await lead.getByRole('button', { name: 'Not now' }).click();
  });

  await test.step('a wrench comes into the crib with its last certificate', async () => {
    await keeper.goto('/crib/register');
    await keeper
      .getByLabel('Pasted, or from a file')
      .fill('code,name,form,unit,lowest,highest,resolution,place\nTW-1,"Click wrench, 3/8 in",click wrench,N.m,10,60,0.1,Drawer 1');
    await keeper.getByRole('button', { name: 'Register 1 tool' }).click();
    await expect(keeper.getByRole('heading', { name: 'TW-1 hangs in the crib' })).toBeVisible();
    await keeper.goto('/crib/tools/TW-1/calibrate');
    await keeper.getByLabel('Where').selectOption('outside');
    await keeper.getByLabel('Laboratory').fill('Fjord Measuring');
    await keeper.getByLabel('Number of the certificate').fill('OB-7');
    await keeper.getByRole('button', { name: 'On to the readings' }).click();
    await keeper.getByLabel('As found at 12 N·m, reading 1').focus();
    for (const reading of ['12.05', '36.1', '60.2']) for (let i = 0; i < 5; i++) await type(keeper, reading);
    await keeper.getByRole('button', { name: 'Keep the calibration' }).click();
    await expect(keeper.getByText('Good today.')).toBeVisible();
  });

  await test.step('an engine comes in and its joint is given out', async () => {
    await lead.goto('/people/customers');
    await lead.getByRole('button', { name: 'A customer comes' }).click();
    await lead.getByLabel('Name', { exact: true }).fill('Marl Quarries');
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await expect(lead.getByRole('cell', { name: 'Marl Quarries', exact: true })).toBeVisible();
    await lead.goto('/builds');
    await lead.getByRole('button', { name: 'An engine comes in' }).click();
    await lead.getByLabel('Serial number, typed or scanned').fill('QN2-41-0001');
    await lead.getByRole('combobox', { name: 'Customer' }).click();
    await lead.getByRole('option', { name: 'Marl Quarries' }).click();
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
    await lead.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Tove Ringdal' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByText('On Tove Ringdal’s hook, not begun.')).toBeVisible();
  });

  const bench = await somebody(browser, '/sign-in');
  await test.step('a browser becomes a bench; the first sign-in there asks for a PIN of one’s own', async () => {
    await bench.getByLabel('Name').fill('sanna');
    await bench.getByLabel('Password').fill('keys on the left');
    await bench.getByRole('button', { name: 'Sign in' }).click();
    await expect(bench.getByRole('button', { name: 'Sign out' })).toBeVisible();
    await bench.goto('/first-steps?step=bench');
    await bench.getByLabel('Make this browser a bench, and call it').fill('Bench 1');
    await bench.getByRole('button', { name: 'Enrol' }).click();
    await expect(bench.getByText('This step is done.')).toBeVisible();
    await bench.getByRole('button', { name: 'Sign out' }).click();
    await bench.goto('/bench/sign-in');
    const key = async (label: string | RegExp, text: string) => {
      await bench.getByLabel(label).fill(text);
      await bench.keyboard.press('Enter');
    };
    await key('Badge: scan it or type its number', '2001');
    await key('PIN for badge 2001', pin);
    await key(/^This PIN was handed to you/, '345678');
    await key('Your own PIN once more', '345678');
    await expect(bench.getByRole('alert')).toContainText('Digits in a row are guessed first.');
    await key(/^This PIN was handed to you/, '271828');
    await key('Your own PIN once more', '271829');
    await expect(bench.getByRole('alert')).toContainText('The two differ.');
    await accessible(bench);
    await key(/^This PIN was handed to you/, '271828');
    await key('Your own PIN once more', '271828');
    await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
  });

  await test.step('the joint is carried out', async () => {
    await bench.getByRole('button', { name: /QN2-41-0001/ }).click();
    await layOut(bench);
    await takeTool(bench, 'TW-1');
    for (let bolt = 1; bolt <= 8; bolt++) {
      await expectBolt(bench, bolt, 1);
      await type(bench, '32.0');
    }
    await expect(bench.getByRole('heading', { name: 'Final look' })).toBeVisible();
    await bench.getByRole('button', { name: /agrees?$/ }).click();
    await bench.getByLabel('Your PIN').fill('271828');
    await bench.keyboard.press('Enter');
    await expect(bench.getByRole('heading', { name: /: finished$/ })).toBeVisible();
  });

  await test.step('the audit says so, and Today that nothing holds the engine any more', async () => {
    await lead.goto('/audit?serial=0001');
    await lead.getByRole('link', { name: 'QN2-41-0001' }).click();
    await expect(lead.locator('[data-question=in_window]')).toHaveAttribute('data-answer', 'yes');
    await lead.getByRole('link', { name: 'Today' }).click();
    await expect(lead.getByText('QN2-41-0001 can be finished')).toBeVisible();
    await accessible(lead);
  });
});
