import type { BladeCut } from '../unit/blade-cut.ts';
import type { RecordSummary } from '../unit/summary.ts';
import type { StoredUnit } from '../unit/unit.ts';
import type { UnreadRecord } from './archive-error.ts';
import type { Archive } from './archive-tables.ts';
import type { Chains } from './unit-chains.ts';

/** A part of an archive: an archive of its own, with what of it could not be read. */
export interface ArchivePart {
  readonly archive: Archive;
  readonly unread: readonly UnreadRecord[];
  /** What is wrong with its record chains, where somebody looked already. */
  readonly chains?: Chains;
  /** Units of a file in which all holds; they do not stand in the archive. */
  readonly sound?: SoundUnits;
}

/** Units with their records, which hold by themselves, as they are to be kept. */
export interface SoundUnits {
  readonly units: readonly StoredUnit[];
  /** They summed up, in the same order. */
  readonly summaries: readonly RecordSummary[];
  /** By unit; a unit that nothing has happened to has none. */
  readonly records: ReadonlyMap<string, SoundRecord>;
  /** What they are built to, by checksum, where it was not given with an earlier file: raw deflate. */
  readonly plans: ReadonlyMap<string, Uint8Array>;
}

/** A record in chain order. */
export interface SoundRecord {
  /** Its entries, packed. */
  readonly packed: Uint8Array;
  readonly entries: number;
  readonly cuts: readonly BladeCut[];
}

/** Takes the files of an archive one by one, in its order, and gives back what each holds. */
export interface ArchiveReader {
  readonly order: readonly string[];
  /** What a file holds, with what it needs of those before it. @throws ArchiveError where it is none of an archive. */
  readonly take: (name: string, bytes: Uint8Array) => ArchivePart;
}

/** Reads what an archive has of units, its plans first. */
export interface UnitsReading {
  /** A plan under its checksum, as raw deflate. */
  readonly plan: (hash: string, packed: Uint8Array) => Promise<void>;
  /** @throws ArchiveError where it is no file of units. */
  readonly units: (name: string, bytes: Uint8Array) => Promise<ArchivePart>;
}
