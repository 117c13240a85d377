import { resistivityAt } from './material.ts';

/** What fine strands of a cross-section are made of. */
export type StrandMetal = 'copper' | 'tinned copper';

/** Most that a flexible conductor may have, `[mm2, ohm per km bare, tinned]` at 20 C. Source: IEC 60228, class 5. */
const maxima = [
  [0.5, 39, 40.1],
  [0.75, 26, 26.7],
  [1, 19.5, 20],
  [1.5, 13.3, 13.7],
  [2.5, 7.98, 8.21],
  [4, 4.95, 5.09],
  [6, 3.3, 3.39],
  [10, 1.91, 1.95],
] as const;

/**
 * Most direct-current resistance that a conductor of fine strands may have, ohm per metre. Cross-sections between the standard
 * ones take the next smaller one's share over solid copper, those below the smallest its own.
 * Area in square metres, above 0. Source: IEC 60228, class 5.
 * @throws RangeError when the area cannot be.
 */
export function classFiveMaximum(area: number, metal: StrandMetal, celsius = 20): number {
  if (!(area > 0 && area < 1e-3))
    throw new RangeError(`strands: expected an area above 0 and under 1000 mm2, found ${area * 1e6} mm2`);
  const squareMillimetres = area * 1e6;
  const [size, bare, tinned] = maxima.findLast(([least]) => least <= squareMillimetres * 1.001) ?? maxima[0];
  const perKilometre = metal === 'copper' ? bare : tinned;
  const warm = resistivityAt('copper', celsius) / resistivityAt('copper', 20);
  return (perKilometre * 1e-3 * warm * size) / squareMillimetres;
}
