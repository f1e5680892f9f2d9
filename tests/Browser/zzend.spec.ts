import { coreReady, engineIn, newBench, signInAtBench, test } from './shop';
import { answerCall } from './hand';
test('end', async ({ browser }) => {
  test.setTimeout(120_000);
  const bench = await newBench(browser, 'Bench zz');
  const shot = (n: string) => bench.screenshot({ path: `/tmp/w/K-${n}.png` });
  const serial = `TN3-27-${String(1000 + Math.floor(Math.random() * 8999))}`;
  await engineIn(browser, serial, 'Edda Braskin');
  await signInAtBench(bench, '1044');
  await bench.clock.install();
  await bench.getByRole('button', { name: new RegExp(serial) }).click();
  await coreReady(bench);
  const hand = { own: '1044', second: '1042', scales: new Map<string, string>() };
  for (let i = 0; i < 60; i++) {
    if ((await bench.locator('h1').first().innerText()).startsWith('Final look')) break;
    await answerCall(bench, hand);
  }
  await shot('final');
  await bench.setViewportSize({ width: 768, height: 1024 });
  await shot('final-768');
  await bench.setViewportSize({ width: 1280, height: 800 });
  await bench.clock.fastForward(2000);
  await bench.keyboard.press('6');
  await bench.clock.fastForward(500);
  await bench.keyboard.press('*');
  await bench.clock.fastForward(500);
  await shot('final-differs');
  await bench.keyboard.press('Enter');
  await bench.clock.fastForward(2000);
  await bench.locator('[data-shape]').waitFor();
  await shot('stop-not-proved');
  await bench.clock.fastForward(2000);
  await bench.keyboard.press('*');
  for (let i = 0; i < 60; i++) {
    await bench.clock.fastForward(3000);
    const h = await bench.locator('h1').first().innerText();
    console.log(h.replace(/\n/g, ' '));
    if (h.startsWith('Somebody else')) break;
    if (await bench.locator('[data-shape]').isVisible()) {
      await bench.keyboard.press('*');
      continue;
    }
    await answerCall(bench, hand);
  }
  await shot('second');
  await bench.clock.fastForward(2000);
  await bench.keyboard.press('Enter');
  await bench.getByText('Whoever has looked').waitFor();
  await shot('second-badge');
  await answerCall(bench, hand);
  await bench.getByText('I did this').waitFor();
  await shot('sign');
  await answerCall(bench, hand);
  await bench.clock.fastForward(1000);
  await shot('finished');
});
