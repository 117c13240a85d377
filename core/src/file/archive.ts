import { benchSchema } from '../house/bench.ts';
import type { Raw } from './migrations/raw.ts';
import { benchOfHouse } from './migrations/to-8.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { completePlan } from '../plan/complete-plan.ts';
import { dataVersion, migrated, recordsVersion } from './migrations/migrations.ts';
import { frozenForm } from './migrations/migrate-unit.ts';
import { strFromU8, strToU8, zipSync } from 'fflate';
import { unpack, UnpackError } from './unpack.ts';
import { z } from 'zod';
import { unitEventSchema, unitSchema } from '../unit/unit.ts';
import { ownCableSchema } from '../cable/own-cable.ts';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { houseSchema } from '../house/house.ts';
import { leadSchema } from '../lead/lead.ts';
import { checkLead } from '../lead/tree.ts';
import { orderSchema } from '../order/order.ts';
import { checksum } from '../record/checksum.ts';

/** The version that this program writes, and the newest it reads. */
export const archiveVersion = dataVersion;

const format = 'gorvane archive';

/** Every table of an archive with its schema. Adding a table is adding a line. */
const tableSchemas = {
  leads: leadSchema,
  gaugeCards: gaugeCardSchema,
  orders: orderSchema,
  units: unitSchema,
  events: unitEventSchema,
  house: houseSchema,
  bench: benchSchema,
  cables: ownCableSchema,
} as const;

export type TableName = keyof typeof tableSchemas;
export const tableNames = Object.keys(tableSchemas) as TableName[];

/** The contents of an archive: every record of every table, and attached files by their checksum. */
export type Archive = { readonly [Name in TableName]: z.infer<(typeof tableSchemas)[Name]>[] } & {
  readonly blobs: Readonly<Record<string, Uint8Array>>;
};

const manifestSchema = z.object({
  format: z.string(),
  version: z.number().int().positive(),
  writtenAt: z.iso.datetime(),
  /** SHA-256 of every other file of the archive. */
  checksums: z.record(z.string(), z.string()),
});

/** A file that is not an archive that this program can take, with the reason for a person. */
export class ArchiveError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ArchiveError';
  }
}

/** Writes an archive: a zip of one JSON file per table, attached files, and a manifest with checksums. */
export function writeArchive(archive: Archive, now: string): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  for (const name of tableNames) files[`${name}.json`] = strToU8(JSON.stringify(archive[name], null, 1));
  for (const [hash, bytes] of Object.entries(archive.blobs)) files[`blobs/${hash}`] = bytes;
  const checksums = Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, checksum(bytes)]));
  const manifest: z.infer<typeof manifestSchema> = {
    format,
    version: archiveVersion,
    writtenAt: now,
    checksums,
  };
  return zipSync(
    { 'manifest.json': strToU8(JSON.stringify(manifest, null, 1)), ...files },
    { mtime: new Date(now) },
  );
}

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

/** A record that cannot be read, and why. */
export interface UnreadRecord {
  readonly table: TableName;
  readonly message: string;
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
  const manifest = readManifest(files);
  for (const [name, expected] of Object.entries(manifest.checksums)) {
    const file = files[name];
    if (!file) throw new ArchiveError(`The archive is incomplete: ${name} is missing.`);
    const found = checksum(file);
    if (found !== expected)
      throw new ArchiveError(
        `${name} is damaged: its checksum is ${found.slice(0, 12)}, expected ${expected.slice(0, 12)}.`,
      );
  }
  const unlisted = Object.keys(files).find(
    (name) => name !== 'manifest.json' && !(name in manifest.checksums),
  );
  if (unlisted)
    throw new ArchiveError(
      `${unlisted} is not listed in the manifest: the archive was changed after it was written.`,
    );
  const from = recordsVersion(manifest.version);
  const unread: UnreadRecord[] = [];
  const tables = Object.fromEntries(
    tableNames.map((name) => [name, readTable(files, name, from, unread)]),
  ) as unknown as Omit<Archive, 'blobs'>;
  const blobs = Object.fromEntries(
    Object.entries(files).flatMap(([name, data]) =>
      name.startsWith('blobs/') ? [[name.slice(6), data]] : [],
    ),
  );
  return {
    archive: { ...tables, blobs: { ...blobs, ...frozenForms(files, tables.events, from) } },
    unread,
  };
}

