import { fileURLToPath } from 'node:url';
import { createApp } from './app.ts';
import { readCommandLine } from './options.ts';

const { port, firstData, otherPort } = readCommandLine(process.argv.slice(2));
const build = fileURLToPath(new URL('../../web/dist', import.meta.url));

const server = createApp({ build, firstData }).listen(port, '127.0.0.1');
server.on('listening', () => {
  console.log(`Gorvane is at http://localhost:${port}/`);
  if (otherPort) console.log('Note: every address keeps its own data in the browser.');
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop what uses it, or choose another with --port N (another address has its own data).`
      : error.message,
  );
  process.exit(1);
});
