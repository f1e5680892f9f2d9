import { type Page, expect } from '@playwright/test';
import { answerCall } from './hand';
import { accessible, atDesk, atFirstBolt, coreReady, engineFor, expectBolt, newBench, newSerial, signInAtBench, test, type } from './shop';

test('engines come in by paste, hardware is chosen, what is on paper is told, a permit lets the rest go, and finishing is undone', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');

  await test.step('a paste is looked at row by row; what is wrong is put right in it', async () => {
    await lead.getByRole('link', { name: 'Many at once' }).click();
    const table = lead.getByLabel('Pasted, or from a file');
    await table.fill('serial\tcustomer\tdue on\nOS6-26-0701\tSkerry Dredging\t2026-12-18\nOS6-26-0701\tSkerry Dredging\t\nQX9-26-0001\tSkerry Dredging\t');
    await expect(lead.getByText('OS6-26-0701 stands in row 1 already.')).toBeVisible();
    await expect(lead.getByText('The library has no engine family QX9.')).toBeVisible();
    await expect(lead.getByRole('button', { name: 'All 3 come in' })).toBeDisabled();
    await accessible(lead);
    await table.fill('serial\tcustomer\tdue on\nOS6-26-0701\tSkerry Dredging\t2026-12-18\nOS6-26-0702\tSkerry Dredging\t');
    await lead.getByRole('button', { name: 'All 2 come in' }).click();
    await expect(lead.getByRole('heading', { name: '2 engines have come in' })).toBeVisible();
    await expect(lead.getByRole('link', { name: 'Print their labels' })).toHaveAttribute('href', /labels\.pdf\?builds=[0-9a-f-]{36},[0-9a-f-]{36}$/);
  });

  await test.step('one that was entered by mistake is taken off; the other goes on a stand', async () => {
    await lead.getByRole('link', { name: 'To the stands' }).click();
    await lead.getByRole('link', { name: /^OS6-26-0702/ }).click();
    await lead.getByRole('button', { name: 'Entered by mistake' }).click();
    await lead.getByRole('button', { name: 'Take it off the stands' }).click();
    await expect(lead.getByText('Say why.')).toBeVisible();
    await lead.getByLabel('Why').fill('It belongs to another order.');
    await lead.getByRole('button', { name: 'Take it off the stands' }).click();
    await expect(lead.getByRole('region', { name: 'Come in' }).getByRole('link', { name: /^OS6-26-0702/ })).toHaveCount(0);
    await lead.getByRole('link', { name: /^OS6-26-0701/ }).click();
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
    await expect(lead.getByText('Main caps free to give')).toBeVisible();
  });

  await test.step('nobody guesses the hardware of its rods', async () => {
    const rods = lead.getByRole('article', { name: 'Connecting rods' });
    await expect(rods.getByText('Hardware not chosen.')).toBeVisible();
    await expect(rods.getByRole('button', { name: 'Give it to somebody' })).toHaveCount(0);
    await rods.getByLabel('Hardware that is fitted').selectOption('cap screws');
    await rods.getByRole('button', { name: 'Fit this' }).click();
    await expect(rods.getByText('hardware cap screws')).toBeVisible();
    await expect(rods.getByRole('button', { name: 'Give it to somebody' })).toBeVisible();
  });

  await test.step('what is known of it is said, and stands where it matters', async () => {
    await lead.getByRole('button', { name: 'Say more of it' }).click();
    await lead.getByLabel('What came in, and in which condition').fill('short block, crank in');
    await lead.getByRole('button', { name: 'Something was machined' }).click();
    await lead.getByLabel('What was done').selectOption('thread repaired');
    await lead.getByLabel('At which joint').selectOption('Main caps');
    await lead.getByLabel('Where there').fill('bolt 9, insert');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await expect(lead.getByRole('article', { name: 'Main caps' }).getByText('thread repaired: bolt 9, insert')).toBeVisible();
    await lead.getByRole('button', { name: 'It was stamped anew' }).click();
    await lead.getByLabel('The number that stands on it now').fill('OS6-26-0799');
    await lead.getByRole('button', { name: 'It bears the new number' }).click();
    await expect(lead.getByRole('heading', { name: 'OS6-26-0799' })).toBeVisible();
    await expect(lead.getByRole('complementary', { name: 'What is known of it' }).getByText('OS6-26-0701')).toBeVisible();
  });

  await test.step('joints that were done before are told with their scan; the last needs a permit', async () => {
    for (const joint of ['Main caps', 'Connecting rods', 'Cylinder heads', 'Rocker shafts']) await onPaper(lead, joint);
    await lead.getByRole('button', { name: 'Finish the build' }).click();
    await expect(lead.getByRole('dialog').getByRole('listitem')).toHaveText([/^Front gearNot given to anybody\./]);
    await lead.getByRole('button', { name: 'Ask for a permit' }).click();
    await lead.getByLabel('Why it is not recorded, and how you know that it is tight').fill('Its card was lost; every bolt was looked at and marked.');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Ask for a permit' }).click();
    await expect(lead.getByText('A permit for it waits for a signature.')).toBeVisible();
  });

  await test.step('somebody else signs it', async () => {
    const approver = await atDesk(browser, 'approver');
    await approver.goto('/today');
    const line = approver.getByRole('listitem').filter({ hasText: 'OS6-26-0799, front gear' });
    await line.getByRole('link', { name: 'Look and sign' }).click();
    const permit = approver.getByRole('article').filter({ hasText: 'OS6-26-0799, front gear' });
    await permit.getByRole('button', { name: /^Sign/ }).click();
    await approver.getByLabel('Your password').fill('fenmoor');
    await approver.getByRole('dialog').getByRole('button', { name: /^Sign/ }).click();
    await expect(permit.getByText('in force')).toBeVisible();
  });

  await test.step('it is finished, taken up again, finished and shipped; its audit says no, and why', async () => {
    await lead.reload();
    await lead.getByRole('button', { name: 'Finish the build' }).click();
    await lead.getByRole('button', { name: 'Finish it' }).click();
    await lead.getByRole('button', { name: 'Take it up again' }).click();
    await lead.getByLabel('Why').fill('The gear cover comes off once more.');
    await lead.getByRole('dialog').getByRole('button', { name: 'Take it up again' }).click();
    await lead.getByRole('button', { name: 'Finish the build' }).click();
    await lead.getByRole('button', { name: 'Finish it' }).click();
    await lead.getByRole('button', { name: 'Ship it' }).click();
    await lead.getByRole('button', { name: 'It has left' }).click();
    await expect(lead.getByText(/, shipped \d/)).toBeVisible();
    await expect(lead.getByRole('button', { name: 'Say more of it' })).toHaveCount(0);
    await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
    await expect(lead.locator('[data-question=every_step]')).toHaveAttribute('data-answer', 'no');
    await expect(lead.getByText(/^Not in the record: not recorded; permit DP-\d{3}, signed by Tobin Harrowmere, lets it go\./)).toBeVisible();
    await expect(lead.getByText(/^Not in the record: before Tekkal, on paper: 2 November 2026, N\. Harrow\./)).toHaveCount(4);
  });
});

