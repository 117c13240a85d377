import { completePlan } from '../../plan/complete-plan.ts';
import { canonicalJson } from '../../record/canonical-json.ts';
import { checksum } from '../../record/checksum.ts';
import type { Unit } from '../../unit/unit.ts';
import { unitSchema } from '../../unit/unit.ts';
import { migrated } from './migrations.ts';

/** A stored unit of any version as one of this version, its plan completed. @throws ZodError when it is no unit. */
export function migrateUnit(unit: unknown, from: number): Unit {
  const now = unitSchema.parse(migrated('units', unit, from));
  return now.plan ? { ...now, plan: completePlan(now.plan) } : now;
}

/** The plan of a stored unit in the very form in which it stands, with its checksum: what its record may name. */
export function frozenForm(unit: unknown): { readonly hash: string; readonly bytes: Uint8Array } | undefined {
  const { plan } = unit as { readonly plan?: unknown };
  if (!plan) return undefined;
  const bytes = new TextEncoder().encode(canonicalJson(plan));
  return { hash: checksum(bytes), bytes };
}
