import type { MeasuredStrip } from './strip-plan.ts';
import type { StripCut, StripPlan } from './strip-plan.ts';
import { cutKey } from './cut-of.ts';

/** What a trial asks for: trim one layer, and what that says of the gauge card. Metres. */
export interface TrialAdvice {
  readonly cut: StripCut;
  readonly trim: number;
  /** Where it ends after the trim, if it was measured. */
  readonly leaves: number | undefined;
  /** It would end below what the card allows: the card is likely wrong, not the strip. */
  readonly cardDoubted: boolean;
  readonly words: string;
}

const mm = (metres: number) => (metres * 1e3).toFixed(1);

/**
 * A connector that stands off by `gap` (metres, above 0) because one layer touches first: that layer is trimmed by the
 * gap, a little less at first, since nothing can be put back.
 * @throws RangeError when the strip has no such layer, or the gap is not above 0.
 */
export function trialAdvice(
  plan: StripPlan,
  measured: MeasuredStrip,
  touches: string,
  gap: number,
): TrialAdvice {
  if (!(Number.isFinite(gap) && gap > 0 && gap < 0.1))
    throw new RangeError(`A gap above 0 and below 100 mm is expected; found ${mm(gap)} mm.`);
  const cut = plan.cuts.find((candidate) => cutKey(candidate) === touches);
  if (!cut) throw new RangeError(`This strip does not cut "${touches}".`);
  const value = measured[touches];
  const leaves = value === undefined ? undefined : value - gap;
  const cardDoubted = leaves !== undefined && leaves < cut.position.value - cut.minus - 0.05e-3;
  const where = leaves === undefined ? '' : `, to ${mm(leaves)} mm`;
  return {
    cut,
    trim: gap,
    leaves,
    cardDoubted,
    words: cardDoubted
      ? `${cut.label}: trimmed by ${mm(gap)} mm${where} it would be shorter than the gauge card allows (${mm(cut.position.value - cut.minus)} mm at least). Measure the connector again: the card may be of another bag.`
      : `${cut.label}: trim ${mm(gap)} mm${where}, a little less at first, and try again.`,
  };
}

/** The strip as it is after a trim; a layer that was not measured stays so. */
export function afterTrim(measured: MeasuredStrip, { cut, leaves }: TrialAdvice): MeasuredStrip {
  return leaves === undefined ? measured : { ...measured, [cutKey(cut)]: leaves };
}
