import { expect } from '@playwright/test';
import { enterBadge, atFirstBolt, engineIn, expectBolt, newBench, type, test } from './shop';
test('look', async ({ browser }) => {
  test.setTimeout(120_000);
  const bench = await newBench(browser, 'Bench zz');
  const shot = (n: string) => bench.screenshot({ path: `/tmp/w/K-${n}.png` });
  const serial = `TN3-27-${String(1000 + Math.floor(Math.random() * 8999))}`;
  await engineIn(browser, serial, 'Edda Braskin');
  await atFirstBolt(bench, serial);
  await type(bench, '31.8');
  await expectBolt(bench, 2, 1);
  await type(bench, '32.1');
  await expectBolt(bench, 3, 1);
  await bench.getByRole('button', { name: 'Something is wrong' }).click();
  await bench.getByRole('button', { name: /gave way/ }).click();

  await bench.getByText('What it costs').waitFor();
  await bench.waitForTimeout(300);
  await shot('cost-gave-way');
  await bench.waitForTimeout(400);
  await bench.keyboard.press('1');
  await bench.keyboard.press('Enter');
  await bench.locator('[data-shape=cracked]').waitFor();
  await bench.waitForTimeout(300);
  await shot('stop-gave-way');
  await bench.waitForTimeout(900);
  await bench.keyboard.press('9');
  await bench.getByText('Do it again').waitFor();
  await shot('lead');
  await bench.waitForTimeout(400);
  await bench.keyboard.press('1');
  await bench.waitForTimeout(200);
  await shot('lead-word');
  await bench.waitForTimeout(500);
  await enterBadge(bench, '1001');
  await bench.locator('[data-shape]').waitFor();
  await bench.waitForTimeout(1200);
  await shot('after-decided');
  for (let i = 0; i < 12; i++) {
    const t = await bench.locator('main').first().innerText();
    const k = await bench.locator('footer button').first().innerText();
    console.log(i, k.replace(/\n/g, ' '), '|', t.split('\n').slice(0, 4).join(' / '));
    if (!/^\*/.test(k)) break;
    await bench.keyboard.press('*');
    await bench.waitForTimeout(1400);
    if (await bench.getByLabel('Badge: scan it or type its number').isVisible()) {
      await shot('accept');
      await enterBadge(bench, '1001');
      await bench.waitForTimeout(1500);
    }
    if (await bench.getByLabel(/What was put in/).isVisible()) {
      await bench.keyboard.type('insert');
      await bench.keyboard.press('*');
      await bench.waitForTimeout(1400);
    }
  }
  await shot('after-all');
});
