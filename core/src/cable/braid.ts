import { resistivityAt } from '../conductor/material.ts';
import { wireResistancePerMetre } from '../conductor/resistance.ts';
import type { Braid, CoaxCable } from './cable.ts';

/** Length of metal along a corrugated tube over the length of the tube. Engineering value. */
const corrugatedLength = 1.25;

/** A woven braid stands about two and a half wires high where the carriers cross. Engineering value. */
const wiresHigh = 2.5;

/** Radial thickness of one braid, metres. */
export function braidThickness(braid: Braid): number {
  return wiresHigh * braid.wireDiameter;
}

/** Outside diameter over all braids as they lie on the dielectric, metres. */
export function overBraid(cable: CoaxCable): number {
  return cable.dielectric.diameter + 2 * shieldThickness(cable);
}

/** Radial thickness of the whole shield, metres. */
export function shieldThickness(cable: CoaxCable): number {
  const inner = cable.conductiveLayer + (cable.foil?.thickness ?? 0);
  const tube = cable.tube ? (cable.tube.outside - cable.dielectric.diameter) / 2 : 0;
  return cable.braids.reduce((sum, braid) => sum + braidThickness(braid), inner + tube);
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

/** The braids of a cable as they lie one over the other, each with its wires. */
export function laidBraids(cable: CoaxCable): { readonly braid: Braid; readonly wires: number }[] {
  let diameter = cable.dielectric.diameter + 2 * (cable.conductiveLayer + (cable.foil?.thickness ?? 0));
  return cable.braids.map((braid) => {
    const wires = braidWires(braid, diameter);
    diameter += 2 * braidThickness(braid);
    return { braid, wires };
  });
}

/** Metal of all braids across the cable, square metres: each wire is cut at its angle. */
export const braidMetal = (cable: CoaxCable): number =>
  laidBraids(cable).reduce(
    (sum, { braid, wires }) =>
      sum + (wires * (Math.PI / 4) * braid.wireDiameter ** 2) / Math.cos(braid.angle),
    0,
  );

/**
 * Direct-current resistance of the whole shield, ohm per metre: foil, tube and braids in parallel, each braid wire longer
 * by `1 / cos(angle)`, a corrugated tube longer by about a quarter.
 */
export function shieldResistancePerMetre(cable: CoaxCable, celsius = 20): number {
  let conductance = 0;
  if (cable.foil) {
    const { metal, thickness, metalThickness } = cable.foil;
    const middle = cable.dielectric.diameter + 2 * cable.conductiveLayer + thickness;
    conductance += (Math.PI * middle * metalThickness) / resistivityAt(metal, celsius);
  }
  if (cable.tube) {
    const { metal, wall, outside, corrugated } = cable.tube;
    const path = corrugated ? corrugatedLength : 1;
    conductance += (Math.PI * (outside - wall) * wall) / (resistivityAt(metal, celsius) * path);
  }
  for (const { braid, wires } of laidBraids(cable))
    conductance += (wires * Math.cos(braid.angle)) / wireResistancePerMetre(braid.wireLayers, celsius);
  return 1 / conductance;
}
