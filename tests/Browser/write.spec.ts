import { expect } from '@playwright/test';
import { accessible, atDesk, test, unlike } from './shop';

test('a procedure begins with its typed line: read back round by round, a number without a unit is asked about, and what is wanting leads on', async ({
  browser,
}) => {
  const lead = await atDesk(browser, 'lead');
  const option = `long bolts ${unlike()}`;

  await test.step('the line first; nothing is guessed, and nothing begins before it is said what it is for', async () => {
    await lead.goto('/library');
    await lead.getByRole('link', { name: 'Write a procedure' }).click();
    await lead.getByLabel('The line: round by round').fill('');
    await lead.keyboard.type('seat ; 12 N·m long and short ; 33 N·m long / 24 short');
    const rounds = lead.getByRole('list', { name: 'The rounds as they are understood' }).getByRole('listitem');
    await expect(rounds).toHaveCount(3);
    // Of the shop's windows the first by its code, which another journey may have asked for.
    await expect(rounds.nth(1)).toContainText(/good 11(\.\d+)?–12(\.\d+)?\sN·m if FW-\S+ is taken/);
    await expect(rounds.nth(2)).toContainText('what is that?');
    await lead.getByLabel('The line: round by round').fill('seat · 12 N·m · again 24');
    await expect(rounds.nth(2)).toContainText('again 24 – of what?');
    await lead.getByRole('button', { name: 'verify 24 N·m' }).click();
    await expect(lead.getByLabel('The line: round by round')).toHaveValue('seat · 12 N·m · verify 24 N·m');
    await lead.getByLabel('The line: round by round').press('Home');
    await lead.keyboard.type('look ; 6 N·m ; ');
    await expect(lead.getByLabel('The line: round by round')).toHaveValue('look · 6 N·m · seat · 12 N·m · verify 24 N·m');
    await lead.getByLabel('The line: round by round').fill('seat · 12 N·m · 24 N·m');
    await expect(lead.getByText('Thread, length and class decide whether 24 N·m is believable; nothing is assumed.')).toBeVisible();
    await expect(lead.getByRole('button', { name: 'Begin the draft' })).toBeDisabled();
    await accessible(lead);
  });

  await test.step('what was typed is still there after another page', async () => {
    await lead.goto('/today');
    await lead.goto('/library/write');
    await expect(lead.getByLabel('The line: round by round')).toHaveValue('seat · 12 N·m · 24 N·m');
  });

  await test.step('a sister goes by the same rounds', async () => {
    const sisters = lead.getByRole('region', { name: 'Sisters' });
    await lead.getByLabel('The line: round by round').fill('20 N·m · +40°');
    await expect(sisters).toContainText(/go(es)? by the same rounds/);
    await expect(sisters.getByRole('button', { name: /^Copy / }).first()).toBeVisible();
    await lead.getByLabel('The line: round by round').fill('');
    await expect(sisters).toContainText('go by the same rounds is said here, once there are some.');
    await lead.getByLabel('The line: round by round').fill('seat · 12 N·m · 24 N·m');
  });

  await test.step('the first question leads to the bolts, and what nobody says stays asked for', async () => {
    await lead.getByRole('combobox', { name: 'For engines of' }).click();
    await lead.getByRole('option', { name: 'Osier OS6' }).click();
    await lead.getByRole('combobox', { name: 'Joint' }).click();
    await lead.getByRole('option', { name: 'Front gear' }).click();
    await lead.getByLabel('Hardware option').fill(option);
    await lead.getByRole('button', { name: /^Say which bolt/ }).click();
    await expect(lead.getByRole('heading', { name: `Osier OS6, front gear, ${option}` })).toBeVisible();
    await lead.getByRole('button', { name: 'A fastener' }).click();
    await expect(lead.getByLabel('Used again')).toHaveValue('');
    const wanting = lead.getByRole('region', { name: 'What it looks like and means' });
    await expect(wanting.getByText('Which bolts are they?')).toHaveCount(0);
    for (const asked of ['Where do they sit?', 'Whose figure is 24 N·m?', 'Dry, oiled or sealed?', 'May the bolts serve again?', 'How much hangs on it?'])
      await expect(wanting.getByText(asked)).toBeVisible();
    await wanting.getByRole('button', { name: /^Say it: How much hangs on it/ }).click();
    await expect(lead.getByLabel('Risk class')).toHaveValue('');
    await lead.getByLabel('Risk class').selectOption('B');
    await expect(wanting.getByText('How much hangs on it?')).toHaveCount(0);
    await accessible(lead);
    await lead.getByRole('tab', { name: 'Rounds', exact: true }).click();
    await expect(lead.getByText('24 N·m').first()).toBeVisible();
  });

  await test.step('the same option once more is refused with what was typed still there', async () => {
    await lead.goto('/library/write');
    await lead.getByLabel('The line: round by round').fill('9 N·m');
    await lead.getByRole('combobox', { name: 'For engines of' }).click();
    await lead.getByRole('option', { name: 'Osier OS6' }).click();
    await lead.getByRole('combobox', { name: 'Joint' }).click();
    await lead.getByRole('option', { name: 'Front gear' }).click();
    await lead.getByLabel('Hardware option').fill(option);
    await lead.getByLabel('The line: round by round').press('Enter');
    await expect(lead.getByRole('alert')).toContainText(`Front gear already has a procedure for "${option}".`);
    await expect(lead.getByLabel('The line: round by round')).toHaveValue('9 N·m');
  });
});

test('a shop asks more of a risk class: one asks, another signs, and less than it comes with is refused', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const approver = await atDesk(browser, 'approver');
  await lead.goto('/library/sources');
  const risks = lead.getByRole('region', { name: 'Risk classes' });
  await risks.getByRole('button', { name: 'Change them' }).click();
  await lead.getByLabel('Class A, at least').selectOption('as_round');
  await lead.getByLabel('Class B, at least').selectOption('one_by_one');
  await lead.getByLabel('Why, for whoever signs').fill('Two heads came back.');
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(lead.getByRole('alert')).toContainText('Class A asks for at least a word for each fastener');
  await lead.getByLabel('Class A, at least').selectOption('one_by_one');
  await accessible(lead);
  await lead.getByRole('button', { name: 'Ask for it' }).click();
  await expect(risks.getByText('Ansa Kettleby asks for more:')).toBeVisible();

  await approver.goto('/today');
  await approver
    .getByRole('listitem')
    .filter({ hasText: 'Rules of the risk classes wait for a signature' })
    .getByRole('link', { name: 'Look and sign' })
    .click();
  await approver.getByRole('button', { name: 'Sign them' }).click();
  await approver.getByLabel('Password').fill('fenmoor');
  await approver.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(approver.getByText('“Two heads came back.” Asked for by Ansa Kettleby, signed by Tobin Harrowmere', { exact: false })).toBeVisible();
  await expect(approver.getByRole('row', { name: 'B a word for each fastener what its procedure says one looks' })).toBeVisible();
});
