import { asStored } from '@gorvane/core/unit/as-stored.ts';
import { ArchiveError } from '@gorvane/core/file/archive-error.ts';
import type { ArchivePart, SoundUnits } from '@gorvane/core/file/archive-part.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { headNames } from '@gorvane/core/file/archive-tables.ts';
import { entriesByUnit } from '@gorvane/core/file/unit-chains.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { entryNumber } from '@gorvane/core/record/entry-number.ts';
import type { Envelope } from '@gorvane/core/record/envelope.ts';
import { mergeRecords } from '@gorvane/core/record/merge.ts';
import { bladeCuts } from '@gorvane/core/unit/blade-cut.ts';
import { plansNamed } from '@gorvane/core/unit/started.ts';
import type { StoredUnit, Unit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import type { Table } from 'dexie';
import { keepCuts } from './blade-cuts.ts';
import { database } from './database.ts';
import { keepPlan, keepPlanBytes } from './keep-plan.ts';
import type { Moves } from './summaries.ts';
import { keepFirst, postMoves, sumUp } from './summaries.ts';
import { withPlans } from './plans.ts';
import { addToTally } from './tallies.ts';
import { entriesOfAll, recordsOfUnits } from './unit-records.ts';

/** How many records an import brought, and units whose serial another unit has here: they are called otherwise. */
export interface ImportResult {
  readonly added: number;
  readonly replaced: number;
  readonly kept: number;
  readonly clashes: readonly { readonly serial: string; readonly as: string }[];
}

/** Merges an archive that is in memory, within a transaction over all tables. */
export async function mergeArchive(archive: Archive): Promise<ImportResult> {
  const total = new Total();
  await mergePart({ archive }, total);
  return total.close();
}

/** What came of the parts so far. */
export class Total {
  private readonly counts = { added: 0, replaced: 0, kept: 0 };
  private readonly clashes: { serial: string; as: string }[] = [];
  /** Prefix of the bench that the file comes from. */
  from = 'other';
  private serials: Set<string> | undefined;
  private unitIds: Set<string> | undefined;
  private moves: Moves = [];

  /** Every serial that is taken here, those of this file so far included. */
  async taken(): Promise<Set<string>> {
    this.serials ??= new Set((await database.units.orderBy('serial').keys()) as string[]);
    return this.serials;
  }

  /** Every unit that is here with or without a record, those of this file so far included. */
  async known(): Promise<Set<string>> {
    this.unitIds ??= new Set([
      ...(await database.units.toCollection().primaryKeys()),
      ...(await database.records.toCollection().primaryKeys()),
    ]);
    return this.unitIds;
  }

  count({ added, replaced, kept }: Pick<ImportResult, 'added' | 'replaced' | 'kept'>): void {
    this.counts.added += added;
    this.counts.replaced += replaced;
    this.counts.kept += kept;
  }

  clash(serial: string, as: string): void {
    this.clashes.push({ serial, as });
  }

  /** Posts what moves in the index, some units at a time: its lists are long, and written anew each time. */
  async post(moves: Moves): Promise<void> {
    this.moves = this.moves.length === 0 ? moves : this.moves.concat(moves);
    if (this.moves.length >= mostMoves) await this.posted();
  }

  private async posted(): Promise<void> {
    if (this.moves.length === 0) return;
    await postMoves(this.moves);
    this.moves = [];
  }

  /** What came of all, once the last is posted. */
  async close(): Promise<ImportResult> {
    await this.posted();
    return { ...this.counts, clashes: this.clashes };
  }
}

/** So many moves of the index wait at most: those of some two thousand units. */
const mostMoves = 50_000;

/** Merges one part of an archive record by record, within a transaction over all tables. Entries of record chains are facts and are only ever added. */
export async function mergePart(
  { archive, sound }: Pick<ArchivePart, 'archive' | 'sound'>,
  total: Total,
): Promise<void> {
  const [bench] = archive.bench;
  if (bench) total.from = bench.serialPrefix;
  for (const name of headNames) {
    // Who is at a bench is that bench's own. Most parts have nothing of a table, and to ask for nothing takes its time.
    if (name === 'bench' || archive[name].length === 0) continue;
    total.count(await mergeTable(database.table(name), archive[name] as Envelope[]));
  }
  if (archive.orders.length > 0) await namedAnew(archive.orders, total);
  await keepFiles(archive);
  if (archive.units.length + archive.events.length > 0) await mergeUnits(archive, total);
  if (sound) await mergeSound(sound, total);
}

async function mergeTable(table: Table, theirs: readonly Envelope[]) {
  const mine = (await table.bulkGet(theirs.map(({ id }) => id))) as (Envelope | undefined)[];
  return mergeRows(table, mine, theirs);
}

async function mergeRows(table: Table, mine: readonly (Envelope | undefined)[], theirs: readonly Envelope[]) {
  const { records, ...counts } = mergeRecords(
    mine.filter((record) => record !== undefined),
    theirs,
  );
  await table.bulkPut([...records]);
  return counts;
}

/** Units that are here are found by what their order is called now. */
async function namedAnew(orders: Archive['orders'], total: Total): Promise<void> {
  const ids = orders.map(({ id }) => id);
  const units = await database.units.where('orderId').anyOf(ids).primaryKeys();
  if (units.length > 0) await total.post(await sumUp(await recordsOfUnits(units)));
}

/** Plans stand by themselves, and so do the forms in which they were frozen; other files under their checksums. */
async function keepFiles({ units, events, blobs }: Archive): Promise<void> {
  for (const plan of new Set(units.map((unit) => unit.plan))) if (plan) await keepPlan(plan);
  const forms = plansNamed(events);
  for (const [hash, bytes] of Object.entries(blobs))
    if (forms.has(hash)) await keepPlanBytes(hash, bytes);
    else await database.blobs.put({ hash, bytes });
}

/** Units in which all holds are put away as they come; what is here of one is merged entry by entry. */
async function mergeSound(sound: SoundUnits, total: Total): Promise<void> {
  await database.plans.bulkPut([...sound.plans].map(([hash, bytes]) => ({ hash, bytes })));
  const known = await total.known();
  const here = sound.units.filter(({ id }) => known.has(id));
  await putAway(sound, known, total);
  if (here.length > 0) await mergeUnits(await unpacked(here, sound), total);
}

/** Of a shop that is read in whole nothing is here, and to ask for each unit takes as long as to write it. */
async function putAway(sound: SoundUnits, known: Set<string>, total: Total): Promise<void> {
  const isNew = sound.units.map(({ id }) => !known.has(id));
  if (!isNew.includes(true)) return;
  const units = await withFreeSerials(
    sound.units.filter((_, n) => isNew[n]),
    [],
    total,
  );
  const summaries = sound.summaries.filter((_, n) => isNew[n]);
  const records = units.flatMap(({ id }) => {
    const record = sound.records.get(id);
    return record ? [{ unitId: id, ...record }] : [];
  });
  const entries = records.reduce((sum, record) => sum + record.entries, 0);
  // One after another: where several go on side by side the transaction loses hold of them.
  await database.units.bulkAdd(units);
  await database.records.bulkAdd(records.map(({ unitId, packed }) => ({ unitId, packed })));
  await addToTally('entries', entries);
  await keepCuts(records.flatMap(({ cuts }) => cuts));
  await total.post(
    await keepFirst(summaries.map((summary, n) => ({ ...summary, serial: units[n]!.serial }))),
  );
  total.count({ added: units.length + entries, replaced: 0, kept: 0 });
  units.forEach(({ id }) => known.add(id));
}

/** Units with their plans and entries. */
async function unpacked(units: readonly StoredUnit[], { records }: SoundUnits) {
  const kept = units.map(({ id }) => {
    const record = records.get(id);
    return record && { unitId: id, packed: record.packed };
  });
  return { units: await withPlans(units), events: (await entriesOfAll(kept)).flat() };
}

async function mergeUnits({ units, events }: Pick<Archive, 'units' | 'events'>, total: Total): Promise<void> {
  const known = await total.known();
  const here = await rowsOf(
    database.units,
    units.map(({ id }) => id),
    known,
  );
  const named = await withFreeSerials(units, here, total);
  total.count(await mergeRows(database.units, here, named.map(asStored)));
  const fresh = await mergeEntries(events, known);
  const grown = new Set([...units.map(({ id }) => id), ...fresh.map(({ unitId }) => unitId)]);
  grown.forEach((id) => known.add(id));
  await addToTally('entries', fresh.length);
  await keepCuts(bladeCuts(fresh));
  total.count({ added: fresh.length, replaced: 0, kept: 0 });
  await total.post(await sumUp(await recordsOfUnits([...grown])));
}

/** Rows by their ids; undefined of those that are not here. */
async function rowsOf<Row>(
  table: Pick<Table<Row, string>, 'bulkGet'>,
  ids: readonly string[],
  known: ReadonlySet<string>,
): Promise<(Row | undefined)[]> {
  const asked = ids.filter((id) => known.has(id));
  const found = new Map((await table.bulkGet(asked)).map((row, n) => [asked[n]!, row]));
  return ids.map((id) => found.get(id));
}

/** Adds to each record the entries that are not in it yet; gives those. @throws ArchiveError where one has the id of another. */
async function mergeEntries(events: readonly UnitEvent[], known: ReadonlySet<string>): Promise<UnitEvent[]> {
  const theirs = entriesByUnit(events);
  const unitIds = [...theirs.keys()];
  const mine = await entriesOfAll(await rowsOf(database.records, unitIds, known));
  const grown: { readonly unitId: string; readonly entries: readonly UnitEvent[] }[] = [];
  const added: UnitEvent[] = [];
  for (const [n, unitId] of unitIds.entries()) {
    const entries = mine[n]!;
    const fresh = freshOf(theirs.get(unitId)!, entries);
    added.push(...fresh);
    if (fresh.length > 0) grown.push({ unitId, entries: inChainOrder([...entries, ...fresh]) });
  }
  await database.records.bulkPut(grown);
  return added;
}

function freshOf(theirs: readonly UnitEvent[], mine: readonly UnitEvent[]): UnitEvent[] {
  const hashes = new Map(mine.map(({ id, hash }) => [id, hash]));
  const other = theirs.find(({ id, hash }) => hashes.has(id) && hashes.get(id) !== hash);
  if (other)
    throw new ArchiveError(
      `Entry ${entryNumber(other)} of a unit has the id of another entry that is here: one of the two records was changed.`,
    );
  return theirs.filter(({ id }) => !hashes.has(id));
}

/** Serials are unique at a bench: a unit that comes with one that another has is called by the bench that it comes from as well. */
async function withFreeSerials<Row extends Pick<Unit, 'serial'>>(
  units: readonly Row[],
  here: readonly (StoredUnit | undefined)[],
  total: Total,
): Promise<Row[]> {
  const taken = await total.taken();
  return units.map((unit, n) => {
    const known = here[n]?.serial;
    const serial = known ?? freeSerial(unit.serial, total.from, taken);
    taken.add(serial);
    if (serial !== unit.serial && known === undefined) total.clash(unit.serial, serial);
    return { ...unit, serial };
  });
}

function freeSerial(serial: string, from: string, taken: ReadonlySet<string>): string {
  for (let n = 0; ; n++) {
    const name = n === 0 ? serial : `${serial}/${from}${n === 1 ? '' : n}`;
    if (!taken.has(name)) return name;
  }
}
