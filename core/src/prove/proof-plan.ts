import type { InsulationWanted } from './checks.ts';
import type { DerivedLimit } from './derived-checks.ts';
import type { PlannedLook } from './looks.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import type { FamilyCheck } from './family-checks.ts';
import type { ExpectedPath } from './resistance.ts';

/** What a unit is proved against: the design, the limits and the house as they were when it was started. */
export interface ProofPlan {
  readonly lead: Lead;
  readonly limits: readonly ExpectedPath[];
  readonly family: readonly FamilyCheck[];
  /** Limits on two paths together. */
  readonly derived: readonly DerivedLimit[];
  readonly insulation: InsulationWanted;
  readonly looks: readonly PlannedLook[];
  readonly house: House;
  /** Cable in the finished lead, metres, by piece id. */
  readonly lengths: Readonly<Record<string, number>>;
}
