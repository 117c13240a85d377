import type { Sweep } from './cascade.ts';

/** Curves of a sweep as people read them; losses are positive decibels. */
export interface SweepCurves {
  readonly frequencies: Float64Array;
  readonly insertionLossDb: Float64Array;
  readonly returnLossDb: Float64Array;
  /** Seconds. */
  readonly groupDelay: Float64Array;
  /** Degrees, -180 to 180. */
  readonly phaseDegrees: Float64Array;
}

/** The most that a reading of return loss shows; a perfect match is infinite. */
const bestReturnLoss = 120;

/** Insertion loss, return loss, group delay (`-d phase / d omega`, central differences) and phase of a sweep. */
export function sweepCurves(sweep: Sweep): SweepCurves {
  const { frequencies, s11Re, s11Im, s21Re, s21Im } = sweep;
  const count = frequencies.length;
  const insertionLossDb = new Float64Array(count);
  const returnLossDb = new Float64Array(count);
  const phase = new Float64Array(count);
  for (let n = 0; n < count; n++) {
    const through = s21Re[n]! ** 2 + s21Im[n]! ** 2;
    const back = s11Re[n]! ** 2 + s11Im[n]! ** 2;
    insertionLossDb[n] = -10 * Math.log10(through);
    returnLossDb[n] = back > 0 ? Math.min(bestReturnLoss, -10 * Math.log10(back)) : bestReturnLoss;
    phase[n] = Math.atan2(s21Im[n]!, s21Re[n]!);
  }
  return {
    frequencies,
    insertionLossDb,
    returnLossDb,
    groupDelay: groupDelayOf(phase, frequencies),
    phaseDegrees: phase.map((radians) => (radians * 180) / Math.PI),
  };
}

/** The smallest turn between two phases, radians. */
function turn(from: number, to: number): number {
  const difference = to - from;
  return difference - 2 * Math.PI * Math.round(difference / (2 * Math.PI));
}

/**
 * Group delay from phases. Right while the phase turns less than half a circle from point to point; see
 * `aliasFreeDelay`.
 */
function groupDelayOf(phase: Float64Array, frequencies: Float64Array): Float64Array {
  const last = phase.length - 1;
  return phase.map((_here, n) => {
    const before = Math.max(0, n - 1);
    const after = Math.min(last, n + 1);
    let turned = 0;
    for (let k = before; k < after; k++) turned += turn(phase[k]!, phase[k + 1]!);
    return -turned / (2 * Math.PI * (frequencies[after]! - frequencies[before]!));
  });
}

/** Longest delay, seconds, that evenly spaced points tell without ambiguity: half a turn from point to point. */
export function aliasFreeDelay(frequencies: Float64Array): number {
  return 1 / (2 * (frequencies[1]! - frequencies[0]!));
}

/** Whether a delay comes too near to what the points can tell; a tenth is kept in hand. */
export function isDelayAmbiguous(delay: number, frequencies: Float64Array): boolean {
  return delay > 0.9 * aliasFreeDelay(frequencies);
}

/** The worst point of a curve inside a band. */
export interface Extreme {
  readonly frequency: number;
  readonly value: number;
}

/** Worst insertion and return loss over a band, hertz; undefined when no swept point lies in it. */
export function worstInBand(
  curves: SweepCurves,
  from: number,
  to: number,
): { readonly insertionLoss: Extreme; readonly returnLoss: Extreme } | undefined {
  const { frequencies, insertionLossDb, returnLossDb } = curves;
  let loss = -1;
  let match = -1;
  for (let n = 0; n < frequencies.length; n++) {
    if (frequencies[n]! < from || frequencies[n]! > to) continue;
    if (loss < 0 || insertionLossDb[n]! > insertionLossDb[loss]!) loss = n;
    if (match < 0 || returnLossDb[n]! < returnLossDb[match]!) match = n;
  }
  if (loss < 0) return undefined;
  return {
    insertionLoss: { frequency: frequencies[loss]!, value: insertionLossDb[loss]! },
    returnLoss: { frequency: frequencies[match]!, value: returnLossDb[match]! },
  };
}
