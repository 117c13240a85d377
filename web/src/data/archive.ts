import { defaultBench } from '@gorvane/core/house/bench.ts';
import type { Archive } from '@gorvane/core/file/archive.ts';
import {
  ArchiveError,
  readArchive,
  readRecords,
  tableNames,
  writeArchive,
} from '@gorvane/core/file/archive.ts';
import type { ArchiveFinding } from '@gorvane/core/file/check-archive.ts';
import { checkArchive, soundPart } from '@gorvane/core/file/check-archive.ts';
import type { Unit } from '@gorvane/core/unit/unit.ts';
import type { Table } from 'dexie';
import { defaultHouse } from '@gorvane/core/house/house.ts';
import type { Envelope } from '@gorvane/core/record/envelope.ts';
import { mergeRecords } from '@gorvane/core/record/merge.ts';
import { noteExport } from './backup.ts';
import { database, timeNow } from './database.ts';
import { keptFilesOf } from '@gorvane/core/unit/kept-files.ts';

const allTables = () => [...tableNames.map((name) => database.table(name)), database.blobs, database.kept];

/** Everything in the database as one archive file. */
export async function exportEverything(): Promise<Uint8Array> {
  const tables = await Promise.all(
    tableNames.map(async (name) => [name, await database.table(name).toArray()] as const),
  );
  const blobs = await database.blobs.toArray();
  const archive = {
    ...Object.fromEntries(tables),
    blobs: Object.fromEntries(blobs.map(({ hash, bytes }) => [hash, bytes])),
  };
  return writeArchive(archive as unknown as Archive, timeNow());
}

/**
 * One unit with all that another bench needs to go on with it: its record, its plan, its lead with the gauge cards, its
 * order and its pictures. Read in there, it is merged like any archive.
 */
export async function exportUnit(unitId: string): Promise<Uint8Array> {
  const unit = await database.units.get(unitId);
  if (!unit) throw new Error('This unit is not in the database.');
  const events = await database.events.where('unitId').equals(unitId).toArray();
  const lead = await database.leads.get(unit.leadId);
  const order = await database.orders.get(unit.orderId);
  const cards = await database.gaugeCards.bulkGet(lead?.ends.map(({ gaugeCardId }) => gaugeCardId) ?? []);
  const cables = await database.cables.bulkGet(lead?.pieces.map(({ cableId }) => cableId) ?? []);
  const blobs = await database.blobs.bulkGet(keptFilesOf(events).map(({ hash }) => hash));
  const archive: Archive = {
    leads: lead ? [lead] : [],
    gaugeCards: [...new Map(cards.flatMap((card) => (card ? [[card.id, card]] : []))).values()],
    orders: order ? [order] : [],
    units: [unit],
    events,
    house: [],
    bench: [],
    cables: [...new Map(cables.flatMap((cable) => (cable ? [[cable.id, cable]] : []))).values()],
    blobs: Object.fromEntries(blobs.flatMap((blob) => (blob ? [[blob.hash, blob.bytes]] : []))),
  };
  return writeArchive(archive, timeNow());
}

/** How many records an import brought, and units whose serial another unit has here: they are called otherwise. */
export interface ImportResult {
  readonly added: number;
  readonly replaced: number;
  readonly kept: number;
  readonly clashes: readonly { readonly serial: string; readonly as: string }[];
}

/** A file before anything of it is taken: what holds, and in words what does not. */
export interface InspectedArchive {
  readonly sound: Archive;
  /** Records that hold. */
  readonly count: number;
  readonly problems: readonly string[];
}

/** Reads a file and checks each of its records, by itself and with what it leans on; changes nothing. @throws ArchiveError where it is none at all. */
export async function inspectArchive(bytes: Uint8Array): Promise<InspectedArchive> {
  const { archive, unread } = readRecords(bytes);
  const ids = async (table: Table) => new Set((await table.toCollection().primaryKeys()) as string[]);
  const findings = checkArchive(archive, {
    unitIds: await ids(database.units),
    cardIds: await ids(database.gaugeCards),
    cableIds: await ids(database.cables),
  });
  const sound = soundPart(archive, findings);
  return {
    sound,
    count: tableNames.reduce((sum, name) => sum + sound[name].length, 0),
    problems: [
      ...unread.map(({ message }) => message),
      ...findings.map(({ table, name, message }) => `${tableWords[table]} ${name}: ${message}`),
    ],
  };
}

