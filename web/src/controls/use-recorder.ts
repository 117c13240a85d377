import { useCallback, useState } from 'react';
import { freeSpace, isQuota } from '../data/write-problem.ts';

/** What could not be written, in words, and how to try again. */
export interface RecordProblem {
  readonly words: string;
  readonly again: () => void;
}

function wordsFor(error: unknown): string {
  if (isQuota(error))
    return `Not recorded: the storage of this browser is full. Nothing is half written, this step still stands as it was. ${freeSpace}`;
  const message = error instanceof Error ? error.message : String(error);
  return `Not recorded: ${message} Nothing is half written, this step still stands as it was.`;
}

/** Writes to a unit's record, and says when that failed instead of going on as if it had not. */
export function useRecorder(): {
  readonly attempt: (work: () => Promise<void>) => Promise<boolean>;
  readonly problem: RecordProblem | undefined;
} {
  const [problem, setProblem] = useState<RecordProblem | undefined>();
  const attempt = useCallback(async (work: () => Promise<void>): Promise<boolean> => {
    const tryIt = async (): Promise<boolean> => {
      try {
        await work();
        setProblem(undefined);
        return true;
      } catch (error) {
        setProblem({ words: wordsFor(error), again: () => void tryIt() });
        return false;
      }
    };
    return tryIt();
  }, []);
  return { attempt, problem };
}
