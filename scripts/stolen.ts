import { readFileSync } from 'node:fs';

/** What the processors did since the machine started, in its ticks; nothing where the system does not tell. */
function ticks(): { readonly all: number; readonly stolen: number } | undefined {
  try {
    const [, ...counted] = readFileSync('/proc/stat', 'utf8').split('\n')[0]!.trim().split(/\s+/);
    // User, nice, system, idle, waiting, interrupts, soft interrupts, stolen: what follows stands in user already.
    const shares = counted.slice(0, 8).map(Number);
    return { all: shares.reduce((sum, share) => sum + share, 0), stolen: shares[7] ?? 0 };
  } catch {
    return undefined;
  }
}

let before = ticks();

/**
 * In words, how much of the processors' time since the last question went to other machines of the same host: what was
 * measured meanwhile took so much longer. Nothing where it was little.
 */
export function stolenWords(): string {
  const now = ticks();
  const share = now && before ? (now.stolen - before.stolen) / Math.max(1, now.all - before.all) : 0;
  before = now;
  return share < 0.05 ? '' : ` (other machines took ${Math.round(100 * share)} % of the time)`;
}
