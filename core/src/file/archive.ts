import { strToU8, zipSync } from 'fflate';
import { planHash, planText } from '../plan/plan-hash.ts';
import { checksum } from '../record/checksum.ts';
import { asStored } from '../unit/as-stored.ts';
import { plansNamed } from '../unit/started.ts';
import type { Unit } from '../unit/unit.ts';
import type { UnreadRecord } from './archive-error.ts';
import { ArchiveError } from './archive-error.ts';
import { checkFile, manifestName, readManifest, writeManifest } from './archive-manifest.ts';
import { archiveReader } from './archive-reader.ts';
import type { Archive } from './archive-tables.ts';
import { headNames, joined } from './archive-tables.ts';
import { ArchiveWriter } from './archive-writer.ts';
import { unpack, UnpackError } from './unpack.ts';

/** So many units with their records stand in one file of an archive. */
export const unitsInSlice = 50;

/** Writes an archive that is in memory: a zip of its tables, its plans and files by their checksums, its units with their records, and a manifest. */
export function writeArchive(archive: Archive, now: string): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  const writer = new ArchiveWriter((name, bytes) => {
    files[name] = bytes;
    return checksum(bytes);
  });
  for (const name of headNames) writer.table(name, archive[name]);
  for (const { plan } of archive.units) if (plan) writer.plan(planHash(plan), strToU8(planText(plan)));
  const forms = plansNamed(archive.events);
  for (const [hash, bytes] of Object.entries(archive.blobs))
    if (forms.has(hash)) writer.plan(hash, bytes);
    else writer.blob(hash, bytes);
  for (const units of slicesOf(archive.units)) {
    const ids = new Set(units.map(({ id }) => id));
    const events = archive.events.filter(({ unitId }) => ids.has(unitId));
    writer.units(units.map(asStored), [JSON.stringify(events)]);
  }
  const known = new Set(archive.units.map(({ id }) => id));
  const others = archive.events.filter(({ unitId }) => !known.has(unitId));
  if (others.length > 0) writer.units([], [JSON.stringify(others)]);
  const manifest = writeManifest(Object.fromEntries(writer.checksums), now);
  return zipSync({ [manifestName]: manifest, ...files }, { mtime: new Date(now) });
}

const slicesOf = (units: readonly Unit[]): Unit[][] =>
  Array.from({ length: Math.ceil(units.length / unitsInSlice) }, (_, n) =>
    units.slice(n * unitsInSlice, (n + 1) * unitsInSlice),
  );

/**
 * Reads an archive and checks everything in it before anything is used: zip, format, version, checksums, schemas.
 * @throws ArchiveError saying which file, what was found and what was expected.
 */
export function readArchive(bytes: Uint8Array): Archive {
  const { archive, unread } = readRecords(bytes);
  const [first] = unread;
  if (first) throw new ArchiveError(first.message);
  return archive;
}

/**
 * The same, record by record: what cannot be read is told, and the others are there.
 * @throws ArchiveError when the file as a whole is none that can be taken.
 */
export function readRecords(bytes: Uint8Array): {
  readonly archive: Archive;
  readonly unread: readonly UnreadRecord[];
} {
  const files = unzip(bytes);
  const manifest = readManifest(files[manifestName], Object.keys(files));
  for (const name of Object.keys(manifest.checksums)) checkFile(manifest, name, checksum(files[name]!));
  const reader = archiveReader(manifest);
  const parts = reader.order.map((name) => reader.take(name, files[name]!));
  return {
    archive: joined(parts.map(({ archive }) => archive)),
    unread: parts.flatMap(({ unread }) => unread),
  };
}

function unzip(bytes: Uint8Array): Record<string, Uint8Array> {
  try {
    return unpack(bytes);
  } catch (error) {
    if (error instanceof UnpackError) throw new ArchiveError(`This zip is not unpacked. ${error.message}`);
    throw new ArchiveError(notAZip);
  }
}

export const notAZip = 'This is not a zip file, or it is cut off. Expected an archive that Gorvane exported.';
