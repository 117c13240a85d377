import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, multiply, scale, subtract } from '../quantity/complex.ts';
import type { TwoPort } from './rlgc.ts';

/** A measured or simulated two-port: scattering parameters at rising frequencies, in one real reference. */
export interface TwoPortData {
  readonly name: string;
  readonly reference: number;
  readonly frequencies: Float64Array;
  /** `[S11, S21, S12, S22]`, each real and imaginary parts by frequency. */
  readonly parameters: readonly [ComplexSeries, ComplexSeries, ComplexSeries, ComplexSeries];
}

export interface ComplexSeries {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

/** A frequency outside what a two-port was measured over: nothing is extrapolated. */
export class OutsideDataError extends Error {
  constructor(name: string, from: number, to: number, frequency: number) {
    super(
      `${name} covers ${from / 1e6} to ${to / 1e6} MHz; asked for ${frequency / 1e6} MHz. Narrow the band, or take a file that covers it.`,
    );
    this.name = 'OutsideDataError';
  }
}

/** Place of the last frequency at or below `frequency`. */
function placeOf(frequencies: Float64Array, frequency: number): number {
  let low = 0;
  let high = frequencies.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (frequencies[middle]! <= frequency) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * Scattering parameters at a frequency (hertz), linear between points in real and imaginary part: right when the points
 * lie close enough that the phase turns little from one to the next.
 * @throws OutsideDataError outside the measured band.
 */
export function scatteringAt(data: TwoPortData, frequency: number): [Complex, Complex, Complex, Complex] {
  const { frequencies } = data;
  const first = frequencies[0]!;
  const last = frequencies[frequencies.length - 1]!;
  const slack = 1e-9 * last;
  if (!(frequency >= first - slack && frequency <= last + slack))
    throw new OutsideDataError(data.name, first, last, frequency);
  const place = placeOf(frequencies, frequency);
  const next = Math.min(place + 1, frequencies.length - 1);
  const span = frequencies[next]! - frequencies[place]!;
  const part = span > 0 ? (frequency - frequencies[place]!) / span : 0;
  return data.parameters.map(({ re, im }) => ({
    re: re[place]! + part * (re[next]! - re[place]!),
    im: im[place]! + part * (im[next]! - im[place]!),
  })) as [Complex, Complex, Complex, Complex];
}

/** Chain matrix at a frequency, from scattering parameters. Source: two-port conversion tables. */
export function chainMatrixAt(data: TwoPortData, frequency: number): TwoPort {
  const [s11, s21, s12, s22] = scatteringAt(data, frequency);
  const one = complex(1);
  const cross = multiply(s12, s21);
  const twice = scale(s21, 2);
  const r = data.reference;
  return {
    a: divide(add(multiply(add(one, s11), subtract(one, s22)), cross), twice),
    b: scale(divide(subtract(multiply(add(one, s11), add(one, s22)), cross), twice), r),
    c: scale(divide(subtract(multiply(subtract(one, s11), subtract(one, s22)), cross), twice), 1 / r),
    d: divide(add(multiply(subtract(one, s11), add(one, s22)), cross), twice),
  };
}
