import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command with its output shown; returns whether it succeeded. */
export function run(command, words, options = {}) {
  const result = spawnSync(command, words, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    ...options,
  });
  return result.status === 0;
}

/** Ends the program with a reason when a command failed. */
export function must(succeeded, reason) {
  if (succeeded) return;
  console.error(reason);
  process.exit(1);
}

/** Installs the packages when they are missing or the lock file is newer than what is installed. */
export function installPackages() {
  const installed = `${root}node_modules/.package-lock.json`;
  const isFresh =
    existsSync(installed) &&
    statSync(installed).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs - 1000;
  if (isFresh || (existsSync(installed) && sameVersions(installed))) return;
  console.log('Installing packages...');
  must(
    run('npm', ['ci', '--no-audit', '--no-fund']),
    'The packages could not be installed: is the registry reachable?',
  );
}

/** Whether what is installed is what the lock file asks for, by version. */
function sameVersions(installed) {
  const versions = (file) => JSON.parse(readFileSync(file, 'utf8')).packages;
  const wanted = versions(`${root}package-lock.json`);
  const found = versions(installed);
  return Object.entries(wanted).every(
    ([path, { version, optional, link }]) =>
      path === '' ||
      optional ||
      link ||
      !path.startsWith('node_modules/') ||
      found[path]?.version === version,
  );
}

/** Debian's chromium, installed through apt when it is missing and we are root. */
export function ensureChromium() {
  const path = ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find((candidate) => existsSync(candidate));
  if (path) return path;
  must(
    process.getuid?.() === 0,
    'The browser tests need chromium. Install it first: apt-get install chromium',
  );
  console.log('Installing chromium...');
  const quiet = { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  must(
    run('apt-get', ['update', '-qq'], quiet) && run('apt-get', ['install', '-y', '-qq', 'chromium'], quiet),
    'Chromium could not be installed.',
  );
  return '/usr/bin/chromium';
}
