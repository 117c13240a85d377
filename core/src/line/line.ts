import { speedOfLight } from '../quantity/speed-of-light.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { Complex } from '../quantity/complex.ts';
import {
  add,
  complex,
  divide,
  exponential,
  magnitude,
  multiply,
  scale,
  subtract,
} from '../quantity/complex.ts';
import { reflectionOf, swrOf } from './reflection.ts';

/**
 * A uniform line at one frequency, with real characteristic impedance (Heaviside: `R/L = G/C`), which is what a cable
 * given by impedance, velocity factor and attenuation means.
 */
export interface Line {
  /** Characteristic impedance, ohm, above 0. */
  readonly impedance: number;
  /** Velocity factor, above 0, at most 1. */
  readonly velocityFactor: number;
  /** Attenuation, neper per metre, 0 or more. */
  readonly attenuation: number;
  /** Metres, 0 or more. */
  readonly length: number;
}

/** What one line does to one load. SWR and reflection are referred to the line's own impedance. */
export interface LineResult {
  readonly inputImpedance: Complex;
  readonly inputReflection: Complex;
  readonly swrLoad: number;
  readonly swrInput: number;
  /** Power into the line over power in the load, dB; Infinity when the load takes no power. */
  readonly totalLossDb: number;
  /** The same with the load equal to the line's impedance. */
  readonly matchedLossDb: number;
  /** Total less matched: what the mismatch adds. Never negative with a real impedance. */
  readonly additionalLossDb: number;
  /** One-way delay, seconds. */
  readonly delay: number;
  /** One-way electrical length, in wavelengths. */
  readonly wavelengths: number;
}

/** Whether the loss of the cable makes a poor load look good from the near end. Engineering values. */
export function hidesLoad({ swrLoad, swrInput }: LineResult): boolean {
  return swrLoad > 1.5 && swrInput < 0.8 * swrLoad;
}

/** Refuses a line that cannot be: written so that NaN fails. */
function checkLine(line: Line, frequency: number): void {
  const checks: [boolean, string][] = [
    [line.impedance > 0 && line.impedance < Infinity, `impedance above 0 ohm, found ${line.impedance}`],
    [
      line.velocityFactor > 0 && line.velocityFactor <= 1,
      `velocity factor above 0 and at most 1, found ${line.velocityFactor}`,
    ],
    [
      line.attenuation >= 0 && line.attenuation < Infinity,
      `attenuation of 0 or more, found ${line.attenuation}`,
    ],
    [line.length >= 0 && line.length < Infinity, `length of 0 m or more, found ${line.length}`],
    [frequency >= 0 && frequency < Infinity, `frequency of 0 Hz or more, found ${frequency}`],
  ];
  const refused = checks.find(([good]) => !good);
  if (refused) throw new RangeError(`line: expected ${refused[1]}`);
}

/** Propagation constant, `alpha + j 2 pi f / (vf c)`, per metre. */
export function propagation(line: Line, frequency: number): Complex {
  return complex(line.attenuation, (2 * Math.PI * frequency) / (line.velocityFactor * speedOfLight));
}

/**
 * One line with any complex load at one frequency (hertz). Exact: the reflection coefficient turns and shrinks along
 * the line as `g(l) = g_load exp(-2 gamma l)`, and with real impedance the power through a plane is
 * `|V+|^2 (1 - |g|^2)`. Source: transmission-line textbooks (e.g. the chapter on lossy terminated lines).
 * @throws RangeError when a line value cannot be.
 */
export function solveLine(line: Line, frequency: number, load: Complex): LineResult {
  checkLine(line, frequency);
  const gamma = propagation(line, frequency);
  const atLoad = reflectionOf(load, line.impedance);
  const inputReflection = multiply(atLoad, exponential(scale(gamma, -2 * line.length)));
  const one = complex(1);
  const inputImpedance = scale(
    divide(add(one, inputReflection), subtract(one, inputReflection)),
    line.impedance,
  );
  const passedAtLoad = 1 - magnitude(atLoad) ** 2;
  const passedAtInput = 1 - magnitude(inputReflection) ** 2;
  const matchedLossDb = line.attenuation * line.length * decibelsPerNeper;
  const additionalLossDb = passedAtLoad > 0 ? 10 * Math.log10(passedAtInput / passedAtLoad) : Infinity;
  const delay = line.length / (line.velocityFactor * speedOfLight);
  return {
    inputImpedance,
    inputReflection,
    swrLoad: swrOf(atLoad),
    swrInput: swrOf(inputReflection),
    totalLossDb: matchedLossDb + additionalLossDb,
    matchedLossDb,
    additionalLossDb,
    delay,
    wavelengths: delay * frequency,
  };
}

/** Attenuation in neper per metre from decibels per 100 m. */
export function attenuationFromDbPer100m(dbPer100m: number): number {
  return dbPer100m / 100 / decibelsPerNeper;
}
