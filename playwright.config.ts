import { availableParallelism } from 'node:os';
import { defineConfig, devices } from '@playwright/test';
import { CHROMIUM } from './tests/e2e/chromium';

/** Each spec file starts its own server on its own folder (tests/e2e/server.ts): restarts and kills are part of what is tested. */
export default defineConfig({
  testDir: './tests/e2e',
  globalSetup: './tests/e2e/global-setup.ts',
  // a spec's own server, browser and waiting leave half a core free: two at a time where there are two
  workers: Math.min(2, availableParallelism()),
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
