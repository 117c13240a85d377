import { unitsInSlice, writeArchive } from '@gorvane/core/file/archive.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { emptyArchive, headNames } from '@gorvane/core/file/archive-tables.ts';
import { ArchiveWriter } from '@gorvane/core/file/archive-writer.ts';
import { ZipFile } from '@gorvane/core/file/archive-zip.ts';
import type { StoredUnit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import { keptFilesOf } from '@gorvane/core/unit/kept-files.ts';
import type { KeptPlan, KeptRecord } from './database.ts';
import { database, timeNow } from './database.ts';
import type { GoingOn } from './going-on.ts';
import { unwatched } from './going-on.ts';
import { inflated } from './deflate.ts';
import { unpackText } from './packed-entries.ts';
import { keptPlan } from './plans.ts';
import { eventsOfUnit, readUnit } from './unit-records.ts';

/** So many plans or files are read at once. */
const filesAtOnce = 20;

/** Everything in the database as one archive file, written slice by slice: it takes the memory of a slice, however much there is. */
export async function exportEverything(going: GoingOn = unwatched): Promise<Blob> {
  const zip = new ZipFile();
  const writer = new ArchiveWriter(zip.put);
  for (const name of headNames) writer.table(name, await database.table(name).toArray());
  const plans = await database.plans.toCollection().primaryKeys();
  const blobs = await database.blobs.toCollection().primaryKeys();
  const units = await database.units.orderBy('serial').primaryKeys();
  const steps = plans.length + blobs.length + units.length;
  let done = 0;
  const written = async (more: number) => {
    await zip.written();
    going.check();
    going.progress((done += more), steps);
  };
  for (const hashes of slicesOf(plans, filesAtOnce)) {
    for (const kept of await database.plans.bulkGet(hashes)) if (kept) await writePlan(writer, kept);
    await written(hashes.length);
  }
  for (const hashes of slicesOf(blobs, filesAtOnce)) {
    for (const blob of await database.blobs.bulkGet(hashes)) if (blob) writer.blob(blob.hash, blob.bytes);
    await written(hashes.length);
  }
  const slices = slicesOf(units, unitsInSlice);
  let next = sliceOf(slices[0] ?? []);
  for (const [n, ids] of slices.entries()) {
    const slice = await next;
    // Read while the one before is written.
    next = sliceOf(slices[n + 1] ?? []);
    next.catch(() => undefined);
    writer.units(slice.units, slice.records);
    await written(ids.length);
  }
  // Somebody may have started a unit while the others were written.
  const inFile = new Set(plans);
  const since = (await database.plans.toCollection().primaryKeys()).filter((hash) => !inFile.has(hash));
  for (const kept of await database.plans.bulkGet(since)) if (kept) await writePlan(writer, kept);
  return zip.close(writer.checksums, timeNow());
}

/** A plan that cannot be read does not keep the rest from going out: its units say that it is missing. */
async function writePlan(writer: ArchiveWriter<unknown>, { hash, bytes }: KeptPlan): Promise<void> {
  const text = await inflated(bytes).catch(() => undefined);
  if (text) writer.plan(hash, text);
}

interface Slice {
  readonly units: StoredUnit[];
  /** Of each the JSON of its entries. */
  readonly records: string[];
}

/** Units with their records as they stand at one moment. */
async function sliceOf(ids: readonly string[]): Promise<Slice> {
  const [units, kept] = await database.transaction('r', database.units, database.records, () =>
    Promise.all([database.units.bulkGet([...ids]), database.records.bulkGet([...ids])]),
  );
  return { units: units.filter((unit) => unit !== undefined), records: await recordTexts(kept) };
}

async function recordTexts(kept: readonly (KeptRecord | undefined)[]): Promise<string[]> {
  const texts: string[] = [];
  for (const record of kept) {
    if (!record) continue;
    if ('entries' in record) texts.push(JSON.stringify(record.entries));
    else texts.push(await unpackText(record.packed));
  }
  return texts;
}

const slicesOf = <Key>(keys: readonly Key[], size: number): Key[][] =>
  Array.from({ length: Math.ceil(keys.length / size) }, (_, n) => keys.slice(n * size, (n + 1) * size));

/**
 * One unit with all that another bench needs to go on with it: its record, its plan, its lead with the gauge cards, its
 * order and its pictures. Read in there, it is merged like any archive.
 */
export async function exportUnit(unitId: string): Promise<Blob> {
  const unit = await readUnit(unitId);
  if (!unit) throw new Error('This unit is not in the database.');
  const events = await eventsOfUnit(unitId);
  const lead = await database.leads.get(unit.leadId);
  const order = await database.orders.get(unit.orderId);
  const cards = await database.gaugeCards.bulkGet(lead?.ends.map(({ gaugeCardId }) => gaugeCardId) ?? []);
  const cables = await database.cables.bulkGet(lead?.pieces.map(({ cableId }) => cableId) ?? []);
  const archive: Archive = {
    ...emptyArchive(),
    leads: lead ? [lead] : [],
    gaugeCards: [...new Map(cards.flatMap((card) => (card ? [[card.id, card]] : []))).values()],
    orders: order ? [order] : [],
    units: [unit],
    events,
    cables: [...new Map(cables.flatMap((cable) => (cable ? [[cable.id, cable]] : []))).values()],
    blobs: await namedFiles(events),
  };
  return new Blob([writeArchive(archive, timeNow()).slice()], { type: 'application/zip' });
}

/** Pictures, sweeps and the frozen plan that a record names, by their checksums. */
async function namedFiles(events: readonly UnitEvent[]): Promise<Record<string, Uint8Array>> {
  const hashes = keptFilesOf(events).map(({ hash }) => hash);
  const blobs = await database.blobs.bulkGet(hashes);
  const plans = await Promise.all(hashes.map(keptPlan));
  return Object.fromEntries(
    hashes.flatMap((hash, n) => {
      const bytes = blobs[n]?.bytes ?? plans[n];
      return bytes ? [[hash, bytes]] : [];
    }),
  );
}
