import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { FrozenPlan } from './frozen-plan.ts';
import type { LeadPlan } from './lead-plan.ts';
import { PlanError, planLead } from './lead-plan.ts';

/**
 * The lead of a frozen plan with one card as it is now, planned by today's program: only where somebody asks for it, and only
 * what the record then takes over of it changes the unit. A refusal says why no plan follows.
 */
export function replannedWith(plan: FrozenPlan, card: GaugeCard): LeadPlan | { readonly refusal: string } {
  const cards = plan.cards.map((each) => (each.id === card.id ? card : each));
  try {
    const planned = planLead(plan.lead, cards, plan.house);
    const [reason] = planned.withheld;
    if (reason) return { refusal: reason.message };
    return planned.steps.length > 0
      ? planned
      : { refusal: 'With these figures the lead cannot be threaded.' };
  } catch (error) {
    if (error instanceof PlanError) return { refusal: error.message };
    throw error;
  }
}
