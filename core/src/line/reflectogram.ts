import { formatMetres } from '../quantity/length.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { LossFit } from './causal-line.ts';
import { causalLine } from './causal-line.ts';
import { impulseResponse } from './impulse-response.ts';
import { localImpedance } from './local-impedance.ts';
import type { Explained } from './reflection-explain.ts';
import { explain } from './reflection-explain.ts';
import type { LineModel, Reflections } from './reflection-model.ts';
import { modelReflections } from './reflection-model.ts';
import type { Searched } from './reflection-search.ts';
import { findDiscontinuities, resolutionAt, spacingOf } from './reflection-search.ts';
import { windowAt } from './window.ts';

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
  readonly loss: LossFit;
}

/** What is known of the run that is looked along. */
export interface RunKnown {
  /** Metres to its far end. */
  readonly length: number;
  /** What stands there, over the port's reference, where it is neither open nor short; undefined where that is not known. */
  readonly load: number | undefined;
}

/** Impedance against distance, what it is made of, and what limits it. */
export interface Reflectogram {
  /** Metres, one way, of every sample. */
  readonly distances: Float64Array;
  /** Step response of the reflection: what a reflectometer's screen shows. */
  readonly raw: Float64Array;
  /** Impedance straight from the raw step, ohm: wrong behind the first strong event. */
  readonly apparent: Float64Array;
  /** Local impedance with what lies before undone, ohm: of the places that explain what was measured. */
  readonly local: Float64Array;
  /** Those places, the nearest first. */
  readonly places: Pick<Explained, 'model' | 'decided'>;
  /** What comes back beside what those places say, as a part of full reflection, root mean square over the sweep. */
  readonly unexplained: number;
  /** Two places closer than this, metres, run together: at the port, and at each of the places. */
  readonly resolution: number;
  readonly resolutionAtPlace: readonly number[];
  /** Beyond this distance, metres, echoes fold back to the beginning. */
  readonly aliasFree: number;
  /** Part of a distance by which it may be off. */
  readonly velocityUncertainty: number;
  /** Metres per second on the line. */
  readonly speed: number;
}

/** A length beyond this part of the range cannot be told from its echo. */
const usablePart = 0.8;
/** Looked beyond the end of a run that is known, so many metres and parts of it. */
const beyond = { part: 1.25, metres: 1 } as const;
/** A model is held against so many frequencies of a sweep; they are spread over all of it. */
const mostFitted = 201;
const leastPoints = 16;

/** A sweep whose points lie too far apart for a run, with what would do. */
export class ReflectionTooCoarse extends RangeError {
  constructor(step: number, mostStep: number, length: number, highest: number) {
    const points = Math.ceil(highest / mostStep);
    super(
      `too coarse for this length: ${inMegahertz(step)} MHz from point to point, where ${formatMetres(length)} ` +
        `needs at most ${inMegahertz(mostStep)} MHz (${points} points up to ${inMegahertz(highest)} MHz)`,
    );
    this.name = 'ReflectionTooCoarse';
  }
}

/** Three digits, rounded down: a limit that is written is kept. */
function inMegahertz(hertz: number): number {
  const digit = 10 ** (Math.floor(Math.log10(hertz)) - 2);
  return Number((Math.floor(hertz / digit + 1e-6) * digit * 1e-6).toPrecision(3));
}

/** Widest step from point to point that shows a run of this length, hertz. */
const mostStepFor = (length: number, velocityFactor: number) =>
  (usablePart * velocityFactor * speedOfLight) / (2 * length);

function checkSweep({ frequencies }: ReflectionSweep, { velocityFactor }: LineKnown): void {
  if (!(velocityFactor > 0 && velocityFactor <= 1))
    throw new RangeError(`expected a velocity factor above 0 and at most 1, found ${velocityFactor}`);
  const count = frequencies.length;
  if (!(count >= leastPoints)) throw new RangeError(`expected ${leastPoints} points or more, found ${count}`);
  const spacing = spacingOf(frequencies);
  for (let n = 1; n < count; n++)
    if (!(Math.abs(frequencies[n]! - frequencies[n - 1]! - spacing) < 1e-3 * spacing))
      throw new RangeError('expected evenly spaced frequencies; sweep with a linear grid');
}

/**
 * Impedance against distance from a swept reflection. Places are found one after another on a line whose loss is causal, and
 * then all fitted to what was measured together, so that what lies before masks nothing and an echo that comes twice is no
 * place. Source: layer peeling, then least squares on the exact network.
 * @throws ReflectionTooCoarse when the step from point to point is too wide for the run.
 * @throws RangeError when the sweep has too few points, is not evenly spaced, or the velocity factor cannot be.
 */
export function reflectogram(sweep: ReflectionSweep, known: LineKnown, run?: RunKnown): Reflectogram {
  checkSweep(sweep, known);
  const { frequencies, reference } = sweep;
  const searched = searchedOf({ swept: { re: sweep.s11Re, im: sweep.s11Im }, frequencies }, known, run);
  const explained = explainedBy(searched, run);
  const below = missingBelow(frequencies);
  const missing = modelReflections(explained.model, causalLine(below, known.velocityFactor, known.loss));
  return shown(searched, explained, known, { reference, ...stepAlong(searched, missing) });
}

/**
 * What is searched of a reflection, no farther than it can show.
 * @throws ReflectionTooCoarse when the step from point to point is too wide for the run.
 */
