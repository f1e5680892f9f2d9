import { expect } from '@playwright/test';
import { choose, fill, newDraft, part, press, reach, saved } from './keyboard';
import { atDesk, test } from './shop';

test('a lead says by keyboard what stands beside the rounds – an aid, an adapter, strokes that cross, a stamp, a picture – and the approver reads it', async ({
  browser,
}) => {
  const lead = await atDesk(browser, 'lead');
  await newDraft(lead);

  await test.step('a flange of six, drawn down a little at a time and tightened in two rounds', async () => {
    await choose(lead, 'Risk class', 'A');
    await part(lead, 'Fasteners');
    await press(lead, 'A fastener');
    await fill(lead, 'Name', 'M8 flange bolt');
    await choose(lead, 'Used again', 'as often');
    await press(lead, 'Another surface');
    await choose(lead, 'What is on surface 1', 'engine');
    await part(lead, 'Map');
    await fill(lead, 'in each row', '3');
    await press(lead, 'Put them in');
    await part(lead, 'Orders');
    await press(lead, 'centre-out criss-cross');
    await part(lead, 'Sources');
    await choose(lead, 'Cite from the register', 'S-003');
    await press(lead, 'Cite it');
    await fill(lead, /^page of source Osier OS6 service manual/, '88');
    await choose(lead, 'The shop’s window standards', 'FW-02-T');
    await press(lead, 'Use it');
    await part(lead, 'Rounds');
    await fill(lead, 'Type a line', 'seat · 12 N·m · 24 N·m');
    await press(lead, 'Add these rounds');
    for (const [round, why] of [
      [/^1 ?seat/, 'The spigot goes in square, or not at all.'],
      [/^2 ?torque/, 'Seats the flange.'],
      [/^3 ?torque/, 'The full load.'],
    ] as const) {
      await press(lead, round);
      await fill(lead, 'Why', why);
    }
    await saved(lead);
  });

  await test.step('what goes in and comes out, what reaches where the wrench does not, which stroke crosses which', async () => {
    await part(lead, 'Bench');
    await choose(lead, 'A mark is made', 'with each round');
    for (const [n, round, looks] of [
      [1, '2', 'yellow line'],
      [2, '3', 'white line'],
    ] as const) {
      await press(lead, 'A stroke for a round of its own');
      const stroke = lead.getByRole('group', { name: `stroke ${String(n)}` });
      await stroke.getByLabel('After round').selectOption({ label: `${round} torque` });
      await stroke.getByLabel('it looks so').fill(looks);
    }
    await lead.getByRole('group', { name: 'stroke 2' }).getByLabel('crossing that of').selectOption({ label: '2 torque' });
    await press(lead, 'Another aid');
    await fill(lead, 'Number on it', '7');
    await fill(lead, 'As people say it', 'the port plug');
    await choose(lead, 'Kind', 'plug');
    await press(lead, 'Another adapter');
    await lead.getByRole('group', { name: 'adapter 1' }).getByLabel('As people say it').fill('the 13 mm crow-foot');
    await lead.getByLabel('Adds to the lever').fill('50 mm');
    await expect(lead.getByRole('tab', { name: /^Still wanting/ })).toContainText('1');
    await lead.getByLabel('On a wrench of').fill('400 mm');
    await part(lead, 'Map');
    await press(lead, 'Select none');
    await reach(lead, 'Select no. 3');
    await lead.keyboard.press('Space');
    await choose(lead, 'and reached with', 'the 13');
    await press(lead, 'Say so');
    await expect(lead.getByText('all, the 13 mm crow-foot')).toBeVisible();
  });

  await test.step('a stamp to be read, with a picture of the right one', async () => {
    await part(lead, 'Checks');
    await press(lead, 'Another check');
    await fill(lead, 'What is asked', 'stamp on the pump');
    await choose(lead, 'Kind', 'what is stamped');
    await fill(lead, 'It must read, where one knows', 'K7');
    await fill(lead, 'Why', 'Housing and cover were lapped together.');
    await press(lead, 'More about this check');
    await lead
      .getByLabel(/^Another picture, stamp on the pump/)
      .setInputFiles({ name: 'stamp.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
    await expect(lead.getByText('"stamp.txt" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.')).toBeVisible();
    await lead.getByLabel(/^Another picture, stamp on the pump/).setInputFiles('docs/screenshots/crib.png');
    await fill(lead, 'What is to be seen on picture 1, stamp on the pump', 'K7 on the flange, beside no. 3');
    await saved(lead);
    await part(lead, 'Rounds');
  });

  await test.step('the rounds name them: plug in and out, a little at a time, a second person', async () => {
    await press(lead, /^1 ?seat/);
    await press(lead, 'More about this round');
    await fill(lead, 'All in turn, each so much at a time', '1/4 turn');
    await lead.getByRole('group', { name: 'Goes in before it' }).getByLabel('the port plug').check();
    await lead.getByRole('tab', { name: /^Still wanting/ }).click();
    await expect(lead.getByText('Aid 7 (the port plug) goes in before round 1, and no round says that it comes out', { exact: false })).toBeVisible();
    await press(lead, /^3 ?torque/);
    await press(lead, 'More about this round');
    await fill(lead, 'What takes the reaction', 'the hand');
    await lead.getByLabel('looked at by a second person').check();
    await choose(lead, 'Another round', 'check');
    await press(lead, 'Add it');
    await choose(lead, 'Which check', 'stamp on the pump');
    await fill(lead, 'Why', 'Before it is covered.');
    await press(lead, 'More about this round');
    await lead.getByRole('group', { name: 'Comes out before it' }).getByLabel('the port plug').check();
    await saved(lead);
    await lead.getByRole('tab', { name: 'Meaning' }).click();
    await expect(lead.getByText('seat, 1/4 turn at a time until all are in contact · 12 N·m · 24 N·m')).toBeVisible();
    await press(lead, 'Hand in for review');
    await expect(lead.getByText('Revision A, in review')).toBeVisible();
  });

  await test.step('the approver reads it', async () => {
    const approver = await atDesk(browser, 'approver');
    await approver.goto(lead.url());
    for (const sentence of [
      'Aid 7 (the port plug).',
      'The 13 mm crow-foot adds 50 mm to a wrench of 400 mm.',
      'Before it aid 7 (the port plug) goes in.',
      'With the 13 mm crow-foot at no. 3. The reaction is taken by the hand. Then a white line on the head, across the yellow line. Looked at by a second person.',
      'K7 on the flange, beside no. 3',
    ])
      await expect(approver.getByText(sentence).first()).toBeVisible();
    const picture = approver.getByRole('img', { name: 'right: K7 on the flange, beside no. 3' });
    await expect(picture).toBeVisible();
    expect(await picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(100);
  });
});
