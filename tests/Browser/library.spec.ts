import { type Browser, type Page, expect } from '@playwright/test';
import { choose, fill, newDraft, part, press, reach, saved } from './keyboard';
import { atDesk, test } from './shop';

test('a lead writes a procedure with its map from nothing by keyboard only; it is doubted, sent back, corrected, approved, printed, superseded', async ({
  browser,
}) => {
  const lead = await atDesk(browser, 'lead');
  const approver = await atDesk(browser, 'approver');
  const name = await newDraft(lead);

  await test.step('the joint, its two kinds of bolt, what is on them', async () => {
    await choose(lead, 'Risk class', 'B');
    await fill(lead, 'Cautions, one to a line', 'Eye protection: a bolt can snap. Pull, do not push.');
    await part(lead, 'Fasteners');
    await press(lead, 'A fastener');
    await fill(lead, 'Name', 'M10 × 1.5 × 60, class 10.9');
    await fill(lead, 'Thread', 'M10');
    await fill(lead, 'Class or grade', '10.9');
    await fill(lead, 'Across flats', '16 mm');
    await choose(lead, 'Used again', 'as often');
    await fill(lead, 'Clamped length', '40 mm');
    await press(lead, 'Another fastener');
    await expect(lead.getByRole('heading', { name: 'Fastener 2' })).toBeVisible();
    // The second one's fields come after the first one's.
    for (const [field, text] of [
      ['Name', 'M8 × 1.25 × 40, class 8.8'],
      ['Thread', 'M8'],
      ['Class or grade', '8.8'],
      ['Across flats', '13 mm'],
    ] as const) {
      await lead.getByRole('group', { name: 'Fastener 2' }).getByLabel(field, { exact: true }).focus();
      await lead.keyboard.press('Control+a');
      await lead.keyboard.type(text);
    }
    await lead.getByRole('group', { name: 'Fastener 2' }).getByLabel('Used again').selectOption({ label: 'as often as it is good' });
    await fill(lead, 'Name of group all', 'long');
    await fill(lead, 'Name of group group', 'short');
    await press(lead, 'Another surface');
    await choose(lead, 'What is on surface 1', 'engine');
    await saved(lead);
  });

  await test.step('the map: two rows of long ones, a circle of short ones, one moved by key, undone and redone', async () => {
    await part(lead, 'Map');
    await fill(lead, 'in each row', '3');
    await press(lead, 'Put them in');
    await expect(lead.getByText('6 fasteners selected: 1, 2, 3, 4, 5, 6')).toBeVisible();
    await choose(lead, 'Lay out', 'pairs');
    await fill(lead, 'pairs', '1');
    await fill(lead, 'first at x, mm', '320');
    await choose(lead, 'of group', 'short');
    await press(lead, 'Put them in');
    await expect(lead.getByText('2 fasteners selected: 7, 8')).toBeVisible();
    await reach(lead, /^Map\. N and P/);
    await lead.keyboard.press('ArrowRight');
    await lead.keyboard.press('Shift+ArrowRight');
    await expect(lead.getByLabel('x of no. 7')).toHaveValue('331');
    await lead.keyboard.press('Control+z');
    await expect(lead.getByLabel('x of no. 7')).toHaveValue('320');
    await lead.keyboard.press('Control+y');
    await expect(lead.getByLabel('x of no. 7')).toHaveValue('331');
    await reach(lead, 'y of no. 8');
    await lead.keyboard.press('Control+a');
    await lead.keyboard.type('124.5');
    await press(lead, 'Select all');
    await expect(lead.getByText('8 fasteners selected', { exact: false })).toBeVisible();
    await saved(lead);
  });

  await test.step('the order: generated, judged, and the map numbered by it', async () => {
    await part(lead, 'Orders');
    await press(lead, 'centre-out criss-cross');
    await expect(lead.getByRole('heading', { name: 'What the core says of it' })).toBeVisible();
    await press(lead, 'Number the map by it');
    await expect(lead.getByText('1 · 2 · 3 · 4 · 5 · 6 · 7 · 8')).toBeVisible();
  });

  await test.step('sources and windows from the shop’s registers', async () => {
    await part(lead, 'Sources');
    await choose(lead, 'Cite from the register', 'S-003');
    await press(lead, 'Cite it');
    await fill(lead, /^page of source Osier OS6 service manual/, '88');
    await choose(lead, 'The shop’s window standards', 'FW-02-T');
    await press(lead, 'Use it');
    await choose(lead, 'The shop’s window standards', 'FW-02-A');
    await press(lead, 'Use it');
    await expect(lead.getByRole('button', { name: 'Take window standard FW-02-T out' })).toBeVisible();
  });

  await test.step('four rounds from a typed line; a slip of the unit is doubted and answered', async () => {
    await part(lead, 'Rounds');
    await fill(lead, 'Type a line', 'seat · 11 lbf·ft long / 6 lbf·ft short · 30 lbf·ft long / 177 lbf·ft short · +40° long');
    await press(lead, 'Add these rounds');
    await expect(lead.getByText('seat · 11 lbf·ft long / 6 lbf·ft short · 30 lbf·ft long / 177 lbf·ft short · +40° long').last()).toBeVisible();
    for (const [round, why] of [
      [/^1 ?seat/, 'Everything lies on its seat.'],
      [/^2 ?torque/, 'Closes the gap evenly.'],
      [/^3 ?torque/, 'The clamp that the angle starts from.'],
      [/^4 ?turn/, 'Takes friction out of the clamp.'],
    ] as const) {
      await press(lead, round);
      await fill(lead, 'Why', why);
    }
    await reach(lead, /^Meaning/);
    await lead.keyboard.press('ArrowRight');
    await expect(lead.getByText('Plausible would be 15 lbf·ft.')).toBeVisible();
    await fill(lead, 'Answer to doubt 1', 'It stands so in my notes.');
    await saved(lead);
    await press(lead, 'Hand in for review');
    await expect(lead.getByText('Revision A, in review')).toBeVisible();
    await expect(lead.getByText('Somebody else has to sign this')).toBeVisible();
  });

  const address = lead.url();
  await test.step('the approver sends it back', async () => {
    await approver.goto(`${address}?view=grounds`);
    await expect(approver.getByText('It stands so in my notes.')).toBeVisible();
    await press(approver, 'Send it back');
    await fill(approver, 'What has to be put right', 'The manual prints 177 lbf·in, which is 15 lbf·ft.');
    await press(approver, /^Send it back$/);
    await expect(approver.getByText('Revision A, sent back')).toBeVisible();
  });

  await test.step('the lead is told, corrects it and hands it in again', async () => {
    await lead.reload();
    await press(lead, new RegExp(`^I have read: ${name}.*sent back`));
    await press(lead, /^Go on with draft/);
    await expect(lead.getByText('Sent back: The manual prints 177 lbf·in, which is 15 lbf·ft.')).toBeVisible();
    await part(lead, 'Rounds');
    await press(lead, /^3 ?torque/);
    await fill(lead, /^Target, short/, '15 lbf·ft');
    await expect(lead.getByRole('tab', { name: 'Doubts', exact: true })).toBeVisible();
    await saved(lead);
    await press(lead, 'Hand in for review');
    await expect(lead.getByText('Revision A, in review')).toBeVisible();
  });

  await test.step('signed with the password once more, and printed', async () => {
    await approver.goto(lead.url());
    await press(approver, 'Sign it');
    await fill(approver, /^Your password/, 'fenmoor');
    await press(approver, /^Sign$/);
    await expect(approver.getByText('Revision A, approved')).toBeVisible();
    await reach(approver, 'Job card (PDF)');
    const card = await approver.request.get((await approver.getByRole('link', { name: 'Job card (PDF)' }).getAttribute('href')) ?? '');
    expect(card.headers()['content-type']).toContain('application/pdf');
    expect((await card.body()).subarray(0, 5).toString()).toBe('%PDF-');
  });

  await test.step('the next revision changes an angle, says so, and supersedes it', async () => {
    await lead.reload();
    await press(lead, 'Write the next revision');
    await part(lead, 'Rounds');
    await press(lead, /^4 ?turn/);
    await fill(lead, /^Target, long/, '42°');
    await saved(lead);
    await press(lead, 'Hand in for review');
    await expect(lead.getByText('Revision B, in review')).toBeVisible();
    await expect(lead.getByText(/long.*\+40° → \+42°/)).toBeVisible();
    await approver.goto(lead.url());
    await press(approver, 'Sign it');
    await fill(approver, /^Your password/, 'fenmoor');
    await press(approver, /^Sign$/);
    await expect(approver.getByText('Revision B, approved')).toBeVisible();
    await approver.goto(`${approver.url()}?view=history`);
    await press(approver, 'A');
    await expect(approver.getByText('Revision A, superseded')).toBeVisible();
    await lead.goto(`/library?find=${encodeURIComponent(name)}`);
    await expect(lead.getByRole('link', { name: /\+42° long/ })).toBeVisible();
  });
});

