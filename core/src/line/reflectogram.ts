import FFT from 'fft.js';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** Swept reflection to look into, on evenly spaced frequencies. */
export interface ReflectionSweep {
  readonly frequencies: Float64Array;
  readonly reference: number;
  readonly s11Re: Float64Array;
  readonly s11Im: Float64Array;
}

/** What the line is known to be, so that time becomes place and loss is undone. */
export interface LineKnown {
  readonly velocityFactor: number;
  /** Part by which the velocity factor may be off; usually what limits a length. */
  readonly velocityUncertainty: number;
  /** dB per 100 m: `k1 sqrt(f) + k2 f`; zero leaves the loss in. */
  readonly loss: { readonly k1: number; readonly k2: number };
}

/** Impedance against distance, and what limits it. */
export interface Reflectogram {
  /** Metres, one way, of every sample. */
  readonly distances: Float64Array;
  /** Step response of the reflection: what a reflectometer's screen shows. */
  readonly raw: Float64Array;
  /** Impedance straight from the raw step, ohm: wrong behind the first strong event. */
  readonly apparent: Float64Array;
  /** Local impedance with what lies before undone, ohm. */
  readonly local: Float64Array;
  /** Two places closer than this, metres, run together. */
  readonly resolution: number;
  /** Beyond this distance, metres, echoes fold back to the beginning. */
  readonly aliasFree: number;
  /** Part of a distance by which it may be off. */
  readonly velocityUncertainty: number;
  /** Metres per second on the line. */
  readonly speed: number;
}

/** Kaiser window: side lobes under -60 dB for beta 6. */
const beta = 6;

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

/** Width of the windowed step, 10 to 90 %, over `1 / (2 f_max)`. For the Kaiser window of beta 6. */
export const stepWidth = 1.55;

/**
 * Reflection on the harmonic grid 0, df, 2 df... up to the highest frequency. The value at 0 is extrapolated from the two
 * lowest: the real part is even in frequency, the imaginary part is zero there.
 * @throws RangeError with fewer than 16 points or points that are not evenly spaced.
 */
function harmonic({ frequencies, s11Re, s11Im }: ReflectionSweep): {
  step: number;
  re: Float64Array;
  im: Float64Array;
} {
  const count = frequencies.length;
  if (!(count >= 16)) throw new RangeError(`reflection: expected 16 points or more, found ${count}`);
  const spacing = (frequencies[count - 1]! - frequencies[0]!) / (count - 1);
  for (let n = 1; n < count; n++)
    if (!(Math.abs(frequencies[n]! - frequencies[n - 1]! - spacing) < 1e-3 * spacing))
      throw new RangeError('reflection: expected evenly spaced frequencies; sweep with a linear grid');
  const size = Math.round(frequencies[count - 1]! / spacing);
  const step = frequencies[count - 1]! / size;
  const re = new Float64Array(size + 1);
  const im = new Float64Array(size + 1);
  const first = frequencies[0]!;
  for (let k = 1; k <= size; k++) {
    const place = (k * step - first) / spacing;
    if (place < 0) continue;
    const low = Math.min(count - 2, Math.floor(place));
    const part = place - low;
    re[k] = s11Re[low]! + part * (s11Re[low + 1]! - s11Re[low]!);
    im[k] = s11Im[low]! + part * (s11Im[low + 1]! - s11Im[low]!);
  }
  const lowest = Math.max(1, Math.ceil(first / step - 1e-9));
  const next = 2 * lowest;
  re[0] =
    next <= size
      ? (next ** 2 * re[lowest]! - lowest ** 2 * re[next]!) / (next ** 2 - lowest ** 2)
      : re[lowest]!;
  re[0] = Math.max(-1, Math.min(1, re[0]!));
  for (let k = 1; k < lowest; k++) {
    const part = k / lowest;
    re[k] = re[0]! + part ** 2 * (re[lowest]! - re[0]!);
    im[k] = part * im[lowest]!;
  }
  return { step, re, im };
}

/** Impulse response of the reflection, one value per `1 / (2 f_max)`, by windowed inverse transform. */
function impulseResponse(sweep: ReflectionSweep): {
  impulse: Float64Array;
  timeStep: number;
  period: number;
} {
  const { step, re, im } = harmonic(sweep);
  const highest = re.length - 1;
  const size = 2 ** Math.ceil(Math.log2(2 * highest));
  const transform = new FFT(size);
  const spectrum = transform.createComplexArray();
  for (let k = 0; k <= highest; k++) {
    const weight = bessel0(beta * Math.sqrt(1 - (k / highest) ** 2)) / bessel0(beta);
    spectrum[2 * k] = re[k]! * weight;
    spectrum[2 * k + 1] = im[k]! * weight;
    if (k > 0 && k < size / 2) {
      spectrum[2 * (size - k)] = re[k]! * weight;
      spectrum[2 * (size - k) + 1] = -im[k]! * weight;
    }
  }
  const time = transform.createComplexArray();
  transform.inverseTransform(time, spectrum);
  const period = 1 / step;
  return {
    impulse: Float64Array.from({ length: size }, (_, n) => time[2 * n]!),
    timeStep: period / size,
    period,
  };
}

