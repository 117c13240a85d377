import { saveFile } from '../controls/save-file.ts';
import { noteExport } from '../data/backup.ts';
import { Stopped } from '../data/going-on.ts';
import type { ImportResult } from '../data/merge-archive.ts';
import { startEmpty } from '../data/start-empty.ts';
import { startWithDemo } from '../data/start-with-demo.ts';
import { tally } from '../data/tallies.ts';
import type { Inspected } from './data-work.ts';
import { sayDataWork } from './data-work.ts';
import type { Keep, LongWork, Tell } from './keep-client.ts';
import { holding } from './held.ts';
import { keepWork } from './keep-client.ts';

/** Does something with all data and says what came of it. Returns whether it was done. */
async function attempt(work: () => Promise<string>): Promise<boolean> {
  sayDataWork({ isSeen: true });
  try {
    sayDataWork({ said: await work(), isSeen: false });
    return true;
  } catch (error) {
    if (error instanceof Unsound) sayDataWork({ inspected: error.inspected, isSeen: false });
    else if (error instanceof Stopped) sayDataWork({ said: 'Stopped. Nothing was changed.', isSeen: false });
    else sayDataWork({ problem: error instanceof Error ? error.message : String(error), isSeen: false });
    return false;
  }
}

type Work<Result> = (worker: Keep, tell: Tell) => Promise<Result>;

/** Long work in its worker, with how far it is and a way to stop it. */
function run<Result>(label: string, work: Work<Result>, holds = false): Promise<Result> {
  const control = new AbortController();
  const stop = () => control.abort();
  let isOver = false;
  const onProgress: LongWork['onProgress'] = (done, of) => {
    // What the worker told last may come after its answer.
    if (!isOver) sayDataWork({ running: { label, done, of, stop, holds }, isSeen: true });
  };
  onProgress(0, 0);
  const { signal } = control;
  const begun = () => keepWork({ onProgress, signal, onlyReads: !holds }, work);
  return (holds ? holding(signal, begun) : begun())
    .catch((error: unknown) => {
      throw signal.aborted ? new Stopped() : error;
    })
    .finally(() => (isOver = true));
}

/** Something in a file does not hold: somebody decides whether the rest is taken. */
class Unsound extends Error {
  constructor(readonly inspected: Inspected) {
    super('Something in this file does not hold.');
  }
}

/** Everything out to a file. */
export const exportAll = (name: string): Promise<boolean> =>
  attempt(async () => {
    const entries = await tally('entries');
    const file = await run('Exporting everything', (worker, tell) => worker.exportEverything(tell));
    saveFile(file, name, 'application/zip');
    await noteExport(entries);
    return `Exported everything to ${name}.`;
  });

/** A file in: all of it, or nothing where something in it does not hold. */
export const importFile = (file: File): Promise<boolean> =>
  attempt(async () => {
    const label = `Reading ${file.name} in`;
    try {
      return importWords(await run(label, (worker, tell) => worker.takeSoundFile(file, tell), true));
    } catch (error) {
      if (!(error instanceof Error) || error.name !== 'UnsoundArchive') throw error;
    }
    const found = await run(`Checking ${file.name}`, (worker, tell) => worker.inspectFile(file, tell));
    throw new Unsound({ ...found, file });
  });

/** What of a file holds, without the rest. */
export const takeRest = ({ file, out }: Inspected): Promise<boolean> =>
  attempt(async () =>
    importWords(
      await run(`Reading ${file.name} in`, (worker, tell) => worker.takeFile(file, out, tell), true),
    ),
  );

/** Leaves a file alone that waited for a decision. */
export const leaveFile = (): void => sayDataWork({ isSeen: true });

/** Removes all and begins anew. */
export const startAgain = (how: 'demo' | 'empty'): Promise<boolean> =>
  attempt(async () => {
    await (how === 'demo' ? startWithDemo : startEmpty)();
    return how === 'demo' ? 'The demo data are in.' : 'The database is empty.';
  });

function importWords({ added, replaced, kept, clashes }: ImportResult): string {
  const renamed = clashes.map(
    ({ serial, as }) =>
      ` Another unit here has the serial ${serial}: the one that came in is kept as ${as}; its label still says ${serial}.`,
  );
  return `${added} records added, ${replaced} replaced by newer ones, ${kept} kept as they were.${renamed.join('')}`;
}
