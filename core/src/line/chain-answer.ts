import { velocityUncertainty } from '../cable/line-figures.ts';
import type { SweepCurves } from './band.ts';
import { sweepCurves, worstInBand } from './band.ts';
import type { CascadeElement, LoadedSweep, Sweep } from './cascade.ts';
import { frequencyGrid, sweepCascade, sweepLoaded } from './cascade.ts';
import { chainExtent } from './chain.ts';
import type { Complex } from '../quantity/complex.ts';
import type { Contribution } from './contribution.ts';
import { contributions } from './contribution.ts';
import type { Reflectogram } from './reflectogram.ts';
import { ReflectionTooCoarse, reflectogram } from './reflectogram.ts';
import type { ReflectionEvent } from './reflection-events.ts';
import { reflectionEvents } from './reflection-events.ts';

/** A sweep to be made of a chain. */
export interface ChainJob {
  readonly elements: readonly CascadeElement[];
  readonly from: number;
  readonly to: number;
  readonly points: number;
  readonly reference: number;
  /** What stands at the far end; null for a matched port. */
  readonly load: Complex | null;
}

export interface ChainAnswer {
  readonly sweep: Sweep;
  readonly curves: SweepCurves;
  readonly loaded: LoadedSweep | null;
  readonly worst: NonNullable<ReturnType<typeof worstInBand>>;
  readonly contributions: readonly Contribution[];
  /** Null when the band is too narrow or has too few points to look along the chain; why it is refused where they lie too far apart. */
  readonly reflection:
    | { readonly trace: Reflectogram; readonly events: readonly ReflectionEvent[] }
    | { readonly refused: string }
    | null;
}

/**
 * Everything the lab says of a chain. The reflection against distance is of the chain with its load, or with a matched
 * port.
 * @throws CascadeError when an element or the band cannot be.
 */
export function answerChain({ elements, from, to, points, reference, load }: ChainJob): ChainAnswer {
  const frequencies = frequencyGrid(from, to, points);
  const sweep = sweepCascade(elements, frequencies, reference);
  const curves = sweepCurves(sweep);
  const loaded = load ? sweepLoaded(elements, frequencies, reference, load) : null;
  return {
    sweep,
    curves,
    loaded,
    worst: worstInBand(curves, from, to)!,
    contributions: contributions(elements, frequencies, reference),
    reflection: reflectionAlong(elements, loaded ?? sweep, !loaded),
  };
}

function reflectionAlong(
  elements: readonly CascadeElement[],
  sweep: Sweep | LoadedSweep,
  isMatched: boolean,
): ChainAnswer['reflection'] {
  const { length, velocityFactor } = chainExtent(elements);
  const { frequencies } = sweep;
  const first = frequencies[0]!;
  // Extrapolating to zero frequency over more than a tenth of the band would be invention.
  if (frequencies.length < 51 || first > 0.1 * frequencies[frequencies.length - 1]! || length === 0)
    return null;
  const lines = elements.filter((element) => element.kind === 'line');
  const mean = (name: 'k1' | 'k2') =>
    lines.reduce((sum, { length: part, loss }) => sum + ('k1' in loss ? loss[name] * part : 0), 0) / length;
  const known = { velocityFactor, velocityUncertainty, loss: { k1: mean('k1'), k2: mean('k2') } };
  try {
    const trace = reflectogram(sweep, known, { length, load: isMatched ? 1 : undefined });
    return { trace, events: reflectionEvents(trace, sweep.reference) };
  } catch (error) {
    if (error instanceof ReflectionTooCoarse) return { refused: error.message };
    throw error;
  }
}
