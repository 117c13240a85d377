import { completePlan } from '../plan/complete-plan.ts';
import { benchSchema } from '../house/bench.ts';
import { plansNamed } from '../unit/started.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { unitEventSchema, unitSchema } from '../unit/unit.ts';
import type { UnreadRecord } from './archive-error.ts';
import { ArchiveError } from './archive-error.ts';
import { checkNamed, parseJson, parseSchema } from './archive-json.ts';
import type { Manifest } from './archive-manifest.ts';
import type { ArchivePart, ArchiveReader } from './archive-part.ts';
import { readRecord, readRows } from './archive-rows.ts';
import type { Archive, TableName } from './archive-tables.ts';
import { emptyArchive, hasTable, tableNames } from './archive-tables.ts';
import { frozenForm } from './migrations/migrate-unit.ts';
import { migrated, recordsVersion } from './migrations/migrations.ts';
import type { Raw } from './migrations/raw.ts';
import { benchOfHouse } from './migrations/to-8.ts';

/** An archive of before version 12: one file for each table, every unit with a plan of its own. It comes whole with its last file. */
export function oldReader(manifest: Manifest): ArchiveReader {
  const from = recordsVersion(manifest.version);
  const order = Object.keys(manifest.checksums);
  const files = new Map<string, Uint8Array>();
  return {
    order,
    take: (name, bytes) => {
      files.set(name, bytes);
      return files.size < order.length ? { archive: emptyArchive(), unread: [] } : readWhole(files, from);
    },
  };
}

type Files = ReadonlyMap<string, Uint8Array>;

function readWhole(files: Files, from: number): ArchivePart {
  const unread: UnreadRecord[] = [];
  const tables = Object.fromEntries(tableNames.map((name) => [name, readTable(files, name, from, unread)]));
  const { events } = tables as unknown as Archive;
  const blobs = [...files].flatMap(([name, data]) =>
    name.startsWith('blobs/') ? [[name.slice(6), data]] : [],
  );
  return {
    archive: {
      ...(tables as unknown as Archive),
      blobs: { ...Object.fromEntries(blobs), ...frozenForms(files, events) },
    },
    unread,
  };
}

function readTable(files: Files, table: TableName, from: number, unread: UnreadRecord[]): unknown[] {
  const name = `${table}.json`;
  const file = files.get(name);
  if (table === 'bench' && !hasTable(table, from)) return benchesOfHouses(files, from);
  if (!file && !hasTable(table, from)) return [];
  if (!file) throw new ArchiveError(`The archive is incomplete: ${name} is missing.`);
  return readRows(name, table, parseJson(name, file), unread, (row, n) => {
    if (table === 'events') return parseSchema(name, unitEventSchema, row, [n]);
    if (table === 'units') return readUnit(row, from, n);
    return readRecord(table, row, from, n);
  });
}

function readUnit(row: unknown, from: number, n: number): Unit {
  const raw = checkNamed('units.json', () => migrated('units', row, from));
  const unit = parseSchema('units.json', unitSchema, raw, [n]);
  return unit.plan ? { ...unit, plan: completePlan(unit.plan) } : unit;
}

/** Before version 8 the house said who is at the bench. */
function benchesOfHouses(files: Files, from: number): Archive['bench'] {
  const house = files.get('house.json');
  if (!house) throw new ArchiveError('The archive is incomplete: house.json is missing.');
  const houses = parseJson('house.json', house) as Raw[];
  return houses
    .flatMap((row) => benchOfHouse(row) ?? [])
    .map((bench) => benchSchema.parse(migrated('bench', bench, from)));
}

/** Plans that are completed as they are read: the forms that records name are kept beside them. */
function frozenForms(files: Files, events: readonly UnitEvent[]): Record<string, Uint8Array> {
  const named = plansNamed(events);
  const forms = (parseJson('units.json', files.get('units.json')!) as unknown[]).map(frozenForm);
  return Object.fromEntries(
    forms.flatMap((form) => (form && named.has(form.hash) ? [[form.hash, form.bytes]] : [])),
  );
}
