import { readArchive } from '@gorvane/core/file/archive.ts';
import { noteExport } from './backup.ts';
import { database } from './database.ts';
import { mergeArchive } from './merge-archive.ts';
import { clearAll } from './start-empty.ts';

/** Replaces everything by the demo scenario that ships with the application. */
export async function startWithDemo(): Promise<void> {
  const response = await fetch('/demo.zip');
  if (!response.ok) throw new Error('The demo data did not come from the server.');
  const archive = readArchive(new Uint8Array(await response.arrayBuffer()));
  await database.transaction('rw', database.tables, async () => {
    await clearAll();
    await mergeArchive(archive);
    await database.bench.bulkPut(archive.bench);
    await noteExport(archive.events.length);
  });
}
