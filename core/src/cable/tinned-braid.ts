import type { CoaxEntry } from './construction.ts';

/** Tin on a braid wire, millimetres. Engineering value. */
const tin = 0.001;

/** A braid of tinned copper wire, at the usual angle where none is said, as an entry writes it. */
export function tinnedBraid(
  wireDiameterMm: number,
  coverage: number,
  angleDegrees = 30,
): CoaxEntry['braids'][number] {
  return {
    wireDiameterMm,
    wireLayers: [
      { metal: 'copper', thicknessMm: wireDiameterMm / 2 - tin },
      { metal: 'tin', thicknessMm: tin },
    ],
    coverage,
    angleDegrees,
  };
}
