import { defineConfig } from '@playwright/test';
// @ts-expect-error a plain script without types
import { CHROMIUM_ARGS } from '../tools/lib/chromium.mjs';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  globalSetup: './globalSetup.ts',
  fullyParallel: false,
  workers: 2,
  // Three times what the slowest test took on a busy two-core machine.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  use: {
    // A click that finds nothing should say so long before the whole test is given up.
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // What a worker fetches goes past the routes of a test; the test of opening without the server has its own.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: CHROMIUM_ARGS,
    },
  },
});