async function twoAtOneDraft(browser: Browser): Promise<[Page, Page]> {
  const first = await atDesk(browser, 'lead');
  await newDraft(first);
  const second = await atDesk(browser, 'lead');
  await second.goto(first.url());
  await expect(second.getByLabel('Cautions, one to a line')).toBeVisible();
  return [first, second];
}

test('a draft changed elsewhere meanwhile is said, both versions are shown, and nothing is overwritten', async ({ browser }) => {
  const [first, second] = await twoAtOneDraft(browser);
  await first.getByLabel('Cautions, one to a line').fill('Hot parts.');
  await saved(first);
  await second.getByLabel('Cautions, one to a line').fill('Two people to lift.');
  const alert = second.getByRole('alert').filter({ hasText: 'saved this draft meanwhile' });
  await expect(alert).toContainText('Hot parts.');
  await expect(alert).toContainText('Two people to lift.');
  await second.getByRole('button', { name: 'Go on with theirs' }).click();
  await expect(second.getByLabel('Cautions, one to a line')).toHaveValue('Hot parts.');
  await second.getByRole('button', { name: 'Undo' }).click();
  await expect(second.getByLabel('Cautions, one to a line')).toHaveValue('Two people to lift.');
  await saved(second);
  await first.reload();
  await expect(first.getByLabel('Cautions, one to a line')).toHaveValue('Two people to lift.');
});

