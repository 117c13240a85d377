import type { ReactNode } from 'react';
import { useState } from 'react';

/** Makes files that are handed over; what goes wrong is said in `said`, to be shown beside the button. */
export function useFileMaker(): {
  readonly make: (work: () => Promise<void>) => Promise<void>;
  readonly said: ReactNode;
} {
  const [problem, setProblem] = useState<string | undefined>();
  const make = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const said = problem && (
    <p className="out" role="alert">
      ■ {problem}
    </p>
  );
  return { make, said };
}
