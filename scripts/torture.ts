import { spawn } from 'node:child_process';
import { parseArgs } from 'node:util';
import { killBrowsers } from '../e2e/kills.ts';

/** Kills browsers at work and looks what they have lost: `npm run torture -- --kills 200 --seed 1`. */
const { values } = parseArgs({
  options: { kills: { type: 'string', default: '200' }, seed: { type: 'string', default: '1' } },
});
const port = 4793;
const address = `http://127.0.0.1:${port}`;

async function reached(): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    const answer = await fetch(`${address}/start.json`).catch(() => undefined);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error('The server did not start. Run npm run build first.');
}

const server = spawn(
  process.execPath,
  ['--import', 'tsx', 'server/src/main.ts', '--demo', '--port', String(port)],
  { stdio: 'ignore' },
);
try {
  await reached();
  const kills = Number(values.kills);
  const losses = await killBrowsers({
    kills,
    seed: Number(values.seed),
    address,
    onKill: (done) => done % 10 === 0 && console.log(`${done} of ${kills} kills`),
  });
  for (const { kill, message } of losses) console.log(`kill ${kill}: ${message}`);
  console.log(`${losses.length} losses in ${kills} kills`);
  process.exitCode = losses.length === 0 ? 0 : 1;
} finally {
  server.kill();
}
