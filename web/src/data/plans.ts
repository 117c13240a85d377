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

/** A stored unit with what it is built to; without where the plan is missing, which its page and its certificate say. */
export async function withPlan({ planHash: hash, ...unit }: StoredUnit): Promise<Unit> {
  return { ...unit, plan: hash === null ? null : await planOf(hash) };
}
