/** A complex number. Plain data; used where a handful of frequencies is computed, not in sweeps. */
export interface Complex {
  readonly re: number;
  readonly im: number;
}

export const complex = (re: number, im = 0): Complex => ({ re, im });
export const add = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im });
export const subtract = (a: Complex, b: Complex): Complex => ({ re: a.re - b.re, im: a.im - b.im });
export const multiply = (a: Complex, b: Complex): Complex => ({
  re: a.re * b.re - a.im * b.im,
  im: a.re * b.im + a.im * b.re,
});
export const scale = (a: Complex, factor: number): Complex => ({ re: a.re * factor, im: a.im * factor });
export const magnitude = (a: Complex): number => Math.hypot(a.re, a.im);

export function divide(a: Complex, b: Complex): Complex {
  const square = b.re * b.re + b.im * b.im;
  return { re: (a.re * b.re + a.im * b.im) / square, im: (a.im * b.re - a.re * b.im) / square };
}

export function exponential(a: Complex): Complex {
  const factor = Math.exp(a.re);
  return { re: factor * Math.cos(a.im), im: factor * Math.sin(a.im) };
}

/** Principal square root, without the cancellation of `|a| + re` near the negative axis (lines of low loss lie there). */
export function squareRoot(a: Complex): Complex {
  const larger = Math.sqrt((magnitude(a) + Math.abs(a.re)) / 2);
  if (larger === 0) return complex(0);
  const smaller = Math.abs(a.im) / (2 * larger);
  const sign = a.im < 0 ? -1 : 1;
  return a.re >= 0 ? { re: larger, im: sign * smaller } : { re: smaller, im: sign * larger };
}
