import { defaultBench } from '@gorvane/core/house/default-bench.ts';
import { defaultHouse } from '@gorvane/core/house/default-house.ts';
import { defaultPapers } from '@gorvane/core/paper/default-papers.ts';
import { neverChanged } from '@gorvane/core/record/revise.ts';
import { summaryVersion } from '@gorvane/core/unit/summary-version.ts';
import { database, timeNow } from './database.ts';
import { fetchDemo } from './fetch-demo.ts';
import { startEmpty } from './start-empty.ts';
import { readDemo, startWithDemo } from './start-with-demo.ts';
import { tally } from './tallies.ts';

/** What a shop begins with, at hand: it only has to be written. */
type Beginning = () => Promise<void>;

/**
 * At the first opening of an address: demo data where the server was started with them, else an empty shop.
 * @param begun Whether it was filled ahead.
 */
export async function prepareDatabase(
  begun: Promise<boolean>,
  onProgress: (done: number, of: number) => void,
): Promise<void> {
  if (await begun) return;
  if ((await database.house.count()) > 0) {
    await completeShop();
    return renewSummaries(onProgress);
  }
  const counts = await Promise.all(
    [database.leads, database.units, database.records].map((table) => table.count()),
  );
  // Whatever became of the house, work that is here is never put away to begin anew.
  if (counts.some((count) => count > 0)) throw new HouseMissingError();
  const begin = await beginning();
  await begin();
}

/** What an address begins with that was never opened: the file of the demo scenario, where its server was started with it. */
interface FirstData {
  readonly demo: Response | undefined;
}

declare global {
  /** What a script of the page asked for before the program was there; undefined where there is a database, or it did not come. */
  var firstData: Promise<FirstData | undefined> | undefined;
}

/**
 * Fills an address that was never opened before anything is drawn, while the rest of the program is still on its way. False
 * where this address may have a database, and where what it begins with did not come: then it is asked for again, and what is
 * wrong is said.
 */
export async function beginAhead(): Promise<boolean> {
  try {
    const there = indexedDB.databases();
    const opening = database.open();
    // Whoever needs it opens it again, and says what is wrong.
    opening.catch(() => undefined);
    if ((await there).some(({ name }) => name === database.name)) return false;
    const begin = await beginning(globalThis.firstData);
    await opening;
    return await database.transaction('rw', database.tables, async () => {
      // Another tab may have begun meanwhile.
      if ((await database.house.count()) > 0) return false;
      await begin();
      return true;
    });
  } catch {
    return false;
  }
}

async function beginning(asked?: Promise<FirstData | undefined>): Promise<Beginning> {
  const { demo } = (await asked) ?? (await firstData());
  if (!demo) return startEmpty;
  const shop = await readDemo(demo);
  return () => startWithDemo(shop);
}

/** Summaries of another form, or of a database that had none, are made anew from the records before anything is shown. */
async function renewSummaries(onProgress: (done: number, of: number) => void): Promise<void> {
  if ((await tally('summary form')) === summaryVersion) return;
  const { keepWork } = await import('../work/keep-client.ts');
  const { signal } = new AbortController();
  // Of several tabs one does it, the others wait for it.
  await navigator.locks.request('gorvane summaries', async () => {
    if ((await tally('summary form')) === summaryVersion) return;
    await keepWork({ onProgress, signal }, (worker, tell) => worker.rebuildSummaries(tell));
  });
}

/** There is work in the database and no house: nothing can be planned until somebody says how to go on. */
export class HouseMissingError extends Error {
  constructor() {
    super(
      'Leads and units are here, but the house is missing: its practice, limits and stores. Nothing was changed.',
    );
    this.name = 'HouseMissingError';
  }
}

/** Goes on with a house of defaults; everything else stays as it is. */
export async function goOnWithDefaults(): Promise<void> {
  await database.house.put(defaultHouse(neverChanged));
  await completeShop();
}

/** A shop without a record of its bench or of its papers gets one; nothing else is touched. */
async function completeShop(): Promise<void> {
  if ((await database.bench.count()) === 0) await database.bench.add(defaultBench(timeNow()));
  if ((await database.papers.count()) === 0) await database.papers.add(defaultPapers(neverChanged));
}

async function firstData(): Promise<FirstData> {
  const start = await fetch('/start.json')
    .then((response) => response.json() as Promise<{ firstData?: string }>)
    .catch(() => undefined);
  return { demo: start?.firstData === 'demo' ? await fetchDemo() : undefined };
}
