import { Button } from '@mantine/core';
import type { RecordProblem } from './use-recorder.ts';

/** What could not be written, and the button that tries it again. */
export function RecordAlert({ problem }: { readonly problem: RecordProblem | undefined }) {
  if (!problem) return null;
  return (
    <p className="out" role="alert">
      ■ {problem.words}{' '}
      <Button size="compact-md" variant="default" onClick={problem.again}>
        Try again
      </Button>
    </p>
  );
}
