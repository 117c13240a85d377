import type { Complex } from '../quantity/complex.ts';
import { swrOfSize } from '../quantity/standing-wave.ts';
import { add, complex, divide, magnitude, subtract } from '../quantity/complex.ts';

/** Reflection coefficient of `load` against a real `reference` (ohm): `(Z - R) / (Z + R)`. */
export function reflectionOf(load: Complex, reference: number): Complex {
  const r = complex(reference);
  return divide(subtract(load, r), add(load, r));
}

/** Standing-wave ratio from a reflection coefficient: `(1 + |g|) / (1 - |g|)`; infinite from |g| = 1 on. */
export function swrOf(reflection: Complex): number {
  return swrOfSize(magnitude(reflection));
}

/** Return loss, dB, positive: `-20 log10 |g|`; infinite for a perfect match. */
export function returnLossOf(reflection: Complex): number {
  return -20 * Math.log10(magnitude(reflection));
}
