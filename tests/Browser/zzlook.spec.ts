import { test } from '@playwright/test';
import { atDesk } from './shop';
test('look', async ({ browser }) => {
  const crib = await atDesk(browser, 'crib');
  crib.on('response', (r) => { if (r.url().includes('/api/') && r.status() >= 400) void r.text().then((t) => console.log(r.status(), r.url(), t.slice(0, 600))); });
  await crib.setViewportSize({ width: 1280, height: 800 });
  for (const [name, path] of (process.env.LOOK ?? 'board:/crib').split(' ').map((p) => p.split(':'))) {
    const t = Date.now();
    await crib.goto(path!);
    await crib.getByText('Fetching').waitFor({ state: 'hidden', timeout: 6000 }).catch(() => console.log('still fetching'));
    console.log(name, Date.now() - t);
    await crib.waitForTimeout(500);
    await crib.screenshot({ path: `/tmp/w/look-${name}.png`, fullPage: process.env.FULL === '1' });
  }
});