test('bolts are dragged on the map, touched in turn into an order, and taken out of both', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await newDraft(lead);
  await lead.getByRole('tab', { name: 'Fasteners' }).click();
  await lead.getByRole('button', { name: 'A fastener' }).click();
  await lead.getByRole('tab', { name: 'Map', exact: true }).click();
  await lead.getByRole('button', { name: 'Put them in' }).click();
  await expect(lead.getByText('8 fasteners selected', { exact: false })).toBeVisible();
  const map = lead.getByRole('application');
  await lead.getByRole('button', { name: 'Select none' }).click();
  const bolt = map.locator('g.cursor-move').nth(0);
  const box = await bolt.boundingBox();
  if (!box) throw new Error('the first bolt is not drawn');
  await lead.mouse.move(box.x + box.width / 2, box.y + 10);
  await lead.mouse.down();
  await lead.mouse.move(box.x + box.width / 2 + 30, box.y + 10, { steps: 6 });
  await lead.mouse.up();
  await expect(lead.getByLabel('x of no. 1')).not.toHaveValue('60');
  await lead.getByRole('tab', { name: 'Orders' }).click();
  await lead.getByRole('button', { name: 'Touch them in turn on the map' }).click();
  for (const i of [2, 5, 1]) await map.locator('g.cursor-move').nth(i).click();
  await expect(lead.getByText('3 · 6 · 2')).toBeVisible();
  await expect(lead.getByText(/^Left out: /)).toBeVisible();
  await lead.getByRole('button', { name: 'Keep this order' }).click();
  await lead.getByRole('tab', { name: 'Map', exact: true }).click();
  await lead.getByLabel('Select no. 6').check();
  await lead.getByRole('button', { name: 'Take out' }).click();
  await lead.getByRole('tab', { name: 'Orders' }).click();
  await expect(lead.getByText('3 · 2', { exact: true })).toBeVisible();
});

