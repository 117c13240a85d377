import { decibelsPerNeper } from '../quantity/decibel.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** Loss that rises with the root of the frequency (skin) and with the frequency itself (dielectric), dB per 100 m. */
export interface LossFit {
  readonly k1: number;
  readonly k2: number;
}

/** What a metre of line does to a wave, and what its impedance is over its nominal one, for every frequency. */
export interface WaveLine {
  /** Neper per metre. */
  readonly loss: Float64Array;
  /** Radian per metre of the line without loss, and what the skin adds. */
  readonly turn: Float64Array;
  readonly skinTurn: Float64Array;
  /** Impedance as a factor on the one at high frequency: complex, as current in the skin stores as much as it loses. */
  readonly factorRe: Float64Array;
  readonly factorIm: Float64Array;
}

/** Of 1 dB per 100 m. */
const neperPerMetre = 1 / 100 / decibelsPerNeper;

function emptyLine(count: number): WaveLine {
  const empty = () => new Float64Array(count);
  return { loss: empty(), turn: empty(), skinTurn: empty(), factorRe: empty(), factorIm: empty() };
}

/**
 * A line whose loss is causal. Skin loss comes with an equal part of phase: `gamma = (1 + j) a sqrt f + b f + j w / v`, `a` and
 * `b` in neper per metre; to first order its impedance is then `Z0 (1 + ((1 - j) a sqrt f + j b f) v / w)`. A line with
 * loss and a real impedance cannot be built: its echo begins before it can be there.
 * What was damped over time by `exp(-damping t)` comes as from a line with `damping / v` more loss.
 * Source: skin effect of a plane conductor (`Z = R (1 + j)`) in the telegrapher's equations.
 */
export function causalLine(
  frequencies: Float64Array,
  velocityFactor: number,
  fit: LossFit,
  damping = 0,
): WaveLine {
  const count = frequencies.length;
  const speed = velocityFactor * speedOfLight;
  const line = emptyLine(count);
  for (let n = 0; n < count; n++) {
    const frequency = frequencies[n]!;
    const turn = (2 * Math.PI * frequency) / speed;
    const skin = fit.k1 * Math.sqrt(frequency) * neperPerMetre;
    const dielectric = fit.k2 * frequency * neperPerMetre;
    line.loss[n] = skin + dielectric + damping / speed;
    line.turn[n] = turn;
    line.skinTurn[n] = skin;
    line.factorRe[n] = 1 + skin / turn;
    line.factorIm[n] = (dielectric - skin) / turn;
  }
  return line;
}

/** A line of real impedance with a stated loss, dB per 100 m, at every frequency (Heaviside: `R / L = G / C`). */
export function distortionlessLine(
  frequencies: Float64Array,
  velocityFactor: number,
  decibels: readonly number[],
): WaveLine {
  const line = emptyLine(frequencies.length);
  const turn = (2 * Math.PI) / (velocityFactor * speedOfLight);
  line.factorRe.fill(1);
  for (let n = 0; n < frequencies.length; n++) {
    line.loss[n] = decibels[n]! * neperPerMetre;
    line.turn[n] = frequencies[n]! * turn;
  }
  return line;
}
