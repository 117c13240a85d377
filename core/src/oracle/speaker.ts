import { distributedLine } from '../speaker/distributed-line.ts';
import type { SpeakerLoad } from '../speaker/speaker-line.ts';
import { speakerLoss } from '../speaker/speaker-line.ts';

interface LineInput {
  readonly kind: 'speaker_line';
  readonly length_m: number;
  readonly loop_resistance_ohm_per_m: number;
  readonly loop_inductance_H_per_m: number;
  readonly amplifier_output_ohm: number;
  readonly load: {
    readonly model: string;
    readonly load_ohm?: number;
    readonly Re_ohm?: number;
    readonly Le_H?: number;
    readonly Rres_ohm?: number;
    readonly Lres_H?: number;
    readonly Cres_F?: number;
  };
}

interface DistributedInput {
  readonly kind: 'distributed_line';
  readonly nominal_voltage_V: number;
  readonly loop_resistance_ohm_per_m: number;
  readonly segment_length_m: readonly number[];
  readonly load_W: readonly number[];
}

/** One case of a loudspeaker on a cable, or of a constant-voltage line. */
export interface SpeakerCase {
  readonly id: string;
  readonly input: LineInput | DistributedInput;
  readonly expected: Readonly<Record<string, number | readonly number[]>>;
}

function loadOf(load: LineInput['load']): SpeakerLoad {
  if (load.load_ohm !== undefined) return { model: 'resistive', resistance: load.load_ohm };
  const coil = { resistance: load.Re_ohm!, inductance: load.Le_H! };
  if (load.Rres_ohm === undefined) return { model: 'coil', ...coil };
  return {
    model: 'driver',
    ...coil,
    tank: { resistance: load.Rres_ohm, inductance: load.Lres_H!, capacitance: load.Cres_F! },
  };
}

const relative = (found: readonly number[], wanted: readonly number[]) =>
  Math.max(...wanted.map((want, k) => (want === 0 ? Math.abs(found[k]!) : Math.abs(found[k]! / want - 1))));

export function speakerDeviation({ input, expected }: SpeakerCase): Record<string, number> {
  const want = (name: string) => expected[name] as number;
  if (input.kind === 'distributed_line') {
    const result = distributedLine({
      nominalVoltage: input.nominal_voltage_V,
      loopResistance: input.loop_resistance_ohm_per_m,
      taps: input.load_W.map((power, k) => ({ segmentLength: input.segment_length_m[k]!, power })),
    });
    const powers = [...result.taps.map(({ power }) => power), result.sourcePower];
    return {
      'level_loss dB': Math.abs(result.taps.at(-1)!.lossDb - want('level_loss_last_dB')),
      power_lost_fraction: Math.abs(result.powerLostFraction - want('power_lost_fraction')),
      'load_voltage relative': relative(
        result.taps.map(({ voltage }) => voltage),
        expected.load_voltage_V as readonly number[],
      ),
      'load/source power relative': relative(powers, [
        ...(expected.load_power_W as readonly number[]),
        want('source_power_W'),
      ]),
    };
  }
  const line = {
    length: input.length_m,
    loopResistance: input.loop_resistance_ohm_per_m,
    loopInductance: input.loop_inductance_H_per_m,
    amplifierOutput: input.amplifier_output_ohm,
    load: loadOf(input.load),
  };
  const differences = (
    [
      [1000, '1kHz'],
      [20_000, '20kHz'],
    ] as const
  ).map(([frequency, name]) => {
    const { levelLossDb, powerLostFraction } = speakerLoss(line, frequency);
    return [
      Math.abs(levelLossDb - want(`level_loss_dB_${name}`)),
      Math.abs(powerLostFraction - want(`power_lost_fraction_${name}`)),
    ] as const;
  });
  return {
    'level_loss dB': Math.max(...differences.map(([level]) => level)),
    power_lost_fraction: Math.max(...differences.map(([, power]) => power)),
  };
}
