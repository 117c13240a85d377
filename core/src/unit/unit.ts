import { recordedScrapSchema } from '../recipe/scrap.ts';
import { z } from 'zod';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { cutLengthSchema } from '../cut/cut-length.ts';
import { stepSchema } from '../recipe/step.ts';
import { stripPlanSchema } from '../strip/strip-plan.ts';
import { frozenPlanSchema } from '../plan/frozen-plan.ts';
import { readingsSchema } from '../reading/reading.ts';
import { recordedCheckSchema } from '../reading/recorded-check.ts';
import { envelopeSchema } from '../record/envelope.ts';
import { troubleIds } from '../recipe/trouble-id.ts';

/** One physical lead of an order line. Its serial is a label; its id is its identity. */
export const unitSchema = envelopeSchema.extend({
  serial: z.string(),
  leadId: z.string(),
  orderId: z.string(),
  lineId: z.string(),
  /** Its place in the order line, from 1. */
  sequence: z.number().int().positive(),
  /** What it is built to; null until it is started. */
  plan: frozenPlanSchema.nullable(),
});

export type Unit = z.infer<typeof unitSchema>;

/** A unit as it is stored: its plan is kept once for all units that are built to it, under its checksum. */
export const storedUnitSchema = unitSchema.omit({ plan: true }).extend({ planHash: z.string().nullable() });

export type StoredUnit = z.infer<typeof storedUnitSchema>;

const stripLengths = z.record(z.string(), z.number());

/** What can happen to a unit. Facts, never changed: a correction is a further event. */
export const unitHappeningSchema = z.discriminatedUnion('kind', [
  /** Freezes the plan: its checksum, so that a changed plan is noticed. */
  z.object({ kind: z.literal('started'), planChecksum: z.string(), programVersion: z.string() }),
  /** What a caliper and an eye found on the cable: is it the class that it says, is its copper bright. Metres. */
  z.object({
    kind: z.literal('cable checked'),
    cableId: z.string(),
    jacket: z.number().positive().nullable(),
    dielectric: z.number().positive().nullable(),
    copper: z.enum(['bright', 'dark']).nullable(),
  }),
  /** A tube, sleeve or slip lies there, cut to length. */
  z.object({ kind: z.literal('part cut'), partId: z.string() }),
  z.object({ kind: z.literal('cut taken back'), partId: z.string() }),
  /** A gauge card that was changed since the start is used from here, with what of the plan follows from it. */
  z.object({
    kind: z.literal('card used'),
    cardId: z.string(),
    card: gaugeCardSchema,
    strips: z.array(stripPlanSchema),
    steps: z.array(stepSchema),
    cuts: z.array(cutLengthSchema),
  }),
  /** The figures that the unit was started with stay, whatever the card says now. */
  z.object({ kind: z.literal('card kept'), cardId: z.string(), saying: z.string() }),
  z.object({ kind: z.literal('part on'), partId: z.string() }),
  z.object({ kind: z.literal('part off'), partId: z.string(), reason: z.string() }),
  /** A part seen with a hand on it at a step after which it is too late. */
  z.object({ kind: z.literal('part confirmed'), stepId: z.string(), partId: z.string() }),
  z.object({
    kind: z.literal('step done'),
    stepId: z.string(),
    /** Time at work on it; absent where nobody timed it. */
    seconds: z.number().min(0).optional(),
    /** The tool of the stores that cut at it. */
    stripper: z.string().optional(),
  }),
  z.object({
    kind: z.literal('strip measured'),
    stepId: z.string(),
    endId: z.string(),
    lengths: stripLengths,
  }),
  /** The connector was offered up: what touched first and how far it stood off, or that it seats. */
  z.object({
    kind: z.literal('trial fit'),
    stepId: z.string(),
    endId: z.string(),
    touches: z.string().nullable(),
    gap: z.number().min(0),
  }),
  /** Length in the finished lead as measured, metres, by leg. */
  z.object({ kind: z.literal('length measured'), legId: z.string(), length: z.number().positive() }),
  z.object({
    kind: z.literal('hold answered'),
    stepId: z.string(),
    good: z.boolean(),
    reading: z.number().nullable(),
  }),
  z.object({
    kind: z.literal('hold waived'),
    stepId: z.string(),
    name: z.string().min(1),
    reason: z.string().min(1),
  }),
  z.object({
    kind: z.literal('rework'),
    fromStepId: z.string(),
    toStepId: z.string(),
    scrap: recordedScrapSchema,
    partsOff: z.array(z.string()),
    uses: z.number(),
    reason: z.string(),
  }),
  /** The way back that was recorded last is not gone: the unit stands where it stood before it. */
  z.object({ kind: z.literal('rework taken back'), reason: z.string() }),
  /** Something was off: what was seen, and what became of it. */
  z.object({
    kind: z.literal('trouble'),
    stepId: z.string(),
    seen: z.enum(troubleIds),
    outcome: z.enum(['mended here', 'gone back', 'end made again', 'lead given up']),
    advice: z.string(),
    /** Scrap of what is mended where it is; a way back says its own. */
    scrap: recordedScrapSchema,
  }),
  /** Rework took more cable than the length allows: how short the lead comes out in all, metres, who took it so, and why. */
  z.object({
    kind: z.literal('taken shorter'),
    shortage: z.number().positive(),
    name: z.string().min(1),
    reason: z.string().min(1),
  }),
  z.object({
    kind: z.literal('photograph'),
    stepId: z.string().nullable(),
    /** Checksum of the picture. */
    hash: z.string(),
    caption: z.string(),
    width: z.number().int().positive(),
    height: z.number().int().positive(),
  }),
  z.object({ kind: z.literal('note'), stepId: z.string().nullable(), text: z.string().min(1) }),
  z.object({ kind: z.literal('set aside'), reason: z.string() }),
  z.object({ kind: z.literal('taken up') }),
  /** The unit is given up: its parts are scrap. */
  z.object({ kind: z.literal('scrapped'), reason: z.string() }),
  /** What the first of a batch taught: corrections taken over for the rest, in words. */
  z.object({ kind: z.literal('first article'), corrections: z.array(z.string()) }),
  z.object({
    kind: z.literal('proved'),
    /** By one method, or by several side by side. */
    readings: z.union([readingsSchema, z.array(readingsSchema).min(1)]),
    verdict: z.enum(['Good', 'Out', 'Not yet']),
    /** Every check with reading and limit, as they were; absent in records of earlier versions. */
    checks: z.array(recordedCheckSchema).optional(),
  }),
  z.object({ kind: z.literal('finished') }),
  /** A lead that was handed over is on the bench again: it is proved before anything else. */
  z.object({ kind: z.literal('came back'), reason: z.string().min(1) }),
]);

export type UnitHappening = z.infer<typeof unitHappeningSchema>;

/** One entry of a unit's record chain. */
export const unitEventSchema = z.object({
  id: z.string(),
  unitId: z.string(),
  /** From 0; two entries with the same number after a merge are two continuations. */
  number: z.number().int().min(0),
  at: z.iso.datetime(),
  by: z.string(),
  happening: unitHappeningSchema,
  previousHash: z.string(),
  hash: z.string(),
});

export type UnitEvent = z.infer<typeof unitEventSchema>;
