import { plansNamed } from '../unit/started.ts';
import type { StoredUnit, Unit, UnitEvent } from '../unit/unit.ts';
import { storedUnitSchema, unitEventSchema } from '../unit/unit.ts';
import type { UnreadRecord } from './archive-error.ts';
import { ArchiveError } from './archive-error.ts';
import { parseJson, parseSchema } from './archive-json.ts';
import type { Manifest } from './archive-manifest.ts';
import type { ArchivePart, ArchiveReader } from './archive-part.ts';
import { ArchivePlans } from './archive-plans.ts';
import type { HeadName } from './archive-tables.ts';
import { readRecord, readRows } from './archive-rows.ts';
import { emptyArchive, hasTable, headNames } from './archive-tables.ts';
import { recordsVersion } from './migrations/migrations.ts';
import { oldReader } from './old-archive-reader.ts';
import { unitsFileSchema, unitsFolder } from './units-file.ts';

/** Since this version plans stand once and units come with their records, some at a time. */
const firstInParts = 12;

/** @throws ArchiveError when these files are no archive that can be taken. */
export const archiveReader = (manifest: Manifest): ArchiveReader =>
  manifest.version < firstInParts ? oldReader(manifest) : partsReader(manifest);

const headFile = (name: HeadName) => `${name}.json`;
const folders = ['plans/', 'blobs/', unitsFolder];

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
      if (name.startsWith('plans/')) return readPlan(name, manifest.checksums[name]!, bytes, plans);
      return readHead(name.slice(0, -'.json'.length) as HeadName, bytes, from);
    },
  };
}

/** @param found Checksum of the file, which was looked at when it was read. */
function readPlan(name: string, found: string, bytes: Uint8Array, plans: ArchivePlans): ArchivePart {
  const hash = name.slice('plans/'.length, -'.json'.length);
  if (found !== hash)
    return {
      archive: emptyArchive(),
      unread: [{ table: 'units', message: `${name}: this plan is not the one that its name says.` }],
    };
  plans.add(hash, bytes);
  return { archive: emptyArchive(), unread: [] };
}

function readHead(table: HeadName, bytes: Uint8Array, from: number): ArchivePart {
  const name = `${table}.json`;
  const unread: UnreadRecord[] = [];
  const rows = readRows(name, table, parseJson(name, bytes), unread, (row, n) =>
    readRecord(table, row, from, n),
  );
  return { archive: { ...emptyArchive(), [table]: rows }, unread };
}

function readUnits(name: string, bytes: Uint8Array, plans: ArchivePlans): ArchivePart {
  const file = parseSchema(name, unitsFileSchema, parseJson(name, bytes));
  const unread: UnreadRecord[] = [];
  const rows = readRows(name, 'units', file.units, unread, (row, n) => {
    const stored = parseSchema(name, storedUnitSchema, row, ['units', n]);
    return { stored, unit: withPlan(stored, plans) };
  });
  const events = readRows(name, 'events', file.events, unread, (row, n) =>
    parseSchema(name, unitEventSchema, row, ['events', n]),
  );
  const units = rows.map(({ unit }) => unit);
  return { archive: { ...emptyArchive(), units, events, blobs: formsOf(rows, events, plans) }, unread };
}

function withPlan({ planHash, ...unit }: StoredUnit, plans: ArchivePlans): Unit {
  return { ...unit, plan: planHash === null ? null : (plans.planOf(planHash) ?? null) };
}

/** Plans that were completed since they were frozen: the forms that records name stand beside them. */
function formsOf(
  rows: readonly { readonly stored: StoredUnit }[],
  events: readonly UnitEvent[],
  plans: ArchivePlans,
): Record<string, Uint8Array> {
  const current = new Set(rows.map(({ stored }) => stored.planHash));
  return Object.fromEntries(
    [...plansNamed(events)].flatMap((hash) => {
      const form = current.has(hash) ? undefined : plans.formOf(hash);
      return form ? [[hash, form]] : [];
    }),
  );
}
