import { noteExport } from './backup.ts';
import { database, databaseVersion } from './database.ts';
import { fetchDemo } from './fetch-demo.ts';
import type { ShopRows } from './shop-rows.ts';
import { putRows } from './shop-rows.ts';
import { clearAll } from './start-empty.ts';
import { tally } from './tallies.ts';

/** The demo scenario that ships with the application, read and not yet put anywhere. */
export async function readDemo(response: Response): Promise<ShopRows> {
  const demo = (await response.json().catch(() => undefined)) as Partial<ShopRows> | undefined;
  if (!response.ok || !isShop(demo))
    throw new Error('The demo data did not come from the server. Load the page again.');
  if (demo.version !== databaseVersion)
    throw new Error(
      `The demo data are of version ${demo.version}, this page reads version ${databaseVersion}. Nothing was changed. Load the page again.`,
    );
  return demo;
}

/** A server that does not have the file answers with a page. */
const isShop = (read: Partial<ShopRows> | undefined): read is ShopRows =>
  typeof read?.version === 'number' && typeof read.tables === 'object';

/** Replaces everything by the demo scenario. */
export async function startWithDemo(read?: ShopRows): Promise<void> {
  const demo = read ?? (await readDemo(await fetchDemo()));
  await database.transaction('rw', database.tables, async () => {
    await clearAll();
    putRows(demo);
    await noteExport(await tally('entries'));
  });
}
