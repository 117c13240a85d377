import type { ReflectionEvent } from '../line/reflection-events.ts';
import { reflectionEvents } from '../line/reflection-events.ts';
import { ReflectionTooCoarse, reflectogram } from '../line/reflectogram.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** One case of a line looked along by its swept reflection. */
export interface SweptReflectionCase {
  readonly id: string;
  readonly input: {
    readonly velocity_factor: number;
    readonly loss_k1_dB_per_100m_per_sqrtHz: number;
    readonly loss_k2_dB_per_100m_per_Hz: number;
    readonly reference_ohm: number;
    readonly first_and_step_Hz: number;
    readonly points: number;
    readonly expected_length_m: number;
    readonly s11_re: readonly number[];
    readonly s11_im: readonly number[];
  };
  readonly expected: { readonly refused: boolean; readonly events?: readonly ExpectedEvent[] };
}

interface ExpectedEvent {
  readonly kind: keyof typeof kinds;
  readonly distance_m: number;
  readonly impedance_ohm?: number;
  readonly series_ohm?: number;
}

const kinds = { open: 'open', short: 'short', high: 'higher', low: 'lower', series: 'series' } as const;

/** An event nobody expects is invented when the line differs by more than this there, ohm. */
const unseen = 4;

function eventsOf({ input }: SweptReflectionCase): ReflectionEvent[] | undefined {
  const frequencies = Float64Array.from(
    { length: input.points },
    (_, n) => (n + 1) * input.first_and_step_Hz,
  );
  const loss = { k1: input.loss_k1_dB_per_100m_per_sqrtHz, k2: input.loss_k2_dB_per_100m_per_Hz };
  const sweep = {
    frequencies,
    reference: input.reference_ohm,
    s11Re: Float64Array.from(input.s11_re),
    s11Im: Float64Array.from(input.s11_im),
  };
  try {
    const trace = reflectogram(
      sweep,
      { velocityFactor: input.velocity_factor, velocityUncertainty: 0, loss },
      { length: input.expected_length_m, load: 1 },
    );
    return reflectionEvents(trace, input.reference_ohm);
  } catch (error) {
    if (error instanceof ReflectionTooCoarse) return undefined;
    throw error;
  }
}

/** Deviations as the file's limits name them: a refusal, events one by one, and what nobody expects. */
export function sweptReflectionDeviation(each: SweptReflectionCase): Record<string, number> {
  const { input, expected } = each;
  const events = eventsOf(each);
  if (!events || expected.refused) return { 'refusal differing': Number(!events !== expected.refused) };
  const resolution = (input.velocity_factor * speedOfLight) / (2 * input.points * input.first_and_step_Hz);
  const left = [...events];
  const worst = { missing: 0, distance: 0, impedance: 0, series: 0 };
  for (const wanted of expected.events ?? []) {
    const near = left
      .filter(({ kind }) => kind === kinds[wanted.kind])
      .sort((a, b) => Math.abs(a.distance - wanted.distance_m) - Math.abs(b.distance - wanted.distance_m))[0];
    const off = near ? Math.abs(near.distance - wanted.distance_m) / resolution : Infinity;
    if (!near || off > 10) {
      worst.missing++;
      continue;
    }
    left.splice(left.indexOf(near), 1);
    worst.distance = Math.max(worst.distance, off);
    if (wanted.impedance_ohm !== undefined)
      worst.impedance = Math.max(worst.impedance, Math.abs(near.impedance - wanted.impedance_ohm));
    if (wanted.series_ohm !== undefined)
      worst.series = Math.max(worst.series, Math.abs(near.seriesResistance! - wanted.series_ohm));
  }
  const isInvented = ({ kind, impedance }: ReflectionEvent) =>
    kind === 'series' || kind === 'leak' || !(Math.abs(impedance - input.reference_ohm) <= unseen);
  return {
    'refusal differing': 0,
    'events missing': worst.missing,
    'events invented': left.filter(isInvented).length,
    'distance resolutions': worst.distance,
    'impedance ohm': worst.impedance,
    'series ohm': worst.series,
  };
}
