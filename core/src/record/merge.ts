import type { Envelope } from './envelope.ts';

/** What came of merging one table: the records to keep, and how many were new, newer or older. */
export interface MergeResult<T> {
  readonly records: readonly T[];
  readonly added: number;
  readonly replaced: number;
  readonly kept: number;
}

/**
 * Merges records of another bench by id: the higher revision stands, then the later change; a tombstone is a revision
 * like any other. Nothing of `mine` that the other bench does not know is touched.
 */
export function mergeRecords<T extends Envelope>(mine: readonly T[], theirs: readonly T[]): MergeResult<T> {
  const records = new Map(mine.map((record) => [record.id, record]));
  const counts = { added: 0, replaced: 0, kept: 0 };
  for (const record of theirs) {
    const own = records.get(record.id);
    if (!own) counts.added++;
    else if (isNewer(record, own)) counts.replaced++;
    else {
      counts.kept++;
      continue;
    }
    records.set(record.id, record);
  }
  return { records: [...records.values()], ...counts };
}

function isNewer(a: Envelope, b: Envelope): boolean {
  return a.revision > b.revision || (a.revision === b.revision && a.changedAt > b.changedAt);
}
