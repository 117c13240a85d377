import { z } from 'zod';

/** One reading between two points: a tick, or ohms (`null` for open: JSON has no infinity). */
export const pairReadingSchema = z.object({
  from: z.string(),
  to: z.string(),
  connected: z.boolean().optional(),
  ohms: z.number().min(0).nullable().optional(),
});

/** A set of readings of one unit, as they were taken; whatever was not read is missing. */
export const readingsSchema = z.object({
  by: z.string(),
  instrument: z.string(),
  celsius: z.number(),
  pairs: z.array(pairReadingSchema),
  /** Insulation centre to shell at the test voltage, ohm; null above the meter's range. */
  insulationOhms: z.number().min(0).nullable().optional(),
  /** What this family of leads is proved by beside that, SI, by the id of the check; null for open. */
  family: z.record(z.string(), z.number().min(0).nullable()).optional(),
});

export type PairReading = z.infer<typeof pairReadingSchema>;
export type Readings = z.infer<typeof readingsSchema>;

/** Below this a pair counts as connected, ohm: far above any lead, far below any insulation. */
export const connectedBelow = 1e3;

/** Least resistance between points that are not planned to be connected, ohm. */
export const openAtLeast = 1e6;

export function findPair(readings: Readings, from: string, to: string): PairReading | undefined {
  return readings.pairs.find(
    (pair) => (pair.from === from && pair.to === to) || (pair.from === to && pair.to === from),
  );
}

/** Ohms of a reading, open as Infinity; undefined when the pair was only ticked or not read. */
export function ohmsOf(pair: PairReading | undefined): number | undefined {
  return pair?.ohms === undefined ? undefined : (pair.ohms ?? Infinity);
}

/** Whether a pair reads as connected; undefined when it was not read. Ohms count before a tick. */
export function isConnected(pair: PairReading | undefined): boolean | undefined {
  const ohms = ohmsOf(pair);
  return ohms === undefined ? pair?.connected : ohms < connectedBelow;
}
