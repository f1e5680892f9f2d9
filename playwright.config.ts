import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'var/e2e',
  // Every journey makes its own build and draft; most of a journey is waiting, so two share the machine well.
  workers: 2,
  fullyParallel: true,
  // Patient, since no journey measures time: a machine that does everything else meanwhile takes four times as long.
  timeout: 600_000,
  expect: { timeout: 40_000 },
  reporter: [['list']],
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:8088',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
