import type { Complex } from '../quantity/complex.ts';
import {
  add,
  complex,
  divide,
  exponential,
  multiply,
  scale,
  squareRoot,
  subtract,
} from '../quantity/complex.ts';

/** Chain (ABCD) matrix of a two-port: `V1 = A V2 + B I2`, `I1 = C V2 + D I2`, I2 flowing out of port 2. */
export interface TwoPort {
  readonly a: Complex;
  readonly b: Complex;
  readonly c: Complex;
  readonly d: Complex;
}

/** A uniform line by its constants per metre of the loop: ohm, henry, siemens, farad; all 0 or more, L and C above 0. */
export interface LineConstants {
  readonly resistance: number;
  readonly inductance: number;
  readonly conductance: number;
  readonly capacitance: number;
}

/** What the constants give at one frequency. */
export interface LineProperties {
  /** Characteristic impedance `sqrt((R + jwL) / (G + jwC))`, ohm; complex at low frequency. */
  readonly impedance: Complex;
  /** Propagation constant `sqrt((R + jwL)(G + jwC))`: neper and radian per metre. */
  readonly propagation: Complex;
}

/** @throws RangeError when a constant cannot be. Source: telegrapher's equations. */
export function lineProperties(constants: LineConstants, frequency: number): LineProperties {
  const { resistance, inductance, conductance, capacitance } = constants;
  if (!(resistance >= 0 && conductance >= 0 && inductance > 0 && capacitance > 0 && frequency > 0))
    throw new RangeError('line constants: expected R and G of 0 or more, and L, C and the frequency above 0');
  const omega = 2 * Math.PI * frequency;
  const series = complex(resistance, omega * inductance);
  const shunt = complex(conductance, omega * capacitance);
  return { impedance: squareRoot(divide(series, shunt)), propagation: squareRoot(multiply(series, shunt)) };
}

/** Chain matrix of a line with complex impedance and propagation constant over `length` metres. */
export function propertiesTwoPort({ impedance, propagation }: LineProperties, length: number): TwoPort {
  const forward = exponential(scale(propagation, length));
  const backward = divide(complex(1), forward);
  const cosh = scale(add(forward, backward), 0.5);
  const sinh = scale(subtract(forward, backward), 0.5);
  return { a: cosh, b: multiply(sinh, impedance), c: divide(sinh, impedance), d: cosh };
}

/** S11 and S21 of a two-port between ports of a real `reference`. Source: two-port conversion tables. */
export function scatteringOf({ a, b, c, d }: TwoPort, reference: number): { s11: Complex; s21: Complex } {
  const series = scale(b, 1 / reference);
  const shunt = scale(c, reference);
  const sum = add(add(a, series), add(shunt, d));
  return {
    s11: divide(subtract(add(a, series), add(shunt, d)), sum),
    s21: divide(complex(2), sum),
  };
}
