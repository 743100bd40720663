import { availableParallelism } from 'node:os';
import { defineConfig, devices } from '@playwright/test';
import { CHROMIUM } from './tests/e2e/chromium';

/** Each spec file starts its own server on its own folder (tests/e2e/server.ts): restarts and kills are part of what is tested. */
export default defineConfig({
  testDir: './tests/e2e',
  globalSetup: './tests/e2e/global-setup.ts',
  // a page with its worker, browser and server keeps two cores busy: two at a time on two were no sooner done (184 s of 174), and each took twice as long
  workers: Math.max(1, Math.floor(availableParallelism() / 2)),
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: [['list']],
  use: {
    ...devices['Desktop Chrome'],
    viewport: { width: 1280, height: 800 },
    // the pages outside of a visit speak as the browser does
    locale: 'en-GB',
    acceptDownloads: true,
    // what a page is given must come from the server, unless a test is about the server being away
    serviceWorkers: 'block',
    actionTimeout: 30_000,
    launchOptions: CHROMIUM,
  },
});
