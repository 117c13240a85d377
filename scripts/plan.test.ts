import { expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const run = (input: string, ...words: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/plan.ts', ...words], {
    cwd: fileURLToPath(new URL('..', import.meta.url)),
    env: { ...process.env, NODE_OPTIONS: '' },
    input,
    encoding: 'utf8',
  });

test('a plan comes on standard output; a bad request is one line on standard error and exit 2', () => {
  const ends = [{ connector: 'tnc-plug-50-crimp-5' }, { connector: 'tnc-plug-50-crimp-5' }];
  const good = run(JSON.stringify({ cable: 'rg-223', length: '2 m', ends }), '-');
  expect(good.status).toBe(0);
  expect(JSON.parse(good.stdout)).toMatchObject({ refusal: null, cutLengthMm: expect.any(Number) });
  const bad = run(JSON.stringify({ cable: 'rg-223', length: 'far', ends }), '-');
  expect([bad.status, bad.stdout, bad.stderr.trim().split('\n')]).toEqual([
    2,
    '',
    ['length: found "far", expected a length with its unit, such as "2 m".'],
  ]);
  expect(run('').status).toBe(2);
  expect(run('', '--all').stderr).toMatch(/Usage/);
  expect(run('', 'no-such-file.json').stderr).toMatch(/^FILE: found "no-such-file.json"/);
});
