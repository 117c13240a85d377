import type { UnreadRecord } from './archive-error.ts';
import { ArchiveError } from './archive-error.ts';
import { parseJson } from './archive-json.ts';
import type { Manifest } from './archive-manifest.ts';
import type { ArchivePart, ArchiveReader } from './archive-part.ts';
import { ArchivePlans } from './archive-plans.ts';
import type { HeadName } from './archive-tables.ts';
import { readRecord, readRows } from './archive-rows.ts';
import { emptyArchive, hasTable, headNames } from './archive-tables.ts';
import { recordsVersion } from './migrations/migrations.ts';
import { oldReader } from './old-archive-reader.ts';
import { readUnits } from './read-units.ts';
import { plansFolder, unitsFolder } from './units-file.ts';

/** Since this version plans stand once and units come with their records, some at a time. */
const firstInParts = 12;

export const isInParts = ({ version }: Manifest): boolean => version >= firstInParts;

/** @throws ArchiveError when these files are no archive that can be taken. */
export const archiveReader = (manifest: Manifest): ArchiveReader =>
  isInParts(manifest) ? partsReader(manifest) : oldReader(manifest);

const headFile = (name: HeadName) => `${name}.json`;
const folders = [plansFolder, 'blobs/', unitsFolder];

/** Tables first, then plans and files, then the units that lean on them. */
function partsReader(manifest: Manifest): ArchiveReader {
  const names = Object.keys(manifest.checksums);
  const from = recordsVersion(manifest.version);
  const headFiles = headNames.filter((name) => hasTable(name, from)).map(headFile);
  const missing = headFiles.find((name) => !names.includes(name));
  if (missing) throw new ArchiveError(`The archive is incomplete: ${missing} is missing.`);
  const foreign = names.find(
    (name) => !headFiles.includes(name) && !folders.some((folder) => name.startsWith(folder)),
  );
  if (foreign) throw new ArchiveError(`${foreign} does not belong in an archive.`);
  const plans = new ArchivePlans(from);
  return {
    order: [
      ...headFiles,
      ...folders.flatMap((folder) => names.filter((name) => name.startsWith(folder)).sort()),
    ],
    take: (name, bytes) => {
      if (name.startsWith(unitsFolder)) return readUnits(name, bytes, plans);
      if (name.startsWith('blobs/'))
        return {
          archive: { ...emptyArchive(), blobs: { [name.slice('blobs/'.length)]: bytes } },
          unread: [],
        };
      if (name.startsWith(plansFolder)) {
        const part = planPart(name, manifest.checksums[name]!);
        if (part.unread.length === 0) plans.add(planNamed(name), bytes);
        return part;
      }
      return readHead(name.slice(0, -'.json'.length) as HeadName, bytes, from);
    },
  };
}

/** The checksum that a file of a plan is called by. */
export const planNamed = (name: string): string => name.slice(plansFolder.length, -'.json'.length);

/** What is to be said of a plan by its name. @param found Checksum of the file, which was looked at when it was read. */
export const planPart = (name: string, found: string): ArchivePart => ({
  archive: emptyArchive(),
  unread:
    found === planNamed(name)
      ? []
      : [{ table: 'units', message: `${name}: this plan is not the one that its name says.` }],
});

function readHead(table: HeadName, bytes: Uint8Array, from: number): ArchivePart {
  const name = `${table}.json`;
  const unread: UnreadRecord[] = [];
  const rows = readRows(name, table, parseJson(name, bytes), unread, (row, n) =>
    readRecord(table, row, from, n),
  );
  return { archive: { ...emptyArchive(), [table]: rows }, unread };
}
