import { strToU8 } from 'fflate';
import { z } from 'zod';
import { ArchiveError } from './archive-error.ts';
import { parseJson, parseSchema } from './archive-json.ts';
import { dataVersion } from './migrations/migrations.ts';

/** The version that this program writes, and the newest it reads. */
export const archiveVersion = dataVersion;

export const manifestName = 'manifest.json';

const format = 'gorvane archive';

const manifestSchema = z.object({
  format: z.string(),
  version: z.number().int().positive(),
  writtenAt: z.iso.datetime(),
  /** SHA-256 of every other file of the archive. */
  checksums: z.record(z.string(), z.string()),
});

export type Manifest = z.infer<typeof manifestSchema>;

export function writeManifest(checksums: Readonly<Record<string, string>>, now: string): Uint8Array {
  const manifest: Manifest = { format, version: archiveVersion, writtenAt: now, checksums };
  return strToU8(JSON.stringify(manifest, null, 1));
}

/** @throws ArchiveError when the checksum of a file is not the one that was written. */
export function checkFile({ checksums }: Manifest, name: string, found: string): void {
  const expected = checksums[name]!;
  if (found === expected) return;
  throw new ArchiveError(
    `${name} is damaged: its checksum is ${found.slice(0, 12)}, expected ${expected.slice(0, 12)}.`,
  );
}

/**
 * The manifest of an archive whose files have these names.
 * @throws ArchiveError when it is none, of a newer program, or when files are missing or stand there unlisted.
 */
export function readManifest(file: Uint8Array | undefined, names: readonly string[]): Manifest {
  if (!file) throw new ArchiveError('This zip has no manifest.json: it is not a Gorvane archive.');
  const data = parseJson(manifestName, file);
  const named = z.object({ format: z.literal(format), version: z.number() }).safeParse(data);
  if (!named.success)
    throw new ArchiveError('This zip is not a Gorvane archive: its manifest does not say so.');
  if (named.data.version > archiveVersion)
    throw new ArchiveError(
      `This archive is of version ${named.data.version}; this program reads up to version ${archiveVersion}. Update Gorvane first.`,
    );
  const manifest = parseSchema(manifestName, manifestSchema, data);
  const there = new Set(names);
  const missing = Object.keys(manifest.checksums).find((name) => !there.has(name));
  if (missing) throw new ArchiveError(`The archive is incomplete: ${missing} is missing.`);
  const unlisted = names.find((name) => name !== manifestName && !Object.hasOwn(manifest.checksums, name));
  if (unlisted)
    throw new ArchiveError(
      `${unlisted} is not listed in the manifest: the archive was changed after it was written.`,
    );
  return manifest;
}
