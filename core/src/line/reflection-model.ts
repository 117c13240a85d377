import type { WaveLine } from './causal-line.ts';

/**
 * One place of a line where a wave is thrown back: the line goes on with another impedance, a resistance lies in series
 * or across, or the line ends in a load.
 */
export interface Discontinuity {
  readonly kind: 'step' | 'series' | 'shunt' | 'load';
  /** Metres from the port. */
  readonly distance: number;
  /** Reflection at high frequency of a wave from the nearer side, -1 to 1: 1 is an open load, -1 a short one. */
  readonly reflection: number;
}

/** A line behind a port, as its discontinuities, the nearest first. Without a load it goes on for ever. */
export interface LineModel {
  /** Impedance at the port over the port's reference. */
  readonly nearRatio: number;
  /** Loss over what the cable's figures say. */
  readonly lossScale: number;
  readonly discontinuities: readonly Discontinuity[];
}

/** A reflection for every frequency, real and imaginary parts apart. */
export interface Reflections {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

/** Numerator over denominator, complex, written to place `n`. */
function put({ re, im }: Reflections, n: number, a: number, b: number, c: number, d: number): void {
  const square = c * c + d * d;
  re[n] = (a * c + b * d) / square;
  im[n] = (b * c - a * d) / square;
}

/** Series resistance over the line's impedance, and shunt conductance times it, that reflect so much. */
export const seriesRatio = (reflection: number) => (2 * reflection) / (1 - reflection);
export const shuntRatio = (reflection: number) => (-2 * reflection) / (1 + reflection);

/**
 * Takes reflections from the far side of a discontinuity to its near side (`sign` 1) or back (-1), in place: a step, a series
 * and a shunt part are each undone by their opposite.
 */
export function through(waves: Reflections, what: Discontinuity, line: WaveLine, sign: 1 | -1): void {
  const { re, im } = waves;
  const { factorRe, factorIm } = line;
  const step = sign * what.reflection;
  const series = sign * seriesRatio(what.reflection);
  const shunt = sign * shuntRatio(what.reflection);
  for (let n = 0; n < re.length; n++) {
    const [x, y, p, q] = [re[n]!, im[n]!, factorRe[n]!, factorIm[n]!];
    if (what.kind === 'step') put(waves, n, x + step, y, 1 + step * x, step * y);
    else if (what.kind === 'series') {
      const size = series / (p * p + q * q);
      const addedRe = size * (p * (1 - x) - q * y);
      const addedIm = size * (-q * (1 - x) - p * y);
      put(waves, n, 2 * x + addedRe, 2 * y + addedIm, 2 + addedRe, addedIm);
    } else {
      const addedRe = shunt * (p * (1 + x) - q * y);
      const addedIm = shunt * (q * (1 + x) + p * y);
      put(waves, n, 2 * x - addedRe, 2 * y - addedIm, 2 + addedRe, addedIm);
    }
  }
}

/** Takes reflections over so many metres of line, towards the port (above 0) or away from it, in place. */
export function along({ re, im }: Reflections, metres: number, line: WaveLine, lossScale: number): void {
  const { loss, turn, skinTurn } = line;
  for (let n = 0; n < re.length; n++) {
    const size = Math.exp(-2 * metres * lossScale * loss[n]!);
    const angle = -2 * metres * (turn[n]! + lossScale * skinTurn[n]!);
    const [cos, sin] = [size * Math.cos(angle), size * Math.sin(angle)];
    const [x, y] = [re[n]!, im[n]!];
    re[n] = x * cos - y * sin;
    im[n] = x * sin + y * cos;
  }
}

/** What a port of its own real reference sees of reflections that are in the line's own impedance there, in place. */
export function toPort(waves: Reflections, nearRatio: number, { factorRe, factorIm }: WaveLine): void {
  const { re, im } = waves;
  for (let n = 0; n < re.length; n++) {
    const [x, y] = [re[n]!, im[n]!];
    const [p, q] = [nearRatio * factorRe[n]!, nearRatio * factorIm[n]!];
    const [a, b] = [p * (1 + x) - q * y, q * (1 + x) + p * y];
    put(waves, n, a - (1 - x), b + y, a + (1 - x), b - y);
  }
}

/** The opposite: what a port sees, in the line's own impedance. */
export function fromPort(waves: Reflections, nearRatio: number, { factorRe, factorIm }: WaveLine): void {
  const { re, im } = waves;
  for (let n = 0; n < re.length; n++) {
    const [x, y] = [re[n]!, im[n]!];
    const [p, q] = [nearRatio * factorRe[n]!, nearRatio * factorIm[n]!];
    const [a, b] = [p * (1 - x) + q * y, q * (1 - x) - p * y];
    put(waves, n, 1 + x - a, y - b, 1 + x + a, y + b);
  }
}

/** Reflection of a real load in the line's own impedance. */
export function atLoad(waves: Reflections, reflection: number, { factorRe, factorIm }: WaveLine): void {
  const [over, under] = [1 + reflection, 1 - reflection];
  for (let n = 0; n < waves.re.length; n++) {
    const [p, q] = [under * factorRe[n]!, under * factorIm[n]!];
    put(waves, n, over - p, -q, over + p, q);
  }
}

/** What the port sees of a line. Exact, all multiple reflections included. Source: two-port theory, wave form. */
export function modelReflections(model: LineModel, line: WaveLine): Reflections {
  const count = line.loss.length;
  const waves = { re: new Float64Array(count), im: new Float64Array(count) };
  const { discontinuities, lossScale, nearRatio } = model;
  for (let place = discontinuities.length - 1; place >= 0; place--) {
    const what = discontinuities[place]!;
    if (what.kind === 'load') atLoad(waves, what.reflection, line);
    else through(waves, what, line, 1);
    along(waves, what.distance - (discontinuities[place - 1]?.distance ?? 0), line, lossScale);
  }
  toPort(waves, nearRatio, line);
  return waves;
}
