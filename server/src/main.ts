import { fileURLToPath } from 'node:url';
import { createApp } from './app.ts';
import { Bridge } from './bridge/bridge.ts';
import { readInstruments } from './bridge/config.ts';
import { serveBridge } from './bridge/socket.ts';
import { readCommandLine } from './options.ts';
import { startSimulated } from './simulated/simulated.ts';

const { port, firstData, instruments, otherPort } = readCommandLine(process.argv.slice(2));
const build = fileURLToPath(new URL('../../web/dist', import.meta.url));
const configured = instruments === undefined ? [] : readInstruments(instruments);
const simulated = firstData === 'demo' ? (await startSimulated()).instruments : [];

const server = createApp({ build, firstData }).listen(port, '127.0.0.1');
serveBridge(server, new Bridge([...configured, ...simulated]));
server.on('listening', () => {
  console.log(`Gorvane is at http://localhost:${port}/`);
  for (const { label, host, port: at } of [...configured, ...simulated])
    console.log(`  ${label}: SCPI at ${host}:${at}`);
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
