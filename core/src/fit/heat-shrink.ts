import type { Shrink } from '../house/house.ts';
import type { Explained } from '../quantity/explained.ts';

/** Shrink chosen for a place, with the length to cut. */
export interface ShrinkChoice {
  readonly shrink: Shrink;
  readonly cutLength: Explained;
}

/** Part of its length that a tube loses when it recovers: plain and adhesive-lined. Engineering values. */
const lengthwise = { plain: 0.1, adhesive: 0.15 };

/** Supplied bore over the largest diameter it must pass, and the least grip: recovered bore over the smallest. Engineering values. */
const overLargest = 1.1;
const overSmallest = 0.9;
/** Outside of a tube that the shop does not have, over what it must pass. Engineering value. */
const outsideOverLargest = 1.2;

/** Sizes of a tube as a threaded part; where the shop has none, those it would need. Metres. */
export function tubeSizes(choice: ShrinkChoice | undefined, largest: number) {
  return {
    opening: choice?.shrink.supplied ?? overLargest * largest,
    outside: choice?.shrink.outside ?? outsideOverLargest * largest,
    cutLength: choice?.cutLength,
    missing: choice === undefined,
  };
}

/** The largest diameter that a tube with this supplied bore passes, metres. */
export const largestThrough = (opening: number) => opening / overLargest;

/**
 * The smallest tube of the shop whose supplied bore is at least 1.1 times the largest diameter it must go over and
 * whose recovered bore is at most 0.9 times the smallest it must grip; undefined when there is none. Lengths in metres.
 */
export function chooseShrink(
  stock: readonly Shrink[],
  want: { largest: number; smallest: number; covered: number; adhesive: boolean },
): ShrinkChoice | undefined {
  const shrink = stock
    .filter((tube) => tube.adhesive === want.adhesive)
    .filter(
      (tube) => tube.supplied >= overLargest * want.largest && tube.recovered <= overSmallest * want.smallest,
    )
    .sort((a, b) => a.supplied - b.supplied)[0];
  if (!shrink) return undefined;
  const loss = shrink.adhesive ? lengthwise.adhesive : lengthwise.plain;
  return {
    shrink,
    cutLength: {
      value: want.covered / (1 - loss),
      kind: 'length',
      formula: 'length covered / (1 - lengthwise shrinkage)',
      terms: [
        { label: 'Length covered', value: want.covered, kind: 'length' },
        { label: 'Lengthwise shrinkage', value: loss, kind: 'ratio', assumed: true },
      ],
      source: 'engineering value',
    },
  };
}

/** Shrink over the cable beyond what it covers: at least 6 mm or one diameter (indoors). */
export function shrinkOverlap(diameter: number): number {
  return Math.max(6e-3, diameter);
}