test('shanks of segments, held partners, time limits, tools, things used up, marks, legs and rules of a source are written in forms', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await newDraft(lead);
  const tab = (name: string) => lead.getByRole('tab', { name, exact: true }).click();
  const text = async () => JSON.parse(await lead.getByLabel('Document').inputValue()) as Record<string, unknown> & { stages: Record<string, unknown>[] };
  await tab('Fasteners');
  await lead.getByRole('button', { name: 'A fastener' }).click();
  await lead.getByText('More about this fastener').click();
  for (const [i, length, diameter] of [
    [1, '20 mm', '10 mm'],
    [2, '30 mm', '8.2 mm'],
  ] as const) {
    await lead.getByRole('button', { name: 'Another segment of the shank' }).click();
    const segment = lead.getByRole('group', { name: `segment of fastener 1 ${String(i)}` });
    await segment.getByLabel('Shank length').fill(length);
    await segment.getByLabel('Shank ⌀').fill(diameter);
  }
  await lead.getByRole('button', { name: 'Another surface' }).click();
  await lead.getByLabel('What is on surface 1').selectOption('locker');
  await lead.getByLabel('Working time on surface 1').fill('15 min');
  await tab('Map');
  await lead.getByRole('button', { name: 'Put them in' }).click();
  await tab('Sources');
  await lead.getByLabel('Cite from the register').selectOption('S-003');
  await lead.getByRole('button', { name: 'Cite it' }).click();

  await test.step('marks, what is used up, and a rule that the source demands', async () => {
    await tab('Bench');
    await lead.getByLabel('A mark is made').selectOption({ label: 'with each fastener' });
    await lead.getByLabel('Which stroke').fill('white');
    await lead.getByRole('button', { name: 'Another thing used up' }).click();
    await lead.getByRole('group', { name: 'thing used up 1' }).getByLabel('Kind').selectOption('locker');
    await lead.getByLabel('As the store calls it').fill('thread locker, medium');
    await lead.getByRole('button', { name: 'A rule of a source’s own' }).click();
    await lead.getByLabel('What goes wrong').selectOption({ label: 'the partner let go' });
    await lead.getByLabel('Back to').selectOption({ label: 'loose' });
    await lead.getByLabel('A new fastener').selectOption({ label: 'yes' });
    await lead.getByLabel('the tool is out of use').check();
  });

  await test.step('a round at which a partner holds, in time after the one before it, in a block with legs', async () => {
    await tab('Rounds');
    await lead.getByLabel('Type a line').fill('20 N·m');
    await lead.getByRole('button', { name: 'Add these rounds' }).click();
    await expect(lead.getByRole('button', { name: /^1 ?torque/ })).toBeVisible();
    await lead.getByLabel('Another round').selectOption('block');
    await lead.getByRole('button', { name: 'Add it' }).click();
    await lead.getByLabel('Its rounds go').selectOption({ label: 'pair by pair' });
    await lead.getByRole('button', { name: 'A leg of the 8 selected on the map' }).click();
    await lead.getByRole('group', { name: 'Leg leg_1' }).getByLabel('Called').fill('the first pair');
    await lead.getByRole('button', { name: 'A round in it' }).click();
    await lead.getByRole('button', { name: /^2\.1 ?torque/ }).click();
    const round = lead.locator('li', { has: lead.getByRole('button', { name: 'Round 2.1 up' }) }).last();
    await round.getByLabel('Kind', { exact: true }).selectOption('hold');
    await round.getByLabel('The partner holds').fill('the wheel');
    await round.getByLabel('against').selectOption('anticlockwise');
    await round.getByLabel('at', { exact: true }).fill('15 N·m');
    await round.getByLabel('Target, ', { exact: false }).first().fill('60 N·m');
    await round.getByRole('button', { name: /^More about all/ }).click();
    await round.getByRole('button', { name: 'Watch a value beside it' }).click();
    await round.getByLabel('Watched from, ', { exact: false }).fill('20°');
    await round.getByLabel('Why', { exact: true }).fill('The shaft behind takes no torque.');
    await round.getByText('More about this round').click();
    await round.getByLabel('At the latest, for each fastener').fill('15 min');
    await round.getByLabel('after its round').selectOption({ label: '1 torque' });
    await round.getByLabel('Tool', { exact: true }).selectOption('torque_wrench');
    await round.getByLabel('Its range reaches').fill('100 N·m');
    await round.getByRole('group', { name: 'Only after all of' }).getByLabel('1 torque').check();
    await round.getByRole('group', { name: 'Uses up' }).getByLabel('thread locker, medium').check();
    await round.getByLabel('counts as one use of the fastener').check();
  });

  await test.step('stands in the document as it was said', async () => {
    await tab('Text');
    const document = await text();
    expect(document.fasteners).toMatchObject([
      {
        geometry: {
          shank: [
            { length: '20 mm', diameter: '10 mm' },
            { length: '30 mm', diameter: '8.2 mm' },
          ],
        },
      },
    ]);
    expect(document.surfaces).toEqual([{ key: 'locker', surface: 'threads', condition: 'locker', working_time: '15 min' }]);
    expect(document.marks).toEqual({ when: 'each_fastener', stroke: 'white' });
    expect(document.consumables).toEqual([{ key: 'item', kind: 'locker', name: 'thread locker, medium' }]);
    expect(document.fault_overrides).toEqual([{ fault: 'partner_let_go', undo: 'loosening', source: 's_003', replace: 'yes', tool_out: true }]);
    const [first, block] = document.stages as [{ key: string }, { stages: Record<string, unknown>[] }];
    expect(block).toMatchObject({ traversal: 'pairs', legs: [{ key: 'leg_1', name: 'the first pair' }] });
    expect(block.stages[0]).toMatchObject({
      kind: 'hold',
      held: { what: 'the wheel', direction: 'anticlockwise', torque: '15 N·m' },
      targets: [{ target: '60 N·m', monitored: [{ quantity: 'angle', low: '20°' }] }],
      within: { time: '15 min', after: first.key },
      tool: { kind: 'torque_wrench', least_range: '100 N·m' },
      needs: [first.key],
      consumables: ['item'],
      loading: true,
      why: 'The shaft behind takes no torque.',
    });
  });

  await test.step('and the core says that a pair of eight is none', async () => {
    await lead.getByRole('tab', { name: /^Still wanting/ }).click();
    await expect(lead.getByText(/a pair has two positions/)).toBeVisible();
    await lead.getByRole('tab', { name: 'Joint', exact: true }).click();
    await lead.getByRole('listitem').filter({ hasText: 'a pair has two positions' }).getByRole('button').click();
    await expect(lead.getByRole('tab', { name: 'Rounds', exact: true })).toHaveAttribute('aria-selected', 'true');
  });
});

