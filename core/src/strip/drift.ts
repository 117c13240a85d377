import type { MeasuredStrip } from './strip-plan.ts';
import type { StripCut, StripPlan } from './strip-plan.ts';
import { cutKey } from './cut-of.ts';

/** How one cut comes out over a batch, metres: measured less wanted. */
export interface Drift {
  readonly cut: StripCut;
  readonly count: number;
  readonly mean: number;
  /** Standard deviation of the single cut. */
  readonly spread: number;
  /** From one to the next: a blade that dulls or a stop that creeps; 0 where none shows. */
  readonly perUnit: number;
  /** What to set the stop or blade by, positive for longer; 0 where the tool is right as it is. */
  readonly offset: number;
}

/** Less than this a stop is not set by, metres. */
const settable = 0.1e-3;
/** Units before anything is said about the tool. */
const least = 3;

/**
 * Whether a tool cuts long or short, from lengths as first cut, in the order in which they were. An offset is named when
 * the mean lies beyond twice its standard error and is worth setting; a slope likewise. Source: ordinary least squares.
 */
export function stripDrift(plan: StripPlan, batch: readonly MeasuredStrip[]): Drift[] {
  return plan.cuts.flatMap((cut): Drift[] => {
    const deviations = batch.flatMap((measured) => {
      const value = measured[cutKey(cut)];
      return value === undefined ? [] : [value - cut.position.value];
    });
    return deviations.length < least ? [] : [driftOf(cut, deviations)];
  });
}

function driftOf(cut: StripCut, deviations: readonly number[]): Drift {
  const count = deviations.length;
  const mean = deviations.reduce((sum, value) => sum + value, 0) / count;
  const spread = Math.sqrt(deviations.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (count - 1));
  const isReal = Math.abs(mean) >= settable && Math.abs(mean) > (2 * spread) / Math.sqrt(count);
  return { cut, count, mean, spread, perUnit: slopeOf(deviations, mean), offset: isReal ? -mean : 0 };
}

/** Slope over the order of cutting; 0 unless it lies beyond twice its standard error. */
function slopeOf(deviations: readonly number[], mean: number): number {
  const count = deviations.length;
  if (count < 4) return 0;
  const middle = (count - 1) / 2;
  const xx = deviations.reduce((sum, _, index) => sum + (index - middle) ** 2, 0);
  const slope = deviations.reduce((sum, value, index) => sum + (index - middle) * (value - mean), 0) / xx;
  const rest = deviations.reduce(
    (sum, value, index) => sum + (value - mean - slope * (index - middle)) ** 2,
    0,
  );
  const error = Math.sqrt(rest / (count - 2) / xx);
  return Math.abs(slope) > 2 * error && Math.abs(slope) * count >= settable ? slope : 0;
}
