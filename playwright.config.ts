import { defineConfig } from '@playwright/test';
import { readFileSync } from 'node:fs';

/** Chosen free by whoever starts the tests. */
const PORT = process.env.TEST_PORT;
if (!PORT) throw new Error('Start the tests by npm test or npm run test:e2e, which choose a free port.');

const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };
/** What is new was read already: only its own test has it told. */
const seen = [{ name: 'jarvel.version', value: version }];

export default defineConfig({
  testDir: 'tests',
  workers: 3,
  fullyParallel: true,
  forbidOnly: true,
  reporter: 'list',
  // A second try tells a test that depends on luck from one that fails always; where the whole is checked it fails too.
  retries: 1,
  failOnFlakyTests: process.env.CI !== undefined,
  // Nothing here takes long; the limits are those of a busy machine several times slower.
  timeout: 180_000,
  expect: { timeout: 45_000 },
  use: {
    baseURL: `http://localhost:${PORT}`,
    storageState: { cookies: [], origins: [{ origin: `http://localhost:${PORT}`, localStorage: seen }] },
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    acceptDownloads: true,
    // Only its own test has what works without network: everywhere else it would fetch the whole application.
    serviceWorkers: 'block',
    // A colour on its way from one theme to the other is neither.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A microphone that beeps, and leave to use it.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream'
      ]
    }
  },
  projects: [
    { name: 'desk' },
    // Days must not shift where the clock is far behind UTC, or far ahead of it.
    { name: 'west', grep: /@zones/, use: { timezoneId: 'America/Los_Angeles' } },
    { name: 'east', grep: /@zones/, use: { timezoneId: 'Pacific/Kiritimati' } }
  ],
  webServer: {
    command: 'node build/index.js',
    url: `http://localhost:${PORT}/api/v1/health`,
    env: { PORT },
    timeout: 120_000,
    reuseExistingServer: false
  }
});
