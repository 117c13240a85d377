import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';

/** A server of the built application; whoever has it stops it. @throws where another answers there: it would be measured. */
export async function serve(port: number, ...options: string[]): Promise<ChildProcess> {
  const address = `http://127.0.0.1:${port}`;
  if (await isAnswered(address))
    throw new Error(
      `Another server answers at ${address} already. End it first: it may have an older build.`,
    );
  const server = spawn(
    process.execPath,
    ['--import', 'tsx', 'server/src/main.ts', '--port', String(port), ...options],
    { stdio: 'ignore' },
  );
  // It does not outlive a script that breaks off.
  process.once('exit', () => server.kill());
  return server;
}

/** Until a server answers, at most a minute. */
export async function answers(address: string): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    if (await isAnswered(address)) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error(`No server answers at ${address} after a minute. It needs a build: npm run build.`);
}

async function isAnswered(address: string): Promise<boolean> {
  const response = await fetch(`${address}/start.json`).catch(() => undefined);
  return response?.ok === true;
}
