import { sweepWords } from '../words/proof-check.ts';
import type { Network } from '../line/network.ts';
import { inReference } from '../line/network.ts';
import type { House } from '../house/house.ts';
import { frequencyGrid, sweepCascade } from '../line/cascade.ts';
import { aliasFreeDelay } from '../line/band.ts';
import { leastOfAssembly } from '../line/connector-line.ts';
import { leadCascade } from '../line/lead-cascade.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import { stepWidth } from '../line/window.ts';
import { lineFigures, velocityUncertainty } from '../cable/line-figures.ts';
import type { Verdict } from '../strip/measured.ts';
import type { Judged } from './judge.ts';
import { judgeAtMost, judgeBetween } from './judge.ts';
import type { Uncertainty } from '../house/instrument.ts';
import type { Device } from '../reading/reading.ts';
import type { SweepLine } from './sweep-line.ts';

/** What an analyser is taken to err by where it does not say: loss, and what is left of its directivity, dB. Engineering values. */
export const usualAnalyser = { loss: { relative: 0.01, fixed: 0.05 }, directivity: 40 } as const;

/** A mated pair of connectors may lose so much beside what is predicted, dB. Engineering value. */
const perConnector = 0.05;
/** Cable is within so much of its nominal impedance, ohm; constant-impedance connectors reflect so much at 1 GHz. Engineering values. */
const cableTolerance = 2;
const connectorReflection = 0.02;
/** What a return loss that is computed from tolerances is allowed beside, dB. House default. */
const modelAllowance = 3;
/** A connector's own length is known to this, metres. Engineering value. */
export const planeUncertainty = 5e-3;

/** Where the limits of a sweep come from, in words. */
export const sweepWhy = {
  loss: sweepWords.whyLoss(perConnector),
  returnLoss: sweepWords.whyReturnLoss(modelAllowance),
  length: sweepWords.whyLength(velocityUncertainty, planeUncertainty),
} as const;

/** One measured curve against its limit, all in dB and by frequency. `margin` is positive on the good side. */
export interface JudgedCurve {
  readonly frequencies: Float64Array;
  readonly measured: Float64Array;
  readonly predicted: Float64Array;
  readonly limit: Float64Array;
  readonly margin: Float64Array;
  readonly verdict: Verdict;
  /** Index of the worst point inside the band; -1 where no swept point lies in it. */
  readonly worst: number;
  readonly judged: Judged;
}

/** A sweep judged over the band of a lead. */
export interface JudgedSweep {
  /** Hertz: over these the verdict is made. */
  readonly band: readonly [from: number, to: number];
  readonly returnLoss: JudgedCurve;
  /** From one port everything came back: the far end, or the lead, was open or short, and its match was not measured. */
  readonly unloaded: boolean;
  /** Undefined with one port. */
  readonly loss: JudgedCurve | undefined;
  /** Cable between the jacket edges by the delay, metres; undefined with one port or too coarse a grid. */
  readonly length: { readonly judged: Judged; readonly why: string } | undefined;
}

/** The band a verdict is made over: the working frequencies, and a tenth beyond at each side. */
export function bandOf(frequencies: readonly number[]): [number, number] {
  return [0.9 * Math.min(...frequencies), 1.1 * Math.max(...frequencies)];
}

/** A sweep tells places apart that lie this part of the length from each other, and goes no higher for it than this, hertz. */
const resolvedPart = 1 / 30;
const highestForPlace = 3e9;

/** Frequencies that a sweep of this lead should have, hertz: past its band, high enough to tell places apart, fine enough for its length. */
export function sweepGridFor(line: SweepLine, frequencies: readonly number[], points = 801): Float64Array {
  const delay = line.length / (lineFigures(line.cable).velocityFactor * speedOfLight);
  const forPlace = Math.min(highestForPlace, stepWidth / (4 * resolvedPart * delay));
  const to = Math.max(100e6, 2 * Math.max(...frequencies), forPlace);
  // A quarter of a turn from point to point keeps delay and ripple free of ambiguity.
  const needed = Math.ceil(to * delay * 4);
  const count = Math.min(4001, Math.max(points, needed));
  return frequencyGrid(to / count, to, count);
}

/**
 * Judges a sweep of a lead against its prediction. Loss may be the prediction plus the house's tolerance of the cable and
 * 0.05 dB for each connector; return loss must reach the tighter of the class of its connectors and what the tolerances of
 * cable and connectors add up to. The uncertainty of the instrument is the guard band. A sweep in
 * another reference is judged in that of the lead.
 */
