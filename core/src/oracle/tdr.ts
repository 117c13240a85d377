import type { StepSegment, StepSetup } from '../line/step-response.ts';
import { stepArrivals, stepEvents, stepResponse } from '../line/step-response.ts';

/** One case of a step sent into a cascade of ideal lines. */
export interface TdrCase {
  readonly id: string;
  readonly input: {
    readonly source_resistance_ohm: number;
    readonly source_emf_V: number;
    readonly rise_time_s: number;
    readonly segments: readonly (
      | {
          readonly type: 'line';
          readonly z0_ohm: number;
          readonly velocity_factor: number;
          readonly length_m: number;
        }
      | { readonly type: 'series_resistor'; readonly resistance_ohm: number }
    )[];
    readonly termination: { readonly type: 'open' | 'short' | 'resistor'; readonly resistance_ohm?: number };
  };
  readonly expected: {
    readonly time_s: readonly number[];
    readonly v: readonly number[];
    readonly section_impedance_ohm: readonly number[];
    readonly events: readonly {
      readonly kind: string;
      readonly distance_m: number;
      readonly arrival_s: number;
      readonly value_ohm?: number;
    }[];
  };
}

function setupOf(input: TdrCase['input']): StepSetup {
  const { type, resistance_ohm: resistance } = input.termination;
  return {
    emf: input.source_emf_V,
    sourceResistance: input.source_resistance_ohm,
    riseTime: input.rise_time_s,
    segments: input.segments.map((segment): StepSegment =>
      segment.type === 'line'
        ? {
            kind: 'line',
            impedance: segment.z0_ohm,
            velocityFactor: segment.velocity_factor,
            length: segment.length_m,
          }
        : { kind: 'series resistor', resistance: segment.resistance_ohm },
    ),
    termination: type === 'open' ? Infinity : type === 'short' ? 0 : resistance!,
  };
}

export function tdrDeviation({ input, expected }: TdrCase): Record<string, number> {
  const setup = setupOf(input);
  const voltages = stepResponse(setup, expected.time_s);
  const rise = input.rise_time_s;
  const echoes = stepArrivals(setup, expected.time_s.at(-1)!);
  const onEdge = expected.time_s.map((time) =>
    echoes.some((at) => time > at - 0.25 * rise && time < at + 1.25 * rise),
  );
  const errors = expected.v.map((want, n) => Math.abs(voltages[n]! - want));
  const worst = (chosen: (n: number) => boolean) => Math.max(0, ...errors.filter((_error, n) => chosen(n)));
  return {
    'v (samples on an edge) V': worst((n) => onEdge[n]!),
    'v (plateau samples) V': worst((n) => !onEdge[n]!),
    'v rms over waveform V': Math.sqrt(errors.reduce((sum, error) => sum + error * error, 0) / errors.length),
    ...eventDeviation(setup, expected),
  };
}

function eventDeviation(setup: StepSetup, expected: TdrCase['expected']): Record<string, number> {
  const events = stepEvents(setup);
  const impedances = setup.segments.flatMap((segment) =>
    segment.kind === 'line' ? [segment.impedance] : [],
  );
  const same =
    events.length === expected.events.length &&
    events.every(({ kind }, n) => kind === expected.events[n]!.kind.replace('_', ' '));
  const pairs = expected.events.map((want, n) => [events[n], want] as const);
  return {
    'event distance m': same
      ? Math.max(0, ...pairs.map(([event, want]) => Math.abs(event!.distance - want.distance_m)))
      : Infinity,
    'section impedance relative': Math.max(
      ...expected.section_impedance_ohm.map((want, n) => Math.abs(impedances[n]! / want - 1)),
    ),
    'series resistance / termination relative': Math.max(
      0,
      ...pairs.map(([event, { value_ohm: want }]) =>
        want === undefined ? 0 : Math.abs((event?.value ?? NaN) / want - 1),
      ),
    ),
  };
}
