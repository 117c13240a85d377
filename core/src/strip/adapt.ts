import type { MeasuredStrip } from './strip-plan.ts';
import type { StripCut, StripPlan } from './strip-plan.ts';
import { cutKey, findCut } from './cut-of.ts';

/** A cut that is still to be made, moved because of what was already cut. Metres. */
export interface AdaptedCut {
  readonly cut: StripCut;
  readonly position: number;
  /** Adapted less planned. */
  readonly shift: number;
  readonly because: string;
}

/** Less than this is the last digit of a caliper, metres. */
const noticeable = 0.05e-3;

/**
 * Cuts not measured yet that follow what was measured: a loose contact rides on the dielectric, so the conductor (and the
 * foil, which stays behind the contact) counts from where the dielectric really ends; a core is bared from where its
 * insulation ends. Empty where nothing moves.
 */
export function adaptStrip(plan: StripPlan, measured: MeasuredStrip): AdaptedCut[] {
  return plan.cuts.flatMap((cut): AdaptedCut[] => {
    if (measured[cutKey(cut)] !== undefined) return [];
    const leader = leaderOf(plan, cut);
    const cutAt = leader && measured[cutKey(leader)];
    if (!leader || cutAt === undefined) return [];
    const shift = cutAt - leader.position.value;
    if (Math.abs(shift) < noticeable) return [];
    return [
      {
        cut,
        position: cut.position.value + shift,
        shift,
        because: `${leader.label} was cut ${shift > 0 ? 'long' : 'short'}, and it counts from there.`,
      },
    ];
  });
}

/** The cut that another one counts from in the seated joint. */
function leaderOf(plan: StripPlan, cut: StripCut): StripCut | undefined {
  if (cut.layer === 'core') return plan.cuts.find(({ layer, of }) => layer === 'insulation' && of === cut.of);
  if (cut.strokeOf) return findCut(plan, cut.strokeOf);
  if (!plan.contactRides) return undefined;
  return cut.layer === 'conductor' || cut.layer === 'foil' ? findCut(plan, 'dielectric') : undefined;
}
