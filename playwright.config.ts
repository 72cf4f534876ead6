import { defineConfig } from '@playwright/test';

/** Browser tests run against the built server; each worker starts its own, see tests/e2e/support.ts. */
export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/e2e/demo-once.ts',
  // Long ways through what shorter tests see as well are for `npm run soak`.
  grepInvert: process.env.SOAK ? [] : /@soak/,
  fullyParallel: false,
  workers: 2,
  // Wide enough for a machine several times slower: what is waited for comes, or the test has found something.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: process.env.CI ? 'line' : 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Athens',
    // Each test has a browser profile of its own: a worker would fetch the whole build into each of them. The test of
    // an evening without a server allows it.
    serviceWorkers: 'block',
    // A colour read on its way from light to dark is neither's.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
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
});
