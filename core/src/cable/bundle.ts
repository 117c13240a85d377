/** Diameter of the circle round n equal circles, over theirs (packing of equal circles, known optima). */
const packing = [0, 1, 2, 2.155, 2.415, 2.702, 3, 3, 3.305];

/**
 * Diameter of a round opening through which things lying side by side pass, metres: never more than their sum, and for
 * three or more never more than that many of the thickest. On the safe side.
 */
export function bundleDiameter(diameters: readonly number[]): number {
  const sum = diameters.reduce((total, d) => total + d, 0);
  const factor = packing[diameters.length];
  return factor === undefined ? sum : Math.min(sum, factor * Math.max(0, ...diameters));
}
