import { ArchiveError } from '@gorvane/core/file/archive-error.ts';
import type { ArchivePart } from '@gorvane/core/file/archive-part.ts';
import { UnitsReader } from '@gorvane/core/file/units-reader.ts';
import { expose } from 'comlink';
import { packEntries } from '../data/packed-entries.ts';

/** A file of units, or why it is none. */
export type UnitsRead = ArchivePart | { readonly problem: string };

let reader: UnitsReader;

/** Reads units of an archive, looks at them and packs their records, which is most of what an import takes. */
const work = {
  begin: (from: number) => {
    reader = new UnitsReader(from, packEntries);
  },
  plan: (hash: string, packed: Uint8Array) => reader.plan(hash, packed),
  units: (name: string, bytes: Uint8Array): Promise<UnitsRead> =>
    reader.units(name, bytes).catch((error: unknown) => {
      // An error that is passed on is no longer of its own kind.
      if (error instanceof ArchiveError) return { problem: error.message };
      throw error;
    }),
};

export type UnitsWork = typeof work;

expose(work);
