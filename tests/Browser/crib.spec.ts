import { type Page, expect } from '@playwright/test';
import { accessible, atDesk, newBench, signInAtBench, signInAtDesk, test, unlike } from './shop';

test.use({ actionTimeout: 15_000 });

/** Readings and Enter after Enter, as they are read off the standard. */
async function read(page: Page, first: string, readings: string[]): Promise<void> {
  await page.getByLabel(first).focus();
  for (const reading of readings) {
    await page.keyboard.type(reading);
    await page.keyboard.press('Enter');
  }
}

const five = (...readings: string[]): string[] => readings.flatMap((r) => [r, r, r, r, r]);

test('twelve wrenches come in from a table, their labels print, and one is calibrated, handed out and taken back by scan', async ({ browser }) => {
  const series = unlike();
  const code = (i: number) => `WR-${series}-${String(i)}`;
  const keeper = await atDesk(browser, 'crib');
  await expect(keeper.getByRole('heading', { name: 'Crib' })).toBeVisible();
  await keeper.getByRole('link', { name: 'Register tools' }).click();

  await test.step('a row that cannot be is named, and nothing comes in until it is right', async () => {
    const table = (step: string) =>
      [
        'code,name,form,unit,lowest,highest,resolution,place',
        ...Array.from({ length: 12 }, (_, i) => `${code(i)},"Click wrench, 1/2 in",click wrench,N.m,20,100,${i === 7 ? step : '0.5'},Drawer 9`),
      ].join('\n');
    await keeper.getByLabel('File', { exact: true }).setInputFiles({ name: 'tools.csv', mimeType: 'text/csv', buffer: Buffer.from(`\uFEFF${table('0.5')}`) });
    await expect(keeper.getByText(/^The table begins with a byte-order mark/)).toBeVisible();
    await keeper.getByLabel('Pasted, or from a file').fill(table('"0,5"'));
    await expect(keeper.getByText('Resolution "0,5": a decimal has a point, as in 0.5; a number in N·m.')).toBeVisible();
    await expect(keeper.getByRole('button', { name: 'Register 12 tools' })).toBeDisabled();
    await keeper.getByLabel('Pasted, or from a file').fill(table('0.5'));
    await expect(keeper.getByRole('heading', { name: '12 tools, all of them whole' })).toBeVisible();
    await accessible(keeper);
    await keeper.getByRole('button', { name: 'Register 12 tools' }).click();
    await expect(keeper.getByRole('heading', { name: '12 tools hang in the crib' })).toBeVisible();
  });

  await test.step('their labels are a PDF', async () => {
    const labels = await keeper.request.get((await keeper.getByRole('link', { name: 'Print their labels' }).getAttribute('href')) ?? '');
    expect((await labels.body()).subarray(0, 5).toString()).toBe('%PDF-');
  });

  await test.step('one is not handed out before it was calibrated', async () => {
    await keeper.getByRole('link', { name: 'To the board' }).click();
    await keeper.getByLabel('Scan a tool or a badge').fill(`@T${code(0)}`);
    await keeper.keyboard.press('Enter');
    await expect(keeper.getByText(/scan the badge of whoever takes it/)).toBeVisible();
    await keeper.keyboard.type('@B1041');
    await keeper.keyboard.press('Enter');
    await expect(keeper.getByText(`${code(0)} is out of calibration: it had never been calibrated. It is not handed out.`)).toBeVisible();
  });

  await test.step('calibrated it is, and comes back', async () => {
    await keeper.goto(`/crib/tools/${code(0)}/calibrate`);
    await keeper.getByLabel('Number of the certificate').fill(`FC-${series}`);
    await keeper.getByRole('button', { name: 'On to the readings' }).click();
    await read(keeper, 'As found at 20 N·m, reading 1', five('20.1', '60.2', '100.4'));
    await expect(keeper.getByText(/^As found it passes/)).toBeVisible();
    await accessible(keeper);
    await keeper.getByRole('button', { name: 'Keep the calibration' }).click();
    await expect(keeper.getByText('Good today.')).toBeVisible();
    await keeper.goto('/crib');
    await keeper.getByLabel('Scan a tool or a badge').fill('1041');
    await keeper.keyboard.press('Enter');
    await keeper.keyboard.type(`@T${code(0)}`);
    await keeper.keyboard.press('Enter');
    await expect(keeper.getByText(`${code(0)} is with Rafe Ondling.`)).toBeVisible();
    await keeper.keyboard.type(code(0));
    await keeper.keyboard.press('Enter');
    await keeper.getByRole('radio', { name: /^Some/ }).check();
    await keeper.getByRole('button', { name: 'Hang it up' }).click();
    await expect(keeper.getByText(`${code(0)} hangs here again.`)).toBeVisible();
  });
});

