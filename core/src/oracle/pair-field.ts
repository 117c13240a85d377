import { pairField } from '../cable/pair.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** One case of two poles in cross-section. */
export interface PairFieldCase {
  readonly id: string;
  readonly input: {
    readonly lay: 'pair' | 'star quad';
    readonly conductor_diameter_m: number;
    readonly core_pitch_m: number;
    readonly permittivity: number;
    readonly shield_inside_m: number | null;
  };
  readonly expected: { readonly pole_to_pole_F_per_m: number; readonly impedance_ohm: number };
}

export function pairFieldDeviation({ input, expected }: PairFieldCase): Record<string, number> {
  const { poleToPole } = pairField({
    lay: input.lay,
    conductorDiameter: input.conductor_diameter_m,
    pitch: input.core_pitch_m,
    permittivity: input.permittivity,
    shieldInside: input.shield_inside_m,
  });
  const impedance = Math.sqrt(input.permittivity) / (speedOfLight * poleToPole);
  return {
    'capacitance relative': Math.abs(poleToPole / expected.pole_to_pole_F_per_m - 1),
    'impedance relative': Math.abs(impedance / expected.impedance_ohm - 1),
  };
}
