import { type Page, expect } from '@playwright/test';
import { PIN, atDesk, coreReady, engineOf, expectBolt, layOut, newBench, prepare, signInAtBench, stampOnMetal, takeTool, type, unlike, test } from './shop';

/** An engine of a family comes in, and one joint of it is on somebody's hook. */
async function job(page: Page, family: string, joint: string, who: string): Promise<string> {
  const serial = `${family}-27-${unlike()}`;
  await engineOf(page, serial, joint, who);
  return serial;
}

test('a click round by whole rounds: the wrench is set and read, a wrong count opens it bolt by bolt, and its setting is read again', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'OS6', 'Rocker shafts', 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1044');
  await bench.keyboard.type(serial.slice(-4));
  await expect(bench.getByRole('button', { name: new RegExp(serial) })).toHaveAttribute('aria-current', 'true');
  await bench.keyboard.press('Enter');
  await layOut(bench);
  await takeTool(bench, 'TW-11');

  await test.step('nothing is filled in, and Enter is dead until the scale was typed', async () => {
    await expect(bench.getByRole('heading', { name: 'Set the wrench' })).toBeVisible();
    await expect(bench.getByLabel('What the scale of TW-11 shows in N·m')).toHaveValue('');
    await expect(bench.getByRole('button', { name: 'Type the scale first' })).toBeDisabled();
    await coreReady(bench);
    await type(bench, '13');
    await expectBolt(bench, 1, 1);
  });

  await test.step('the whole round is pulled, and one head too few carries the mark', async () => {
    await bench.keyboard.press('*');
    await expect(bench.getByRole('heading', { name: 'How many heads carry the mark?' })).toBeVisible();
    await expect(bench.getByText('16 heads')).toHaveCount(0);
    await type(bench, '15');
    await expect(bench.getByText('Not proved', { exact: true })).toBeVisible();
    await expect(bench.getByText(/15 marks were counted on 16 fasteners/)).toBeVisible();
  });
});

test('a click round counted right goes on once its wrench has been read again', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'OS6', 'Rocker shafts', 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1044');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await takeTool(bench, 'TW-11');
  await expect(bench.getByRole('heading', { name: 'Set the wrench' })).toBeVisible();
  await coreReady(bench);
  await type(bench, '13');
  await bench.getByRole('button', { name: 'Pull all, count after' }).click();
  await type(bench, '16');
  await expect(bench.getByRole('heading', { name: 'Read the wrench again' })).toBeVisible();
  await type(bench, '13');
  await expect(bench.getByRole('heading', { name: 'Set the wrench' })).toBeVisible();
  await type(bench, '33');
  await expectBolt(bench, 1, 2);
  await bench.keyboard.press('Enter');
  await expectBolt(bench, 2, 2);
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: 'Did bolt 2 click too?' })).toBeVisible();
  await bench.getByRole('button', { name: 'No, not yet' }).click();
  await expectBolt(bench, 2, 2);
});

test('a stretch by comparator: zeroed, tightened and read, one zero for both bolts of a rod where its free readings allow', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'HG4', 'Connecting rods', 'Rafe Ondling');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1041');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await takeTool(bench, 'DG-03');
  await expect(bench.getByText('Zero the gauge on the free bolt.')).toBeVisible();
  await coreReady(bench);
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('img', { name: /^Stretch from/ })).toBeVisible();
  await type(bench, '0.0046');
  await expect(bench.getByText('Zero the gauge on the free bolt.')).toBeVisible();
  await expectBolt(bench, 2, 1);
  await bench.keyboard.press('Enter');
  await type(bench, '0.0041');
  await expect(bench.getByText('Short', { exact: true })).toBeVisible();
});

test('two people hold and tighten: the second joins with badge and PIN, and one press takes both readings', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'OS6', 'Front gear', 'Juno Castrel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1042');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await takeTool(bench, 'TW-02');
  await coreReady(bench);
  for (const bolt of [1, 2, 3, 4]) {
    await expectBolt(bench, bolt, 1);
    await type(bench, '48');
  }
  await expect(bench.getByRole('heading', { name: 'A second person joins' })).toBeVisible();
  await bench.keyboard.type('1042');
  await bench.keyboard.press('Enter');
  await bench.keyboard.type(PIN);
  await bench.keyboard.press('Enter');
  await expect(bench.getByText('This takes somebody else than you: your own badge does not count twice.')).toBeVisible();
  // It takes another badge, and that is asked for.
  await expect(bench.getByLabel('Badge: scan it or type its number')).toHaveValue('');
  await bench.keyboard.type('1043');
  await bench.keyboard.press('Enter');
  await bench.keyboard.type(PIN);
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: /^Take the tool that your partner holds with/ })).toBeVisible();
  await expect(bench.getByText('TW-11 only says that its setting was reached', { exact: false })).toBeVisible();
  await takeTool(bench, 'TW-04');
  await expect(bench.getByText('Juno Castrel and Milo Farrandel', { exact: false })).toBeVisible();
  await expect(bench.getByRole('heading', { name: 'Hold the gear' })).toBeVisible();
  await type(bench, '167');
  await type(bench, '34.2');
  await expect(bench.getByText('Round 2', { exact: true })).toBeVisible();
  await expect(bench.getByRole('heading', { name: 'Tighten bolt 2' })).toBeVisible();
});

