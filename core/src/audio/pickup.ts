import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, magnitude } from '../quantity/complex.ts';

/** A magnetic pickup into volume control, cable and amplifier. Ohm, henry, farad. */
export interface PickupCircuit {
  readonly resistance: number;
  readonly inductance: number;
  readonly selfCapacitance: number;
  readonly volumePot: number;
  /** Wiper from ground: 1 is full volume, above 0. */
  readonly volumePosition: number;
  /** Tone resistance and capacitance in series across the pickup, if fitted. */
  readonly tone: { readonly resistance: number; readonly capacitance: number } | null;
  readonly cableCapacitance: number;
  readonly amplifierInput: number;
}

/** The response against its level at 100 Hz. */
export interface PickupResponse {
  /** Absolute, dB. */
  readonly gainAt100HzDb: number;
  /** Hertz and dB above 100 Hz; null where the response never rises by 0.01 dB. */
  readonly resonance: { readonly frequency: number; readonly heightDb: number } | null;
  /** First frequency above the peak (or above 100 Hz) at half the power of 100 Hz. */
  readonly minus3Db: number;
}

const parallel = (a: Complex, b: Complex): Complex => {
  const one = complex(1);
  return divide(one, add(divide(one, a), divide(one, b)));
};

/** Voltage at the amplifier over the pickup's own voltage, as a size. Nodal analysis of the lumped circuit. */
export function pickupGain(circuit: PickupCircuit, frequency: number): number {
  const omega = 2 * Math.PI * frequency;
  const capacitor = (farad: number) => complex(0, -1 / (omega * farad));
  const { volumePot, volumePosition, tone } = circuit;
  const above = complex((1 - volumePosition) * volumePot);
  const amplifier = complex(circuit.amplifierInput);
  const cable =
    circuit.cableCapacitance > 0 ? parallel(amplifier, capacitor(circuit.cableCapacitance)) : amplifier;
  const belowWiper = parallel(complex(volumePosition * volumePot), cable);
  let output = add(above, belowWiper);
  if (circuit.selfCapacitance > 0) output = parallel(output, capacitor(circuit.selfCapacitance));
  if (tone) output = parallel(output, add(complex(tone.resistance), capacitor(tone.capacitance)));
  const source = complex(circuit.resistance, omega * circuit.inductance);
  const atOutput = divide(output, add(source, output));
  const atWiper = divide(belowWiper, add(above, belowWiper));
  return magnitude(atOutput) * magnitude(atWiper);
}

const highest = 1e6;
const perDecade = 200;

/**
 * Resonance and upper corner of a pickup with its cable, 100 Hz to 1 MHz.
 * @throws RangeError when a value cannot be.
 */
export function pickupResponse(circuit: PickupCircuit): PickupResponse {
  const { resistance, inductance, volumePot, volumePosition, cableCapacitance, amplifierInput } = circuit;
  if (!(resistance > 0 && inductance > 0 && volumePot > 0 && amplifierInput > 0 && cableCapacitance >= 0))
    throw new RangeError('pickup: expected resistance, inductance, pot and amplifier input above 0');
  if (!(volumePosition > 0 && volumePosition <= 1))
    throw new RangeError(`pickup: expected a volume position above 0 and at most 1, found ${volumePosition}`);
  const reference = pickupGain(circuit, 100);
  const level = (frequency: number) => 20 * Math.log10(pickupGain(circuit, frequency) / reference);
  const grid = Array.from({ length: 4 * perDecade + 1 }, (_, n) => 100 * 10 ** (n / perDecade));
  const levels = grid.map(level);
  const top = levels.indexOf(Math.max(...levels));
  const isResonant = levels[top]! > 0.01;
  const peak = isResonant
    ? peakBetween(level, grid[top - 1]!, grid[Math.min(top + 1, grid.length - 1)]!)
    : 100;
  const half = -10 * Math.log10(2);
  const below = levels.findIndex((value, n) => grid[n]! > peak && value < half);
  return {
    gainAt100HzDb: 20 * Math.log10(reference),
    resonance: isResonant ? { frequency: peak, heightDb: level(peak) } : null,
    minus3Db: below < 0 ? highest : crossing(level, Math.max(peak, grid[below - 1]!), grid[below]!, half),
  };
}

/** Top of a smooth hill. The slope's zero is found, which is far sharper than the hill's own top. */
function peakBetween(level: (frequency: number) => number, low: number, high: number): number {
  const slope = (logFrequency: number) =>
    level(Math.exp(logFrequency + 1e-4)) - level(Math.exp(logFrequency - 1e-4));
  let [from, to] = [Math.log(low), Math.log(high)];
  for (let turn = 0; turn < 60; turn++) {
    const middle = (from + to) / 2;
    if (slope(middle) > 0) from = middle;
    else to = middle;
  }
  return Math.exp((from + to) / 2);
}

function crossing(level: (frequency: number) => number, low: number, high: number, wanted: number): number {
  let [from, to] = [low, high];
  for (let turn = 0; turn < 80; turn++) {
    const middle = Math.sqrt(from * to);
    if (level(middle) > wanted) from = middle;
    else to = middle;
  }
  return Math.sqrt(from * to);
}
