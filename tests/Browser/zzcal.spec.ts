import { test } from '@playwright/test';
import { atDesk } from './shop';
test('cal', async ({ browser }) => {
  const crib = await atDesk(browser, 'crib');
  await crib.setViewportSize({ width: 1280, height: 800 });
  await crib.goto('/crib/tools/TW-11/calibrate');
  await crib.getByLabel('Number of the certificate').fill('FC-1');
  await crib.getByRole('button', { name: 'On to the readings' }).click();
  const vals = ['11.4','11.5','11.45','11.5','11.5','34.0','34.1','34.2','34.1','34.0','59.2','59.1','59.2','59.3'];
  await crib.getByLabel('As found at 12 N·m, reading 1').focus();
  for (const v of vals) { await crib.keyboard.type(v); await crib.keyboard.press('Enter'); }
  await crib.waitForTimeout(900);
  await crib.screenshot({ path: '/tmp/w/look-cal2.png' });
});
