import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { atDesk, atFirstBolt, engineFor, expectBolt, newBench, newSerial, type, test } from './shop';

/** Run by bin/tekkal test faults only: the instance is its own, and its services are killed. */
const data = process.env.TEKKAL_DATA ?? '';

function kill(service: string): void {
  const pid = readFileSync(`${data}/run/${service === 'mariadb' ? 'mariadb.pid' : `${service}.group`}`, 'utf8').trim();
  execFileSync('kill', ['-KILL', pid]);
}

function supervisor(...words: string[]): void {
  execFileSync('supervisorctl', ['-c', `${data}/etc/supervisord.conf`, ...words], { stdio: 'ignore' });
}

test('@faults while the server is down the bench says what it keeps, goes on, and loses nothing when services die under it', async ({ browser }) => {
  const serial = newSerial();
  const lead = await atDesk(browser, 'lead');
  await engineFor(lead, serial, 'Edda Braskin');
  const bench = await newBench(browser, `Bench of ${serial}`);
  await atFirstBolt(bench, serial);
  await expect(bench.getByText('all sent')).toBeVisible();

  await test.step('PHP is stopped: the reading is kept, the sentence says so, the next bolt is called', async () => {
    supervisor('stop', 'php-fpm');
    await type(bench, '31.5');
    await expectBolt(bench, 2, 1);
    await expect(bench.getByText(/1 kept here/)).toBeVisible();
    await expect(bench.getByText('The application is not answering. What you typed is kept; try again in a moment.')).toBeVisible();
    supervisor('start', 'php-fpm');
    await expect(bench.getByText('all sent')).toBeVisible();
  });

  await test.step('services are killed between two readings', async () => {
    for (const [i, service] of ['mariadb', 'php-fpm', 'nginx'].entries()) {
      kill(service);
      await type(bench, '32.5');
      await expectBolt(bench, i + 3, 1);
    }
    await expect(bench.getByText('all sent')).toBeVisible();
  });

  await test.step('the desk that asks meanwhile is told plainly, keeps what was typed, and goes on', async () => {
    supervisor('stop', 'php-fpm');
    await lead.getByRole('link', { name: 'Crib', exact: true }).click();
    await expect(lead.getByText('The application is not answering. What you typed is kept; try again in a moment.')).toBeVisible();
    supervisor('start', 'php-fpm');
    await lead.getByRole('button', { name: 'Try again' }).click();
    await expect(lead.getByRole('heading', { name: 'Crib' })).toBeVisible();
    await lead.goto(`/audit?serial=${serial}`);
    await lead.getByRole('link', { name: serial }).click();
    await expect(lead.getByText('Main caps: 4 measured and in.')).toBeVisible();
  });
});
