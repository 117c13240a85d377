import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createApp } from './app.ts';
import { readCommandLine, usualPort } from './options.ts';

const build = mkdtempSync(join(tmpdir(), 'build-'));
mkdirSync(join(build, 'assets'));
writeFileSync(join(build, 'index.html'), '<!doctype html><title>page</title>');
writeFileSync(join(build, 'assets', 'app-1.js'), 'export {};');
writeFileSync(join(build, 'assets', 'app-1.js.br'), brotliCompressSync('export {};'));

describe('serving the build', () => {
  let address = '';
  let server: ReturnType<ReturnType<typeof createApp>['listen']>;
  beforeAll(async () => {
    server = createApp({ build, firstData: 'demo' }).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(() => {
    server.close();
  });

  test('any address of the app gets the page, with no inline scripts allowed and no framing', async () => {
    const response = await fetch(`${address}/leads/7/strip`);
    expect(await response.text()).toContain('<title>page</title>');
    const policy = response.headers.get('content-security-policy')!;
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(response.headers.get('x-powered-by')).toBeNull();
  });

  test('hashed files are kept for good, the page is not; a missing file is not answered with the page', async () => {
    expect((await fetch(`${address}/assets/app-1.js`)).headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${address}/`)).headers.get('cache-control')).toBe('no-cache');
    expect((await fetch(`${address}/assets/gone.js`)).status).toBe(404);
  });

  test('who takes it gets a file as the build compressed it, others as it is', async () => {
    const asked = (encoding: string) =>
      fetch(`${address}/assets/app-1.js`, { headers: { 'accept-encoding': encoding } });
    const small = await asked('gzip, br');
    expect(small.headers.get('content-encoding')).toBe('br');
    expect(small.headers.get('content-type')).toContain('javascript');
    expect(small.headers.get('cache-control')).toContain('immutable');
    expect(await small.text()).toBe('export {};');
    const plain = await asked('identity');
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(await plain.text()).toBe('export {};');
  });

  test('nothing outside the build can be reached', async () => {
    const response = await fetch(`${address}/..%2f..%2f..%2fetc%2fpasswd`);
    expect(await response.text()).not.toContain('root:');
  });

  test.each(['/%', '/assets/%00', '/assets/%', '/assets/gone.js', '/%E0%A4%A'])(
    'what cannot be answered at %s is said without a path or a stack',
    async (path) => {
      const response = await fetch(`${address}${path}`);
      const text = await response.text();
      expect([response.status >= 400, /node_modules|[/\\]\w+[/\\]|\bat\b /.test(text)]).toEqual([
        true,
        false,
      ]);
      expect(text).toMatch(/^(There is no such file here|This address cannot be read)\.$/);
    },
  );

  test('says what an empty database starts with', async () => {
    expect(await (await fetch(`${address}/start.json`)).json()).toEqual({ firstData: 'demo' });
  });
});

test('without a build it says what to do', () => {
  expect(() => createApp({ build: '/nowhere', firstData: 'empty' })).toThrow(/npm run build/);
});

describe('command line', () => {
  test('one usual port, another on demand', () => {
    expect(readCommandLine([])).toEqual({ port: usualPort, firstData: 'empty', otherPort: false });
    expect(readCommandLine(['--demo', '--port', '5000'])).toEqual({
      port: 5000,
      firstData: 'demo',
      otherPort: true,
    });
  });
  test.each([['--port', '80'], ['--port', 'x'], ['--port'], ['--prot']])('refuses %s %s', (...words) => {
    expect(() => readCommandLine(words.filter(Boolean))).toThrow(/expected/i);
  });
});
