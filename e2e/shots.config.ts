import { defineConfig } from '@playwright/test';
import { demoServer, launchOptions, windowOptions } from './browser.ts';

/** Not a test: drives the demo and writes the pictures of docs/screenshots. */
export default defineConfig({
  testDir: '.',
  testMatch: 'shots.ts',
  workers: 1,
  timeout: 120_000,
  reporter: 'list',
  outputDir: '../test-results',
  use: { ...windowOptions, launchOptions },
  webServer: demoServer(4791),
});
