import { Button } from '@mantine/core';
import { clearUnwritten, useWriteProblem } from '../data/write-problem.ts';
import './write-alert.css';

/** On every screen: what was not saved, why, and what to do. */
export function WriteAlert() {
  const problem = useWriteProblem();
  if (!problem) return null;
  return (
    <div className="write-alert" role="alert">
      <p>■ {problem.words}</p>
      <div>
        {problem.again && (
          <Button size="compact-md" variant="default" onClick={problem.again}>
            Try again
          </Button>
        )}
        <Button size="compact-md" variant="default" onClick={clearUnwritten}>
          I have read it
        </Button>
      </div>
    </div>
  );
}