export function searchedOf(
  { swept, frequencies, damping }: Pick<Searched, 'swept' | 'frequencies'> & { readonly damping?: number },
  { velocityFactor, loss }: LineKnown,
  run: RunKnown | undefined,
): Searched {
  const speed = velocityFactor * speedOfLight;
  const spacing = spacingOf(frequencies);
  const usable = (usablePart * speed) / (2 * spacing);
  if (run && !(run.length <= usable))
    throw new ReflectionTooCoarse(
      spacing,
      mostStepFor(run.length, velocityFactor),
      run.length,
      frequencies.at(-1)!,
    );
  return {
    swept,
    frequencies,
    line: causalLine(frequencies, velocityFactor, loss, damping),
    speed,
    farthest: Math.min(usable, run ? beyond.part * run.length + beyond.metres : Infinity),
  };
}

/** What was found, beside what was measured over distance. */
export function shown(
  searched: Searched,
  explained: Explained,
  { velocityUncertainty }: LineKnown,
  { distances, raw, reference }: Pick<Reflectogram, 'distances' | 'raw'> & { readonly reference: number },
): Reflectogram {
  const { frequencies, speed } = searched;
  const resolution = (metres: number) => resolutionAt(searched, metres);
  return {
    distances,
    raw,
    apparent: raw.map((value) => impedanceOf(value, reference)),
    local: localImpedance(distances, explained.model, resolution).map((ratio) => ratio * reference),
    places: explained,
    unexplained: unexplainedPart(searched, explained.model),
    resolution: resolution(0),
    resolutionAtPlace: explained.model.discontinuities.map(({ distance }) => resolution(distance)),
    aliasFree: speed / (2 * spacingOf(frequencies)),
    velocityUncertainty,
    speed,
  };
}

/** The places that are found, with the load where a run ends that shows no end of its own, fitted. */
export function explainedBy(searched: Searched, run: RunKnown | undefined): Explained {
  const found = findDiscontinuities(searched);
  const last = found.at(-1);
  const load = {
    kind: 'load',
    distance: Math.max(run?.length ?? 0, last?.distance ?? 0),
    reflection: 0,
  } as const;
  const { frequencies, swept, line } = searched;
  const every = Math.ceil(frequencies.length / mostFitted);
  const thin = (values: Float64Array) => values.filter((_, n) => n % every === 0);
  const fewer = thin(frequencies);
  return explain(
    {
      nearRatio: 1,
      lossScale: 1,
      discontinuities: last?.kind === 'load' || !run ? found : [...found, load],
    },
    {
      measured: { re: thin(swept.re), im: thin(swept.im) },
      line: {
        loss: thin(line.loss),
        turn: thin(line.turn),
        skinTurn: thin(line.skinTurn),
        factorRe: thin(line.factorRe),
        factorIm: thin(line.factorIm),
      },
      // What connectors do grows with frequency: the highest frequencies count least.
      weights: fewer.map((frequency) => Math.sqrt(windowAt(frequency / fewer.at(-1)!))),
      resolutionAt: (metres) => resolutionAt(searched, metres),
      farthest: searched.farthest,
      load: run?.load,
    },
  );
}

/** Frequencies on the sweep's own spacing that it leaves out below its first, the lowest first; for 0 Hz one next to it. */
function missingBelow(frequencies: Float64Array): Float64Array {
  const spacing = spacingOf(frequencies);
  const count = Math.floor(frequencies[0]! / spacing + 1e-6);
  return Float64Array.from({ length: count }, (_, n) =>
    Math.max(1e-3 * spacing, frequencies[0]! - (count - n) * spacing),
  );
}

/** Step response over distance, with what the sweep leaves out at low frequency as the places say. */
function stepAlong({ swept, frequencies, speed, farthest }: Searched, missing: Reflections) {
  const whole = {
    re: Float64Array.from([...missing.re, ...swept.re]),
    im: Float64Array.from([...missing.im, ...swept.im]),
  };
  const spacing = spacingOf(frequencies);
  const lowest = frequencies[0]! - missing.re.length * spacing;
  const { impulse, timeStep } = impulseResponse(whole, Math.max(0, lowest), spacing);
  // A band-limited pulse begins before its own time.
  const lead = Math.ceil(2 / frequencies.at(-1)! / timeStep);
  const count = Math.min(impulse.length, Math.ceil((2 * farthest) / (speed * timeStep)) + 2 * lead);
  let sum = 0;
  return {
    distances: Float64Array.from({ length: count }, (_, n) => ((n - lead) * timeStep * speed) / 2),
    raw: Float64Array.from(
      { length: count },
      (_, n) => (sum += impulse[(n - lead + impulse.length) % impulse.length]!),
    ),
  };
}

function unexplainedPart({ swept, line }: Searched, model: LineModel): number {
  const said = modelReflections(model, line);
  const count = swept.re.length;
  let sum = 0;
  for (let n = 0; n < count; n++)
    sum += (said.re[n]! - swept.re[n]!) ** 2 + (said.im[n]! - swept.im[n]!) ** 2;
  return Math.sqrt(sum / count);
}

const largest = 1e4;

function impedanceOf(reflection: number, reference: number): number {
  if (reflection >= 1) return largest;
  if (reflection <= -1) return 0;
  return Math.min(largest, (reference * (1 + reflection)) / (1 - reflection));
}

/** Distance that explains a ripple of the return loss with this period (hertz): `v / (2 df)`, metres. */
export function distanceOfRipple(period: number, velocityFactor: number): number {
  return (velocityFactor * speedOfLight) / (2 * period);
}
