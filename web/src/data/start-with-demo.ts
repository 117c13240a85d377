import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { readArchive } from '@gorvane/core/file/archive.ts';
import { noteExport } from './backup.ts';
import { database } from './database.ts';
import { mergeArchive } from './merge-archive.ts';
import { clearAll } from './start-empty.ts';

/** The demo scenario that ships with the application, read and not yet put anywhere. */
export async function readDemo(): Promise<Archive> {
  const response = await fetch('/demo.zip');
  if (!response.ok) throw new Error('The demo data did not come from the server.');
  return readArchive(new Uint8Array(await response.arrayBuffer()));
}

/** Replaces everything by the demo scenario. */
export async function startWithDemo(archive?: Archive): Promise<void> {
  const demo = archive ?? (await readDemo());
  await database.transaction('rw', database.tables, async () => {
    await clearAll();
    await mergeArchive(demo);
    await database.bench.bulkPut(demo.bench);
    await noteExport(demo.events.length);
  });
}
