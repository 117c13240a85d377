import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';

/** A server of the built application; whoever has it stops it. */
export const serve = (port: number, ...options: string[]): ChildProcess =>
  spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts', '--port', String(port), ...options], {
    stdio: 'ignore',
  });

/** Until a server answers, at most a minute. */
export async function answers(address: string): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    if ((await fetch(`${address}/start.json`).catch(() => undefined))?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error(
    `No server answers at ${address}. Run npm run build first, and see that nothing else has its port.`,
  );
}
