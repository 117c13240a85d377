import { z } from 'zod';
import { proofLevels } from '../house/practice.ts';
import { envelopeSchema } from '../record/envelope.ts';

/** A job: who wants which leads, how many, by when. Units belong to one of its lines. */
export const orderSchema = envelopeSchema.extend({
  name: z.string().min(1),
  wantedBy: z.string(),
  /** ISO date, or null where nobody said. */
  due: z.iso.date().nullable(),
  /** How far a proof goes that it asks for, where it asks for more than the house does. */
  proofLevel: z.enum(proofLevels).optional(),
  lines: z
    .array(
      z.object({ id: z.string(), leadId: z.string(), quantity: z.number().int().positive().max(10_000) }),
    )
    .min(1),
});

export type Order = z.infer<typeof orderSchema>;
