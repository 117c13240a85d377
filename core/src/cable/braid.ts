import { wireResistancePerMetre } from '../conductor/resistance.ts';
import type { Braid, Cable } from './cable.ts';

/** A woven braid stands about two and a half wires high where the carriers cross. Engineering value. */
const wiresHigh = 2.5;

/** Radial thickness of one braid, metres. */
export function braidThickness(braid: Braid): number {
  return wiresHigh * braid.wireDiameter;
}

/** Outside diameter over all braids as they lie on the dielectric, metres. */
export function overBraid(cable: Cable): number {
  return cable.dielectric.diameter + 2 * shieldThickness(cable);
}

/** Radial thickness of the whole shield, metres. */
export function shieldThickness(cable: Cable): number {
  return cable.braids.reduce((sum, braid) => sum + braidThickness(braid), 0);
}

/**
 * Wires in a braid on a core of `diameter`, from its optical coverage `K = 2F - F^2`:
 * `F = n w / (2 pi D cos(angle))`, hence n. Not rounded to carriers. Source: braid geometry, shielding textbooks.
 */
export function braidWires(braid: Braid, diameter: number): number {
  const fill = 1 - Math.sqrt(1 - braid.coverage);
  const middle = diameter + 2 * braid.wireDiameter;
  return (2 * Math.PI * middle * fill * Math.cos(braid.angle)) / braid.wireDiameter;
}

/** Direct-current resistance of the whole shield, ohm per metre: its braids in parallel, each wire longer by `1 / cos(angle)`. */
export function shieldResistancePerMetre(cable: Cable, celsius = 20): number {
  let diameter = cable.dielectric.diameter;
  let conductance = 0;
  for (const braid of cable.braids) {
    const wire = wireResistancePerMetre(braid.wireLayers, celsius) / Math.cos(braid.angle);
    conductance += braidWires(braid, diameter) / wire;
    diameter += 2 * braidThickness(braid);
  }
  return 1 / conductance;
}
