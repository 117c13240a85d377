import { planHolds } from '@gorvane/core/file/frozen-form.ts';
import { startedOf } from '@gorvane/core/unit/started.ts';
import type { Unit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { keptPlan } from './plans.ts';

/** What became of the plan that a unit was started with. */
export type PlanState = 'as frozen' | 'missing' | 'changed' | 'none yet';

/** Whether the plan of a unit is here and the one that its record names. */
export async function planState(unit: Unit, events: readonly UnitEvent[]): Promise<PlanState> {
  const started = startedOf(events);
  if (!started) return 'none yet';
  if (!unit.plan) return 'missing';
  const form = await keptPlan(started.planChecksum).catch(() => undefined);
  return planHolds(unit, events, form) ? 'as frozen' : 'changed';
}

export const usePlanState = (unit: Unit | undefined, events: readonly UnitEvent[]): PlanState | undefined =>
  useLiveQuery(async () => (unit ? planState(unit, events) : undefined), [unit, events]);

/** In words, where something is wrong with it. */
export const planProblem: Readonly<Partial<Record<PlanState, string>>> = {
  missing:
    'The plan that this unit was started with is missing here or cannot be read. Import the file that the unit came with, or the last export, in House.',
  changed: 'Its plan is not the one that was frozen when it was started: it was changed outside the program.',
};
