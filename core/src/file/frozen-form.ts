import { strFromU8 } from 'fflate';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { planHash } from '../plan/plan-hash.ts';
import { frozenPlanSchema } from '../plan/frozen-plan.ts';
import { programVersion } from '../record/program-version.ts';
import { canonicalJson } from '../record/canonical-json.ts';
import { checksum } from '../record/checksum.ts';
import { startedOf } from '../unit/started.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { migrated } from './migrations/migrations.ts';

export const isOfThisVersion = (events: readonly UnitEvent[]) =>
  startedOf(events)?.programVersion === programVersion;

/** Whether a plan still has the very form that it was frozen in. */
export const planIsAsFrozen = ({ plan }: Unit, events: readonly UnitEvent[]) =>
  plan === null || planHash(plan) === startedOf(events)?.planChecksum;

/** What came of holding a plan against a form, by the checksum of the form: units share both. */
const compared = new WeakMap<FrozenPlan, Map<string, boolean>>();

/** Whether bytes are the plan that was frozen, and the unit's own plan is that one with the defaults of later versions. */
function isFrozenPlan({ plan }: Unit, events: readonly UnitEvent[], bytes: Uint8Array): boolean {
  const hash = checksum(bytes);
  if (hash !== startedOf(events)?.planChecksum || !plan) return false;
  const before = compared.get(plan) ?? new Map<string, boolean>();
  compared.set(plan, before);
  const same = before.get(hash) ?? isCompleted(plan, bytes);
  before.set(hash, same);
  return same;
}

/** Whether a plan is a frozen form with the defaults of later versions. */
function isCompleted(plan: FrozenPlan, bytes: Uint8Array): boolean {
  const form = JSON.parse(strFromU8(bytes)) as Partial<FrozenPlan>;
  const completed = frozenPlanSchema.safeParse(migrated('units', { plan: form }, 1).plan);
  if (!completed.success) return false;
  const asFrozen = form.cuts ? (whole: FrozenPlan) => whole : withoutCompletion;
  return canonicalJson(asFrozen(completed.data)) === canonicalJson(asFrozen(plan));
}

/** What a plan that was not whole when it was frozen had then. */
function withoutCompletion(plan: FrozenPlan): object {
  const {
    cuts: _cuts,
    parts: _parts,
    looks: _looks,
    derived: _derived,
    insulation: _least,
    lead,
    ...rest
  } = plan;
  return { ...rest, lead: { ...lead, ownCables: [], ownConnectors: [] } };
}

/**
 * Whether the plan of a unit is the one that its record names: by the form that was kept beside it, where there is one. Of a plan
 * that an earlier version froze without one it cannot be told, and it is taken to be.
 */
export const planHolds = (unit: Unit, events: readonly UnitEvent[], form: Uint8Array | undefined): boolean =>
  form ? isFrozenPlan(unit, events, form) : !isOfThisVersion(events) || planIsAsFrozen(unit, events);
