import type { Remote } from 'comlink';
import { proxy, wrap } from 'comlink';
import { Stopped } from '../data/going-on.ts';
import type { KeepWork } from './keep.worker.ts';

export type Keep = Remote<KeepWork>;
export type Tell = (done: number, of: number) => void;

/** How far long work is, and how to stop it. */
export interface LongWork {
  readonly onProgress: Tell;
  readonly signal: AbortSignal;
}

/**
 * Does long work on what is kept in a worker of its own, which ends with it.
 * @throws Stopped when it was stopped: nothing of it stays.
 */
export async function keepWork<Result>(
  { onProgress, signal }: LongWork,
  work: (worker: Keep, tell: Tell) => Promise<Result>,
): Promise<Result> {
  const worker = new Worker(new URL('./keep.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<KeepWork>(worker);
  const stop = () => void remote.stop();
  signal.addEventListener('abort', stop);
  try {
    return await work(remote, proxy(onProgress));
  } catch (error) {
    throw signal.aborted ? new Stopped() : error;
  } finally {
    signal.removeEventListener('abort', stop);
    worker.terminate();
  }
}
