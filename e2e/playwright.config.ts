import { defineConfig } from '@playwright/test';

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true };
const wide = { viewport: { width: 1280, height: 800 } };

export default defineConfig({
  testDir: './journeys',
  outputDir: './test-results',
  timeout: 90_000,
  expect: { timeout: 25_000 },
  workers: 2,
  fullyParallel: false,
  forbidOnly: !!process.env['CI'],
  retries: 0,
  reporter: [['list'], ['json', { outputFile: './test-results/report.json' }]],
  use: {
    browserName: 'chromium',
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
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
  projects: [
    { name: 'phone', use: phone },
    { name: 'wide', use: wide, testMatch: /(whole-way|every-screen)\.spec\.ts/ },
  ],
});
