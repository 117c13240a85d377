import { judgeCells } from '../bus/bit-cell.ts';
import { bitDrive, settledLevels, simulateBus } from '../bus/travelling-wave.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** One case of a data line with receivers along it. */
export interface BusCase {
  readonly id: string;
  readonly input: {
    readonly bit_rate_bit_per_s: number;
    readonly line_z0_ohm: number;
    readonly velocity_factor: number;
    readonly length_m: number;
    readonly loop_resistance_ohm_per_m: number;
    readonly driver_source_resistance_ohm: number;
    readonly driver_emf_V: number;
    readonly edge_time_s: number;
    readonly previous_bit: 0 | 1;
    readonly bits: readonly (0 | 1)[];
    readonly receivers: number;
    readonly receiver_resistance_ohm: number;
    readonly receiver_capacitance_F: number;
    readonly terminator_ohm: number | null;
    readonly window_s: number;
  };
  readonly expected: {
    readonly time_s: readonly number[];
    readonly v: readonly number[];
    readonly settled_level_V: number;
    readonly bit_cells: readonly {
      readonly centre_V: number;
      readonly min_V: number;
      readonly max_V: number;
      readonly undershoot_V: number;
      readonly overshoot_V: number;
    }[];
  };
}

export function busDeviation({ input, expected }: BusCase): Record<string, number> {
  const { length_m: length, receivers } = input;
  const network = {
    length,
    cable: {
      impedance: input.line_z0_ohm,
      velocityFactor: input.velocity_factor,
      loopResistance: input.loop_resistance_ohm_per_m,
    },
    taps: Array.from({ length: receivers }, (_, k) => ({
      at: (length * (k + 1)) / receivers,
      resistance:
        k === receivers - 1 && input.terminator_ohm !== null
          ? 1 / (1 / input.receiver_resistance_ohm + 1 / input.terminator_ohm)
          : input.receiver_resistance_ohm,
      capacitance: input.receiver_capacitance_F,
    })),
    branches: [],
  };
  const emf = bitDrive(
    input.bits,
    input.previous_bit,
    input.bit_rate_bit_per_s,
    input.edge_time_s,
    input.driver_emf_V,
  );
  const drive = { sourceResistance: input.driver_source_resistance_ohm, emf };
  const pieces = receivers * Math.ceil(1024 / receivers);
  const wave = simulateBus(network, drive, input.window_s * 1.001, pieces);
  const volts = wave.voltages.at(-1)!;
  const at = (time: number) => {
    const place = Math.min(volts.length - 2, Math.floor(time / wave.timeStep));
    const part = time / wave.timeStep - place;
    return volts[place]! + part * (volts[place + 1]! - volts[place]!);
  };
  const errors = expected.time_s.map((time, n) => Math.abs(at(time) - expected.v[n]!));
  const level = settledLevels(network, drive.sourceResistance, input.driver_emf_V).at(-1)!;
  const cells = judgeCells({ timeStep: wave.timeStep, volts }, input.bits, {
    bitRate: input.bit_rate_bit_per_s,
    delay: length / (input.velocity_factor * speedOfLight),
    settledLevel: level,
  });
  const worst = (difference: (n: number) => number) =>
    Math.max(0, ...expected.bit_cells.map((_cell, n) => Math.abs(difference(n))));
  return {
    'settled_level V': Math.abs(level - expected.settled_level_V),
    'v max V': Math.max(...errors),
    'v rms V': Math.sqrt(errors.reduce((sum, error) => sum + error * error, 0) / errors.length),
    'cell centre/min/max V': Math.max(
      worst((n) => cells[n]!.centre - expected.bit_cells[n]!.centre_V),
      worst((n) => cells[n]!.min - expected.bit_cells[n]!.min_V),
      worst((n) => cells[n]!.max - expected.bit_cells[n]!.max_V),
    ),
    'undershoot/overshoot V': Math.max(
      worst((n) => cells[n]!.undershoot - expected.bit_cells[n]!.undershoot_V),
      worst((n) => cells[n]!.overshoot - expected.bit_cells[n]!.overshoot_V),
    ),
  };
}
