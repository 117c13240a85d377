import { database, timeNow } from './database.ts';

/**
 * At the first opening of an address: demo data where the server was started with them, else an empty shop. What
 * reads archives is loaded only then.
 */
export async function prepareDatabase(): Promise<void> {
  if ((await database.house.count()) > 0) return completeBench();
  const { startEmpty, startWithDemo } = await import('./archive.ts');
  if ((await firstData()) === 'demo') await startWithDemo();
  else await startEmpty();
}

/** A shop without a record of its bench gets one; nothing else is touched. */
async function completeBench(): Promise<void> {
  if ((await database.bench.count()) > 0) return;
  const { defaultBench } = await import('@gorvane/core/house/bench.ts');
  await database.bench.add(defaultBench(timeNow()));
}

async function firstData(): Promise<string> {
  try {
    const start = (await (await fetch('/start.json')).json()) as { firstData?: string };
    return start.firstData ?? 'empty';
  } catch {
    return 'empty';
  }
}
