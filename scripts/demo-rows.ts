import 'fake-indexeddb/auto';
import { mkdirSync, writeFileSync } from 'node:fs';
import { ferryLanding } from '@gorvane/demo/ferry-landing.ts';
import { database } from '../web/src/data/database.ts';
import { mergeArchive } from '../web/src/data/merge-archive.ts';
import { packEntries } from '../web/src/data/packed-entries.ts';
import { rowsHere } from '../web/src/data/shop-rows.ts';
import { clearAll } from '../web/src/data/start-empty.ts';
import { entriesOf } from '../web/src/data/unit-records.ts';

/** Writes the demo scenario, as it stands in a database that read it in, where the web build picks it up. */
const demo = ferryLanding();
await database.transaction('rw', database.tables, async () => {
  await clearAll();
  await mergeArchive(demo);
  await database.bench.bulkPut(demo.bench);
});
for (const kept of await database.records.toArray())
  await database.records.put({ unitId: kept.unitId, packed: await packEntries(await entriesOf(kept)) });
const folder = new URL('../web/public/', import.meta.url);
mkdirSync(folder, { recursive: true });
writeFileSync(new URL('demo.json', folder), JSON.stringify(await rowsHere()));
database.close();
