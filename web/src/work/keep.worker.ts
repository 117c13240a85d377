import { expose } from 'comlink';
import { exportEverything } from '../data/export-archive.ts';
import type { GoingOn } from '../data/going-on.ts';
import { Stopped, unhurried } from '../data/going-on.ts';
import { inspectFile, takeFile, takeSoundFile } from '../data/import-archive.ts';
import { rebuildSummaries } from '../data/rebuild-summaries.ts';

let isStopped = false;

type Tell = (done: number, of: number) => void;

/** Progress is told, and whether to stop is looked up, between one slice and the next. */
function going(tell: Tell): GoingOn {
  isStopped = false;
  return {
    progress: unhurried(tell),
    check: () => {
      if (isStopped) throw new Stopped();
    },
  };
}

/** What reads or writes everything that is kept: beside the screen, so that it stays in hand. */
const work = {
  exportEverything: (tell: Tell) => exportEverything(going(tell)),
  inspectFile: (file: Blob, tell: Tell) => inspectFile(file, going(tell)),
  takeSoundFile: (file: Blob, tell: Tell) => takeSoundFile(file, going(tell)),
  takeFile: (file: Blob, out: ReadonlySet<string>, tell: Tell) => takeFile(file, { out }, going(tell)),
  rebuildSummaries: (tell: Tell) => rebuildSummaries(going(tell)),
  stop: () => {
    isStopped = true;
  },
};

export type KeepWork = typeof work;

expose(work);