test('a saved library is looked at before it is written: unchanged as it is, a changed procedure comes in as a draft', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  const name = await newDraft(lead);
  await lead.getByRole('tab', { name: 'Text' }).click();
  const document = JSON.parse(await lead.getByLabel('Document').inputValue()) as Record<string, unknown>;
  const everything = (await (await lead.request.get('/api/library/export')).json()) as { procedures: Record<string, unknown>[] };
  // Other journeys write on in families of their own while this one looks: what they change between the two looks is new indeed.
  const exported = { ...everything, procedures: everything.procedures.filter((p) => !String(p.family).endsWith(' Rill')) };
  const whole = exported.procedures.find((p) => p.joint === 'Water pump');
  const file = (content: unknown) => ({ name: 'from-elsewhere.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(content)) });
  await lead.goto('/library/import');
  await lead.getByLabel('A procedure, a family or a library, as JSON').setInputFiles(file(exported));
  await lead.getByRole('button', { name: 'Look at it' }).click();
  await expect(lead.getByText('Nothing in it is new.')).toBeVisible();
  await lead
    .getByLabel('A procedure, a family or a library, as JSON')
    .setInputFiles(file({ ...whole, family: name, joint: document.joint, option: 'brought in' }));
  await lead.getByRole('button', { name: 'Look at it' }).click();
  await expect(lead.getByText('1 procedure would be written, as drafts', { exact: false })).toBeVisible();
  await lead.getByRole('button', { name: 'Write 1 procedure' }).click();
  await expect(lead.getByText('Written: 1 procedure, as drafts.')).toBeVisible();
  await lead.goto(`/library?find=${encodeURIComponent('brought in')}&state=draft`);
  await expect(lead.getByText('brought in').first()).toBeVisible();
});

test('an angle trial becomes the aim of a target, with the calculation as its evidence', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.goto('/library/workbench?of=trial');
  await lead.getByLabel('Pulls: ° and mm of stretch, one to a line').fill('40 0.190\n45 0.214\n50 0.239');
  await lead.getByLabel('good from, mm').fill('0.210');
  await lead.getByLabel('to, mm', { exact: true }).fill('0.228');
  await lead.getByRole('button', { name: 'Work it out' }).click();
  await expect(lead.getByText(/^Turn to 46°/)).toBeVisible();
  await lead.getByRole('button', { name: 'Use it as an aim' }).click();
  await lead.getByRole('combobox', { name: 'Draft' }).click();
  await lead.getByRole('option', { name: 'Wick WV9, connecting rods, stock bolts' }).click();
  await lead.getByRole('combobox', { name: 'Target' }).click();
  await lead.getByRole('option', { name: /^turn, 47°/ }).click();
  await lead.getByRole('button', { name: 'Write it into the draft' }).click();
  await expect(lead.getByRole('dialog')).toHaveCount(0);
  await lead.goto('/library?state=draft&find=WV9+rods');
  await lead.getByRole('link').filter({ hasText: 'sub-groups' }).click();
  await lead.getByRole('button', { name: 'Go on with draft B' }).click();
  await lead.getByRole('tab', { name: 'Text' }).click();
  await expect(lead.getByLabel('Document')).toHaveValue(/"aim": "46°"/);
  await expect(lead.getByLabel('Document')).toHaveValue(/Angle trial of 3 pulls.*Worked out at \/library\/workbench\?of=trial/);
});
