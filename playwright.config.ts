import { defineConfig } from '@playwright/test';
import { demoServer, launchOptions, windowOptions } from './e2e/browser.ts';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  // More than there are processors: each waits for the others a fifth of its time.
  workers: 3,
  fullyParallel: true,
  // The longest test begins first, or one worker has nothing to do while the other is at it.
  projects: [
    { name: 'kills', testMatch: 'kills.spec.ts' },
    { name: 'screens', testIgnore: 'kills.spec.ts' },
  ],
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
    ...windowOptions,
    launchOptions,
    // A trace of every step doubles the time of the whole run: TRACE=1 when one is wanted.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
  webServer: demoServer(4791),
});
