import { evenGrid } from '../quantity/grid.ts';
import { causalLine, distortionlessLine } from './causal-line.ts';
import type { Complex } from '../quantity/complex.ts';
import type { TwoPortData } from './two-port-data.ts';
import { chainMatrixAt } from './two-port-data.ts';

/**
 * Attenuation over frequency: `k1 sqrt(f) + k2 f` dB per 100 m with the phase and the complex impedance of skin effect, or one
 * figure for each swept frequency on a line of real impedance (Heaviside).
 */
export type LossCurve =
  { readonly k1: number; readonly k2: number } | { readonly perPoint: readonly number[] };

/** A length of cable, or a connector or adapter as the piece of line that it is. */
export interface LineElement {
  readonly kind: 'line';
  /** Ohm, above 0. */
  readonly impedance: number;
  readonly velocityFactor: number;
  /** Metres, 0 or more. */
  readonly length: number;
  readonly loss: LossCurve;
}

/** One lumped part or measured two-port. Values are 0 or more: the parts are passive. */
export type LumpedElement =
  | { readonly kind: 'series inductor'; readonly inductance: number }
  | { readonly kind: 'series resistor'; readonly resistance: number }
  | { readonly kind: 'series capacitor'; readonly capacitance: number }
  | { readonly kind: 'shunt capacitor'; readonly capacitance: number }
  | { readonly kind: 'shunt resistor'; readonly resistance: number }
  | { readonly kind: 'shunt inductor'; readonly inductance: number }
  | { readonly kind: 'two-port'; readonly data: TwoPortData };

/** One thing in a cascade, source side first. The Line lab calls a cascade a chain. */
export type CascadeElement = LineElement | LumpedElement;

/** Scattering parameters over frequency, real and imaginary parts apart, both ports in one real reference. */
export interface Sweep {
  readonly frequencies: Float64Array;
  readonly reference: number;
  readonly s11Re: Float64Array;
  readonly s11Im: Float64Array;
  readonly s21Re: Float64Array;
  readonly s21Im: Float64Array;
}

/** What the source sees with a load at the far end, and the loss on the way to it. */
export interface LoadedSweep {
  readonly frequencies: Float64Array;
  readonly reference: number;
  readonly s11Re: Float64Array;
  readonly s11Im: Float64Array;
  /** Power into the near end over power in the load, dB; Infinity where the load takes none. */
  readonly totalLossDb: Float64Array;
}

/** Most points of one sweep. */
export const mostPoints = 20_001;

/** An element, a sweep or a band that cannot be. */
export class CascadeError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CascadeError';
  }
}

/**
 * Evenly spaced frequencies, hertz, both ends included.
 * @throws CascadeError when the band is empty or upside down or the count is not 2 to 20 001.
 */
export function frequencyGrid(from: number, to: number, points: number): Float64Array {
  if (!(from > 0 && to > from && to < Infinity))
    throw new CascadeError(
      `A band goes from above 0 Hz up to a higher frequency; found ${from} to ${to} Hz.`,
    );
  if (!(Number.isInteger(points) && points >= 2 && points <= mostPoints))
    throw new CascadeError(`A sweep has 2 to ${mostPoints} points; found ${points}.`);
  return evenGrid(from, to, points);
}

/**
 * S11 and S21 of a cascade between two ports of `reference` ohm. Voltage and current are taken from the far port back
 * to the near one, element by element, over all frequencies at once: half the work of multiplying matrices.
 * Source: two-port theory; `S21 = 2 R I2 / (V1 + R I1)` with V2 = R I2.
 * @throws CascadeError when an element cannot be.
 */
export function sweepCascade(
  elements: readonly CascadeElement[],
  frequencies: Float64Array,
  reference: number,
): Sweep {
  checkReference(reference);
  const state = farPort(frequencies.length, { re: reference, im: 0 });
  takeBack(elements, frequencies, state);
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  const s21Re = new Float64Array(frequencies.length);
  const s21Im = new Float64Array(frequencies.length);
  for (let n = 0; n < frequencies.length; n++) {
    const sumRe = voltageRe[n]! + reference * currentRe[n]!;
    const sumIm = voltageIm[n]! + reference * currentIm[n]!;
    const square = sumRe * sumRe + sumIm * sumIm;
    s21Re[n] = (2 * reference * sumRe) / square;
    s21Im[n] = (-2 * reference * sumIm) / square;
  }
  return { frequencies, reference, ...nearReflection(state, reference), s21Re, s21Im };
}

