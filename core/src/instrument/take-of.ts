import type { Readings, Device } from '../reading/reading.ts';
import { connectedBelow } from '../reading/reading.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { pairsOfPoints } from '../wiring/wiring.ts';
import type { Network } from '../line/network.ts';
import type { StepTrace } from '../line/step-trace.ts';
import type { ExpectedPath } from '../prove/resistance.ts';
import type { InstrumentAnswer } from './messages.ts';
import { fromBase64 } from './number-block.ts';

/** Who reads, and where it was warm or cold. */
export interface TakenBy {
  readonly by: string;
  readonly celsius: number;
  readonly device: Device;
}

type Answer<Kind extends InstrumentAnswer['kind']> = Extract<InstrumentAnswer, { kind: Kind }>;

/** A take with nothing in it yet but who took it with what. */
export function emptyTake({ by, celsius, device }: TakenBy): Readings {
  return { by, celsius, instrument: device.name, device, pairs: [] };
}

/** The readings of a tester's matrix. @throws RangeError when it has not one figure for each pair. */
export function takeOfMatrix(wiring: Wiring, { ohms }: Answer<'matrix'>, taken: TakenBy): Readings {
  const { points } = wiring;
  const pairs = pairsOfPoints(points.length);
  if (ohms.length !== pairs.length)
    throw new RangeError(
      `A matrix of ${ohms.length} figures; expected ${pairs.length} for ${points.length} points.`,
    );
  return {
    ...emptyTake(taken),
    pairs: pairs.map(([from, to], n) => {
      const value = ohms[n]!;
      return {
        from: points[from]!.id,
        to: points[to]!.id,
        connected: value !== null && value < connectedBelow,
        ohms: value,
      };
    }),
  };
}

/** What a wiggle test showed of the first paths, as many as it read. */
export function takeOfWiggle(
  paths: readonly ExpectedPath[],
  { seconds, reads, drops }: Answer<'wiggle'>,
  taken: TakenBy,
): Readings {
  const read = paths.slice(0, drops.length);
  return {
    ...emptyTake(taken),
    wiggle: { seconds, reads, drops: Object.fromEntries(read.map(({ id }, n) => [id, drops[n]!])) },
  };
}

/** A sweep as a network of two ports. @throws RangeError when a series is not as long as it says. */
export function networkOfSweep({ from, to, points, reference, parameters }: Answer<'sweep'>): Network {
  const series = parameters.map((text) => {
    const values = fromBase64(text);
    if (values.length !== 2 * points)
      throw new RangeError(`A sweep of ${values.length / 2} points; expected ${points}.`);
    return {
      re: Float64Array.from({ length: points }, (_, n) => values[2 * n]!),
      im: Float64Array.from({ length: points }, (_, n) => values[2 * n + 1]!),
    };
  });
  const [s11, s21, s12, s22] = series;
  return {
    ports: 2,
    references: [reference, reference],
    frequencies: Float64Array.from({ length: points }, (_, n) => from + (n * (to - from)) / (points - 1)),
    parameters: [s11!, s12!, s21!, s22!],
  };
}

/** A reflection over time. */
export function traceOfAnswer({
  span,
  points,
  emf,
  sourceResistance,
  riseTime,
  volts,
}: Answer<'trace'>): StepTrace {
  return {
    times: Float64Array.from({ length: points }, (_, n) => (n * span) / (points - 1)),
    volts: fromBase64(volts),
    emf,
    sourceResistance,
    riseTime,
  };
}
