import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

/** Processes of this browser. */
const processesOf = (profile: string): string[] =>
  readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(profile);
    } catch {
      return false;
    }
  });

/** Begins to look anew for the largest memory of each. */
export function forgetMemory(profile: string): void {
  for (const pid of processesOf(profile)) writeFileSync(`/proc/${pid}/clear_refs`, '5');
}

/** Largest memory that one of them has had since, megabytes. */
export function mostMemory(profile: string): number {
  const peaks = processesOf(profile).map((pid) => {
    const [, kilobytes = '0'] = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
    return Number(kilobytes) / 1000;
  });
  return Math.max(0, ...peaks);
}
