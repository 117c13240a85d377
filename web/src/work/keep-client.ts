import type { Remote } from 'comlink';
import { proxy, wrap } from 'comlink';
import { brokenOff } from '../data/broken-worker.ts';
import { Stopped } from '../data/going-on.ts';
import type { KeepWork } from './keep.worker.ts';

export type Keep = Remote<KeepWork>;
export type Tell = (done: number, of: number) => void;

/** How far long work is, and how to stop it. */
export interface LongWork {
  readonly onProgress: Tell;
  readonly signal: AbortSignal;
  /** It changes nothing: stopped, it is left at once, wherever it is. What writes is waited for until all is as it was. */
  readonly onlyReads?: boolean;
}

/**
 * Does long work on what is kept in a worker of its own, which ends with it.
 * @throws what the worker throws, also when it was stopped: nothing of the work stays then.
 */
export async function keepWork<Result>(
  { onProgress, signal, onlyReads }: LongWork,
  work: (worker: Keep, tell: Tell) => Promise<Result>,
): Promise<Result> {
  const worker = new Worker(new URL('./keep.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<KeepWork>(worker);
  const over = new AbortController();
  const leftOff = new Promise<never>((_, reject) => {
    const stop = () => (onlyReads ? reject(new Stopped()) : void remote.stop());
    signal.addEventListener('abort', stop, { signal: over.signal });
  });
  try {
    return await Promise.race([work(remote, proxy(onProgress)), leftOff, brokenOff(worker)]);
  } finally {
    over.abort();
    worker.terminate();
  }
}
