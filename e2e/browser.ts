import { existsSync } from 'node:fs';

/** Debian's chromium, and the switches without which it asks a closed network for things. */
export const launchOptions = {
  executablePath:
    process.env.CHROMIUM ??
    ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find((path) => existsSync(path)) ??
    'chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

/** A server of the built application with the demo data. */
export const demoServer = (port: number) => ({
  command: `node --import tsx server/src/main.ts --demo --port ${port}`,
  cwd: new URL('..', import.meta.url).pathname,
  url: `http://localhost:${port}/start.json`,
  reuseExistingServer: false,
});

/** What a window of the tests is like; its server runs at this address. */
export const windowOptions = {
  baseURL: 'http://localhost:4791',
  viewport: { width: 1280, height: 800 },
  // What moves is painted many times over before it stands.
  contextOptions: { reducedMotion: 'reduce' },
  // Each fetches all of the application again; tests of what it does offline allow it.
  serviceWorkers: 'block',
} as const;
