import { strToU8 } from 'fflate';
import { checksum } from '../record/checksum.ts';
import type { StoredUnit, UnitEvent } from '../unit/unit.ts';
import { manifestName, writeManifest } from './archive-manifest.ts';
import type { Archive, HeadName } from './archive-tables.ts';

/** Puts one file into the archive. */
export type PutFile = (name: string, bytes: Uint8Array) => void;

/** The files of an archive: what is written keeps its checksum, and the manifest closes them. Units come last, some at a time. */
export class ArchiveWriter {
  private readonly checksums: Record<string, string> = {};
  private slices = 0;

  constructor(private readonly put: PutFile) {}

  table(name: HeadName, rows: Archive[HeadName]): void {
    this.write(`${name}.json`, strToU8(JSON.stringify(rows, null, 1)));
  }

  /** A plan, or the form in which one was frozen, by its checksum; once. */
  plan(hash: string, bytes: Uint8Array): void {
    this.write(`plans/${hash}.json`, bytes);
  }

  blob(hash: string, bytes: Uint8Array): void {
    this.write(`blobs/${hash}`, bytes);
  }

  /** Some units with their whole records. */
  units(units: readonly StoredUnit[], events: readonly UnitEvent[]): void {
    const name = `units/${String(++this.slices).padStart(6, '0')}.json`;
    this.write(name, strToU8(JSON.stringify({ units, events })));
  }

  /** @param now ISO time. */
  close(now: string): void {
    this.put(manifestName, writeManifest(this.checksums, now));
  }

  private write(name: string, bytes: Uint8Array): void {
    if (name in this.checksums) return;
    this.checksums[name] = checksum(bytes);
    this.put(name, bytes);
  }
}
