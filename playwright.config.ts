import { defineConfig } from '@playwright/test';
import { SHOPS } from './tests/browser/shops';
import { chromiumOptions } from './tools/chromium.mjs';

const LONGEST = /outlines\.spec\.ts$/;

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/failed',
  // Tests of one file come one after the other in one shop; files side by side in two.
  workers: SHOPS.length,
  // On a machine that is busy with its first install one test may be too early; twice is a fault.
  retries: process.env.CI ? 1 : 0,
  timeout: 90_000,
  expect: { timeout: 20_000 },
  // Where the checks ask for it, how long each took is written down.
  reporter: process.env.YELBO_TIMES ? [['list'], ['json', { outputFile: process.env.YELBO_TIMES }]] : [['list']],
  // The longest first, so that nothing waits for it at the end.
  projects: [
    { name: 'outlines', testMatch: LONGEST },
    { name: 'line', testIgnore: LONGEST },
  ],
  globalSetup: './tests/browser/setup.ts',
  globalTeardown: './tests/browser/teardown.ts',
  use: {
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    // Nothing slides: what is tried is where it ends up.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: chromiumOptions,
  },
});