const tableWords: Readonly<Record<ArchiveFinding['table'], string>> = {
  leads: 'Lead',
  gaugeCards: 'Bag',
  orders: 'Order',
  units: 'Unit',
  events: 'Record',
  house: 'House',
  bench: 'Bench',
  cables: 'Cable',
  blobs: 'File',
};

/**
 * Reads an archive whole, then merges it record by record in one transaction: a file in which anything does not hold changes nothing.
 * Entries of record chains are facts and are only ever added.
 * @throws ArchiveError with the reason.
 */
export async function importArchive(bytes: Uint8Array): Promise<ImportResult> {
  const { sound, problems } = await inspectArchive(bytes);
  const [first, ...others] = problems;
  if (first) throw new ArchiveError(others.length > 0 ? `${first} And ${others.length} more.` : first);
  return mergeArchive(sound);
}

/** Merges what holds of a file that was inspected: all or nothing. */
export async function mergeArchive(archive: Archive): Promise<ImportResult> {
  return database.transaction('rw', allTables(), async () => {
    const total = { added: 0, replaced: 0, kept: 0 };
    const { units, clashes } = withFreeSerials(archive, await database.units.toArray());
    for (const name of tableNames) {
      // Who is at a bench is that bench's own, and records are only ever added to.
      if (name === 'events' || name === 'bench') continue;
      const mine = (await database.table(name).toArray()) as Envelope[];
      const theirs = (name === 'units' ? units : archive[name]) as Envelope[];
      const { records, added, replaced, kept } = mergeRecords(mine, theirs);
      await database.table(name).bulkPut([...records]);
      total.added += added;
      total.replaced += replaced;
      total.kept += kept;
    }
    const known = new Set(await database.events.toCollection().primaryKeys());
    const fresh = archive.events.filter(({ id }) => !known.has(id));
    await database.events.bulkAdd(fresh);
    await database.blobs.bulkPut(
      Object.entries(archive.blobs).map(([hash, data]) => ({ hash, bytes: data })),
    );
    return { ...total, added: total.added + fresh.length, clashes };
  });
}

/** Serials are unique at a bench: a unit that comes with one that another has is called by the bench that it comes from as well. */
function withFreeSerials({ units, bench }: Archive, mine: readonly Unit[]) {
  const taken = new Set(mine.map(({ serial }) => serial));
  const own = new Map(mine.map(({ id, serial }) => [id, serial]));
  const from = bench[0]?.serialPrefix ?? 'other';
  const clashes: { serial: string; as: string }[] = [];
  const renamed = units.map((unit): Unit => {
    const known = own.get(unit.id);
    if (known !== undefined) return { ...unit, serial: known };
    let serial = unit.serial;
    for (let n = 1; taken.has(serial); n++) serial = `${unit.serial}/${from}${n === 1 ? '' : n}`;
    taken.add(serial);
    if (serial !== unit.serial) clashes.push({ serial: unit.serial, as: serial });
    return { ...unit, serial };
  });
  return { units: renamed, clashes };
}

/** Empties the database and leaves a house and a bench with defaults. */
export async function startEmpty(): Promise<void> {
  await database.transaction('rw', allTables(), async () => {
    await Promise.all(allTables().map((table) => table.clear()));
    await database.house.add(defaultHouse(timeNow()));
    await database.bench.add(defaultBench(timeNow()));
    await noteExport();
  });
}

/** Replaces everything by the demo scenario that ships with the application. */
export async function startWithDemo(): Promise<void> {
  const response = await fetch('/demo.zip');
  if (!response.ok) throw new Error('The demo data did not come from the server.');
  const archive = readArchive(new Uint8Array(await response.arrayBuffer()));
  await database.transaction('rw', allTables(), async () => {
    await Promise.all(allTables().map((table) => table.clear()));
    await mergeArchive(archive);
    await database.bench.bulkPut(archive.bench);
    await noteExport();
  });
}
