import type { Envelope } from './envelope.ts';

/** When a record of defaults was changed: before any other, so that one that comes with an import stands instead. */
export const neverChanged = '1970-01-01T00:00:00.000Z';

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
