import { Button, Group, Progress } from '@mantine/core';
import type { Running } from '../work/data-work.ts';
import { percentOf } from '../work/data-work.ts';

/** How far work on all data is, and the way to stop it. */
export function LongWorkBar({ running }: { readonly running: Running | undefined }) {
  if (!running) return null;
  const { label, of, stop } = running;
  const percent = percentOf(running);
  return (
    <Group gap={12} role="group" aria-label={label}>
      <span className="reading">
        {label}
        {of > 0 && `, ${percent} %`}
      </span>
      <Progress
        value={percent}
        transitionDuration={0}
        aria-label={`${label}: done`}
        style={{ flex: 1, minWidth: 120 }}
      />
      <Button variant="default" onClick={stop}>
        Stop
      </Button>
    </Group>
  );
}