export function judgeSweep(
  line: SweepLine,
  frequencies: readonly number[],
  network: Network,
  house: Pick<House, 'limits'>,
  device?: Device,
): JudgedSweep {
  const band = bandOf(frequencies);
  const { ports, parameters, frequencies: swept } = inReference(network, line.reference);
  const limits = sweepLimits(line, swept, house);
  const returned = decibels(parameters[0]!.re, parameters[0]!.im);
  const returnLoss = judgeCurve(
    {
      frequencies: swept,
      measured: returned,
      predicted: limits.predictedReturnLoss,
      limit: limits.returnLossLimit,
      margin: returned.map((value, n) => value - limits.returnLossLimit[n]!),
    },
    frequencies,
    (n) => judgeReturnLossAt(returned[n]!, limits.returnLossLimit[n]!, device?.uncertainty.directivity),
  );
  if (ports < 2) {
    const unloaded = returned[0]! < 2 * limits.predictedLoss[0]! + nearlyAll;
    return {
      band,
      returnLoss: unloaded ? unmeasured(returnLoss) : returnLoss,
      unloaded,
      loss: undefined,
      length: undefined,
    };
  }
  const lost = decibels(parameters[ports]!.re, parameters[ports]!.im);
  const loss = judgeCurve(
    {
      frequencies: swept,
      measured: lost,
      predicted: limits.predictedLoss,
      limit: limits.lossLimit,
      margin: limits.lossLimit.map((most, n) => most - lost[n]!),
    },
    frequencies,
    (n) => judgeLossAt(lost[n]!, limits.lossLimit[n]!, device?.uncertainty.loss),
  );
  return { band, returnLoss, unloaded: false, loss, length: judgeLength(line, network) };
}

/** What comes back from an open or short end is the loss of both ways; so much less is still nearly all, dB. Engineering value. */
const nearlyAll = 2;

/** Prediction and limits of a lead over frequency, dB. */
interface SweepLimits {
  readonly predictedLoss: Float64Array;
  readonly lossLimit: Float64Array;
  readonly predictedReturnLoss: Float64Array;
  readonly returnLossLimit: Float64Array;
}

function sweepLimits(
  line: SweepLine,
  frequencies: Float64Array,
  { limits }: Pick<House, 'limits'>,
): SweepLimits {
  const predicted = sweepCascade(leadCascade(line), frequencies, line.reference);
  const predictedLoss = decibels(predicted.s21Re, predicted.s21Im);
  const predictedReturnLoss = decibels(predicted.s11Re, predicted.s11Im);
  const { fit } = lineFigures(line.cable);
  const ends = [line.near.series, line.far.series];
  const isComputed = ends.some(({ limit: highest }) => highest === null);
  return {
    predictedLoss,
    lossLimit: frequencies.map((frequency, n) => {
      const cable = ((fit.k1 * Math.sqrt(frequency) + fit.k2 * frequency) * line.length) / 100;
      return predictedLoss[n]! + limits.lossTolerance * cable + 2 * perConnector;
    }),
    predictedReturnLoss,
    returnLossLimit: frequencies.map((frequency, n) => {
      const byClass = leastOfAssembly(ends, frequency, predictedReturnLoss[n]!) ?? 0;
      const byModel = leastOfModel(line, frequency);
      // A series without a class is held to its prediction, but to no more than tolerances leave of it.
      const least = isComputed ? Math.min(byClass, byModel) : Math.max(byClass, byModel);
      return least + limits.returnLossExtra;
    }),
  };
}

/** A loss against its limit, dB. */
export function judgeLossAt(
  loss: number,
  limit: number,
  { relative, fixed }: Uncertainty = usualAnalyser.loss,
): Judged {
  return judgeAtMost(loss, limit, relative * Math.max(0, loss) + fixed);
}

/** What is left of the directivity, dB, adds to the reflection itself; in decibels its two sides differ, so the verdict is made there. */
export function judgeReturnLossAt(
  returnLoss: number,
  limit: number,
  left: number = usualAnalyser.directivity,
): Judged {
  const directivity = 10 ** (-left / 20);
  const reflection = 10 ** (-returnLoss / 20);
  const { verdict, reason } = judgeAtMost(reflection, 10 ** (-limit / 20), directivity);
  const uncertainty = Math.abs(returnLoss + 20 * Math.log10(reflection + directivity));
  return { verdict, reason, reading: returnLoss, limit, uncertainty };
}

/** What a lead should show at one frequency, and what it is held to there, dB. */
export interface SpotLimits {
  readonly loss: number;
  readonly returnLoss: number;
  readonly predictedLoss: number;
  readonly predictedReturnLoss: number;
}

