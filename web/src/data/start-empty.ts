import { defaultBench } from '@gorvane/core/house/default-bench.ts';
import { defaultHouse } from '@gorvane/core/house/default-house.ts';
import { defaultPapers } from '@gorvane/core/paper/default-papers.ts';
import { neverChanged } from '@gorvane/core/record/revise.ts';
import { summaryVersion } from '@gorvane/core/unit/summary-version.ts';
import { noteExport } from './backup.ts';
import { database, timeNow } from './database.ts';
import { setTally } from './tallies.ts';

/** Empties every table; what follows fills them in the same transaction. */
export async function clearAll(): Promise<void> {
  await Promise.all(database.tables.map((table) => table.clear()));
  await setTally('summary form', summaryVersion);
}

/** Empties the database and leaves a house, a bench and papers with defaults. */
export async function startEmpty(): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    await clearAll();
    await database.house.add(defaultHouse(neverChanged));
    await database.bench.add(defaultBench(timeNow()));
    await database.papers.add(defaultPapers(neverChanged));
    await noteExport(0);
  });
}
