import { expect } from '@playwright/test';
import { answerCall } from './hand';
import { accessible, atDesk, coreReady, newBench, signInAtBench, test, unlike } from './shop';

test('a head is tightened before it has an engine, takes the place of a cracked one, and each keeps its record', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead', '/builds/subassemblies');
  const [number, own] = [`HD-7${unlike()}`, `HD-8${unlike()}`];

  await test.step('it gets a number, and its cam ladder hangs on a hook', async () => {
    await lead.getByRole('button', { name: 'One gets a number' }).click();
    await lead.getByRole('combobox', { name: 'It fits engines of' }).click();
    await lead.getByRole('option', { name: 'Hallam HG4' }).click();
    await lead.getByRole('combobox', { name: 'It is a' }).click();
    await lead.getByRole('option', { name: 'Head' }).click();
    await lead.getByLabel('Its number, typed or scanned').fill('hd-0031');
    await accessible(lead);
    await lead.getByRole('button', { name: 'Give it the number' }).click();
    await expect(lead.getByText('HD-0031 is another one’s number: Head HD-0031, finished.')).toBeVisible();
    await lead.getByLabel('Its number, typed or scanned').fill(number);
    await lead.getByRole('button', { name: 'Give it the number' }).click();
    await expect(lead.getByRole('heading', { name: `Head ${number}` })).toBeVisible();
    await lead.getByRole('button', { name: 'Give it to somebody' }).click();
    await lead.getByRole('combobox', { name: 'Assembler' }).click();
    await lead.getByRole('option', { name: 'Edda Braskin' }).click();
    await lead.getByRole('button', { name: 'Give it', exact: true }).click();
    await expect(lead.getByText('On Edda Braskin’s hook, not begun.')).toBeVisible();
  });

  await test.step('it is carried out at a bench under its own number, and finished', async () => {
    const bench = await newBench(browser, `Bench of ${number}`);
    await signInAtBench(bench, '1044');
    await bench.clock.install();
    await bench.getByRole('button', { name: new RegExp(`Head ${number}`) }).click();
    await coreReady(bench);
    const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
    while (!(await answerCall(bench, hand)));
    await lead.reload();
    await expect(lead.getByText('Can be finished')).toBeVisible();
    await lead.getByRole('button', { name: 'Finish it' }).click();
    await lead.getByRole('dialog').getByRole('button', { name: 'Finish it' }).click();
    await expect(lead.getByText(/^Ready since /)).toBeVisible();
    await accessible(lead);
  });

  await test.step('the engine’s own head comes off with a reason and a number, this one goes in, and what holds it is to be done again', async () => {
    await lead.goto('/builds');
    await lead.getByRole('link', { name: /^HG4-26-0224/ }).click();
    const aside = lead.getByRole('complementary', { name: 'What is known of it' });
    const cams = lead.getByRole('article', { name: 'Cam ladder' });
    await cams.getByRole('button', { name: 'Done before, on paper' }).click();
    await lead.getByLabel('Who signed the paper').fill('N. Harrow');
    await lead.getByLabel('On which day').fill('2026-11-02');
    await lead.getByLabel('PDF, PNG or JPEG, at most 20 MB').setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: await lead.screenshot() });
    await lead.getByRole('button', { name: 'Keep it' }).click();
    await expect(cams.getByText('Not counted as recorded.', { exact: false })).toBeVisible();
    await aside.getByRole('button', { name: 'Exchange the head' }).click();
    const panel = lead.getByRole('dialog');
    await expect(panel.getByRole('listitem')).toHaveText([/^Cylinder head, finished by Edda Braskin.*Costs 18 new /]);
    await panel.getByLabel('The number that its own head gets').fill(own);
    await panel.getByRole('combobox', { name: 'What goes in' }).click();
    await lead.getByRole('option', { name: new RegExp(`^Head ${number}, the shop’s own`) }).click();
    await accessible(lead);
    await panel.getByRole('button', { name: 'It is exchanged' }).click();
    await expect(panel.getByText('Say why it comes off; what was tightened there is on record.')).toBeVisible();
    await panel.getByLabel('Why it comes off').fill('A crack beside the valve seats of 2');
    await panel.getByRole('button', { name: 'It is exchanged' }).click();
    await expect(aside.getByRole('link', { name: `Head ${number}` })).toBeVisible();
    await expect(cams.getByText('Done by Edda Braskin.')).toBeVisible();
    await expect(cams.getByRole('link', { name: `Head ${number}` })).toBeVisible();
    await expect(lead.getByRole('article', { name: 'Cylinder head' }).getByText('A crack beside the valve seats of 2')).toBeVisible();
    await accessible(lead);
  });

  await test.step('the audit of the engine reads the head’s record; the shelf knows where each of them is', async () => {
    await lead.getByRole('link', { name: 'Audit sheet', exact: true }).click();
    const cams = lead.getByRole('region', { name: 'Cam ladder' });
    await expect(cams.getByText('Carried in')).toBeVisible();
    await accessible(lead);
    await cams.getByRole('link', { name: `Head ${number}` }).click();
    await expect(lead.getByRole('heading', { name: `Head ${number}` })).toBeVisible();
    await lead.goto('/builds/subassemblies');
    await expect(lead.getByRole('region', { name: 'In an engine' }).getByRole('link', { name: new RegExp(`^Head ${number}, in HG4-26-0224`) })).toBeVisible();
    await lead.getByRole('link', { name: new RegExp(`^Head ${own}`) }).click();
    await expect(lead.getByText('A crack beside the valve seats of 2', { exact: false })).toBeVisible();
  });
});
