import type { UnreadRecord } from './archive-error.ts';
import type { Archive } from './archive-tables.ts';
import type { Looked } from './unit-chains.ts';

/** A part of an archive: an archive of its own, with what of it could not be read. */
export interface ArchivePart extends Partial<Looked> {
  readonly archive: Archive;
  readonly unread: readonly UnreadRecord[];
}

/** Takes the files of an archive one by one, in its order, and gives back what each holds. */
export interface ArchiveReader {
  readonly order: readonly string[];
  /** What a file holds, with what it needs of those before it. @throws ArchiveError where it is none of an archive. */
  readonly take: (name: string, bytes: Uint8Array) => ArchivePart;
}
