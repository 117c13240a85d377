import type { MetalName } from './material.ts';
import { resistivityAt } from './material.ts';
import { skinDepth } from './resistance.ts';

/**
 * Resistance of a solid round wire, ohm per metre, from direct current to full skin effect: the current fills a depth
 * `d' = d (1 - exp(-r / d))` under the surface, corrected where wire and skin are alike. Within 0.2 % of the exact Bessel
 * solution. Diameter in metres above 0, frequency in hertz, 0 or more.
 * Source: published fit of the exact solution (truncated exponential decay with a modified Lorentzian correction).
 * @throws RangeError when diameter or frequency cannot be.
 */
export function roundWireResistance(
  diameter: number,
  frequency: number,
  metal: MetalName = 'copper',
  celsius = 20,
): number {
  if (!(diameter > 0 && frequency >= 0 && frequency < Infinity))
    throw new RangeError(
      `round wire: expected a diameter above 0 and a frequency of 0 or more, found ${diameter} m, ${frequency} Hz`,
    );
  const radius = diameter / 2;
  const resistivity = resistivityAt(metal, celsius);
  if (frequency === 0) return resistivity / (Math.PI * radius * radius);
  const depth = skinDepth(metal, frequency, celsius);
  const filled = depth * (1 - Math.exp(-radius / depth));
  const likeness = (0.62006 * radius) / depth;
  const correction = 0.189774 / (1 + 0.272481 * (likeness ** 1.82938 - likeness ** -0.99457) ** 2) ** 1.0941;
  return resistivity / (Math.PI * (2 * radius * filled - filled * filled) * (1 + correction));
}