/** Prediction and limits at one frequency, hertz: what a reading by hand is held to. */
export function spotLimits(line: SweepLine, hertz: number, house: Pick<House, 'limits'>): SpotLimits {
  const at = sweepLimits(line, Float64Array.of(hertz), house);
  return {
    loss: at.lossLimit[0]!,
    returnLoss: at.returnLossLimit[0]!,
    predictedLoss: at.predictedLoss[0]!,
    predictedReturnLoss: at.predictedReturnLoss[0]!,
  };
}

/** Return loss that tolerances alone may add up to, less the allowance, dB: cable at both of its faces, and two connectors. */
function leastOfModel({ cable, reference }: SweepLine, frequency: number): number {
  const impedance = lineFigures(cable).impedance;
  const off = Math.abs(impedance - reference) + cableTolerance;
  const faces = (2 * off) / (2 * reference + off);
  const connectors = (2 * connectorReflection * Math.min(frequency, 6e9)) / 1e9;
  return Math.max(0, -20 * Math.log10(Math.min(1, faces + connectors)) - modelAllowance);
}

/** The point of the band with the least margin decides; a sweep that does not reach every working frequency decides nothing. */
function judgeCurve(curve: Curve, working: readonly number[], judge: (n: number) => Judged): JudgedCurve {
  const { frequencies, margin } = curve;
  const [from, to] = bandOf(working);
  const slack = 1e-6;
  const covers =
    frequencies[0]! <= Math.min(...working) * (1 + slack) &&
    frequencies.at(-1)! >= Math.max(...working) * (1 - slack);
  let worst = -1;
  for (let n = 0; covers && n < frequencies.length; n++) {
    if (frequencies[n]! < from || frequencies[n]! > to) continue;
    if (worst < 0 || margin[n]! < margin[worst]!) worst = n;
  }
  if (worst < 0) return unmeasured(curve);
  const judged = judge(worst);
  return { ...curve, worst, verdict: judged.verdict, judged };
}

type Curve = Pick<JudgedCurve, 'frequencies' | 'measured' | 'predicted' | 'limit' | 'margin'>;

/** A curve that decides nothing. */
const unmeasured = (curve: Curve): JudgedCurve => ({
  ...curve,
  worst: -1,
  verdict: 'Not yet',
  judged: { verdict: 'Not yet', reading: undefined, limit: NaN, uncertainty: 0, reason: 'not measured' },
});

/** Loss of a parameter, dB, positive; silence ends at 120 dB. */
function decibels(re: Float64Array, im: Float64Array): Float64Array {
  return re.map((value, n) => Math.min(120, -10 * Math.log10(Math.max(1e-12, value ** 2 + im[n]! ** 2))));
}

/** Below this part of full transmission a phase is noise. */
const leastThrough = 0.03;

/** Between which a length by delay must lie, metres of cable. */
export function lengthLimits({ length }: SweepLine): [number, number] {
  const tolerance = 2 * velocityUncertainty * length + 2 * planeUncertainty;
  return [Math.max(0, length - tolerance), length + tolerance];
}

function judgeLength(line: SweepLine, network: Network): JudgedSweep['length'] {
  const { velocityFactor } = lineFigures(line.cable);
  const expected = line.length / (velocityFactor * speedOfLight);
  const delay = delayOf(network);
  // On a grid too coarse a long delay looks like a short one.
  if (delay === undefined || expected > 0.7 * aliasFreeDelay(network.frequencies)) return undefined;
  const connectors = [line.near.series, line.far.series].reduce(
    (sum, { length, velocityFactor: factor }) => sum + length / (factor * speedOfLight),
    0,
  );
  const length = (delay - connectors) * velocityFactor * speedOfLight;
  return {
    judged: judgeBetween(Math.max(0, length), lengthLimits(line), velocityUncertainty * line.length),
    why: sweepWords.delay(delay, velocityFactor),
  };
}

/** Delay through a network, seconds, by the slope of its phase over all points that are not noise; undefined where none gets through. */
function delayOf({ ports, frequencies, parameters }: Network): number | undefined {
  const { re, im } = parameters[ports]!;
  let turned = 0;
  let span = 0;
  for (let n = 1; n < frequencies.length; n++) {
    if (Math.hypot(re[n]!, im[n]!) < leastThrough || Math.hypot(re[n - 1]!, im[n - 1]!) < leastThrough)
      continue;
    const step = Math.atan2(
      im[n]! * re[n - 1]! - re[n]! * im[n - 1]!,
      re[n]! * re[n - 1]! + im[n]! * im[n - 1]!,
    );
    turned -= step;
    span += frequencies[n]! - frequencies[n - 1]!;
  }
  return span > 0 ? turned / (2 * Math.PI * span) : undefined;
}
