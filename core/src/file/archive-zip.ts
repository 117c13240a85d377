import type { Entry, FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import {
  BlobWriter,
  configure,
  Uint8ArrayReader,
  ZipReader,
  ZipWriter,
} from '@zip.js/zip.js/lib/zip-core-native.js';
import { notAZip } from './archive.ts';
import { ArchiveError } from './archive-error.ts';
import { checkFile, manifestName, readManifest, writeManifest } from './archive-manifest.ts';
import { BlockReader } from './block-reader.ts';
import type { ArchivePart } from './archive-part.ts';
import { archiveReader } from './archive-reader.ts';
import type { PutFile } from './archive-writer.ts';
import type { Looked } from './unit-chains.ts';
import { unitsFolder } from './units-file.ts';
import { SizeGuard, UnpackError } from './unpack.ts';

// It runs in a worker already.
configure({ useWebWorkers: false });

/** Looks at the records of a file of units. */
export type LookAtRecords = (name: string, bytes: Uint8Array) => Promise<Looked | undefined>;

/** An archive of any size, read file by file: never more of it in memory than some files and the plans. */
export interface OpenedArchive {
  /** How many files it has. */
  readonly count: number;
  /**
   * Its parts in order, from the beginning.
   * @param look Looks at the records of a file beside the reading of it; undefined where it could not.
   * @throws ArchiveError where a file is not the one that was written.
   */
  readonly parts: (look?: LookAtRecords) => AsyncGenerator<ArchivePart>;
  /** The same of a file that was read once before: its checksums are not looked at again. */
  readonly partsAgain: () => AsyncGenerator<ArchivePart>;
}

/** So many files are read before the first of them is taken: whoever looks at records always has some. */
const filesAhead = 3;

/** What a source gives, asked for some steps before it is wanted. */
async function* ahead<Item>(source: AsyncGenerator<Item>, steps: number): AsyncGenerator<Item> {
  const next = () => {
    const asked = source.next();
    // Told to whoever comes to it, if anybody does.
    asked.catch(() => undefined);
    return asked;
  };
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
  async function* files(names: readonly string[], isChecked: boolean, look?: LookAtRecords) {
    for (const name of names) {
      const bytes = await bytesOf(byName.get(name)!);
      const looked = name.startsWith(unitsFolder) ? look?.(name, bytes) : undefined;
      if (!isChecked) checkFile(listing, name, await sha256(bytes));
      yield { name, bytes, looked };
    }
  }
  async function* parts(isChecked: boolean, look?: LookAtRecords) {
    const reader = archiveReader(listing);
    const names = asTheyLie(reader.order, byName);
    for await (const { name, bytes, looked } of ahead(files(names, isChecked, look), filesAhead)) {
      const part = reader.take(name, bytes);
      yield { ...part, ...(await looked) };
    }
  }
  const { order } = archiveReader(listing);
  return { count: order.length, parts: (look) => parts(false, look), partsAgain: () => parts(true) };
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

/** The bytes of one file, at most as many as the zip says that it has. */
async function bytesOf(entry: FileEntry): Promise<Uint8Array> {
  const bytes = new Uint8Array(entry.uncompressedSize);
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
    await entry.getData(into);
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
