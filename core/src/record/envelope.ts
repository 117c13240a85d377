import { z } from 'zod';

/** What every stored record carries, so that files from two benches merge. Times are ISO 8601 in UTC. */
export const envelopeSchema = z.object({
  id: z.string().min(1),
  schemaVersion: z.number().int().positive(),
  revision: z.number().int().positive(),
  changedAt: z.iso.datetime(),
  /** A tombstone: the record is gone, but its going must travel with the files. */
  deleted: z.boolean(),
});

export type Envelope = z.infer<typeof envelopeSchema>;