/** `S11 = (V - R I) / (V + R I)` at the near port. */
function nearReflection(
  { voltageRe, voltageIm, currentRe, currentIm }: PlaneState,
  reference: number,
): { s11Re: Float64Array; s11Im: Float64Array } {
  const s11Re = new Float64Array(voltageRe.length);
  const s11Im = new Float64Array(voltageRe.length);
  for (let n = 0; n < voltageRe.length; n++) {
    const sumRe = voltageRe[n]! + reference * currentRe[n]!;
    const sumIm = voltageIm[n]! + reference * currentIm[n]!;
    const differenceRe = voltageRe[n]! - reference * currentRe[n]!;
    const differenceIm = voltageIm[n]! - reference * currentIm[n]!;
    const square = sumRe * sumRe + sumIm * sumIm;
    s11Re[n] = (differenceRe * sumRe + differenceIm * sumIm) / square;
    s11Im[n] = (differenceIm * sumRe - differenceRe * sumIm) / square;
  }
  return { s11Re, s11Im };
}

/**
 * Reflection at the near port (against `reference`) and total loss with `load` at the far end. An open circuit is
 * `Infinity`.
 * @throws CascadeError when an element cannot be.
 */
export function sweepLoaded(
  elements: readonly CascadeElement[],
  frequencies: Float64Array,
  reference: number,
  load: Complex,
): LoadedSweep {
  checkReference(reference);
  if (!(load.re >= 0)) throw new CascadeError(`A load has a resistance of 0 or more; found ${load.re} ohm.`);
  const state = farPort(frequencies.length, load);
  const powerAtLoad = Number.isFinite(load.re) ? load.re : 0;
  takeBack(elements, frequencies, state);
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  const totalLossDb = voltageRe.map((real, n) => {
    const powerIn = real * currentRe[n]! + voltageIm[n]! * currentIm[n]!;
    return powerAtLoad > 0 ? 10 * Math.log10(powerIn / powerAtLoad) : Infinity;
  });
  return { frequencies, reference, ...nearReflection(state, reference), totalLossDb };
}

function checkReference(reference: number): void {
  if (!(reference > 0 && reference < Infinity))
    throw new CascadeError(`The reference is a resistance above 0; found ${reference} ohm.`);
}

/** Voltage and current at a plane for every frequency. */
interface PlaneState {
  readonly voltageRe: Float64Array;
  readonly voltageIm: Float64Array;
  readonly currentRe: Float64Array;
  readonly currentIm: Float64Array;
}

function farPort(count: number, load: Complex): PlaneState {
  const open = !Number.isFinite(load.re);
  const filled = (value: number) => new Float64Array(count).fill(value);
  return {
    voltageRe: filled(open ? 1 : load.re),
    voltageIm: filled(open ? 0 : load.im),
    currentRe: filled(open ? 0 : 1),
    currentIm: filled(0),
  };
}

function takeBack(elements: readonly CascadeElement[], frequencies: Float64Array, state: PlaneState): void {
  for (let place = elements.length - 1; place >= 0; place--) {
    const element = elements[place]!;
    checkElement(element, frequencies.length);
    if (element.kind === 'line') throughLine(element, frequencies, state);
    else throughLumped(element, frequencies, state);
  }
}

function throughLine(line: LineElement, frequencies: Float64Array, state: PlaneState): void {
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  const { impedance, length, loss, velocityFactor } = line;
  const wave =
    'perPoint' in loss
      ? distortionlessLine(frequencies, velocityFactor, loss.perPoint)
      : causalLine(frequencies, velocityFactor, loss);
  for (let n = 0; n < frequencies.length; n++) {
    const growth = Math.exp(length * wave.loss[n]!);
    const shrink = 1 / growth;
    const angle = length * (wave.turn[n]! + wave.skinTurn[n]!);
    const cos = Math.cos(angle);
    const sin = Math.sin(angle);
    const re = impedance * wave.factorRe[n]!;
    const im = impedance * wave.factorIm[n]!;
    const dropRe = re * currentRe[n]! - im * currentIm[n]!;
    const dropIm = re * currentIm[n]! + im * currentRe[n]!;
    const sumRe = voltageRe[n]! + dropRe;
    const sumIm = voltageIm[n]! + dropIm;
    const differenceRe = voltageRe[n]! - dropRe;
    const differenceIm = voltageIm[n]! - dropIm;
    const forwardRe = (sumRe * cos - sumIm * sin) * growth;
    const forwardIm = (sumRe * sin + sumIm * cos) * growth;
    const backwardRe = (differenceRe * cos + differenceIm * sin) * shrink;
    const backwardIm = (differenceIm * cos - differenceRe * sin) * shrink;
    voltageRe[n] = 0.5 * (forwardRe + backwardRe);
    voltageIm[n] = 0.5 * (forwardIm + backwardIm);
    const over = 0.5 / (re * re + im * im);
    const leftRe = forwardRe - backwardRe;
    const leftIm = forwardIm - backwardIm;
    currentRe[n] = (leftRe * re + leftIm * im) * over;
    currentIm[n] = (leftIm * re - leftRe * im) * over;
  }
}

