import { defineConfig } from '@playwright/test';
import { demoServer, launchOptions } from './e2e/browser.ts';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  workers: 2,
  fullyParallel: true,
  // A busy machine is waited for: what never comes fails all the same.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  forbidOnly: true,
  reporter: [
    ['list'],
    ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ?? '.reports/browser.json' }],
  ],
  outputDir: 'test-results',
  use: {
    baseURL: 'http://localhost:4791',
    viewport: { width: 1280, height: 800 },
    launchOptions,
    // Each fetches all of the application again; tests of what it does offline allow it.
    serviceWorkers: 'block',
    // A trace of every step doubles the time of the whole run: TRACE=1 when one is wanted.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
  webServer: demoServer(4791),
});
