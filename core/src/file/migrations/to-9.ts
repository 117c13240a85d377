import type { Raw } from './raw.ts';
import { each, filled, inPlan } from './raw.ts';

/** To version 9: small pieces are ticked as they are cut. */
export const piecesToCut = {
  units: (unit: Raw): Raw =>
    inPlan(unit, (plan) => ({ ...plan, steps: each(plan.steps, (step) => filled(step, { cuts: [] })) })),
};
