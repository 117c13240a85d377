import { complex, magnitude, subtract } from '../quantity/complex.ts';
import { attenuationFromDbPer100m, solveLine } from '../line/line.ts';

/** One case of a reference file for a line with real impedance; units in the key names. */
export interface DistortionlessCase {
  readonly id: string;
  readonly input: {
    readonly z0_ohm: number;
    readonly velocity_factor: number;
    readonly attenuation_dB_per_100m: number;
    readonly length_m: number;
    readonly frequency_Hz: number;
    readonly load_re_ohm: number;
    readonly load_im_ohm: number;
  };
  /** Absent or null where a quantity has no finite value, such as the loss into a short. */
  readonly expected: Readonly<Record<string, number | null>>;
}

/** Deviation of the core from one reference case, by quantity as the file's tolerances name it. */
export function distortionlessDeviation({ input, expected }: DistortionlessCase): Record<string, number> {
  const line = {
    impedance: input.z0_ohm,
    velocityFactor: input.velocity_factor,
    attenuation: attenuationFromDbPer100m(input.attenuation_dB_per_100m),
    length: input.length_m,
  };
  const result = solveLine(line, input.frequency_Hz, complex(input.load_re_ohm, input.load_im_ohm));
  const want = (name: string) => expected[name] ?? NaN;
  const zin = complex(want('zin_re_ohm'), want('zin_im_ohm'));
  const reflection = complex(want('gamma_in_re'), want('gamma_in_im'));
  const relative = (found: number, wanted: number) => Math.abs(found / wanted - 1);
  const deviations = {
    'zin relative': magnitude(subtract(result.inputImpedance, zin)) / magnitude(zin),
    'gamma_in absolute': magnitude(subtract(result.inputReflection, reflection)),
    'swr_load relative': relative(result.swrLoad, want('swr_load')),
    'swr_input relative': relative(result.swrInput, want('swr_input')),
    total_loss_dB: Math.abs(result.totalLossDb - want('total_loss_dB')),
    matched_loss_dB: Math.abs(result.matchedLossDb - want('matched_loss_dB')),
    mismatch_additional_loss_dB: Math.abs(result.additionalLossDb - want('mismatch_additional_loss_dB')),
  };
  const stated = Object.entries(deviations).filter(([quantity]) =>
    (keys[quantity] ?? [quantity]).every((key) => typeof expected[key] === 'number'),
  );
  return Object.fromEntries(stated);
}

/** The keys of a case that a quantity is compared with, where they are named otherwise. */
const keys: Record<string, string[]> = {
  'zin relative': ['zin_re_ohm', 'zin_im_ohm'],
  'gamma_in absolute': ['gamma_in_re', 'gamma_in_im'],
  'swr_load relative': ['swr_load'],
  'swr_input relative': ['swr_input'],
};
