import type { LookAtRecords } from '@gorvane/core/file/archive-zip.ts';
import { wrap } from 'comlink';
import type { RecordsWork } from '../work/records.worker.ts';

/** Fewer files than these are read sooner than a worker has started. */
const leastFiles = 20;

/**
 * A second worker that looks at records while the first reads, sums up and writes; it ends with the first. Undefined where
 * it is not worth it or cannot be had: the first does it all then.
 */
export function lookBeside(files: number): LookAtRecords | undefined {
  if (files < leastFiles || typeof Worker === 'undefined') return undefined;
  const worker = new Worker(new URL('../work/records.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<RecordsWork>(worker);
  const broken = new Promise<undefined>((resolve) =>
    worker.addEventListener('error', () => resolve(undefined)),
  );
  // What it cannot read is found by whoever reads it.
  return (name, bytes) => Promise.race([remote.lookAt(name, bytes).catch(() => undefined), broken]);
}
