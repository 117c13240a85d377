import { defineConfig } from '@playwright/test';
import { demoServer, launchOptions } from './e2e/browser.ts';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  workers: 2,
  fullyParallel: true,
  timeout: 180_000,
  expect: { timeout: 20_000 },
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
    trace: 'retain-on-failure',
  },
  webServer: demoServer(4791),
});
