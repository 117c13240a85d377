import type { ProofPlan } from '../prove/proof-plan.ts';
import type { House } from '../house/house.ts';
import type { LeadPlan } from './lead-plan.ts';

/** The same of a plan that no unit is built to yet. */
export function proofPlanOf(plan: LeadPlan, house: House): ProofPlan {
  const { lead, paths, family, derived, insulation, looks, lengths } = plan;
  return {
    lead,
    limits: paths,
    family,
    derived,
    insulation,
    looks,
    house,
    lengths: Object.fromEntries(lengths),
  };
}
