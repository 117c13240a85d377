import { distanceOfRipple } from '../line/reflectogram.ts';

/** How sure a cause is that a shape suggests. */
export type Sureness = 'likely' | 'possible' | 'not sure';

/** What the shape of a difference suggests. */
export interface SweepCause {
  readonly code:
    'series resistance' | 'conductor loss' | 'dielectric loss' | 'ripple' | 'notch' | 'less than copper can';
  readonly sure: Sureness;
  /** The part of the excess that it explains, dB at the end of the sweep; of a ripple, from crest to crest. */
  readonly size: number;
  /** Metres between the two places that make a ripple; hertz of a notch; null otherwise. */
  readonly at: number | null;
  /** Part of the difference that this shape explains, 0 to 1. */
  readonly explained: number;
}

/** A difference smaller than this, dB, is what cables and instruments scatter. Engineering value. */
const leastExcess = 0.15;

/** Where nothing goes through at the lowest frequency, dB, the line is open or shorted, and its loss has no shape. */
const blocked = 15;

const shapes = [
  { code: 'series resistance', at: () => 1 },
  { code: 'conductor loss', at: (part: number) => Math.sqrt(part) },
  { code: 'dielectric loss', at: (part: number) => part },
] as const;

/**
 * Likely causes of a loss that is not as predicted, by the shape of the difference over frequency: constant (a resistance in
 * series), growing with the square root (conductor, braid), growing with frequency itself (dielectric, water), a ripple of
 * one period (two places that reflect), a notch (a resonance). A list, the likelier first; empty where nothing stands out.
 */
export function sweepCauses(
  frequencies: Float64Array,
  measured: Float64Array,
  predicted: Float64Array,
  velocityFactor: number,
): SweepCause[] {
  const excess = measured.map((value, n) => value - predicted[n]!);
  const mean = excess.reduce((sum, value) => sum + value, 0) / excess.length;
  if (excess[0]! > blocked) return [];
  const { sizes, rest } = fitShapes(frequencies, excess);
  const total = energy(excess);
  const causes: SweepCause[] = shapes.flatMap(({ code }, shape): SweepCause[] => {
    const size = sizes[shape]!;
    if (size < leastExcess) return [];
    const without = energy(rest.map((value, n) => value + size * shapeAt(frequencies, n, shape)));
    const explained = total > 0 ? Math.min(1, (without - energy(rest)) / total) : 0;
    return [{ code, size, at: null, explained, sure: sureness(explained, size) }];
  });
  if (causes.length === 0 && mean < -2 * leastExcess)
    causes.push({ code: 'less than copper can', size: -mean, at: null, explained: 1, sure: 'likely' });
  causes.push(...notchOf(frequencies, rest), ...rippleOf(frequencies, rest, velocityFactor));
  return causes.sort((a, b) => b.explained * b.size - a.explained * a.size);
}

const sureness = (explained: number, size: number): Sureness =>
  explained > 0.5 && size > 3 * leastExcess ? 'likely' : explained > 0.2 ? 'possible' : 'not sure';

const energy = (values: Float64Array) => values.reduce((sum, value) => sum + value * value, 0);

const shapeAt = (frequencies: Float64Array, n: number, shape: number) =>
  shapes[shape]!.at(frequencies[n]! / frequencies.at(-1)!);

/** Least squares with no negative size: of the eight sets of shapes the best that needs none. */
function fitShapes(frequencies: Float64Array, excess: Float64Array): { sizes: number[]; rest: Float64Array } {
  let best = { sizes: [0, 0, 0], rest: excess };
  let least = energy(excess);
  for (let set = 1; set < 8; set++) {
    const used = [0, 1, 2].filter((shape) => set & (1 << shape));
    const solved = leastSquares(frequencies, excess, used);
    if (!solved || solved.some((size) => size < 0)) continue;
    const rest = excess.map((value, n) =>
      used.reduce((left, shape, k) => left - solved[k]! * shapeAt(frequencies, n, shape), value),
    );
    // A further shape must earn its place: three that fit no better than one say nothing.
    if (energy(rest) < 0.98 * least) {
      least = energy(rest);
      best = { sizes: [0, 1, 2].map((shape) => solved[used.indexOf(shape)] ?? 0), rest };
    }
  }
  return best;
}

/** Normal equations of up to three shapes, solved by elimination; undefined where they are alike. */
function leastSquares(
  frequencies: Float64Array,
  values: Float64Array,
  used: readonly number[],
): number[] | undefined {
  const matrix = used.map((a) => [
    ...used.map((b) =>
      values.reduce((sum, _, n) => sum + shapeAt(frequencies, n, a) * shapeAt(frequencies, n, b), 0),
    ),
    values.reduce((sum, value, n) => sum + shapeAt(frequencies, n, a) * value, 0),
  ]);
  const size = used.length;
  for (let pivot = 0; pivot < size; pivot++) {
    const scale = matrix[pivot]![pivot]!;
    if (!(Math.abs(scale) > 1e-9)) return undefined;
    for (let row = 0; row < size; row++) {
      if (row === pivot) continue;
      const factor = matrix[row]![pivot]! / scale;
      for (let column = pivot; column <= size; column++)
        matrix[row]![column]! -= factor * matrix[pivot]![column]!;
    }
  }
  return matrix.map((row, n) => row[size]! / row[n]!);
}

/** A notch: far deeper than the rest wanders, and narrow. */
function notchOf(frequencies: Float64Array, rest: Float64Array): SweepCause[] {
  let deepest = 0;
  for (let n = 1; n < rest.length; n++) if (rest[n]! > rest[deepest]!) deepest = n;
  const depth = rest[deepest]!;
  const wide = rest.filter((value) => value > depth / 2).length / rest.length;
  const scatter = Math.sqrt(energy(rest.filter((value) => value <= depth / 2)) / rest.length);
  if (depth < 6 * leastExcess || wide > 0.08 || depth < 6 * scatter) return [];
  const explained = energy(rest.filter((value) => value > depth / 2)) / Math.max(energy(rest), 1e-12);
  return [
    { code: 'notch', size: depth, at: frequencies[deepest]!, explained, sure: sureness(explained, depth) },
  ];
}

/** A ripple of one period: the strongest line in the spectrum of what is left, by correlation at each period. */
function rippleOf(frequencies: Float64Array, rest: Float64Array, velocityFactor: number): SweepCause[] {
  const count = rest.length;
  const mean = rest.reduce((sum, value) => sum + value, 0) / count;
  const total = energy(rest.map((value) => value - mean));
  if (count < 32 || total === 0) return [];
  let best = { periods: 0, power: 0 };
  for (let periods = 2; periods <= Math.min(count / 4, 200); periods++) {
    let re = 0;
    let im = 0;
    const turn = (2 * Math.PI * periods) / count;
    for (let n = 0; n < count; n++) {
      re += (rest[n]! - mean) * Math.cos(turn * n);
      im += (rest[n]! - mean) * Math.sin(turn * n);
    }
    const power = (2 * (re * re + im * im)) / count;
    if (power > best.power) best = { periods, power };
  }
  const explained = Math.min(1, best.power / total);
  const size = 2 * Math.sqrt((2 * best.power) / count);
  if (size < leastExcess || explained < 0.3) return [];
  const period = (frequencies.at(-1)! - frequencies[0]!) / best.periods;
  return [
    {
      code: 'ripple',
      size,
      at: distanceOfRipple(period, velocityFactor),
      explained,
      sure: sureness(explained, size),
    },
  ];
}
