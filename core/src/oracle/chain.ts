import type { CascadeElement } from '../line/cascade.ts';
import { sweepCascade } from '../line/cascade.ts';

type Segment =
  | {
      readonly type: 'line';
      readonly z0_ohm: number;
      readonly velocity_factor: number;
      readonly length_m: number;
      readonly attenuation_dB_per_100m: readonly number[];
    }
  | { readonly type: 'series_inductor'; readonly inductance_H: number }
  | { readonly type: 'series_resistor'; readonly resistance_ohm: number }
  | { readonly type: 'shunt_capacitor'; readonly capacitance_F: number };

/** One case of a cascade swept between two ports. */
export interface ChainCase {
  readonly id: string;
  readonly input: {
    readonly reference_ohm: number;
    readonly frequency_Hz: readonly number[];
    readonly segments: readonly Segment[];
  };
  readonly expected: {
    readonly s11_re: readonly number[];
    readonly s11_im: readonly number[];
    readonly s21_re: readonly number[];
    readonly s21_im: readonly number[];
  };
}

function elementOf(segment: Segment): CascadeElement {
  switch (segment.type) {
    case 'line':
      return {
        kind: 'line',
        impedance: segment.z0_ohm,
        velocityFactor: segment.velocity_factor,
        length: segment.length_m,
        loss: { perPoint: segment.attenuation_dB_per_100m },
      };
    case 'series_inductor':
      return { kind: 'series inductor', inductance: segment.inductance_H };
    case 'series_resistor':
      return { kind: 'series resistor', resistance: segment.resistance_ohm };
    case 'shunt_capacitor':
      return { kind: 'shunt capacitor', capacitance: segment.capacitance_F };
  }
}

export function chainDeviation({ input, expected }: ChainCase): Record<string, number> {
  const sweep = sweepCascade(
    input.segments.map(elementOf),
    Float64Array.from(input.frequency_Hz),
    input.reference_ohm,
  );
  const worst = (re: Float64Array, im: Float64Array, wantRe: readonly number[], wantIm: readonly number[]) =>
    Math.max(...wantRe.map((want, n) => Math.hypot(re[n]! - want, im[n]! - wantIm[n]!)));
  return {
    's11 absolute': worst(sweep.s11Re, sweep.s11Im, expected.s11_re, expected.s11_im),
    's21 absolute': worst(sweep.s21Re, sweep.s21Im, expected.s21_re, expected.s21_im),
  };
}
