import { z } from 'zod';
import { instrumentSchema, uncertaintySchema } from '../house/instrument.ts';

/** One reading between two points: a tick, or ohms (`null` for open: JSON has no infinity). */
export const pairReadingSchema = z.object({
  from: z.string(),
  to: z.string(),
  connected: z.boolean().optional(),
  ohms: z.number().min(0).nullable().optional(),
});

/** An instrument as it stood when it read: what a record must say of it later. */
export const deviceSchema = z.object({
  name: z.string().max(120),
  kind: z.enum(['continuity tester', 'meter', 'analyser']),
  serial: z.string().max(60),
  /** Days of its calibration: when, and how long it holds; null where it does not say. */
  calibrated: z.iso.date().nullable(),
  due: z.iso.date().nullable(),
  /** Of an analyser: kind and planes of the correction that was on. */
  correction: z.string().max(200).nullable(),
  simulated: z.boolean(),
  uncertainty: z.object({
    ohms: uncertaintySchema.optional(),
    farads: uncertaintySchema.optional(),
    insulation: uncertaintySchema.optional(),
    /** Of loss, dB. */
    loss: uncertaintySchema.optional(),
    /** What is left of the directivity after calibration, dB. */
    directivity: z.number().min(0).max(100).optional(),
  }),
});

/** A file kept with a reading: its name, and the checksum that finds it. */
const keptFileSchema = z.object({ name: z.string(), hash: z.string() });

/** What moving the cable showed: how often each path was read, and how often it dropped and came back. */
const wiggleSchema = z.object({
  seconds: z.number().min(0),
  reads: z.number().int().min(0),
  /** Drop-outs by the id of the path. */
  drops: z.record(z.string(), z.number().int().min(0)),
});

/** Loss and match as read at one frequency, hertz and dB. */
const spotSchema = z.object({
  hertz: z.number().positive(),
  loss: z.number().min(0).max(200).optional(),
  /** Into a load at the far end. */
  returnLoss: z.number().min(0).max(100).optional(),
});

/** Which instrument of the shop a hand read with, as it stood then, by what was read. */
const typedFromSchema = z
  .object({
    ohms: instrumentSchema,
    farads: instrumentSchema,
    insulation: instrumentSchema,
    loss: instrumentSchema,
    match: instrumentSchema,
    length: instrumentSchema,
    /** The load at the far end while the match was read. */
    load: instrumentSchema,
  })
  .partial();

/** A set of readings of one unit by one method, as they were taken; whatever was not read is missing. */
export const readingsSchema = z.object({
  by: z.string(),
  instrument: z.string(),
  celsius: z.number(),
  /** The instrument, where it was one that says who it is. */
  device: deviceSchema.optional(),
  pairs: z.array(pairReadingSchema),
  /** Insulation, the least between points planned apart, at the test voltage, ohm; null above the meter's range. */
  insulationOhms: z.number().min(0).nullable().optional(),
  /** What this family of leads is proved by beside that, SI, by the id of the check; null for open. */
  family: z.record(z.string(), z.number().min(0).nullable()).optional(),
  /** Capacitance between two points of one end, farads: tells how far an open is. */
  farads: z.array(z.object({ from: z.string(), to: z.string(), farads: z.number().min(0) })).optional(),
  wiggle: wiggleSchema.optional(),
  typedFrom: typedFromSchema.optional(),
  /** What a meter of two wires showed with its leads on each other, ohm; absent where nobody did that. */
  leadsOhms: z.number().min(0).max(100).optional(),
  spots: z.array(spotSchema).optional(),
  /** Length by what comes back, metres. */
  length: z.number().positive().optional(),
  /** Looks by the id of the check. */
  looks: z.record(z.string(), z.boolean()).optional(),
  /** A sweep of one or two ports, as Touchstone. */
  sweep: keptFileSchema.optional(),
  /** A reflection over time, as CSV. */
  trace: keptFileSchema.optional(),
});

export type PairReading = z.infer<typeof pairReadingSchema>;
export type Readings = z.infer<typeof readingsSchema>;
export type Device = z.infer<typeof deviceSchema>;
export type TypedFrom = z.infer<typeof typedFromSchema>;
export type Spot = z.infer<typeof spotSchema>;

/** Below this a pair counts as connected, ohm: far above any lead, far below any insulation. */
export const connectedBelow = 1e3;

/** Least resistance between points that are not planned to be connected, ohm. */
export const openAtLeast = 1e6;

/** Ohms of a reading, open as Infinity; undefined when the pair was only ticked or not read. */
export function ohmsOf(pair: PairReading | undefined): number | undefined {
  return pair?.ohms === undefined ? undefined : (pair.ohms ?? Infinity);
}

/** Whether a pair reads as connected; undefined when it was not read. Ohms count before a tick. */
export function isConnected(pair: PairReading | undefined): boolean | undefined {
  const ohms = ohmsOf(pair);
  return ohms === undefined ? pair?.connected : ohms < connectedBelow;
}

/** Key of two points, whichever is named first. */
export const pairKey = (from: string, to: string) => (from < to ? `${from} ${to}` : `${to} ${from}`);

/** Whether a set of readings holds anything at all. */
export function isEmptyTake(take: Readings): boolean {
  return (
    take.pairs.length === 0 &&
    take.insulationOhms === undefined &&
    Object.keys(take.family ?? {}).length === 0 &&
    (take.farads ?? []).length === 0 &&
    (take.spots ?? []).length === 0 &&
    take.length === undefined &&
    Object.keys(take.looks ?? {}).length === 0 &&
    !take.wiggle &&
    !take.sweep &&
    !take.trace
  );
}
