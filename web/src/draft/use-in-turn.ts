import { useCallback, useRef } from 'react';
import { reportUnwritten } from '../data/write-problem.ts';

/** Runs what reads or writes the database one after another: each starts from what the one before has made. */
export function useInTurn(): (task: () => Promise<void>) => void {
  const last = useRef<Promise<void>>(Promise.resolve());
  return useCallback((task) => {
    last.current = last.current.then(task).catch((error: unknown) => reportUnwritten(error));
  }, []);
}
