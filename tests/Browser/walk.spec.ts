import { expect } from '@playwright/test';
import { answerCall } from './hand';
import { coreReady, newBench, signInAtBench, test } from './shop';

test.use({ actionTimeout: 15_000 });

/** More calls than that go round in a circle. */
const MOST = 600;

for (const badges of [
  { own: '1041', second: '1042' },
  { own: '1043', second: '1044' },
]) {
  test(`@walk every procedure on the hook of ${badges.own} is carried out to its end by whoever reads the screen and answers it`, async ({ browser }) => {
    test.setTimeout(3_600_000);
    const bench = await newBench(browser, `Bench of ${badges.own}`);
    await signInAtBench(bench, badges.own);
    await bench.clock.install();
    // The first list of the hook is one's own; what is open in other hands hangs below.
    const card = bench
      .getByRole('list')
      .first()
      .getByRole('button', { name: /WALK\d\d-26-0001/ })
      .first();
    const hand = { ...badges, scales: new Map<string, string>() };
    const walked: string[] = [];
    await expect(card).toBeVisible();
    while (await card.isVisible()) {
      const serial = /WALK\d\d/.exec((await card.textContent()) ?? '')?.[0] ?? '';
      await test.step(serial, async () => {
        await card.click();
        await coreReady(bench);
        let calls = 0;
        while (!(await answerCall(bench, hand))) expect(++calls, serial).toBeLessThan(MOST);
        walked.push(`${serial}: ${String(calls)} calls`);
      });
      await bench.goto('/bench');
      await expect(bench.getByRole('heading', { name: /’s hook$/ })).toBeVisible();
      await expect(bench.getByRole('button', { name: /-26-/ }).first()).toBeVisible();
      await expect(bench.getByRole('button', { name: new RegExp(serial) })).toHaveCount(0);
    }
    expect(walked.length).toBeGreaterThan(2);
    console.log(walked.join('\n'));
  });
}
