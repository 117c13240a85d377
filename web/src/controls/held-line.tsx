import { Button } from '@mantine/core';
import { percentOf, useDataWork } from '../work/data-work.ts';
import { useHeldElsewhere } from '../work/held.ts';
import './write-alert.css';

/** On every screen: a file is being read in, and whatever is asked of the database waits for it. */
export function HeldLine() {
  const { running } = useDataWork();
  const isElsewhere = useHeldElsewhere();
  if (running?.holds)
    return (
      <div className="held-line" role="status">
        <p>
          {running.label}, {percentOf(running)} %: pages and steps wait until it is in.
        </p>
        <Button size="compact-md" variant="default" onClick={running.stop}>
          Stop
        </Button>
      </div>
    );
  if (!isElsewhere) return null;
  return (
    <div className="held-line" role="status">
      <p>Another tab of this browser reads a file in: pages and steps wait until it is in.</p>
    </div>
  );
}
