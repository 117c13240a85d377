import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, installPackages, root, run } from './setup.mjs';

/** Every check of the project. The last line carries the real sums of the two runners. */
installPackages();
const chromium = ensureChromium();
const reports = `${root}.reports`;
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports);

const broken = [];
const check = (name, words, options) => {
  console.log(`\n== ${name}`);
  if (!run('npm', ['run', '--silent', ...words], options)) broken.push(name);
};
const report = (file) =>
  existsSync(`${reports}/${file}`) ? JSON.parse(readFileSync(`${reports}/${file}`, 'utf8')) : undefined;

check('type check', ['typecheck']);
check('lint', ['lint']);
check('unit tests', ['unit', '--', '--json', `--outputFile=${reports}/unit.json`]);
check('build', ['build']);
check('size', ['size']);
check('browser tests', ['browser'], {
  env: { ...process.env, CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: `${reports}/browser.json` },
});

const unit = report('unit.json');
const browser = report('browser.json')?.stats;
const passed = (unit?.numPassedTests ?? 0) + (browser?.expected ?? 0);
const failed =
  (unit?.numFailedTests ?? 0) +
  (unit?.numRuntimeErrorTestSuites ?? 0) +
  (browser?.unexpected ?? 0) +
  (browser?.flaky ?? 0);
if (broken.length > 0) console.log(`\nNot passed: ${broken.join(', ')}`);
// A check that is no test still counts as one failure, so that the sums never look whole when it is not.
const others = broken.filter((name) => !name.endsWith('tests')).length + (unit ? 0 : 1) + (browser ? 0 : 1);
console.log(`\n${passed} passed, ${failed + others} failed`);
process.exit(broken.length + failed + others > 0 ? 1 : 0);