/** Plans that were completed since: the forms that records name are kept beside them. */
function frozenForms(
  files: Record<string, Uint8Array>,
  events: readonly UnitEvent[],
  from: number,
): Record<string, Uint8Array> {
  if (from === dataVersion) return {};
  const named = new Set(
    events.flatMap(({ happening }) => (happening.kind === 'started' ? [happening.planChecksum] : [])),
  );
  const forms = (parseJson('units.json', files['units.json']!) as unknown[]).map(frozenForm);
  return Object.fromEntries(
    forms.flatMap((form) => (form && named.has(form.hash) ? [[form.hash, form.bytes]] : [])),
  );
}

function unzip(bytes: Uint8Array): Record<string, Uint8Array> {
  try {
    return unpack(bytes);
  } catch (error) {
    if (error instanceof UnpackError) throw new ArchiveError(`This zip is not unpacked. ${error.message}`);
    throw new ArchiveError(
      'This is not a zip file, or it is cut off. Expected an archive that Gorvane exported.',
    );
  }
}

function readManifest(files: Record<string, Uint8Array>): z.infer<typeof manifestSchema> {
  const file = files['manifest.json'];
  if (!file) throw new ArchiveError('This zip has no manifest.json: it is not a Gorvane archive.');
  const data = parseJson('manifest.json', file);
  const named = z.object({ format: z.literal(format), version: z.number() }).safeParse(data);
  if (!named.success)
    throw new ArchiveError('This zip is not a Gorvane archive: its manifest does not say so.');
  if (named.data.version > archiveVersion)
    throw new ArchiveError(
      `This archive is of version ${named.data.version}; this program reads up to version ${archiveVersion}. Update Gorvane first.`,
    );
  return parseSchema('manifest.json', manifestSchema, data);
}

function readTable<Name extends TableName>(
  files: Record<string, Uint8Array>,
  name: Name,
  from: number,
  unread: UnreadRecord[],
): Archive[Name] {
  const file = files[`${name}.json`];
  // Own cables had no table before version 2.
  if (!file && name === 'cables' && from < 2) return [] as unknown as Archive[Name];
  if (name === 'bench' && from < 8) return benchesOfHouses(files) as Archive[Name];
  if (!file) throw new ArchiveError(`The archive is incomplete: ${name}.json is missing.`);
  const rows = parseSchema(`${name}.json`, z.array(z.unknown()), parseJson(`${name}.json`, file));
  return rows.flatMap((row, n) => {
    try {
      return [readRow(name, row, from, n)];
    } catch (error) {
      unread.push({ table: name, message: error instanceof Error ? error.message : String(error) });
      return [];
    }
  }) as Archive[Name];
}

function readRow(name: TableName, row: unknown, from: number, n: number): unknown {
  const schema: z.ZodType = tableSchemas[name];
  const record = checkNamed(`${name}.json`, () => migrated(name, row, from));
  const read = parseSchema(`${name}.json`, schema, record, [n]);
  if (name === 'leads') checkNamed('leads.json', () => checkLead(read as Parameters<typeof checkLead>[0]));
  return name === 'units' ? withWholePlan(read as Unit) : read;
}

/** Before version 8 the house said who is at the bench. */
function benchesOfHouses(files: Record<string, Uint8Array>): Archive['bench'] {
  const houses = parseJson('house.json', files['house.json']!) as Raw[];
  return houses.flatMap((house) => benchOfHouse(house) ?? []).map((bench) => benchSchema.parse(bench));
}

const withWholePlan = (unit: Unit): Unit => (unit.plan ? { ...unit, plan: completePlan(unit.plan) } : unit);

function parseJson(name: string, file: Uint8Array): unknown {
  return checkNamed(name, () => JSON.parse(strFromU8(file)) as unknown);
}

function parseSchema<T>(
  name: string,
  schema: z.ZodType<T>,
  data: unknown,
  at: readonly PropertyKey[] = [],
): T {
  const result = schema.safeParse(data);
  if (result.success) return result.data;
  const issue = result.error.issues[0]!;
  const path = [...at, ...issue.path].map(String).join('.');
  throw new ArchiveError(`${name}, at ${path || 'the top'}: ${issue.message}.`);
}

function checkNamed<T>(name: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    throw new ArchiveError(`${name}: ${error instanceof Error ? error.message : String(error)}`);
  }
}
