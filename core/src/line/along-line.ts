import { speedOfLight } from '../quantity/speed-of-light.ts';
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
import type { Line } from './line.ts';
import { propagation } from './line.ts';
import { reflectionOf } from './reflection.ts';

/** One plane of a loaded line. */
export interface LinePlane {
  /** Metres from the source. */
  readonly distance: number;
  readonly impedance: Complex;
  /** Voltage over that of the forward wave at the load. */
  readonly voltage: number;
}

/** Impedance and voltage along a line with a load at its far end, at one frequency, in `count` evenly spaced planes. */
export function alongLine(line: Line, frequency: number, load: Complex, count = 201): LinePlane[] {
  const gamma = propagation(line, frequency);
  const atLoad = reflectionOf(load, line.impedance);
  return Array.from({ length: count }, (_, n) => {
    const distance = (line.length * n) / (count - 1);
    const toLoad = line.length - distance;
    const reflection = multiply(atLoad, exponential(scale(gamma, -2 * toLoad)));
    const one = complex(1);
    const forward = Math.exp(line.attenuation * toLoad);
    return {
      distance,
      impedance: scale(divide(add(one, reflection), subtract(one, reflection)), line.impedance),
      voltage: forward * magnitude(add(one, reflection)),
    };
  });
}

/** Planes that show every half wave of a line's impedance: 24 a half wave, 201 to 2001. */
export function planeCount(line: Line, frequency: number): number {
  const halfWaves = (2 * line.length * frequency) / (line.velocityFactor * speedOfLight);
  return Math.min(2001, Math.max(201, Math.ceil(24 * halfWaves)));
}

/**
 * The load that gives a reflection coefficient at the input of a line: what stands at the far end when only the near end
 * was measured. The result may not be passive when the reading is better than the line's loss allows.
 */
export function loadFromInput(line: Line, frequency: number, input: Complex): Complex {
  const gamma = propagation(line, frequency);
  const atInput = reflectionOf(input, line.impedance);
  const atLoad = multiply(atInput, exponential(scale(gamma, 2 * line.length)));
  const one = complex(1);
  return scale(divide(add(one, atLoad), subtract(one, atLoad)), line.impedance);
}

/** Whether a load can be what is read at the input: no more comes back than a total reflection would leave. */
export function canBeRead(line: Line, input: Complex): boolean {
  return magnitude(reflectionOf(input, line.impedance)) <= largestInputReflection(line) * (1 + 1e-9);
}

/** Most that a reflection coefficient can be at the input: a total reflection behind the line's two-way loss. */
export function largestInputReflection(line: Line): number {
  return Math.exp(-2 * line.attenuation * line.length);
}
