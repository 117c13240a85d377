import { ArchiveError } from '@gorvane/core/file/archive-error.ts';
import type { UnitsReading } from '@gorvane/core/file/archive-part.ts';
import type { OpenedArchive } from '@gorvane/core/file/archive-zip.ts';
import { UnitsReader } from '@gorvane/core/file/units-reader.ts';
import { transfer, wrap } from 'comlink';
import type { UnitsRead, UnitsWork } from '../work/units.worker.ts';
import { brokenOff } from './broken-worker.ts';
import { packEntries } from './packed-entries.ts';

/** Fewer files than these are read sooner than a worker has started. */
const leastFiles = 20;

/**
 * Reads the units of an archive: two files of three in a second worker, where that is worth it and can be had; it ends with the
 * first. The first unpacks and writes, and reads the third, which makes as much work for both: while it only waits, its
 * transaction is kept open by asking it for something all the time.
 */
export function readBeside({ count, from }: Pick<OpenedArchive, 'count' | 'from'>): UnitsReading {
  const here = new UnitsReader(from, packEntries);
  const beside = count < leastFiles || typeof Worker === 'undefined' ? here : begin(from);
  const turns: readonly Reader[] = [beside, beside, here];
  let turn = 0;
  return {
    plan: async (hash, packed) => {
      for (const reader of new Set(turns)) await reader.plan(hash, packed);
    },
    units: (name, bytes) => turns[turn++ % turns.length]!.units(name, bytes),
  };
}

/** Somebody who reads units, here or beside. */
interface Reader {
  readonly plan: (hash: string, packed: Uint8Array) => void | Promise<void>;
  readonly units: UnitsReading['units'];
}

function begin(from: number): Reader {
  const worker = new Worker(new URL('../work/units.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<UnitsWork>(worker);
  const broken = brokenOff(worker);
  broken.catch(() => undefined);
  void remote.begin(from);
  return {
    plan: (hash, packed) => Promise.race([remote.plan(hash, packed), broken]),
    units: async (name, bytes) => {
      const asked: Promise<UnitsRead> = remote.units(name, transfer(bytes, [bytes.buffer]));
      const read = await Promise.race([asked, broken]);
      if ('problem' in read) throw new ArchiveError(read.problem);
      return read;
    },
  };
}
