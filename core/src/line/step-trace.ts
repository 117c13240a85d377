import FFT from 'fft.js';
import type { Reflections } from './reflection-model.ts';
import type { LineKnown, Reflectogram, RunKnown } from './reflectogram.ts';
import { explainedBy, searchedOf, shown } from './reflectogram.ts';

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

/** Highest frequency that a ramp carries well, over one part of its rise time, and over one part of the time between samples. */
const [perRise, perSample] = [0.75, 0.4];
/** What is seen at the end of a trace counts `exp(-3)` as much as at its beginning. */
const endDamping = 3;

/**
 * The same from a trace over time: what came back over what was sent, at frequencies that the step carries. While the step
 * itself still rises the trace shows the source and not the line: there it is taken to be where it arrives.
 * @throws RangeError with fewer than 16 samples or samples that are not evenly spaced.
 */
export function traceReflectogram(trace: StepTrace, known: LineKnown, run?: RunKnown): Reflectogram {
  const { times, volts, emf, sourceResistance, riseTime } = trace;
  const count = times.length;
  const timeStep = (times[count - 1]! - times[0]!) / (count - 1);
  const isEven = Array.from(times).every(
    (time, n) => Math.abs(time - times[0]! - n * timeStep) < 1e-3 * timeStep,
  );
  if (!(count >= 16 && volts.length === count && timeStep > 0 && isEven && riseTime > 0))
    throw new RangeError(
      'This trace cannot be looked into: expected 16 samples or more, evenly spaced, and a rise time above 0.',
    );
  const launched = Math.min(count - 1, Math.max(0, Math.ceil((riseTime - times[0]!) / timeStep)));
  const arrived = volts[launched]! / (emf / 2) - 1;
  const sent = Array.from(times, (time) => Math.max(0, Math.min(1, time / riseTime)));
  const returned = sent.map((part, n) => (n < launched ? arrived * part : volts[n]! / (emf / 2) - 1));
  const size = 2 ** Math.ceil(Math.log2(count));
  const step = 1 / (size * timeStep);
  const points = Math.floor(Math.min(perRise / riseTime, perSample / timeStep) / step);
  const damping = endDamping / (count * timeStep);
  const [came, went] = [returned, sent].map((values) =>
    spectrumOf(dampedChanges(values, size, damping * timeStep), points),
  ) as [Reflections, Reflections];
  const over = (n: number) => went.re[n]! ** 2 + went.im[n]! ** 2;
  const searched = searchedOf(
    {
      frequencies: Float64Array.from({ length: points }, (_, n) => (n + 1) * step),
      swept: {
        re: came.re.map((re, n) => (re * went.re[n]! + came.im[n]! * went.im[n]!) / over(n)),
        im: came.im.map((im, n) => (im * went.re[n]! - came.re[n]! * went.im[n]!) / over(n)),
      },
      damping,
    },
    known,
    run,
  );
  return shown(searched, explainedBy(searched, run), known, {
    reference: sourceResistance,
    distances: Float64Array.from(times, (time) => ((time - riseTime / 2) * searched.speed) / 2),
    raw: Float64Array.from(returned),
  });
}

/** Changes from sample to sample, those later in the trace counting less: echoes that come after its end are missed less so. */
const dampedChanges = (values: readonly number[], size: number, perStep: number): number[] =>
  Array.from({ length: size }, (_, n) =>
    n < values.length ? (values[n]! - (n > 0 ? values[n - 1]! : 0)) * Math.exp(-perStep * n) : 0,
  );

/** What changes are made of, from the first frequency above 0 on. */
function spectrumOf(changes: readonly number[], points: number): Reflections {
  const transform = new FFT(changes.length);
  const spectrum = transform.createComplexArray();
  transform.realTransform(spectrum, changes);
  return {
    re: Float64Array.from({ length: points }, (_, n) => spectrum[2 * (n + 1)]!),
    im: Float64Array.from({ length: points }, (_, n) => spectrum[2 * (n + 1) + 1]!),
  };
}
