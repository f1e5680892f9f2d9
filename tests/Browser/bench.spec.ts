import { type Locator, expect } from '@playwright/test';
import { atFirstBolt, engineIn, expectBolt, layOut, newBench, newSerial, signInAtBench, takeTool, type, test, wrong } from './shop';

test('readings typed while the server cannot be reached are kept, walk on, and are sent when it answers again', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await expect(bench.getByText('all sent')).toBeVisible();

  await bench.context().setOffline(true);
  await type(bench, '31.5');
  await expectBolt(bench, 2, 1);
  await type(bench, '32.5');
  await expectBolt(bench, 3, 1);
  await expect(bench.getByText(/2 kept here/)).toBeVisible();
  await bench.keyboard.press('+');
  await bench.getByRole('button', { name: 'Another tool' }).click();
  await takeTool(bench, 'TW-04');
  await expectBolt(bench, 3, 1);
  await expect(bench.getByText(/3 kept here/)).toBeVisible();

  await bench.context().setOffline(false);
  await expect(bench.getByText('all sent')).toBeVisible();
  await bench.reload();
  await expectBolt(bench, 3, 1);
});

test('a reading that looks like a slip is asked about before it counts, and a short one needs a second person to be taken back', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Milo Farrandel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1043');
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await layOut(bench);
  await takeTool(bench, 'TW-04');
  await expectBolt(bench, 1, 1);

  await type(bench, '');
  await expect(bench.getByText('Reading of TW-04: type it first.')).toBeVisible();
  await type(bench, '3.2.1');
  await expect(bench.getByText(/is no reading/)).toBeVisible();
  await bench.keyboard.press('Backspace');
  await bench.keyboard.press('Backspace');
  await bench.keyboard.press('Enter');
  await expect(bench.getByRole('heading', { name: 'Was it really 3.2 N·m?' })).toBeVisible();
  await bench.getByRole('button', { name: 'No, let me type it again' }).click();
  await expectBolt(bench, 1, 1);
  await expect(bench.getByLabel('Reading of TW-04 in N·m')).toHaveValue('');

  await bench.getByLabel('Reading of TW-04 in N·m').fill('28');
  await bench.keyboard.press('Enter');
  await expect(bench.getByText('Short', { exact: true })).toBeVisible();
  await wrong(bench, /I typed it wrongly/);
  await bench.getByRole('button', { name: 'Misread the scale' }).click();
  await bench.keyboard.type('1041');
  await bench.keyboard.press('Enter');
  await expect(bench.getByLabel('PIN for badge 1041')).toHaveAttribute('type', 'password');
  await bench.keyboard.type('314159');
  await bench.keyboard.press('Enter');
  await expectBolt(bench, 1, 1);
});

test('without a mouse: tools by scan, readings by pad, keys on the glass for gloves', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Juno Castrel');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await signInAtBench(bench, '1042');
  await expect(bench.getByLabel('Scan a serial')).toBeFocused();
  await bench.keyboard.type(`@S${serial}`);
  await bench.keyboard.press('Enter');
  await layOut(bench);
  await expect(bench.getByRole('heading', { name: 'Take a torque wrench' })).toBeVisible();
  await bench.keyboard.type('@TTW-04');
  await bench.keyboard.press('Enter');
  await expectBolt(bench, 1, 1);
  await bench.keyboard.press('*');
  for (const key of ['3', '2', '.', '4']) await bench.getByRole('group', { name: 'Keys' }).getByRole('button', { name: key, exact: true }).click();
  await bench.getByRole('button', { name: 'Take 32.4' }).click();
  await expectBolt(bench, 2, 1);
  await bench.keyboard.press('*');
  await bench.keyboard.type('@TTW-10');
  await bench.keyboard.press('Enter');
  await expect(bench.getByText(/TW-10 is out of calibration/)).toBeVisible();
  const key = await bench.getByRole('button', { name: /^Enter Take$|^Take$/ }).boundingBox();
  expect(key?.height).toBeGreaterThanOrEqual(96);

  await bench.keyboard.press('*');
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
    [768, 1024],
  ] as const) {
    await bench.setViewportSize({ width, height });
    const joint = bench.getByRole('region', { name: 'The joint' });
    const places = [
      bench.getByRole('region', { name: 'What to do now' }),
      joint.getByRole('group', { name: 'Keys' }),
      joint.getByRole('img', { name: /^The joint with its paint marks/ }),
      joint.getByText(/^Eye and hand protection/),
      bench.getByRole('contentinfo'),
    ];
    expect(await joint.evaluate((e) => [e.scrollWidth - e.clientWidth, e.scrollHeight - e.clientHeight]), `at ${String(width)} by ${String(height)}`).toEqual([
      0, 0,
    ]);
    expect(await overlaps(places), `at ${String(width)} by ${String(height)}`).toEqual([]);
  }
});

/** Which of these places lie over one another or beyond the screen. */
async function overlaps(places: Locator[]): Promise<string[]> {
  const boxes = await Promise.all(places.map((place) => place.boundingBox()));
  const screen = places[0]?.page().viewportSize();
  return boxes.flatMap((a, first) => {
    if (!a || !screen || a.x < 0 || a.y < 0 || a.x + a.width > screen.width || a.y + a.height > screen.height) return [`${String(first)} is not on the screen`];
    const over = (b: typeof a | null | undefined) => b && a.x + a.width > b.x && b.x + b.width > a.x && a.y + a.height > b.y && b.y + b.height > a.y;
    return boxes.flatMap((b, second) => (second > first && over(b) ? [`${String(first)} lies over ${String(second)}`] : []));
  });
}

test('a number typed into a screen that has come up meanwhile decides nothing there', async ({ browser }) => {
  const serial = newSerial();
  await engineIn(browser, serial, 'Edda Braskin');
  const first = await newBench(browser, `Bench of ${serial} A`);
  await atFirstBolt(first, serial);
  const second = await newBench(browser, `Bench of ${serial} B`);
  await signInAtBench(second, '1044');
  await second.getByRole('button', { name: new RegExp(serial) }).click();
  await second.getByRole('button', { name: 'Go on here' }).click();
  await expectBolt(second, 1, 1);

  await first.clock.install();
  await first.reload();
  await expect(first.getByRole('heading', { name: /Open at Bench of .* B/ })).toBeVisible();
  await first.clock.fastForward(2000);
  await type(first, '32');
  await expect(first.getByRole('heading', { name: /Open at Bench of .* B/ })).toBeVisible();
  await type(second, '32');
  await expectBolt(second, 2, 1);
  // Taken over before it is stored, the reading would rightly be set aside, and the run would stand at bolt 1.
  await expect(second.getByText('all sent')).toBeVisible();
  await first.clock.fastForward(4000);
  await first.keyboard.press('Enter');
  await expectBolt(first, 2, 1);
});
