import type { FrozenPlan } from './frozen-plan.ts';

/** So many are at hand: units of a few orders stand beside one another, and share theirs. */
const most = 32;

/** Plans that were read last, by their checksums: a plan is named by what it says, so that it never grows old. */
export class PlansAtHand {
  private readonly plans = new Map<string, FrozenPlan>();

  get(hash: string): FrozenPlan | undefined {
    return this.plans.get(hash);
  }

  keep(hash: string, plan: FrozenPlan): void {
    if (this.plans.size >= most) this.plans.delete(this.plans.keys().next().value!);
    this.plans.set(hash, plan);
  }
}