test('a wrench that is used both ways is read both ways, behind an adapter, out of a file', async ({ browser }) => {
  const series = unlike();
  const keeper = await atDesk(browser, 'crib');
  await keeper.goto('/crib/register');
  await keeper
    .getByLabel('Pasted, or from a file')
    .fill(
      [
        'code,name,form,unit,lowest,highest,resolution,directions,length,angle',
        `WB-${series},Both ways,click wrench,N.m,20,100,0.5,clockwise anticlockwise,400 mm,`,
        `AB-${series},Offset head,adapter,mm,45,45,1,,50 mm,0 deg`,
      ].join('\n'),
    );
  await keeper.getByRole('button', { name: 'Register 2 tools' }).click();
  await expect(keeper.getByRole('heading', { name: '2 tools hang in the crib' })).toBeVisible();

  const readings = (direction: string, each: [string, string][]) => each.flatMap(([at, reads]) => five(reads).map((r) => `as found,${at},${direction},${r}`));
  const file = (weak: string) =>
    ['pass,point,direction,reading', ...readings('clockwise', [['20', '22.5'], ['60', '67.5'], ['100', '112.5']]), ...readings('anticlockwise', [['20', weak], ['60', '67.5'], ['100', '112.5']])].join('\n'); // prettier-ignore
  const give = (text: string) =>
    keeper.getByLabel(/^or out of a file/).setInputFiles({ name: 'readings.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await keeper.goto(`/crib/tools/WB-${series}/calibrate`);
  await keeper.getByLabel('Number of the certificate').fill(`FB-${series}`);
  await keeper.getByLabel('Adapter on it').selectOption(`AB-${series}`);

  await test.step('a direction that is none is refused, and what was typed stays', async () => {
    await give(file('20.9').replaceAll('anticlockwise', 'left'));
    await expect(keeper.getByText('"left" is no direction; clockwise or anticlockwise is wanted.')).toBeVisible();
    await expect(keeper.getByLabel('Number of the certificate')).toHaveValue(`FB-${series}`);
  });

  await test.step('what is weak one way round fails by its name, and is set right', async () => {
    await give(file('20.9'));
    await expect(keeper.getByText(`AB-${series} is on it, 50 mm at 0°: where 100 N·m is set the standard should read 112.5 N·m.`)).toBeVisible();
    await expect(keeper.getByText('As found it fails: at 20 N·m anticlockwise it gives up to 7.7 % too little.')).toBeVisible();
    await accessible(keeper);
    await keeper.getByRole('tab', { name: 'Against what' }).click();
    await give(file('22.4'));
    await expect(keeper.getByText(/^As found it passes/)).toBeVisible();
    await keeper.getByRole('button', { name: 'Keep the calibration' }).click();
    await expect(keeper.getByText('Good today.')).toBeVisible();
  });
});

test('a calibration fails as found, is adjusted and passes as left; nothing typed is lost by a refusal', async ({ browser }) => {
  const code = `DW-${unlike()}`;
  const keeper = await atDesk(browser, 'crib');
  await keeper.goto('/crib/register');
  await keeper.getByRole('tab', { name: 'One' }).click();
  await keeper.getByLabel('Number').fill(code);
  await keeper.getByLabel('What it is').fill('Dial wrench, 1/2 in drive');
  await keeper.getByLabel('Kind').selectOption('dial_wrench');
  await keeper.getByLabel('Range from').fill('15');
  await keeper.getByLabel('to', { exact: true }).fill('75');
  await keeper.getByLabel('Unit').fill('lbf·ft');
  await keeper.getByLabel('Step of its scale').fill('0.25');
  await keeper.getByLabel('May deviate by').fill('4 %');
  await keeper.getByRole('button', { name: 'Register it' }).click();
  await expect(keeper.getByRole('heading', { name: `${code} hangs in the crib` })).toBeVisible();

  await keeper.goto(`/crib/tools/${code}/calibrate`);
  await keeper.getByRole('button', { name: 'On to the readings' }).click();
  await read(keeper, 'As found at 15 lbf·ft, reading 1', five('14.0', '44.3', '74.5'));
  await expect(keeper.getByText('As found it fails: at 15 lbf·ft it gives up to 7.1 % too little.')).toBeVisible();
  await expect(keeper.getByText('Nothing on record was pulled with it since it was last good.')).toBeVisible();
  await keeper.getByRole('radio', { name: 'It was adjusted' }).check();
  await keeper.getByRole('button', { name: 'Go on to as left' }).click();
  await read(keeper, 'As left at 15 lbf·ft, reading 1', five('15.02', '45.1', '75.1'));
  await expect(keeper.getByText(/^As left it passes/)).toBeVisible();
  await keeper.getByRole('button', { name: 'Keep the calibration' }).click();
  await expect(keeper.getByText('Say which number the certificate has.')).toBeVisible();
  await keeper.getByRole('tab', { name: 'Against what' }).click();
  await keeper.getByLabel('Number of the certificate').fill('FC-77');
  await keeper.getByRole('tab', { name: 'As left' }).click();
  await expect(keeper.getByLabel('As left at 45 lbf·ft, reading 5')).toHaveValue('45.1');
  await keeper.getByRole('button', { name: 'Keep the calibration' }).click();
  await expect(keeper.getByText('Good today.')).toBeVisible();
  await expect(keeper.getByRole('row', { name: /failed good FC-77/ })).toBeVisible();
  await accessible(keeper);
  const sheet = await keeper.request.get((await keeper.getByRole('link', { name: 'Print the sheet' }).getAttribute('href')) ?? '');
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await keeper.goto('/crib/cases');
  await expect(keeper.getByText(`${code} failed its calibration as found: nothing on record was done with it in that time.`)).toBeVisible();
});

test('the lead works a case to its end, and what lies outside the approver alone may leave as it is', async ({ browser }) => {
  const lead = await atDesk(browser, 'lead');
  await lead.goto('/crib/cases/1');
  await expect(lead.getByText(/^TW-07 failed its calibration as found: \d+ lie outside, \d+ are in doubt\.$/)).toBeVisible();
  await expect(lead.getByRole('button', { name: 'Close the case' })).toBeDisabled();
  await accessible(lead);

  const decide = async (page: Page, serial: string, decision: RegExp, word: string) => {
    await page.getByRole('button', { name: `Decide about ${serial}` }).click();
    await page.getByRole('radio', { name: decision }).check();
    await page.getByRole('dialog').getByRole('button', { name: 'Decide', exact: true }).click();
    if (word !== '') await expect(page.getByRole('region', { name: serial }).getByText(word)).toBeVisible();
  };
  await decide(lead, 'TN3-26-0356', /^Use as is/, '');
  await expect(lead.getByText('Something on it lies outside its window. That it is used as it is, the approver decides.')).toBeVisible();
  await lead.getByRole('button', { name: 'Not now' }).click();
  await lead.getByRole('button', { name: 'Decide about TN3-26-0356' }).click();
  await lead.getByRole('radio', { name: /^Replace/ }).check();
  await lead.getByRole('checkbox', { name: 'Main caps 2', exact: true }).check();
  await lead.getByRole('checkbox', { name: 'Main caps 4', exact: true }).check();
  await lead.getByRole('checkbox', { name: 'Main caps 4', exact: true }).uncheck();
  await lead.getByRole('dialog').getByRole('button', { name: 'Decide', exact: true }).click();
  const engine = lead.getByRole('region', { name: 'TN3-26-0356' });
  await expect(engine.getByText('replace: Main caps 2')).toBeVisible();
  await expect(engine.getByText('Still to be decided: Main caps 1, 3, 4, 5, 6, 7')).toBeVisible();
  await lead.getByRole('button', { name: 'Decide about TN3-26-0356' }).click();
  await expect(lead.getByRole('checkbox', { checked: true })).toHaveCount(6);
  await lead.getByRole('radio', { name: /^Audited on the engine/ }).check();
  await lead.getByRole('dialog').getByRole('button', { name: 'Decide', exact: true }).click();
  await expect(engine.getByText('audited on the engine and good: Main caps 1, 3, 4, 5, 6, 7')).toBeVisible();
  await decide(lead, 'TN3-26-0356', /^Recall the engine/, 'Recall the engine');
  await expect(engine.getByText(/^Still to be decided/)).toHaveCount(0);
  await decide(lead, 'TN3-26-0371', /^Audited on the engine/, 'Audited on the engine and good');
  await decide(lead, 'TN3-26-0390', /^Back off and redo/, 'Back off and redo');
  await lead.getByRole('button', { name: 'Use all 3 as they are' }).click();
  await expect(lead.getByText('Use as is')).toHaveCount(3);
  const letters = await lead.request.get((await lead.getByRole('link', { name: 'Letters to customers' }).getAttribute('href')) ?? '');
  expect((await letters.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await lead.getByRole('button', { name: 'Close the case' }).click();
  await expect(lead.getByText(/; closed /)).toBeVisible();
  await expect(lead.getByRole('button', { name: /^Decide/ })).toHaveCount(0);
});

test('at the hook one takes a tool oneself while the keeper is away, and drops it', async ({ browser }) => {
  const bench = await newBench(browser, `Bench of crib ${unlike()}`);
  await signInAtBench(bench, '1044');
  await bench.getByLabel('Scan a serial').fill('TW-13');
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: /^TW-13, Click wrench/ })).toBeVisible();
  await accessible(bench);
  await bench.getByRole('button', { name: 'Take it' }).click();
  await expect(bench.getByRole('dialog')).toHaveCount(0);
  await bench.getByLabel('Scan a serial').fill('@TTW-13');
  await bench.keyboard.press('Enter');
  await bench.getByRole('button', { name: 'It was dropped' }).click();
  await expect(bench.getByRole('dialog')).toHaveCount(0);
  await bench.getByLabel('Scan a serial').fill('TW-10');
  await bench.keyboard.press('Enter');
  await expect(bench.getByText(/TW-10 is out of calibration/)).toBeVisible();
  await expect(bench.getByRole('button', { name: 'Take it' })).toHaveCount(0);

  const keeper = await (await browser.newContext()).newPage();
  await signInAtDesk(keeper, 'crib');
  await expect(keeper.getByText('TW-13 was dropped, today,', { exact: false })).toBeVisible();
  await keeper.goto('/crib');
  await expect(keeper.getByRole('list', { name: 'What needs a hand' }).getByText('TW-13 was dropped, today,', { exact: false })).toBeVisible();
});