/** Adds a series impedance `re + j im`: `V += Z I`. */
function addSeries(state: PlaneState, n: number, re: number, im: number): void {
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  voltageRe[n]! += re * currentRe[n]! - im * currentIm[n]!;
  voltageIm[n]! += re * currentIm[n]! + im * currentRe[n]!;
}

/** Adds a shunt admittance `re + j im`: `I += Y V`. */
function addShunt(state: PlaneState, n: number, re: number, im: number): void {
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  currentRe[n]! += re * voltageRe[n]! - im * voltageIm[n]!;
  currentIm[n]! += re * voltageIm[n]! + im * voltageRe[n]!;
}

function throughLumped(element: LumpedElement, frequencies: Float64Array, state: PlaneState): void {
  for (let n = 0; n < frequencies.length; n++) {
    const omega = 2 * Math.PI * frequencies[n]!;
    switch (element.kind) {
      case 'series inductor':
        addSeries(state, n, 0, omega * element.inductance);
        break;
      case 'series resistor':
        addSeries(state, n, element.resistance, 0);
        break;
      case 'series capacitor':
        addSeries(state, n, 0, -1 / (omega * element.capacitance));
        break;
      case 'shunt capacitor':
        addShunt(state, n, 0, omega * element.capacitance);
        break;
      case 'shunt resistor':
        addShunt(state, n, 1 / element.resistance, 0);
        break;
      case 'shunt inductor':
        addShunt(state, n, 0, -1 / (omega * element.inductance));
        break;
      case 'two-port':
        throughData(element.data, frequencies[n]!, n, state);
        break;
    }
  }
}

function throughData(data: TwoPortData, frequency: number, n: number, state: PlaneState): void {
  const { voltageRe, voltageIm, currentRe, currentIm } = state;
  const { a, b, c, d } = chainMatrixAt(data, frequency);
  const [vRe, vIm, iRe, iIm] = [voltageRe[n]!, voltageIm[n]!, currentRe[n]!, currentIm[n]!];
  voltageRe[n] = a.re * vRe - a.im * vIm + b.re * iRe - b.im * iIm;
  voltageIm[n] = a.re * vIm + a.im * vRe + b.re * iIm + b.im * iRe;
  currentRe[n] = c.re * vRe - c.im * vIm + d.re * iRe - d.im * iIm;
  currentIm[n] = c.re * vIm + c.im * vRe + d.re * iIm + d.im * iRe;
}

const refuse = (expected: string, found: number) => {
  throw new CascadeError(`Expected ${expected}; found ${found}.`);
};

function checkElement(element: CascadeElement, points: number): void {
  if (element.kind === 'line') return checkLine(element, points);
  const value =
    'inductance' in element
      ? element.inductance
      : 'capacitance' in element
        ? element.capacitance
        : 'resistance' in element
          ? element.resistance
          : 1;
  const blocks =
    element.kind === 'series capacitor' ||
    element.kind === 'shunt resistor' ||
    element.kind === 'shunt inductor';
  if (!(value >= 0 && value < Infinity)) refuse(`a ${element.kind} of 0 or more: parts are passive`, value);
  if (blocks && value === 0) refuse(`a ${element.kind} above 0: nothing passes one of 0`, value);
}

function checkLine({ impedance, velocityFactor, length, loss }: LineElement, points: number): void {
  if (!(impedance > 0 && impedance < Infinity)) refuse('an impedance above 0 ohm', impedance);
  if (!(velocityFactor > 0 && velocityFactor <= 1))
    refuse('a velocity factor above 0 and at most 1', velocityFactor);
  if (!(length >= 0 && length < Infinity)) refuse('a length of 0 m or more', length);
  if ('k1' in loss) {
    if (!(loss.k1 >= 0 && loss.k2 >= 0 && loss.k1 + loss.k2 < Infinity))
      refuse('a loss of 0 or more', Math.min(loss.k1, loss.k2));
    return;
  }
  if (loss.perPoint.length !== points)
    refuse(`one loss for each of ${points} frequencies`, loss.perPoint.length);
  const wrong = loss.perPoint.find((value) => !(value >= 0 && value < Infinity));
  if (wrong !== undefined) refuse('a loss of 0 or more', wrong);
}
