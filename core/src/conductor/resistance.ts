import type { MetalName } from './material.ts';
import { resistivityAt } from './material.ts';

/** A layer of a round conductor or wire, from the centre out. Thickness in metres; the core's is its radius. */
export interface MetalLayer {
  readonly metal: MetalName;
  readonly thickness: number;
}

/** Extra length of a strand over the conductor it is laid into; engineering value. */
export const strandLay = 1.02;

/**
 * Direct-current resistance per metre of one round wire made of layers in parallel: `R = 1 / sum(A_i / rho_i(T))`, ohm
 * per metre. Layers must have positive thickness.
 * @throws RangeError when a thickness is not positive.
 */
export function wireResistancePerMetre(layers: readonly MetalLayer[], celsius = 20): number {
  let inner = 0;
  let conductance = 0;
  for (const { metal, thickness } of layers) {
    if (!(thickness > 0))
      throw new RangeError(`wire: expected a positive layer thickness, found ${thickness}`);
    const outer = inner + thickness;
    conductance += (Math.PI * (outer ** 2 - inner ** 2)) / resistivityAt(metal, celsius);
    inner = outer;
  }
  return 1 / conductance;
}

/** Skin depth, metres: `sqrt(rho / (pi f mu0))`, for a non-magnetic metal at `celsius`. */
export function skinDepth(metal: MetalName, frequency: number, celsius = 20): number {
  return Math.sqrt(resistivityAt(metal, celsius) / (Math.PI * frequency * vacuumPermeability));
}

/** Magnetic constant, H/m. */
export const vacuumPermeability = 4e-7 * Math.PI;
