import { defineConfig } from '@playwright/test';

const PORT = 5190;

export default defineConfig({
  testDir: 'tests',
  workers: 3,
  fullyParallel: true,
  forbidOnly: true,
  reporter: 'list',
  timeout: 90_000,
  // Three workers share two cores with the server, since much of a test is waiting; a slow moment is no fault.
  expect: { timeout: 15_000 },
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    acceptDownloads: true,
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync'
      ]
    }
  },
  projects: [
    { name: 'desk' },
    // Days must not shift where the clock is behind UTC.
    {
      name: 'west',
      testMatch: /history/,
      grep: /version of its own|taken back|tab is killed/,
      use: { timezoneId: 'America/Los_Angeles' }
    }
  ],
  webServer: {
    command: 'node scripts/server.mjs',
    url: `http://localhost:${PORT}/api/v1/health`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false
  }
});
