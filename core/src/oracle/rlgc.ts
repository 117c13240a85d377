import type { Complex } from '../quantity/complex.ts';
import { complex, divide, magnitude, subtract } from '../quantity/complex.ts';
import { lineProperties, propertiesTwoPort, scatteringOf } from '../line/rlgc.ts';

/** One case of a line given by its constants. */
export interface RlgcCase {
  readonly id: string;
  readonly input: {
    readonly R_ohm_per_m: number;
    readonly L_H_per_m: number;
    readonly G_S_per_m: number;
    readonly C_F_per_m: number;
    readonly length_m: number;
    readonly frequency_Hz: number;
    readonly reference_ohm: number;
  };
  readonly expected: Readonly<Record<string, number>>;
}

export function rlgcDeviation({ input, expected }: RlgcCase): Record<string, number> {
  const properties = lineProperties(
    {
      resistance: input.R_ohm_per_m,
      inductance: input.L_H_per_m,
      conductance: input.G_S_per_m,
      capacitance: input.C_F_per_m,
    },
    input.frequency_Hz,
  );
  const port = propertiesTwoPort(properties, input.length_m);
  const { s11, s21 } = scatteringOf(port, input.reference_ohm);
  const { impedance, propagation } = properties;
  const want = (name: string) => complex(expected[`${name}_re`]!, expected[`${name}_im`]!);
  const wantOhm = (name: string) => complex(expected[`${name}_re_ohm`]!, expected[`${name}_im_ohm`]!);
  const gamma = complex(expected.alpha_Np_per_m!, expected.beta_rad_per_m!);
  const relative = (found: Complex, wanted: Complex) =>
    magnitude(subtract(found, wanted)) / magnitude(wanted);
  return {
    'zc relative': relative(impedance, wantOhm('zc')),
    'gamma relative (complex)': relative(propagation, gamma),
    'alpha relative': Math.abs(propagation.re / gamma.re - 1),
    'beta relative': Math.abs(propagation.im / gamma.im - 1),
    's11 absolute': magnitude(subtract(s11, want('s11'))),
    's21 absolute': magnitude(subtract(s21, want('s21'))),
    'zin_open relative': relative(divide(port.a, port.c), wantOhm('zin_open')),
    'zin_short relative': relative(divide(port.b, port.d), wantOhm('zin_short')),
  };
}
