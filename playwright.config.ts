import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tools/chromium.mjs';

const SIDE_BY_SIDE = /(check|desk|given|manners|outlines|size)\.spec\.ts$/;

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results',
  workers: 2,
  // On a machine that is busy with its first install one test may be too early; twice is a fault.
  retries: process.env.CI ? 1 : 0,
  timeout: 45_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  globalSetup: './tests/browser/setup.ts',
  // Tests that only look and draw run side by side; those that share the cutter, the shop's figures
  // or the processes themselves come after, one at a time.
  projects: [
    { name: 'drawing', testMatch: SIDE_BY_SIDE },
    { name: 'line', testIgnore: SIDE_BY_SIDE, dependencies: ['drawing'], workers: 1 },
  ],
  use: {
    baseURL: process.env.YELBO_URL ?? 'http://127.0.0.1:8512',
    viewport: { width: 1280, height: 800 },
    storageState: 'test-results/ines.json',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
});
