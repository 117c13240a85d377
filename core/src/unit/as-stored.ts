import { planHash } from '../plan/plan-hash.ts';
import type { StoredUnit, Unit } from './unit.ts';

/** A unit as it is kept, its plan by name. */
export function asStored({ plan, ...unit }: Unit): StoredUnit {
  return { ...unit, planHash: plan && planHash(plan) };
}
