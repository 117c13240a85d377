import { strFromU8 } from 'fflate';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { frozenPlanSchema, programVersion } from '../plan/frozen-plan.ts';
import { canonicalJson } from '../record/canonical-json.ts';
import { checksum } from '../record/checksum.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { migrated } from './migrations/migrations.ts';

const startedOf = (events: readonly UnitEvent[]) =>
  events.map(({ happening }) => happening).find((happening) => happening.kind === 'started');

export const isOfThisVersion = (events: readonly UnitEvent[]) =>
  startedOf(events)?.programVersion === programVersion;

/** Whether a plan still has the very form that it was frozen in. */
export const planIsAsFrozen = ({ plan }: Unit, events: readonly UnitEvent[]) =>
  plan === null || checksum(canonicalJson(plan)) === startedOf(events)?.planChecksum;

/** Whether bytes are the plan that was frozen, and the unit's own plan is that one with the defaults of later versions. */
function isFrozenPlan({ plan }: Unit, events: readonly UnitEvent[], bytes: Uint8Array): boolean {
  if (checksum(bytes) !== startedOf(events)?.planChecksum) return false;
  const form = JSON.parse(strFromU8(bytes)) as Partial<FrozenPlan>;
  const completed = frozenPlanSchema.safeParse(migrated('units', { plan: form }, 1).plan);
  if (!completed.success || !plan) return false;
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