async function onPaper(lead: Page, name: string): Promise<void> {
  const joint = lead.getByRole('article', { name });
  await joint.getByRole('button', { name: 'Done before, on paper' }).click();
  await lead.getByLabel('Who signed the paper').fill('N. Harrow');
  await lead.getByLabel('On which day').fill('2026-11-02');
  await lead.getByLabel('PDF, PNG or JPEG, at most 20 MB').setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: await lead.screenshot() });
  await lead.getByRole('button', { name: 'Keep it' }).click();
  await expect(joint.getByText('Before Tekkal, on paper: 2 November 2026, N. Harrow. Not counted as recorded.')).toBeVisible();
}

test('an engine is back after three months: its head is opened, what stayed is answered for by the record of then', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');

  await test.step('its number is known; what is opened is asked before anything is loosened', async () => {
    await lead.getByRole('button', { name: 'An engine comes in' }).click();
    await lead.getByLabel('Serial number, typed or scanned').fill('tn3-26-0333');
    await lead.getByRole('combobox', { name: 'Customer' }).click();
    await lead.getByRole('option', { name: 'Skerry Dredging' }).click();
    await lead.getByRole('button', { name: 'Put it on a stand' }).click();
    await lead.getByRole('button', { name: 'Yes, open build 2' }).click();
    await expect(lead.getByRole('heading', { name: 'TN3-26-0333, build 2' })).toBeVisible();
    await lead.getByRole('button', { name: 'Say what is opened' }).click();
  });

  await test.step('with the rods the head is opened too; the lead meant the head alone', async () => {
    const opened = (joint: string) => lead.getByRole('checkbox', { name: `${joint} is opened` });
    await opened('Connecting rods').check();
    await expect(lead.getByText('with connecting rods: it rests on that')).toBeVisible();
    await expect(opened('Cylinder head')).toBeChecked();
    await opened('Connecting rods').uncheck();
    await expect(opened('Cylinder head')).not.toBeChecked();
    await opened('Cylinder head').check();
    await lead.getByLabel('How cylinder head was found').fill('weeps between 2 and 3');
    await lead.getByRole('button', { name: 'A bolt was felt as it first moved' }).click();
    await lead.getByLabel('First moved: bolt').fill('4');
    await lead.getByLabel('at, with its unit').fill('71');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await expect(lead.getByRole('alert')).toContainText('"71" is no torque with its unit; 28 N·m or 21 lbf·ft is wanted.');
    await lead.getByLabel('at, with its unit').fill('71 N·m');
    await lead.getByRole('button', { name: 'Another bolt' }).click();
    await lead.getByLabel('First moved: bolt').last().fill('7');
    await lead.getByLabel('at, with its unit').last().fill('66 N·m');
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await expect(lead.getByText('Not opened in this build.')).toHaveCount(3);
    await expect(lead.getByRole('article', { name: 'Cylinder head' }).getByText(/bolt 4 first moved at 71\sN·m, bolt 7 first moved at 66\sN·m/)).toBeVisible();
  });

  await test.step('the head is given out and carried out', async () => {
    const head = lead.getByRole('article', { name: 'Cylinder head' });
    await head.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Edda Braskin' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(head.getByText('On Edda Braskin’s hook, not begun.')).toBeVisible();
    const bench = await newBench(browser, 'Bench of the return');
    await signInAtBench(bench, '1044');
    await bench.clock.install();
    await bench.getByRole('button', { name: /TN3-26-0333/ }).click();
    await coreReady(bench);
    const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
    while (!(await answerCall(bench, hand)));
  });

  await test.step('nothing keeps it from being finished; its audit reads both records', async () => {
    await lead.reload();
    await lead.getByRole('button', { name: 'Finish the build' }).click();
    await expect(lead.getByRole('dialog').getByText('not opened in this build; as TN3-26-0333, build 1, left it', { exact: false })).toHaveCount(3);
    await lead.getByRole('button', { name: 'Finish it' }).click();
    await expect(lead.getByRole('button', { name: 'Ship it' })).toBeVisible();
    await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
    await expect(lead.locator('[data-question=every_step]')).toHaveAttribute('data-answer', 'yes');
    await expect(lead.locator('[data-question=in_window]')).toHaveAttribute('data-answer', 'yes');
    await expect(lead.getByText('Not opened in this build:')).toHaveCount(3);
    await lead.getByRole('link', { name: 'TN3-26-0333, build 1', exact: true }).first().click();
    await expect(lead.getByText(/, shipped \d/)).toBeVisible();
  });
});

