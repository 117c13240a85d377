import { canonicalJson } from '../record/canonical-json.ts';
import { checksum } from '../record/checksum.ts';
import type { FrozenPlan } from './frozen-plan.ts';

const known = new WeakMap<FrozenPlan, string>();

/** The text that a plan is kept as, whoever writes it. */
export const planText = (plan: FrozenPlan): string => canonicalJson(plan);

/** SHA-256 of that text: the name of a plan. Worked out once for each plan, for many units share one. */
export function planHash(plan: FrozenPlan): string {
  const before = known.get(plan);
  if (before !== undefined) return before;
  const hash = checksum(planText(plan));
  known.set(plan, hash);
  return hash;
}
