import { expect } from '@playwright/test';
import { answerCall } from './hand';
import { accessible, atDesk, coreReady, newBench, signInAtBench, test } from './shop';

test('a bench asks for a value instead of guessing it; it is given by a general table, carried out, and the audit says by which', async ({ browser }) => {
  const bench = await newBench(browser, 'Bench of the sump');
  const lead = await atDesk(browser, 'lead');

  await test.step('an engine comes in of which one joint has no procedure and no general value yet', async () => {
    await lead.getByRole('button', { name: 'An engine comes in' }).click();
    await lead.getByLabel('Serial number, typed or scanned').fill('WV9-27-0001');
    await lead.getByRole('combobox', { name: 'Customer' }).click();
    await lead.getByRole('option', { name: 'Skerry Dredging' }).click();
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
    await expect(lead.getByRole('heading', { name: 'WV9-27-0001' })).toBeVisible();
  });

  await test.step('whoever stands there asks, of an engine by the digits that only it has', async () => {
    await signInAtBench(bench, '1044');
    await bench.keyboard.press('+');
    await bench.getByRole('button', { name: 'Ask for a value' }).click();
    await bench.getByLabel('Of which engine: its number, or the last digits').fill('WV9');
    await bench.keyboard.press('Enter');
    await bench.keyboard.type('Right head, M14, nothing stamped');
    await bench.keyboard.press('Enter');
    await expect(bench.getByRole('alert')).toContainText('More than one bears "WV9": ');
    await accessible(bench);
    await bench.getByLabel('Of which engine: its number, or the last digits').fill('v9-27-0001');
    await bench.getByRole('button', { name: 'Ask the lead' }).click();
    await expect(bench.getByRole('status')).toHaveText('The lead is asked. The answer stands at your hook as soon as there is one.');
    await bench.keyboard.press('Enter');
    await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
  });

  await test.step('it stands first under Today; a head is no joint for a table, and the bench is told to wait', async () => {
    await lead.goto('/today');
    const line = lead.getByRole('listitem').filter({ hasText: 'WV9-27-0001: a value is asked for' });
    await line.getByRole('link', { name: 'Answer it' }).click();
    const head = lead.getByRole('article', { name: 'Cylinder head, right bank' });
    await head.getByRole('button', { name: 'By a general table' }).click();
    await lead.getByRole('combobox', { name: 'Bolt, and into what' }).click();
    await lead.getByRole('option', { name: /^M12 8\.8 in cast iron: 72/ }).click();
    await lead.getByLabel('How many bolts').fill('21');
    await lead.getByRole('combobox', { name: 'They lie' }).click();
    await lead.getByRole('option', { name: 'in a row', exact: true }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Edda Braskin' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByText(/^A general table serves joints of risk class C only\./)).toBeVisible();
    await lead.getByRole('checkbox', { name: /^It is a joint of risk class C/ }).check();
    await accessible(lead);
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByText(/^Cylinder head, right bank was written as a joint of risk class A\./)).toBeVisible();
    await lead.getByRole('button', { name: 'Not now' }).click();
    await lead.getByRole('button', { name: 'Answer it' }).click();
    await lead.getByLabel('What is to be done').fill('Wait: its procedure is in review.');
    await lead.getByRole('button', { name: 'Tell the bench' }).click();
    await expect(lead.getByText('Answered: Wait: its procedure is in review.')).toBeVisible();
    await bench.reload();
    await expect(bench.getByText('Wait: its procedure is in review.')).toBeVisible();
    await bench.getByRole('button', { name: /^I have read: WV9-27-0001/ }).click();
    await expect(bench.getByText('Wait: its procedure is in review.')).toHaveCount(0);
  });

  await test.step('the sump goes by the table that another engine had, and is carried out', async () => {
    const sump = lead.getByRole('article', { name: 'Sump' });
    await expect(sump.getByText('14 × M8 8.8 in aluminium, by FG-01')).toBeVisible();
    await sump.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Edda Braskin' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(sump.getByText('On Edda Braskin’s hook, not begun.')).toBeVisible();
    await bench.clock.install();
    await bench.getByRole('button', { name: /WV9-27-0001/ }).click();
    await coreReady(bench);
    const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
    while (!(await answerCall(bench, hand)));
  });

  await test.step('what was tightened without one is told, and the audit says both', async () => {
    await lead.reload();
    const head = lead.getByRole('article', { name: 'Cylinder head, right bank' });
    await head.getByRole('button', { name: 'Tightened without one' }).click();
    await lead.getByLabel('To what, and where that value came from').fill('95 N·m, from memory');
    await lead.getByLabel('Who tightened it').fill('N. Harrow');
    await lead.getByLabel('On which day').fill('2026-11-02');
    await lead.getByRole('button', { name: 'Tell it' }).click();
    await expect(
      head.getByText(/^Tightened without a procedure: 95 N·m, from memory, N\. Harrow, 2 November 2026; nobody has approved that value\./),
    ).toBeVisible();
    await accessible(lead);
    await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
    await expect(lead.getByText('Sump: 14 of 14 steps, by general table FG-01, as a joint of class C.')).toBeVisible();
    await expect(lead.getByText(/nobody has approved that value/).first()).toBeVisible();
  });
});

test('a general table is pasted, doubted, asked for with what speaks for it, signed by somebody else and withdrawn', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead', '/library/general-tables');
  await lead.getByRole('button', { name: 'Ask for a table' }).click();
  await lead.getByLabel('Code').fill('FG-02');
  await lead.getByRole('combobox', { name: 'Stands in' }).click();
  await lead.getByRole('option', { name: /^FG-01/ }).click();
  await lead.getByRole('combobox', { name: 'The threads are' }).click();
  await lead.getByRole('option', { name: 'dry' }).click();
  await lead.getByLabel('To either side').fill('10 %');
  const rows = lead.getByLabel('A row to a line: thread; class; into what; torque with its unit');
  await rows.fill('M8\t8.8\tsteel\t22 N·m\nM8\t8.8\tsteel\t23 N·m');
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByText('Row 2: M8 8.8 in steel stands there twice.')).toBeVisible();
  await rows.fill('M8\t8.8\tsteel\t120 N·m');
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByText(/Say what speaks for it, or put it right\.$/)).toBeVisible();
  await lead.getByLabel('What speaks for a row that is doubted, if one is').fill('Tried on six blocks');
  await accessible(lead);
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByRole('region', { name: 'FG-02' }).getByText(/, not signed$/)).toBeVisible();

  const approver = await atDesk(browser, 'approver', '/today');
  await approver.getByRole('listitem').filter({ hasText: 'General table FG-02 waits for a signature' }).getByRole('link', { name: 'Look and sign' }).click();
  const table = approver.getByRole('region', { name: 'FG-02' });
  await expect(table.getByText('All the same: Tried on six blocks')).toBeVisible();
  await table.getByRole('button', { name: 'Sign FG-02' }).click();
  await approver.getByLabel(/^Your password/).fill('fenmoor');
  await approver.getByRole('dialog').getByRole('button', { name: 'Sign' }).click();
  await expect(table.getByText('signed by Tobin Harrowmere')).toBeVisible();
  await accessible(approver);
  await table.getByRole('button', { name: 'Withdraw' }).click();
  await approver.getByLabel('Why').fill('The blocks were of another alloy');
  await approver.getByRole('dialog').getByRole('button', { name: 'Withdraw it' }).click();
  await expect(table.getByText('withdrawn: The blocks were of another alloy')).toBeVisible();
});
