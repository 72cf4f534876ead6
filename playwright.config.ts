import { defineConfig } from '@playwright/test';

const PORT = 4790;

/** Browser tests run against the built server with a database of their own, filled with the demo. */
export default defineConfig({
  testDir: 'tests/e2e',
  fullyParallel: false,
  workers: 1,
  timeout: 60_000,
  reporter: process.env.CI ? 'line' : 'list',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Athens',
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
  webServer: {
    command: `rm -rf test-results/e2e.db* && node scripts/run-ts.mjs scripts/seed.ts && node scripts/serve.mjs > test-results/server.log 2>&1`,
    url: `http://127.0.0.1:${PORT}/meals`,
    reuseExistingServer: false,
    env: { PORT: String(PORT), DATABASE_URL: 'file:test-results/e2e.db', LOG_LEVEL: 'error' },
  },
});
