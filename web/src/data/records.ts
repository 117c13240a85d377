import { applyChanges, conflictsOf, differenceOf } from '@gorvane/core/record/difference.ts';
import { revise } from '@gorvane/core/record/revise.ts';
import type { EditedRecord, EditedTable } from './database.ts';
import { database, timeNow } from './database.ts';

/** What came of saving: the record as it now stands, or what another tab saved at the same places meanwhile. */
export type SaveResult = { readonly saved: EditedRecord } | { readonly conflict: EditedRecord };

/**
 * Saves what changed from `base` to `current`. If another tab has saved since `base`, both changes are kept when they
 * touch different places; at the same place nothing is written and the other's record is returned for a decision.
 */
export async function saveRecord(
  table: EditedTable,
  base: EditedRecord,
  current: EditedRecord,
): Promise<SaveResult> {
  return database.transaction('rw', database.table(table), async () => {
    const stored = (await database.table(table).get(base.id)) as EditedRecord | undefined;
    const mine = differenceOf(base, current);
    if (stored && stored.revision !== base.revision) {
      const theirs = differenceOf(base, stored).filter(
        ({ path }) => path[0] !== 'revision' && path[0] !== 'changedAt',
      );
      if (conflictsOf(mine, theirs).length > 0) return { conflict: stored };
    }
    const saved = revise(applyChanges(stored ?? base, mine), {}, timeNow());
    await database.table(table).put(saved);
    return { saved };
  });
}

/** Marks a record as deleted, or takes that back; the mark travels as a tombstone. */
export async function markDeleted(table: EditedTable, id: string, deleted: boolean): Promise<void> {
  await database.transaction('rw', database.table(table), async () => {
    const stored = (await database.table(table).get(id)) as EditedRecord | undefined;
    if (stored) await database.table(table).put(revise({ ...stored, deleted }, {}, timeNow()));
  });
}
