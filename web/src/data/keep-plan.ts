import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planHash, planText } from '@gorvane/core/plan/plan-hash.ts';
import { database } from './database.ts';
import { deflated } from './deflate.ts';
import { waitFor } from './wait-for.ts';

/** Keeps the bytes of a plan under their checksum. */
export async function keepPlanBytes(hash: string, bytes: Uint8Array): Promise<void> {
  await database.plans.put({ hash, bytes: await waitFor(deflated(bytes)) });
}

/** Keeps a plan, once for all units that are built to it. Returns its checksum. */
export async function keepPlan(plan: FrozenPlan): Promise<string> {
  const hash = planHash(plan);
  if ((await database.plans.where('hash').equals(hash).count()) === 0)
    await keepPlanBytes(hash, new TextEncoder().encode(planText(plan)));
  return hash;
}
