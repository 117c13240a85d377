import type { CutLayer, StripCut, StripPlan } from './strip-plan.ts';
import type { Explained } from '../quantity/explained.ts';

/** What tells a cut from the others of its strip. */
export function cutKey({ layer, of }: Pick<StripCut, 'layer' | 'of'>): string {
  return of === '' ? layer : `${layer} ${of}`;
}

/** A cut that a strip may have or not. */
export function findCut(plan: StripPlan, layer: CutLayer): StripCut | undefined {
  return plan.cuts.find((cut) => cut.layer === layer);
}

/** A cut of a strip. @throws RangeError when this strip does not cut that layer. */
export function cutOf(plan: StripPlan, layer: CutLayer): StripCut {
  const cut = findCut(plan, layer);
  if (!cut) throw new RangeError(`strip of end ${plan.endId}: its ${layer} is not cut`);
  return cut;
}

/** From the datum to the end of the longest conductor, metres: what the strip adds to the cut length. */
export function stripLength(plan: StripPlan): Explained {
  return plan.cuts.map(({ position }) => position).reduce((a, b) => (b.value > a.value ? b : a));
}
