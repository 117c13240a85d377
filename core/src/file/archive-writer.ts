import { strToU8 } from 'fflate';
import type { StoredUnit } from '../unit/unit.ts';
import type { Archive, HeadName } from './archive-tables.ts';
import { unitsFolder } from './units-file.ts';

/** Puts one file into the archive and gives its checksum, at once or later. */
export type PutFile<Sum> = (name: string, bytes: Uint8Array) => Sum;

/** The files of an archive but for its manifest, which has the checksums of all others. Units come last, some at a time. */
export class ArchiveWriter<Sum = string> {
  private readonly sums = new Map<string, Sum>();
  private slices = 0;

  constructor(private readonly put: PutFile<Sum>) {}

  /** Of every file that was written, by its name. */
  get checksums(): ReadonlyMap<string, Sum> {
    return this.sums;
  }

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

  /** Some units with their whole records, each the JSON of a list of its entries: most come from where they are kept as such. */
  units(units: readonly StoredUnit[], records: readonly string[]): void {
    const name = `${unitsFolder}${String(++this.slices).padStart(6, '0')}.json`;
    const events = records.map((record) => record.slice(1, -1)).filter(Boolean);
    this.write(name, strToU8(`{"units":${JSON.stringify(units)},"events":[${events.join()}]}`));
  }

  private write(name: string, bytes: Uint8Array): void {
    if (!this.sums.has(name)) this.sums.set(name, this.put(name, bytes));
  }
}
