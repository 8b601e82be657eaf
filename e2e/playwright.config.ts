import { defineConfig } from '@playwright/test';
import { existsSync } from 'node:fs';
import { delimiter, join } from 'node:path';

/** CHROMIUM_PATH, or the first of Debian's browsers on the PATH: `npm test` may have installed either of them. */
const browser =
  process.env.CHROMIUM_PATH ??
  ['chromium-headless-shell', 'chromium']
    .flatMap((name) => (process.env.PATH ?? '').split(delimiter).map((dir) => join(dir, name)))
    .find((path) => existsSync(path)) ??
  '/usr/bin/chromium';

const port = Number(process.env.E2E_PORT ?? 8799);
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export default defineConfig({
  testDir: './tests',
  outputDir: './test-results',
  // A page waits for storage and for its own workers half of the time: three fill two cores.
  workers: 3,
  timeout: 60_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  // A test that fails once has failed: what is flaky is a race, in the test or in the application.
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    actionTimeout: 15_000,
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Kept pages would answer in place of the server; its own test lets it in.
    serviceWorkers: 'block',
    timezoneId: 'UTC',
    colorScheme: 'light',
    // A sheet that slides in is waited for, and a pot that bubbles takes time from the tests: motion is looked at by hand.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: browser, args },
  },
  projects: [
    { name: 'cook', testIgnore: /pictures/ },
    { name: 'measure', testMatch: /measure/ },
    { name: 'pictures', testMatch: /pictures/ },
  ],
  webServer: {
    command: 'node --import tsx src/main.ts',
    cwd: '../server',
    env: { PORT: String(port), IRONPAN_REALM: 'kitchen' },
    url: `http://127.0.0.1:${port}/healthz`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
  },
});
