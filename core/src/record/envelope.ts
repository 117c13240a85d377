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

/** A record as first written. The clock and the id come from the caller: `core` has neither. */
export function firstRevision(id: string, now: string): Envelope {
  return { id, schemaVersion: 1, revision: 1, changedAt: now, deleted: false };
}

/** The next revision of a record, with its changes. */
export function revise<T extends Envelope>(
  record: T,
  changes: Partial<Omit<T, keyof Envelope>>,
  now: string,
): T {
  return { ...record, ...changes, revision: record.revision + 1, changedAt: now };
}
