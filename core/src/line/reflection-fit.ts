import { Matrix, solve } from 'ml-matrix';
import type { WaveLine } from './causal-line.ts';
import type { Discontinuity, LineModel, Reflections } from './reflection-model.ts';
import { modelReflections } from './reflection-model.ts';
import { modelSlopes } from './reflection-slopes.ts';

/** What a model of a line is held against. */
export interface Fitted {
  readonly measured: Reflections;
  readonly line: WaveLine;
  /** How much each frequency counts, 0 to 1. */
  readonly weights: Float64Array;
  /** What two places need between them to be told apart so far from the port, metres. */
  readonly resolutionAt: (metres: number) => number;
  /** Nothing lies beyond, metres. */
  readonly farthest: number;
  /** What the line ends in where it is neither open nor short, over the port's reference; undefined where it may be anything. */
  readonly load: number | undefined;
}

/** A model, and how far it is from what was measured: the sum of squares of misses in units of their uncertainty. */
export interface Fit {
  readonly model: LineModel;
  readonly cost: number;
}

/** Of one reading of a calibrated analyser; of loss, impedance at the port and load as parts. Engineering values. */
const uncertainty = { reading: 1e-3, loss: 0.05, near: 0.02, load: 0.02 } as const;
const mostRounds = 12;
/** A round that gains less than this part of the cost is the last. */
const leastGain = 1e-4;
/** How far a figure is moved to see how the load's miss moves. */
const nudge = 1e-4;
/** No reading tells a load beyond this from an open or a short. */
const largestReflection = 0.9999;

const parametersOf = ({ nearRatio, lossScale, discontinuities }: LineModel, resolution: number): number[] => [
  nearRatio,
  lossScale,
  ...discontinuities.flatMap(({ distance, reflection }) => [distance / resolution, reflection]),
];

function modelOf(
  parameters: readonly number[],
  like: LineModel,
  resolution: number,
  farthest: number,
): LineModel {
  const discontinuities: Discontinuity[] = [];
  for (const [n, what] of like.discontinuities.entries()) {
    const before = discontinuities.at(-1)?.distance ?? 0;
    const reflection = parameters[3 + 2 * n]!;
    discontinuities.push({
      ...what,
      distance: Math.min(farthest, Math.max(before, parameters[2 + 2 * n]! * resolution)),
      reflection: Math.max(-largestReflection, Math.min(largestReflection, reflection)),
    });
  }
  return {
    nearRatio: Math.max(0.05, parameters[0]!),
    lossScale: Math.max(0, parameters[1]!),
    discontinuities,
  };
}

/** Impedance over the port's reference before each discontinuity, and behind the last. */
export function levelsOf({ nearRatio, discontinuities }: LineModel): number[] {
  const levels = [nearRatio];
  for (const { kind, reflection } of discontinuities) {
    const level = levels.at(-1)!;
    const isChange = kind === 'step' || kind === 'load';
    levels.push(isChange ? (level * (1 + reflection)) / (1 - reflection) : level);
  }
  return levels;
}

/** How far the end of a model is from what lines end in: an open, a short, or the load that stands there. */
function loadMiss(model: LineModel, load: number | undefined): number {
  const last = model.discontinuities.at(-1);
  if (last?.kind !== 'load') return 0;
  if (Math.abs(last.reflection) > 0.5) return (1 - Math.abs(last.reflection)) / uncertainty.load;
  return load === undefined ? 0 : (levelsOf(model).at(-1)! / load - 1) / uncertainty.load;
}

/** What is left between model and readings, in their uncertainty; what is known beforehand counts as a reading. */
function missesOf(model: LineModel, { measured, line, weights, load }: Fitted): Float64Array {
  const waves = modelReflections(model, line);
  const count = weights.length;
  const misses = new Float64Array(2 * count + 3);
  for (let n = 0; n < count; n++) {
    const weight = weights[n]! / uncertainty.reading;
    misses[2 * n] = weight * (waves.re[n]! - measured.re[n]!);
    misses[2 * n + 1] = weight * (waves.im[n]! - measured.im[n]!);
  }
  misses[2 * count] = (model.lossScale - 1) / uncertainty.loss;
  misses[2 * count + 1] = (model.nearRatio - 1) / uncertainty.near;
  misses[2 * count + 2] = loadMiss(model, load);
  return misses;
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let n = 0; n < a.length; n++) sum += a[n]! * b[n]!;
  return sum;
}

/** A point of the way to the nearest model. */
interface Standing extends Fit {
  readonly parameters: readonly number[];
  readonly misses: Float64Array;
}

/**
 * The model nearest to what was measured, from one that is close: the places, what they reflect, the line's impedance and its
 * loss. Source: damped least squares after Levenberg and Marquardt.
 */
export function fitModel(start: LineModel, fitted: Fitted): Fit {
  const resolution = fitted.resolutionAt(0);
  const stand = (parameters: readonly number[]): Standing => {
    const model = modelOf(parameters, start, resolution, fitted.farthest);
    const misses = missesOf(model, fitted);
    return { parameters, model, misses, cost: dot(misses, misses) };
  };
  let here = stand(parametersOf(start, resolution));
  let damping = 1e-3;
  for (let round = 0; round < mostRounds; round++) {
    const slopes = slopesAt(here, fitted);
    const gram = slopes.map((a) => slopes.map((b) => dot(a, b)));
    const pull = Matrix.columnVector(slopes.map((a) => -dot(a, here.misses)));
    let next = here;
    for (; next.cost >= here.cost && damping < 1e6; damping *= 10) {
      const damped = gram.map((row, n) => row.with(n, row[n]! * (1 + damping) + 1e-9));
      const move = solve(new Matrix(damped), pull).to1DArray();
      next = stand(here.parameters.map((value, n) => value + move[n]!));
    }
    if (!(next.cost < here.cost)) break;
    damping = Math.max(1e-9, damping / 100);
    const gain = here.cost - next.cost;
    here = next;
    if (gain < leastGain * here.cost) break;
  }
  return here;
}

/** How the misses move with each parameter. */
function slopesAt({ model }: Standing, fitted: Fitted): Float64Array[] {
  const { weights, line, load } = fitted;
  const resolution = fitted.resolutionAt(0);
  const count = weights.length;
  const slopes = modelSlopes(model, line);
  const row = ({ re, im }: Reflections, unit: number) => {
    const values = new Float64Array(2 * count + 3);
    for (let n = 0; n < count; n++) {
      const weight = (unit * weights[n]!) / uncertainty.reading;
      values[2 * n] = weight * re[n]!;
      values[2 * n + 1] = weight * im[n]!;
    }
    return values;
  };
  const rows = [
    row(slopes.byNearRatio, 1),
    row(slopes.byLossScale, 1),
    ...model.discontinuities.flatMap((_, n) => [
      row(slopes.byDistance[n]!, resolution),
      row(slopes.byReflection[n]!, 1),
    ]),
  ];
  rows[1]![2 * count] = 1 / uncertainty.loss;
  rows[0]![2 * count + 1] = 1 / uncertainty.near;
  const parameters = parametersOf(model, resolution);
  const miss = loadMiss(model, load);
  for (const [n, value] of parameters.entries()) {
    const by = value + nudge > largestReflection ? -nudge : nudge;
    const nudged = modelOf(parameters.with(n, value + by), model, resolution, fitted.farthest);
    rows[n]![2 * count + 2] = (loadMiss(nudged, load) - miss) / by;
  }
  return rows;
}
