import type { Envelope } from './envelope.ts';

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