test('a joint comes apart again in the middle of its run: what it costs is told, the bench hears of it, and it is given out anew', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await type(bench, '31.9');
  await expectBolt(bench, 2, 1);
  const caps = lead.getByRole('article', { name: 'Main caps' });

  await test.step('the lead says why, and sees what comes apart with it', async () => {
    await lead.reload();
    await caps.getByRole('button', { name: 'It is opened again' }).click();
    await expect(lead.getByRole('dialog').getByRole('listitem')).toHaveText([/^Main caps, 1 of 16 steps done by Edda Braskin.*go on counting\.$/]);
    await lead.getByRole('dialog').getByRole('button', { name: 'It is opened again' }).click();
    await expect(lead.getByText('Say why it is opened again.')).toBeVisible();
    await accessible(lead);
    await lead.getByLabel('Why it comes apart').fill('A dowel was left out');
    await lead.getByRole('dialog').getByRole('button', { name: 'It is opened again' }).click();
    await expect(caps.getByText(/^Opened again on .*: A dowel was left out$/)).toBeVisible();
    await expect(caps.getByText('Not given to anybody yet.')).toBeVisible();
  });

  await test.step('the bench is told, and its hook is empty of it', async () => {
    await expect(bench.getByRole('heading', { name: /was opened again$/ })).toBeVisible();
    await accessible(bench);
    await bench.getByRole('link', { name: 'Back to my hook' }).click();
    await expect(bench.getByRole('button', { name: new RegExp(serial) })).toHaveCount(0);
  });

  await test.step('it is given out anew, and what was done before stays in the audit', async () => {
    await caps.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Juno Castrel' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByText('On Juno Castrel’s hook, not begun.')).toBeVisible();
    await lead.getByRole('link', { name: 'Audit sheet' }).click();
    const before = lead.getByRole('region', { name: 'Main caps, before it was opened again' });
    await expect(before.getByText('A dowel was left out')).toBeVisible();
    await expect(before.getByText(/^Round 1: 31\.9/)).toBeVisible();
    await accessible(lead);
  });
});
