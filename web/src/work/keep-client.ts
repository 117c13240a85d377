import type { Remote } from 'comlink';
import { proxy, wrap } from 'comlink';
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
 * @throws what the worker throws, also when it was stopped: nothing of the work stays then.
 */
export async function keepWork<Result>(
  { onProgress, signal }: LongWork,
  work: (worker: Keep, tell: Tell) => Promise<Result>,
): Promise<Result> {
  const worker = new Worker(new URL('./keep.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<KeepWork>(worker);
  const stop = () => void remote.stop();
  signal.addEventListener('abort', stop);
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) => reject(new Error(brokenWords(message))));
  });
  try {
    return await Promise.race([work(remote, proxy(onProgress)), broken]);
  } finally {
    signal.removeEventListener('abort', stop);
    worker.terminate();
  }
}

const brokenWords = (message: string) =>
  `What does this beside the screen could not be started, or broke off${message && ` (${message})`}. Load the page again and try once more.`;
