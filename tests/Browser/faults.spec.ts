import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { type Page, expect } from '@playwright/test';
import { atDesk, atFirstBolt, engineFor, expectBolt, newBench, newSerial, type, test } from './shop';

/** Run by bin/tekkal test faults only: the instance is its own, and its services are killed. */
const data = process.env.TEKKAL_DATA ?? '';

const KILLED = ['mariadb', 'php-fpm', 'nginx'] as const;

const pidOf = (service: (typeof KILLED)[number]): string =>
  readFileSync(`${data}/run/${service === 'mariadb' ? 'mariadb.pid' : `${service}.group`}`, 'utf8').trim();

/** Gives the number of what was killed. */
function kill(service: (typeof KILLED)[number]): string {
  const pid = pidOf(service);
  execFileSync('kill', ['-KILL', pid]);
  return pid;
}

/**
 * What a killed nginx leaves behind goes on answering until its successor ends it; then nobody listens for a moment, and a
 * desk that asks just then is told so. Whoever wants to see something else waits until the successor answers.
 */
async function startedAnew(page: Page, killed: string): Promise<void> {
  await expect.poll(() => pidOf('nginx')).not.toBe(killed);
  await expect
    .poll(() =>
      page.request.get('/').then(
        (answer) => answer.ok(),
        () => false,
      ),
    )
    .toBe(true);
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
    let killed = '';
    for (const [i, service] of KILLED.entries()) {
      killed = kill(service);
      await type(bench, '32.5');
      await expectBolt(bench, i + 3, 1);
    }
    await startedAnew(lead, killed);
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
