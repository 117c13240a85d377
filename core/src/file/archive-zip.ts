import type { Entry, FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import {
  BlobWriter,
  configure,
  Uint8ArrayReader,
  ZipReader,
  ZipWriter,
} from '@zip.js/zip.js/lib/zip-core-native.js';
import { deflateSync } from 'fflate';
import { notAZip } from './archive.ts';
import { ArchiveError } from './archive-error.ts';
import { checkFile, manifestName, readManifest, writeManifest } from './archive-manifest.ts';
import { BlockReader } from './block-reader.ts';
import type { ArchivePart, ArchiveReader, UnitsReading } from './archive-part.ts';
import { archiveReader, isInParts, planNamed, planPart } from './archive-reader.ts';
import type { PutFile } from './archive-writer.ts';
import { recordsVersion } from './migrations/migrations.ts';
import { plansFolder, unitsFolder } from './units-file.ts';
import { SizeGuard, UnpackError } from './unpack.ts';

// It runs in a worker already.
configure({ useWebWorkers: false });

/** An archive of any size, read file by file: never more of it in memory than some files and the plans. */
export interface OpenedArchive {
  /** How many files it has. */
  readonly count: number;
  /** The version of its records. */
  readonly from: number;
  /**
   * Its parts in order, from the beginning.
   * @param units Reads what it has of units, while other files are read.
   * @throws ArchiveError where a file is not the one that was written.
   */
  readonly parts: (units: UnitsReading) => AsyncGenerator<ArchivePart>;
  /** The same of a file that was read once before: its checksums are not looked at again. */
  readonly partsAgain: () => AsyncGenerator<ArchivePart>;
}

/** So many files are read before the first of them is taken: whoever reads units always has some. */
const filesAhead = 4;

/** What fails is told to whoever comes to it, if anybody does. */
function told<Answer>(asked: Promise<Answer>): Promise<Answer> {
  asked.catch(() => undefined);
  return asked;
}

/** What a source gives, asked for some steps before it is wanted. */
async function* ahead<Item>(source: AsyncGenerator<Item>, steps: number): AsyncGenerator<Item> {
  const next = () => told(source.next());
  const waiting = Array.from({ length: steps }, next);
  for (;;) {
    const { value, done } = await waiting.shift()!;
    if (done) return;
    waiting.push(next());
    yield value;
  }
}

/** Opens an archive. @throws ArchiveError when it is none that can be taken. */
export async function openArchive(file: Blob): Promise<OpenedArchive> {
  const zip = new ZipReader(new BlockReader(file));
  const entries = await listed(zip);
  const byName = new Map(entries.map((entry) => [entry.filename, entry]));
  const manifest = byName.get(manifestName);
  const listing = readManifest(manifest && (await bytesOf(manifest)), [...byName.keys()]);
  async function* files() {
    for (const name of asTheyLie(archiveReader(listing).order, byName)) {
      const entry = byName.get(name)!;
      yield { name, entry, bytes: await bytesOf(entry) };
    }
  }
  // Not the parts themselves: a generator waits for what it is to yield.
  async function* partsToCome(units: UnitsReading) {
    const reader = archiveReader(listing);
    for await (const { name, entry, bytes } of files()) {
      const found = await sha256(bytes);
      checkFile(listing, name, found);
      const file = { name, bytes, found, packed: () => packedBytes(entry, bytes) };
      yield { part: told(takenBy(isInParts(listing) ? units : undefined, reader, file)) };
    }
  }
  async function* parts(units: UnitsReading) {
    for await (const { part } of ahead(partsToCome(units), filesAhead)) yield part;
  }
  async function* partsAgain() {
    const reader = archiveReader(listing);
    for await (const { name, bytes } of ahead(files(), filesAhead)) yield reader.take(name, bytes);
  }
  return {
    count: archiveReader(listing).order.length,
    from: recordsVersion(listing.version),
    parts,
    partsAgain,
  };
}

interface ReadFile {
  readonly name: string;
  readonly bytes: Uint8Array;
  /** Their checksum. */
  readonly found: string;
  /** They as raw deflate. */
  readonly packed: () => Promise<Uint8Array>;
}

/** Has a file taken by whoever reads what it holds. @param units Undefined where units do not stand by themselves. */
async function takenBy(
  units: UnitsReading | undefined,
  reader: ArchiveReader,
  { name, bytes, found, packed }: ReadFile,
): Promise<ArchivePart> {
  if (units && name.startsWith(unitsFolder)) return units.units(name, bytes);
  if (!units || !name.startsWith(plansFolder)) return reader.take(name, bytes);
  const part = planPart(name, found);
  if (part.unread.length === 0) await units.plan(planNamed(name), await packed());
  return part;
}

/** Names in their order, those of one folder as they lie in the file: it is read from front to back, not to and fro. */
function asTheyLie(names: readonly string[], entries: ReadonlyMap<string, FileEntry>): string[] {
  const folderOf = (name: string) => name.slice(0, name.indexOf('/') + 1) || name;
  const folders = [...new Set(names.map(folderOf))];
  const rank = new Map(folders.map((folder, n) => [folder, n]));
  return [...names].sort(
    (a, b) =>
      rank.get(folderOf(a))! - rank.get(folderOf(b))! || entries.get(a)!.offset - entries.get(b)!.offset,
  );
}

/** By the platform: many times as fast as in script. */
async function sha256(bytes: Uint8Array): Promise<string> {
  const hash = await crypto.subtle.digest('SHA-256', bytes as Uint8Array<ArrayBuffer>);
  return Array.from(new Uint8Array(hash), (byte) => byte.toString(16).padStart(2, '0')).join('');
}

async function listed(zip: ZipReader<unknown>): Promise<FileEntry[]> {
  const guard = new SizeGuard();
  const entries = await zip.getEntries().catch((): Entry[] => {
    throw new ArchiveError(notAZip);
  });
  try {
    for (const { filename, uncompressedSize } of entries) guard.check(filename, uncompressedSize);
  } catch (error) {
    throw error instanceof UnpackError
      ? new ArchiveError(`This zip is not unpacked. ${error.message}`)
      : error;
  }
  return entries.filter((entry): entry is FileEntry => !entry.directory);
}

/** How a zip calls raw deflate. */
const deflateMethod = 8;

/** A file as raw deflate: as it lies in the zip, where it lies so. */
const packedBytes = async (entry: FileEntry, bytes: Uint8Array): Promise<Uint8Array> =>
  entry.compressionMethod === deflateMethod
    ? bytesOf(entry, { size: entry.compressedSize, passThrough: true })
    : deflateSync(bytes);

/** The bytes of one file, at most as many as the zip says that it has. */
async function bytesOf(
  entry: FileEntry,
  { size, passThrough } = { size: entry.uncompressedSize, passThrough: false },
): Promise<Uint8Array> {
  const bytes = new Uint8Array(size);
  let at = 0;
  const into = new WritableStream<Uint8Array>({
    write(chunk) {
      if (at + chunk.length > bytes.length)
        throw new ArchiveError(`${entry.filename.slice(0, 80)} is larger than this zip says.`);
      bytes.set(chunk, at);
      at += chunk.length;
    },
  });
  try {
    await entry.getData(into, { passThrough });
  } catch (error) {
    if (error instanceof ArchiveError) throw error;
    throw new ArchiveError(
      `${entry.filename.slice(0, 80)} cannot be unpacked: the file is damaged or cut off.`,
    );
  }
  return at === bytes.length ? bytes : bytes.slice(0, at);
}

/** A zip that is written file by file. */
export class ZipFile {
  // No level: with one, zip.js compresses in script and not by the platform, which takes four times as long.
  private readonly zip = new ZipWriter(new BlobWriter('application/zip'));
  private pending: Promise<unknown>[] = [];

  /** Puts a file in; gives its checksum. */
  readonly put: PutFile<Promise<string>> = (name, bytes) => {
    this.pending.push(this.zip.add(name, new Uint8ArrayReader(bytes)));
    return sha256(bytes);
  };

  /** Until all that was put is in it. */
  async written(): Promise<void> {
    await Promise.all(this.pending);
    this.pending = [];
  }

  /** Closes it with the manifest of what was put in. @param now ISO time. */
  async close(checksums: ReadonlyMap<string, Promise<string>>, now: string): Promise<Blob> {
    const sums = await Promise.all([...checksums].map(async ([name, sum]) => [name, await sum] as const));
    void this.put(manifestName, writeManifest(Object.fromEntries(sums), now));
    await this.written();
    return this.zip.close();
  }
}
