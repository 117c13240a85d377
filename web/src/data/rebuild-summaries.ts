import { bladeCuts } from '@gorvane/core/unit/blade-cut.ts';
import { summaryVersion } from '@gorvane/core/unit/summary-version.ts';
import { keepCuts } from './blade-cuts.ts';
import { database } from './database.ts';
import type { GoingOn } from './going-on.ts';
import { keepSummaries, recordTables } from './summaries.ts';
import { setTally } from './tallies.ts';
import { recordsOfUnits } from './unit-records.ts';

/** So many units are summed up in one transaction. */
const unitsAtOnce = 50;

/** Makes all summaries, the index and the counts anew from the records. Interrupted, it begins anew the next time. */
export async function rebuildSummaries({ progress, check }: GoingOn): Promise<void> {
  await database.transaction('rw', recordTables, async () => {
    await Promise.all(
      [database.summaries, database.postings, database.tallies, database.cuts].map((table) => table.clear()),
    );
  });
  const ids = await database.units.orderBy('serial').primaryKeys();
  let entries = 0;
  for (let from = 0; from < ids.length; from += unitsAtOnce) {
    await database.transaction('rw', recordTables, async () => {
      const records = await recordsOfUnits(ids.slice(from, from + unitsAtOnce));
      await keepSummaries(records);
      await keepCuts(records.flatMap(({ events }) => bladeCuts(events)));
      entries += records.reduce((sum, { events }) => sum + events.length, 0);
    });
    check();
    progress(Math.min(from + unitsAtOnce, ids.length), ids.length);
  }
  await database.transaction('rw', recordTables, async () => {
    await setTally('entries', entries);
    await setTally('summary form', summaryVersion);
  });
}
