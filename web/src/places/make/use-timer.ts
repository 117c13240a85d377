import type { Step, StepTimer } from '@gorvane/core/recipe/step.ts';
import { stepRuns } from '@gorvane/core/recipe/step.ts';
import { useEffect, useState } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

/** Times that were started, kept so that a reload does not stop them. */
interface Started {
  readonly stepId: string;
  readonly title: string;
  readonly at: number;
  readonly timers: readonly StepTimer[];
  /** Which of the runs of the step it is, from 0; absent in what was kept before steps had several. */
  readonly run?: number;
}

/** One time as it runs. Seconds. */
export interface RunningTimer {
  readonly title: string;
  readonly timer: StepTimer;
  readonly left: number;
  /** What follows it, cooling after the dwell. */
  readonly next: StepTimer | undefined;
}

export interface Timer {
  /** The times of this step run or have run. */
  readonly startedHere: boolean;
  /** What a press starts next at this step: a hole after the one before it; undefined when all were started. */
  readonly next: StepTimer | undefined;
  /** What runs now, of this step or one before it; undefined when all is over. */
  readonly running: RunningTimer | undefined;
  readonly isOfThisStep: boolean;
  readonly start: () => void;
  readonly stop: () => void;
  /** The iron is off: what follows the first time begins now. */
  readonly goOn: () => void;
}

/** How often the display moves, milliseconds. */
const beat = 200;

/** Dwell, cooling and setting times of a step: one start runs them one after the other, over steps and reloads. */
export function useTimer(unitId: string, step: Step | undefined): Timer {
  const [started, setStarted] = useKeptValue<Started | null>(`build/timer/${unitId}`, null);
  const [now, setNow] = useState(() => Date.now());
  const running = started ? runningAt(started, now) : undefined;
  const isRunning = running !== undefined;
  useEffect(() => {
    if (!isRunning) return;
    const clock = setInterval(() => setNow(Date.now()), beat);
    return () => clearInterval(clock);
  }, [isRunning]);
  const startedHere = step !== undefined && started?.stepId === step.id;
  const runs = step ? stepRuns(step) : [];
  const run = startedHere ? (started.run ?? 0) + 1 : 0;
  return {
    startedHere,
    next: runs[run]?.[0],
    running,
    isOfThisStep: startedHere,
    start: () => {
      const timers = runs[run];
      if (!step || !timers) return;
      setNow(Date.now());
      setStarted({ stepId: step.id, title: step.title, at: Date.now(), timers, run });
    },
    stop: () => setStarted(null),
    goOn: () => {
      const [first, second] = started?.timers ?? [];
      if (!started || !first || !second || running?.timer !== first) return;
      setStarted({ ...started, at: Date.now() - first.seconds * 1000 });
    },
  };
}

function runningAt({ title, at, timers }: Started, now: number): RunningTimer | undefined {
  let left = Math.max(0, now - at) / 1000;
  for (const [index, timer] of timers.entries()) {
    if (left < timer.seconds) return { title, timer, left: timer.seconds - left, next: timers[index + 1] };
    left -= timer.seconds;
  }
  return undefined;
}
