import { installPackages, must, run } from './setup.mjs';

/** Vite with hot reload, for work on the code. The demo data are loaded from House. */
installPackages();
must(
  run(process.execPath, ['--import', 'tsx', 'scripts/demo-rows.ts']),
  'The demo data could not be written.',
);
run('npm', ['run', 'dev', '--workspace', 'web']);
