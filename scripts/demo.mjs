import { spawn } from 'node:child_process';
import { installPackages, must, root, run } from './setup.mjs';

/** Installs what is missing, builds, and starts the server with the demo data. */
installPackages();
console.log('Building...');
must(run('npm', ['run', 'build', '--silent']), 'The build failed.');
const server = spawn(
  process.execPath,
  ['--import', 'tsx', 'server/src/main.ts', '--demo', ...process.argv.slice(2)],
  { cwd: root, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
