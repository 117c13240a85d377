import type { ChainCase } from './chain.ts';
import { chainDeviation } from './chain.ts';
import type { DistortionlessCase } from './distortionless.ts';
import { distortionlessDeviation } from './distortionless.ts';
import type { BusCase } from './lighting-bus.ts';
import { busDeviation } from './lighting-bus.ts';
import type { PairFieldCase } from './pair-field.ts';
import { pairFieldDeviation } from './pair-field.ts';
import type { PickupCase } from './pickup.ts';
import { pickupDeviation } from './pickup.ts';
import type { RlgcCase } from './rlgc.ts';
import { rlgcDeviation } from './rlgc.ts';
import type { SpeakerCase } from './speaker.ts';
import { speakerDeviation } from './speaker.ts';
import type { SweptReflectionCase } from './swept-reflection.ts';
import { sweptReflectionDeviation } from './swept-reflection.ts';
import type { TdrCase } from './tdr.ts';
import { tdrDeviation } from './tdr.ts';

/** A file of reference cases, whatever its kind. */
export interface OracleFile {
  readonly tolerance: { readonly limits: Readonly<Record<string, number>> };
  readonly cases: readonly OracleCase[];
}

export interface OracleCase {
  readonly id: string;
  readonly input: Readonly<Record<string, unknown>>;
  readonly expected: Readonly<Record<string, unknown>>;
}

/** How each kind is told by the names of its inputs, and how far the core is from a case of it. */
const kinds: readonly {
  readonly inputs: readonly string[];
  readonly deviation: (each: OracleCase) => Record<string, number>;
}[] = [
  {
    inputs: ['z0_ohm', 'load_re_ohm'],
    deviation: (each) => distortionlessDeviation(each as unknown as DistortionlessCase),
  },
  { inputs: ['R_ohm_per_m'], deviation: (each) => rlgcDeviation(each as unknown as RlgcCase) },
  {
    inputs: ['segments', 'frequency_Hz'],
    deviation: (each) => chainDeviation(each as unknown as ChainCase),
  },
  { inputs: ['segments', 'rise_time_s'], deviation: (each) => tdrDeviation(each as unknown as TdrCase) },
  { inputs: ['bit_rate_bit_per_s'], deviation: (each) => busDeviation(each as unknown as BusCase) },
  { inputs: ['pickup_inductance_H'], deviation: (each) => pickupDeviation(each as unknown as PickupCase) },
  {
    inputs: ['core_pitch_m'],
    deviation: (each) => pairFieldDeviation(each as unknown as PairFieldCase),
  },
  {
    inputs: ['first_and_step_Hz'],
    deviation: (each) => sweptReflectionDeviation(each as unknown as SweptReflectionCase),
  },
  {
    inputs: ['kind', 'loop_resistance_ohm_per_m'],
    deviation: (each) => speakerDeviation(each as unknown as SpeakerCase),
  },
];

/**
 * Deviation of the core from one reference case, by quantity as the file's tolerances name it.
 * @throws RangeError when the case is of no known kind.
 */
export function oracleDeviation(each: OracleCase): Record<string, number> {
  const kind = kinds.find(({ inputs }) => inputs.every((name) => name in each.input));
  if (!kind)
    throw new RangeError(
      `case ${each.id}: expected a line, constants, a chain, a step, a bus, a pickup, a pair, a swept reflection or a speaker; found inputs ${Object.keys(each.input).join(', ')}`,
    );
  return kind.deviation(each);
}
