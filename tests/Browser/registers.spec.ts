import { Buffer } from 'node:buffer';
import { type Locator, type Page, expect } from '@playwright/test';
import { PASSWORD, atDesk, engineFor, newBench, newSerial, signInAtBench, unlike, test } from './shop';

/** A code that nothing else has. */
const code = (begins: string): string => `${begins}-${unlike()}`;

async function sign(page: Page, verb: string): Promise<void> {
  await page.getByLabel(/^Your password/).fill(PASSWORD);
  await page.getByRole('dialog').getByRole('button', { name: verb, exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

test('a source is put on record with its paper, and a program that calls itself one is turned away', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const source = code('S');
  await lead.goto('/library/sources');
  await lead.getByRole('button', { name: 'Put a source on record' }).click();
  await lead.getByLabel('Code').fill('s 1');
  await lead.getByRole('button', { name: 'Put it on record' }).click();
  await expect(lead.getByRole('alert')).toContainText('A code has capital letters, digits and hyphens');
  await lead.getByLabel('Code').fill(source);
  await lead.getByRole('combobox', { name: 'Whose document' }).click();
  await lead.getByRole('option', { name: 'engine maker' }).click();
  await lead.getByLabel('Title').fill('A manual of the journey');
  await lead.getByLabel('Edition or issue').fill('1st');
  await lead.getByLabel('Date').fill('2024-05');
  await lead.getByRole('button', { name: 'Put it on record' }).click();
  await expect(lead.getByRole('row', { name: new RegExp(`^${source} `) })).toContainText('A manual of the journey');

  await lead.getByRole('button', { name: `Add the paper of ${source}` }).click();
  const choose = async (name: string, bytes: string) => {
    await lead.getByLabel('PDF, PNG or JPEG, at most 20 MB').setInputFiles({ name, mimeType: 'application/pdf', buffer: Buffer.from(bytes, 'latin1') });
    await lead.getByRole('button', { name: 'Keep it' }).click();
  };
  await choose('manual.pdf', '\x7fELF and what else a program begins with');
  await expect(lead.getByRole('alert')).toContainText('“manual.pdf” is neither'.replace(/[“”]/g, '"'));
  await choose('manual.pdf', '%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n');
  await expect(lead.getByRole('dialog')).toHaveCount(0);
  const paper = await lead
    .getByRole('row', { name: new RegExp(`^${source} `) })
    .getByRole('link', { name: 'PDF' })
    .getAttribute('href');
  const kept = await lead.request.get(paper ?? '');
  expect(kept.headers()['content-disposition']).toContain('attachment');
  expect((await kept.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('a window standard is asked for by one and signed by another', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const standard = code('FW');
  await lead.goto('/library/sources');
  await lead.getByRole('button', { name: 'Ask for a standard' }).click();
  await lead.getByLabel('Code').fill(standard);
  await lead.getByRole('combobox', { name: 'Window of a' }).click();
  await lead.getByRole('option', { name: 'torque' }).click();
  await lead.getByLabel('To either side').fill('6 furlongs');
  await lead.getByRole('combobox', { name: 'Stands in' }).click();
  await lead.getByRole('option', { name: /^FW-02,/ }).click();
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByRole('alert')).toBeVisible();
  await lead.getByLabel('To either side').fill('6 %');
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByRole('row', { name: new RegExp(`^${standard} `) })).toContainText('asked by Ansa Kettleby, not signed');
  await expect(lead.getByRole('button', { name: `Sign ${standard}` })).toHaveCount(0);

  const approver = await atDesk(browser, 'approver');
  await approver.goto('/library/sources');
  await approver.getByRole('button', { name: `Sign ${standard}` }).click();
  await approver.getByLabel(/^Your password/).fill('guessed');
  await approver.getByRole('dialog').getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(approver.getByRole('alert')).toContainText('That is not your password. Nothing was signed; try again.');
  await sign(approver, 'Sign');
  await expect(approver.getByRole('row', { name: new RegExp(`^${standard} `) })).toContainText('Tobin Harrowmere');
});

test('a permit is asked for, signed, shown at the bench and in the audit of its engine, and withdrawn', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const serial = newSerial();
  const departure = `A stepped insert in bolt hole 8 of ${serial}`;
  await engineFor(lead, serial, 'Rafe Ondling');
  await lead.goto('/library/permits');
  await lead.getByRole('button', { name: 'Ask for a permit' }).click();
  await lead.getByLabel('Find it by').fill('TN3 main caps');
  await lead.getByRole('combobox', { name: 'Procedure' }).click();
  await lead.getByRole('option', { name: 'Tarn TN3, main caps, stock bolts' }).click();
  await lead.getByLabel('In which round').selectOption({ label: 'round 2, +47° inner, +38° end' });
  await lead.getByLabel('What may be done otherwise').fill(departure);
  await lead.getByLabel('Why', { exact: true }).fill('The thread was stripped at teardown.');
  await lead.getByLabel('from', { exact: true }).fill('2041-03-01');
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByRole('alert')).toContainText('A permit is limited: say until when, for which serials, or for how many engines.');
  await lead.getByLabel('Only for these serials').fill(serial);
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  const line = (page: Page) => page.getByRole('article').filter({ hasText: departure });
  await expect(line(lead)).toContainText('asked');
  await expect(line(lead)).toContainText('round “turn”');

  const approver = await atDesk(browser, 'approver');
  await approver.goto('/library/permits');
  await line(approver).getByRole('button', { name: 'Sign it' }).click();
  await sign(approver, 'Sign');
  await expect(line(approver)).toContainText('in force');

  const bench = await newBench(browser, `Bench of the permit ${serial}`);
  await signInAtBench(bench, '1041');
  await bench.getByLabel('Scan a serial').fill(`@S${serial}`);
  await bench.keyboard.press('Enter');
  await expect(bench.getByText(departure)).toBeVisible();
  await lead.goto(`/audit?serial=${serial}`);
  await lead.getByRole('link', { name: serial }).click();
  await expect(lead.getByText(departure)).toBeVisible();

  await lead.goto('/library/permits');
  await line(lead).getByRole('button', { name: 'Withdraw it' }).click();
  await lead.getByRole('dialog').getByRole('button', { name: 'Withdraw it' }).click();
  await expect(lead.getByRole('alert')).toContainText('Say why.');
  await lead.getByLabel('Why', { exact: true }).fill('The inserts are used up.');
  await lead.getByRole('dialog').getByRole('button', { name: 'Withdraw it' }).click();
  await expect(line(lead)).toContainText('withdrawn');
});

/** A draft of the demo, and its field for what it is about. One draft to a journey, since they may run side by side. */
async function draftOf(page: Page, find: string): Promise<Locator> {
  await page.goto(`/library?state=draft&find=${encodeURIComponent(find)}`);
  await page.getByRole('table').getByRole('link').first().click();
  // Beside a revision that is in force the sheet of that comes first.
  const goOn = page.getByRole('button', { name: /^Go on with draft/ });
  const about = page.getByLabel('What the procedure is about, where that helps');
  await expect(goOn.or(about)).toBeVisible();
  if (await goOn.isVisible()) await goOn.click();
  return about;
}

test('what is typed into a draft is there again though one went on while it was being saved', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const about = await draftOf(lead, 'front gear');
  let answers: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    answers = resolve;
  });
  await lead.route('**/api/library/drafts/*', async (route) => {
    if (route.request().method() === 'POST') await held;
    await route.continue();
  });
  const underWay = lead.waitForRequest((request) => request.method() === 'POST' && request.url().includes('/library/drafts/'));
  await about.fill('Typed first');
  await underWay;
  const last = `Typed at the last moment, ${unlike()}`;
  await about.fill(last);
  await lead.getByRole('link', { name: 'Permits' }).click();
  await expect(lead.getByRole('heading', { name: 'Deviation permits' })).toBeVisible();
  answers();
  await lead.goBack();
  await expect(about).toHaveValue(last);
  await lead.unroute('**/api/library/drafts/*');

  await test.step('with nobody answering it is said on coming back, and is there once somebody does', async () => {
    const kept = `Typed on a dead line, ${unlike()}`;
    await lead.context().setOffline(true);
    await about.fill(kept);
    await lead.getByRole('link', { name: 'Permits' }).click();
    await expect(about).toHaveCount(0);
    await lead.goBack();
    await expect(lead.getByRole('alert').getByText(/^The server cannot be reached\. What was typed is kept/)).toBeVisible();
    await lead.context().setOffline(false);
    await expect(about).toHaveValue(kept);
  });

  await test.step('what the server refuses or does not hear is said where it was asked', async () => {
    await expect(lead.getByRole('status').getByText('saved', { exact: true })).toBeVisible();
    await lead.context().setOffline(true);
    await lead.getByRole('button', { name: 'Throw away' }).click();
    await lead.getByRole('button', { name: 'Throw it away' }).click();
    await expect(lead.getByRole('dialog').getByRole('alert')).toContainText('The server cannot be reached.');
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await lead.getByRole('button', { name: /^I have read: Wick WV9/ }).click();
    await expect(lead.getByRole('region', { name: 'Bulletins' }).getByRole('alert')).toContainText('The server cannot be reached.');
    await lead.context().setOffline(false);
    await lead.reload();
    await expect(lead.getByRole('button', { name: /^I have read: Wick WV9/ })).toBeVisible();
    await expect(about).toBeVisible();
  });
});