/**
 * Impedance against distance from a swept reflection: inverse transform with the value at zero frequency extrapolated,
 * then the layers peeled one after another so that what lies before no longer masks what lies behind. The loss of each
 * layer is undone at a fortieth of the highest frequency, where the plateau of a step lives; dispersion stays.
 * Source: windowed Fourier inversion; layer peeling (dynamic deconvolution) of a lossless layered line.
 * @throws RangeError when the sweep cannot be inverted.
 */
export function reflectogram(sweep: ReflectionSweep, known: LineKnown, longest?: number): Reflectogram {
  const { velocityFactor, loss } = known;
  if (!(velocityFactor > 0 && velocityFactor <= 1))
    throw new RangeError(
      `reflection: expected a velocity factor above 0 and at most 1, found ${velocityFactor}`,
    );
  const { impulse, timeStep, period } = impulseResponse(sweep);
  const speed = velocityFactor * speedOfLight;
  const aliasFree = (speed * period) / 2;
  const lead = leadIn(timeStep, sweep.frequencies.at(-1)!);
  const wanted = Math.min(aliasFree * 0.9, longest ?? aliasFree / 2);
  const count = Math.max(
    8,
    Math.min(impulse.length - lead, Math.ceil((2 * wanted) / (speed * timeStep)) + lead),
  );
  // A band-limited pulse begins before its own time; the samples before zero are its lead-in.
  const shifted = Float64Array.from(
    { length: count },
    (_, n) => impulse[(n - lead + impulse.length) % impulse.length]!,
  );
  const distances = Float64Array.from({ length: count }, (_, n) => ((n - lead) * timeStep * speed) / 2);
  let sum = 0;
  const raw = shifted.map((value) => (sum += value));
  const frequency = sweep.frequencies.at(-1)! / 40;
  const neper = (loss.k1 * Math.sqrt(frequency) + loss.k2 * frequency) / 100 / decibelsPerNeper;
  return {
    distances,
    raw,
    apparent: raw.map((value) => impedanceOf(value, sweep.reference)),
    local: peel(shifted, sweep.reference, Math.exp((-neper * speed * timeStep) / 2)),
    resolution: (stepWidth * speed) / (4 * sweep.frequencies.at(-1)!),
    aliasFree,
    velocityUncertainty: known.velocityUncertainty,
    speed,
  };
}

/** A step seen over time at a source whose own resistance is the reference, as a reflectometer records it. */
export interface StepTrace {
  /** Evenly spaced, seconds; the step is launched at 0. */
  readonly times: ArrayLike<number>;
  readonly volts: ArrayLike<number>;
  /** Open-circuit voltage of the source. */
  readonly emf: number;
  readonly sourceResistance: number;
  /** Of the step itself, seconds: it sets the resolution. */
  readonly riseTime: number;
}

/**
 * The same from a trace over time: `rho = v / (emf / 2) - 1`, its differences peeled. The loss of each layer is undone at
 * `0.35 / rise time / 20`, as above for a plateau.
 * @throws RangeError with fewer than 16 samples or samples that are not evenly spaced.
 */
export function traceReflectogram(trace: StepTrace, known: LineKnown): Reflectogram {
  const { times, volts, emf, sourceResistance, riseTime } = trace;
  const count = times.length;
  const timeStep = (times[count - 1]! - times[0]!) / (count - 1);
  const isEven = Array.from(times).every(
    (time, n) => Math.abs(time - times[0]! - n * timeStep) < 1e-3 * timeStep,
  );
  if (!(count >= 16 && volts.length === count && timeStep > 0 && isEven && riseTime > 0))
    throw new RangeError('reflection: expected 16 or more evenly spaced samples and a rise time above 0');
  const speed = known.velocityFactor * speedOfLight;
  const raw = Float64Array.from(volts, (volt) => volt / (emf / 2) - 1);
  // While the step itself still rises, the trace shows the source and not the line.
  const launched = Math.ceil(riseTime / timeStep);
  for (let n = 0; n < launched; n++) raw[n] = raw[launched]!;
  const impulse = raw.map((value, n) => value - (n > 0 ? raw[n - 1]! : 0));
  const frequency = 0.35 / riseTime / 20;
  const neper = (known.loss.k1 * Math.sqrt(frequency) + known.loss.k2 * frequency) / 100 / decibelsPerNeper;
  return {
    distances: Float64Array.from(
      { length: count },
      (_, n) => ((times[0]! + n * timeStep - riseTime / 2) * speed) / 2,
    ),
    raw,
    apparent: raw.map((value) => impedanceOf(value, sourceResistance)),
    local: peel(impulse, sourceResistance, Math.exp((-neper * speed * timeStep) / 2)),
    resolution: (riseTime * speed) / 2,
    aliasFree: (timeStep * count * speed) / 2,
    velocityUncertainty: known.velocityUncertainty,
    speed,
  };
}