test('an angle that may be ratcheted adds its strokes, keeps them through a reload, and goes on at a second bench', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'HG4', 'Cylinder head', 'Juno Castrel');
  const first = await newBench(browser, `Bench of ${serial} A`);
  await signInAtBench(first, '1042');
  await first.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(first);
  await expect(first.getByRole('heading', { name: /^New ones:/ })).toBeVisible();
  await coreReady(first);
  await type(first, 'L-77');
  await expect(first.getByRole('heading', { name: /^New ones:/ })).toBeHidden();
  await prepare(first);
  await takeTool(first, 'TW-04');
  for (let bolt = 1; bolt <= 18; bolt++) {
    await expectBolt(first, bolt, 1);
    await type(first, '42');
  }
  await takeTool(first, 'AG-02');
  await expectBolt(first, 1, 2);
  await type(first, '20');
  await expect(first.getByText('65° to go')).toBeVisible();
  await type(first, '15');
  await expect(first.getByText('50° to go')).toBeVisible();
  await expect(first.getByText('all sent')).toBeVisible();
  await first.reload();
  await expect(first.getByRole('heading', { name: /stands at 35°$/ })).toBeVisible();
  await first.getByRole('button', { name: 'The line is where it must be, go on' }).click();
  await expect(first.getByText('50° to go')).toBeVisible();
  await expect(first.getByRole('img', { name: '35° of 85° done' })).toBeVisible();

  const second = await newBench(browser, `Bench of ${serial} B`);
  await signInAtBench(second, '1042');
  await second.getByRole('button', { name: new RegExp(serial) }).click();
  await second.getByRole('button', { name: 'Go on here' }).click();
  await second.getByRole('button', { name: 'The line is where it must be, go on' }).click();
  await expect(second.getByText('50° to go')).toBeVisible();
  await coreReady(second);
  await type(second, '50');
  await expectBolt(second, 2, 2);
});

test('everything by the number pad alone, from the hook to the end', async ({ browser }) => {
  const serial = await job(await atDesk(browser, 'lead'), 'WV9', 'Water pump', 'Milo Farrandel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1043');
  const pad = async (keys: string) => {
    await bench.keyboard.type(keys);
    await bench.keyboard.press('Enter');
  };
  await pad(serial.slice(-4));
  await expect(bench.getByRole('heading', { name: /’s hook$/ })).toHaveCount(0);
  for (let i = 0; i < 40; i++) {
    const heading = bench.getByRole('heading', { level: 1 });
    await expect(heading).toBeVisible();
    const now = (await heading.textContent()) ?? '';
    if (now.includes('finished')) break;
    if (now.startsWith('Take ')) await pad('1');
    else if (now.startsWith('What is stamped')) await pad(await stampOnMetal(bench));
    else if (now === 'Final look') {
      await bench.waitForTimeout(1_000);
      await bench.keyboard.press('Enter');
    } else if (now.startsWith('Somebody else')) {
      await bench.waitForTimeout(1_000);
      await bench.keyboard.press('Enter');
      await expect(bench.getByLabel('Badge: scan it or type its number')).toBeVisible();
      await pad('1042');
      await pad(PIN);
    } else if (now.startsWith('“I did this')) await pad(PIN);
    else {
      const aim = bench.getByLabel(/^Reach /);
      const reads = (await bench.getByRole('textbox').count()) > 0 && (await aim.count()) > 0;
      const reach = reads ? ((await aim.getAttribute('aria-label')) ?? '').split(' ')[1] : '';
      await pad(reach ?? '');
    }
    await expect(heading).not.toHaveText(now);
  }
  await expect(bench.getByRole('heading', { name: `Water pump of ${serial}: finished` })).toBeVisible();
});