test('a save whose answer was lost is nobody else’s: it goes on by itself', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const about = await draftOf(lead, 'stud');
  let lost = 0;
  await lead.route('**/api/library/drafts/*', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue();
    await route.fetch();
    lost += 1;
    return route.abort();
  });
  await about.fill('Typed first');
  await expect(lead.getByRole('alert')).toContainText('Not saved: The server cannot be reached.');
  const last = `Typed after it, ${unlike()}`;
  await about.fill(last);
  await expect(lead.getByRole('status').getByText('saved', { exact: true })).toBeVisible();
  await expect(lead.getByText('Nothing was overwritten', { exact: false })).toHaveCount(0);
  await lead.reload();
  await expect(about).toHaveValue(last);
});

test('a library of many is found in by value, family and state, and what was asked stands in the address', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.goto('/library');
  await lead.getByLabel('Find procedures').fill('23.6 ft-lb');
  await expect(lead.getByText('that ask for 23.6 lbf·ft, in whatever unit it is printed', { exact: false })).toBeVisible();
  await expect(lead.getByRole('link', { name: '32 N·m · +47° inner / +38° end' })).toBeVisible();
  await lead.getByLabel('Find procedures').fill('');
  await lead.getByRole('combobox', { name: 'Family' }).click();
  await lead.getByRole('option', { name: 'Wick WV9' }).click();
  await lead.getByRole('combobox', { name: 'State' }).click();
  await lead.getByRole('option', { name: 'in review' }).click();
  await expect(lead.getByText('1 procedure', { exact: true })).toBeVisible();
  const address = lead.url();
  await lead.getByRole('link', { name: '48 N·m · +72° · +61°' }).click();
  await expect(lead.getByText('Revision A, in review')).toBeVisible();
  await lead.goto(address);
  await expect(lead.getByText('1 procedure', { exact: true })).toBeVisible();
  await lead.getByLabel('Find procedures').fill('gearbox');
  await expect(lead.getByText(/^No procedure has that\./)).toBeVisible();
});
