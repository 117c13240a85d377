import { Button } from '@mantine/core';
import { leaveFile, takeRest } from '../work/data-actions.ts';
import type { Inspected } from '../work/data-work.ts';

/** So many of them are listed one by one. */
const mostListed = 40;

/** What of a file does not hold, before anything is changed; the rest can be taken without it. */
export function UnsoundFile({ inspected }: { readonly inspected: Inspected }) {
  const { problems, count } = inspected;
  return (
    <section className="out-box" aria-label="What does not hold" role="alert">
      <p className="out">
        ■ {problems.length} {problems.length === 1 ? 'record of this file does' : 'records of this file do'}{' '}
        not hold. Nothing was changed yet.
      </p>
      <ul>
        {problems.slice(0, mostListed).map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
        {problems.length > mostListed && <li>and {problems.length - mostListed} more</li>}
      </ul>
      <div className="data-actions">
        <Button onClick={() => void takeRest(inspected)} disabled={count === 0}>
          Take the {count} that hold
        </Button>
        <Button variant="default" onClick={leaveFile}>
          Leave the file
        </Button>
      </div>
    </section>
  );
}
