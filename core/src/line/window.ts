/** Kaiser window: side lobes under -60 dB for beta 6. */
const beta = 6;

/** Width of the windowed step, 10 to 90 %, over `1 / (2 f_max)`. For the Kaiser window of beta 6. */
export const stepWidth = 1.55;

/** Modified Bessel function of order 0 (power series; converges fast for the arguments of a window). */
function bessel0(x: number): number {
  let term = 1;
  let sum = 1;
  for (let k = 1; term > 1e-12 * sum; k++) {
    term *= (x / (2 * k)) ** 2;
    sum += term;
  }
  return sum;
}

/** Steps of the window's table; between them it is straight to a millionth. */
const steps = 2048;
const table = Float64Array.from(
  { length: steps + 2 },
  (_, n) => bessel0(beta * Math.sqrt(Math.max(0, 1 - (n / steps) ** 2))) / bessel0(beta),
);

/** Weight of a frequency that is this part (0 to 1) of the highest: 1 at none, next to nothing at the highest. */
export function windowAt(part: number): number {
  const place = Math.min(1, part) * steps;
  const low = Math.floor(place);
  return table[low]! + (place - low) * (table[low + 1]! - table[low]!);
}
