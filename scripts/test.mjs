import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, installPackages, root } from './setup.mjs';

/** Every check of the project, with what each took. The last line carries the real sums of the two runners. */
installPackages();
const chromium = ensureChromium();
const reports = `${root}.reports`;
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports);

const broken = [];
const took = [];

/** Runs one check; what it prints is held until it ends, so that checks beside one another stay readable. */
function check(name, words, env = {}) {
  const started = Date.now();
  const child = spawn('npm', ['run', '--silent', ...words], {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const printed = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => printed.push(chunk));
  return new Promise((resolve) => {
    child.on('close', (code) => {
      const seconds = Math.round((Date.now() - started) / 1000);
      took.push([name, seconds]);
      console.log(`\n== ${name}: ${code === 0 ? 'passed' : 'NOT PASSED'} in ${seconds} s`);
      process.stdout.write(Buffer.concat(printed));
      if (code !== 0) broken.push(name);
      resolve();
    });
  });
}

const report = (file) =>
  existsSync(`${reports}/${file}`) ? JSON.parse(readFileSync(`${reports}/${file}`, 'utf8')) : undefined;

async function readAndBuild() {
  await check('type check', ['typecheck']);
  await check('lint', ['lint']);
  await check('build', ['build']);
  await check('size', ['size']);
}

console.log('Type check, lint and build run beside the unit tests...');
await Promise.all([
  readAndBuild(),
  check('unit tests', ['unit:whole', '--', '--json', `--outputFile=${reports}/unit.json`]),
]);
console.log('\nBrowser tests run...');
await check('browser tests', ['browser'], {
  CHROMIUM: chromium,
  PLAYWRIGHT_JSON_OUTPUT_NAME: `${reports}/browser.json`,
});

const unit = report('unit.json');
const browser = report('browser.json')?.stats;
const passed = (unit?.numPassedTests ?? 0) + (browser?.expected ?? 0);
const failed =
  (unit?.numFailedTests ?? 0) +
  (unit?.numRuntimeErrorTestSuites ?? 0) +
  (browser?.unexpected ?? 0) +
  (browser?.flaky ?? 0);
console.log(`\n${took.map(([name, seconds]) => `${name} ${seconds} s`).join(', ')}`);
if (broken.length > 0) console.log(`Not passed: ${broken.join(', ')}`);
// A check that is no test still counts as one failure, so that the sums never look whole when it is not.
const others = broken.filter((name) => !name.endsWith('tests')).length + (unit ? 0 : 1) + (browser ? 0 : 1);
console.log(`\n${passed} passed, ${failed + others} failed`);
process.exit(broken.length + failed + others > 0 ? 1 : 0);
