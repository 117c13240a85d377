import { z } from 'zod';
import { frozenPlanSchema } from '../plan/frozen-plan.ts';
import { readingsSchema } from '../prove/reading.ts';
import { envelopeSchema } from '../record/envelope.ts';

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

const stripLengths = z.record(z.string(), z.number());

/** What can happen to a unit. Facts, never changed: a correction is a further event. */
export const unitHappeningSchema = z.discriminatedUnion('kind', [
  /** Freezes the plan: its checksum, so that a changed plan is noticed. */
  z.object({ kind: z.literal('started'), planChecksum: z.string(), programVersion: z.string() }),
  z.object({ kind: z.literal('part on'), partId: z.string() }),
  z.object({ kind: z.literal('part off'), partId: z.string(), reason: z.string() }),
  z.object({ kind: z.literal('step done'), stepId: z.string() }),
  z.object({
    kind: z.literal('strip measured'),
    stepId: z.string(),
    endId: z.string(),
    lengths: stripLengths,
  }),
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
    scrap: z.array(z.string()),
    partsOff: z.array(z.string()),
    uses: z.number(),
    reason: z.string(),
  }),
  z.object({
    kind: z.literal('proved'),
    readings: readingsSchema,
    verdict: z.enum(['Good', 'Out', 'Not yet']),
  }),
  z.object({ kind: z.literal('finished') }),
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