/** Samples that a windowed pulse needs to rise. */
const leadIn = (timeStep: number, highest: number) => Math.ceil((2 * stepWidth) / (2 * highest) / timeStep);

const largest = 1e4;

function impedanceOf(reflection: number, reference: number): number {
  if (reflection >= 1) return largest;
  if (reflection <= -1) return 0;
  return Math.min(largest, (reference * (1 + reflection)) / (1 - reflection));
}

/** Reflections that a passive layer can have, and no more: noise near total reflection would run away. */
const bounded = (reflection: number) => Math.max(-0.999, Math.min(0.999, reflection));

/** Impedance behind a reflection, ohm, kept to what a trace can show. */
const behind = (impedance: number, reflection: number) =>
  Math.min(largest, Math.max(0.01, (impedance * (1 + reflection)) / (1 - reflection)));

/** Behind an open or a short nothing can be seen. */
const isEnd = (impedance: number) => impedance >= 0.2 * largest || impedance <= 0.05;

/**
 * Local impedance of equal layers of one sample each (down and back). `down` is the wave sent, `up` what returns; the
 * first sample of the ratio is the reflection of the nearest layer, which is then stepped through. Only the ratio of the
 * two waves counts: what both lose alike is left out. Two layers are passed in one sweep over the samples, because the
 * traffic to memory is what this costs.
 */
function peel(impulse: Float64Array, reference: number, layerPass: number): Float64Array {
  const count = impulse.length;
  const down = new Float64Array(count + 2);
  const up = new Float64Array(count + 2);
  up.set(impulse);
  down[0] = 1;
  const local = new Float64Array(count);
  const regained = 1 / layerPass ** 2;
  let impedance = reference;
  for (let layer = 0; layer < count; layer += 2) {
    const first = bounded(up[0]! / down[0]!);
    let downHere = down[0]! - first * up[0]!;
    let upHere = (up[1]! - first * down[1]!) * regained;
    const second = bounded(upHere / downHere);
    const between = behind(impedance, first);
    impedance = isEnd(between) ? between : behind(between, second);
    local[layer] = between;
    if (layer + 1 < count) local[layer + 1] = impedance;
    if (isEnd(impedance)) {
      local.fill(impedance, layer + 1);
      break;
    }
    let downNext = down[1]!;
    let upNext = up[1]!;
    for (let n = 0; n < count - layer; n++) {
      const downAfter = down[n + 2]!;
      const upAfter = up[n + 2]!;
      const downPassed = downNext - first * upNext;
      const upPassed = (upAfter - first * downAfter) * regained;
      down[n] = downHere - second * upHere;
      up[n] = (upPassed - second * downPassed) * regained;
      downHere = downPassed;
      upHere = upPassed;
      downNext = downAfter;
      upNext = upAfter;
    }
  }
  return local;
}

/** A place where the line is not what it should be. Explanations are a list: one trace seldom tells them apart. */
export interface ReflectionEvent {
  readonly distance: number;
  /** Metres by which the place may be off: resolution and velocity factor. */
  readonly uncertainty: number;
  readonly kind: 'open' | 'short' | 'higher' | 'lower' | 'inductive' | 'capacitive';
  /** Ohm behind the step, or at the spike. */
  readonly impedance: number;
  /** Series resistance that would look the same, ohm, for a lasting step up. */
  readonly seriesResistance: number | null;
  /** Henry of an inductive spike or farad of a capacitive one; null otherwise. */
  readonly size: number | null;
}

/** Distance that explains a ripple of the return loss with this period (hertz): `v / (2 df)`, metres. */
export function distanceOfRipple(period: number, velocityFactor: number): number {
  return (velocityFactor * speedOfLight) / (2 * period);
}
