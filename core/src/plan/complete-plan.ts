import { carryEntries } from '../lead/carry-entries.ts';
import type { FrozenPlan } from './frozen-plan.ts';
import { planLead } from './lead-plan.ts';

/**
 * A plan that was frozen before plans were whole gets, once, what was not frozen then: entries of its cables and connectors,
 * cuts, parts, looks and what the rest of its proof asks. Steps, strips and limits stay as they were. Where the catalogue has
 * lost a cable or connector by now, it stays as it is: its steps and its limits can still be worked and proved by.
 */
export function completePlan(plan: FrozenPlan): FrozenPlan {
  if (plan.cuts.length > 0) return plan;
  try {
    const { cuts, parts, looks, derived, insulation } = planLead(plan.lead, plan.cards, plan.house);
    return {
      ...plan,
      lead: carryEntries(plan.lead),
      cuts: [...cuts],
      parts: [...parts],
      looks: [...looks],
      derived: [...derived],
      insulation,
    };
  } catch {
    return plan;
  }
}
