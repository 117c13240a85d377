import { ensureChromium, installPackages, must, run } from './setup.mjs';

/** Drives the demo and writes every picture in docs/screenshots. */
installPackages();
const chromium = ensureChromium();
must(run('npm', ['run', 'build', '--silent']), 'The build failed.');
must(
  run('npx', ['playwright', 'test', '--config', 'e2e/shots.config.ts'], {
    env: { ...process.env, CHROMIUM: chromium },
  }),
  'The pictures could not be taken.',
);
