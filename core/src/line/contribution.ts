import { sweepCurves } from './band.ts';
import type { CascadeElement } from './cascade.ts';
import { sweepCascade } from './cascade.ts';

/** What one element does to the whole, at the frequency where it does most. Decibels, positive. */
export interface Contribution {
  /** Place in the cascade. */
  readonly index: number;
  /** Insertion loss of the whole less that without this element; a matched piece may even give a little back. */
  readonly lossDb: number;
  readonly lossFrequency: number;
  /** Return loss that this element alone would show at the near port, seen through the loss before it. */
  readonly returnLossDb: number;
  readonly returnLossFrequency: number;
}

/** Points at which contributions are compared: enough to find the worst of a band. */
const comparisonPoints = 201;

/** Every k-th frequency, so that the comparison stays quick on long sweeps. */
function thinned(frequencies: Float64Array): Float64Array {
  const step = Math.max(1, Math.floor((frequencies.length - 1) / (comparisonPoints - 1)));
  return frequencies.filter((_frequency, n) => n % step === 0);
}

/**
 * What each element of a cascade costs in loss and in match: what to mend first. Loss by leaving the element out; match
 * by the element alone between matched ports, less twice the loss of what stands before it.
 */
export function contributions(
  elements: readonly CascadeElement[],
  frequencies: Float64Array,
  reference: number,
): Contribution[] {
  if (elements.some((element) => element.kind === 'line' && 'perPoint' in element.loss)) return [];
  const few = thinned(frequencies);
  const curvesOf = (row: readonly CascadeElement[]) => sweepCurves(sweepCascade(row, few, reference));
  const whole = curvesOf(elements);
  return elements.map((element, index) => {
    const without = curvesOf(elements.filter((_other, place) => place !== index));
    const alone = curvesOf([element]);
    const before = curvesOf(elements.slice(0, index));
    let loss = 0;
    let match = 0;
    const lossAt = (n: number) => whole.insertionLossDb[n]! - without.insertionLossDb[n]!;
    const matchAt = (n: number) => alone.returnLossDb[n]! + 2 * before.insertionLossDb[n]!;
    for (let n = 1; n < few.length; n++) {
      if (lossAt(n) > lossAt(loss)) loss = n;
      if (matchAt(n) < matchAt(match)) match = n;
    }
    return {
      index,
      lossDb: lossAt(loss),
      lossFrequency: few[loss]!,
      returnLossDb: matchAt(match),
      returnLossFrequency: few[match]!,
    };
  });
}
