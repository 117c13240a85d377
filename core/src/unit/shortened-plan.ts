import { derivedLimits } from '../prove/derived-checks.ts';
import type { CableLeft } from './cable-left.ts';
import { familyChecks } from '../prove/family-checks.ts';
import type { ProofPlan } from '../prove/proof-plan.ts';
import { expectedPaths } from '../prove/resistance.ts';

/** How short a lead has come out by being cut back, metres: its pieces together; within what nobody asks about it is none. */
export function shortOf(left: readonly CableLeft[]): ReadonlyMap<string, number> {
  return new Map(
    left.flatMap(({ pieceId, left: spare, tolerated }) => (-spare > tolerated ? [[pieceId, -spare]] : [])),
  );
}

/** What a unit is proved against once it was cut back: the same design, with the cable that it has now. */
export function shortenedPlan<Plan extends ProofPlan>(plan: Plan, left: readonly CableLeft[]): Plan {
  const short = shortOf(left);
  if (short.size === 0) return plan;
  const lengths = new Map(
    Object.entries(plan.lengths).map(([id, length]) => [id, Math.max(1e-3, length - (short.get(id) ?? 0))]),
  );
  const limits = expectedPaths(plan.lead, lengths, plan.house);
  return {
    ...plan,
    lengths: Object.fromEntries(lengths),
    limits,
    derived: derivedLimits(plan.lead, limits, plan.house),
    family: familyChecks(plan.lead, lengths, plan.house),
  };
}
