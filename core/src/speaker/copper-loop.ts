import { resistivityAt } from '../conductor/material.ts';
import { strandLay } from '../conductor/resistance.ts';
import { roundWireResistance } from '../conductor/round-wire.ts';

/** Resistivity of stranded copper along its cable at 20 C, ohm metres: the lay of the strands counted. */
export const strandedCopper = resistivityAt('copper', 20) * strandLay;

/** Loop of two copper poles of this area (square metres), ohm per metre at 20 C. */
export const loopOfArea = (area: number) => (2 * strandedCopper) / area;

/** Inductance of two parallel cores side by side, henry per metre of the loop. Engineering value. */
export const loopInductance = 0.6e-6;

/** How much more a conductor of this area resists at a frequency than to direct current, taken as solid and round. */
export function skinFactor(area: number, frequency: number): number {
  const diameter = Math.sqrt((4 / Math.PI) * area);
  return roundWireResistance(diameter, frequency) / roundWireResistance(diameter, 0);
}
