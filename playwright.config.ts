import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tools/chromium.mjs';

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results',
  workers: 1,
  // On a machine that is busy with its first install one test may be too early; twice is a fault.
  retries: process.env.CI ? 1 : 0,
  timeout: 45_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  globalSetup: './tests/browser/setup.ts',
  use: {
    baseURL: process.env.YELBO_URL ?? 'http://127.0.0.1:8512',
    viewport: { width: 1280, height: 800 },
    storageState: 'test-results/ines.json',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
});
