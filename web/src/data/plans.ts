import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { PlansAtHand } from '@gorvane/core/plan/plans-at-hand.ts';
import type { StoredUnit, Unit } from '@gorvane/core/unit/unit.ts';
import { database } from './database.ts';
import { inflated } from './deflate.ts';
import { waitFor } from './wait-for.ts';

const atHand = new PlansAtHand();

/** The very bytes that were kept under a checksum; undefined where there are none. */
export async function keptPlan(hash: string): Promise<Uint8Array | undefined> {
  const kept = await database.plans.get(hash);
  return kept && (await waitFor(inflated(kept.bytes)));
}

async function readPlan(hash: string): Promise<FrozenPlan | null> {
  const bytes = await keptPlan(hash);
  return bytes ? (JSON.parse(new TextDecoder().decode(bytes)) as FrozenPlan) : null;
}

async function planOf(hash: string): Promise<FrozenPlan | null> {
  const before = atHand.get(hash);
  if (before) return before;
  const plan = await readPlan(hash).catch(() => null);
  if (!plan) return null;
  atHand.keep(hash, plan);
  return plan;
}

/** Stored units with what they are built to; without where the plan is missing, which their page and certificate say. */
export async function withPlans(units: readonly StoredUnit[]): Promise<Unit[]> {
  const plans = new Map<string, FrozenPlan | null>();
  for (const { planHash: hash } of units)
    // Waited for only where something is read: a transaction is lost over a hundred waits for what is there already.
    if (hash !== null && !plans.has(hash)) plans.set(hash, atHand.get(hash) ?? (await planOf(hash)));
  return units.map(({ planHash: hash, ...unit }) => ({
    ...unit,
    plan: hash === null ? null : plans.get(hash)!,
  }));
}

export async function withPlan(unit: StoredUnit): Promise<Unit> {
  const [whole] = await withPlans([unit]);
  return whole!;
}
