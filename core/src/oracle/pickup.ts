import type { PickupCircuit } from '../audio/pickup.ts';
import { pickupResponse } from '../audio/pickup.ts';

/** One case of a pickup with its cable. */
export interface PickupCase {
  readonly id: string;
  readonly input: {
    readonly pickup_inductance_H: number;
    readonly pickup_resistance_ohm: number;
    readonly pickup_self_capacitance_F: number;
    readonly volume_pot_ohm: number;
    readonly volume_position_fraction: number;
    readonly tone_network: boolean;
    readonly tone_resistance_ohm: number | null;
    readonly tone_capacitance_F: number | null;
    readonly cable_capacitance_F: number;
    readonly amplifier_input_ohm: number;
  };
  readonly expected: {
    readonly resonance: boolean;
    readonly resonance_peak_Hz: number | null;
    readonly peak_gain_dB_re_100Hz: number | null;
    readonly minus3dB_Hz: number;
    readonly gain_100Hz_dB: number;
  };
}

export function pickupDeviation({ input, expected }: PickupCase): Record<string, number> {
  const circuit: PickupCircuit = {
    resistance: input.pickup_resistance_ohm,
    inductance: input.pickup_inductance_H,
    selfCapacitance: input.pickup_self_capacitance_F,
    volumePot: input.volume_pot_ohm,
    volumePosition: input.volume_position_fraction,
    tone: input.tone_network
      ? { resistance: input.tone_resistance_ohm!, capacitance: input.tone_capacitance_F! }
      : null,
    cableCapacitance: input.cable_capacitance_F,
    amplifierInput: input.amplifier_input_ohm,
  };
  const response = pickupResponse(circuit);
  const base = {
    'gain_100Hz dB': Math.abs(response.gainAt100HzDb - expected.gain_100Hz_dB),
    'minus3dB_Hz relative': Math.abs(response.minus3Db / expected.minus3dB_Hz - 1),
  };
  if ((response.resonance !== null) !== expected.resonance)
    return { ...base, 'resonance_peak_Hz relative': Infinity, 'peak_gain dB': Infinity };
  if (!response.resonance) return base;
  return {
    ...base,
    'resonance_peak_Hz relative': Math.abs(response.resonance.frequency / expected.resonance_peak_Hz! - 1),
    'peak_gain dB': Math.abs(response.resonance.heightDb - expected.peak_gain_dB_re_100Hz!),
  };
}
