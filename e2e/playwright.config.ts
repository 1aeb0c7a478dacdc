import { defineConfig } from '@playwright/test';

import { chromiumPath } from '../scripts/lib/debian.mjs';
import type { ServerOptions } from './support/test';

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true };
const wide = { viewport: { width: 1280, height: 800 } };

export default defineConfig<ServerOptions>({
  testDir: './journeys',
  globalSetup: './support/fill-once.ts',
  outputDir: './test-results',
  timeout: 180_000,
  expect: { timeout: 40_000 },
  // A journey waits for disk and server as often as it works: three keep two cores busy.
  workers: 3,
  fullyParallel: true,
  forbidOnly: !!process.env['CI'],
  // A shared machine stalls now and then; what needed a second try is named at the end.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: './test-results/report.json' }]],
  use: {
    browserName: 'chromium',
    locale: 'en-GB',
    // It keeps every piece of the app anew for each journey: only those that lose the network ask for it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: chromiumPath() ?? '/usr/bin/chromium-headless-shell',
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
    {
      name: 'two-servers',
      use: { ...phone, twoServers: true },
      // Whole conversions, hand-overs, and what two phones write at once.
      grep: /@two-servers/,
    },
    { name: 'wide', use: wide, testMatch: /whole-way\.spec\.ts/ },
    // Last, since most of its journeys are short: none is left to run alone at the end.
    // What is shown on two servers need not be shown on one again.
    { name: 'phone', use: phone, grepInvert: /@two-servers/ },
  ],
});
