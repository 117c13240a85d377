import { longestStep } from '@gorvane/core/unit/step-time.ts';
import { useEffect } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

interface Clock {
  readonly stepId: string;
  readonly at: number;
}

/**
 * Time at work on a step, from when it first stood here; it goes on over a reload. Undefined where nobody can have been at
 * the step for so long: the bench was left.
 */
export function useStepClock(unitId: string, stepId: string | undefined): () => number | undefined {
  const [clock, setClock] = useKeptValue<Clock | null>(`build/clock/${unitId}`, null);
  const isOther = stepId !== undefined && clock?.stepId !== stepId;
  useEffect(() => {
    if (isOther) setClock({ stepId, at: Date.now() });
  }, [isOther, stepId, setClock]);
  return () => {
    if (!clock || clock.stepId !== stepId) return undefined;
    const seconds = (Date.now() - clock.at) / 1000;
    return seconds >= 0 && seconds <= longestStep ? Math.round(seconds) : undefined;
  };
}
