import type { BatchUnit } from '@gorvane/core/unit/batch.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { StoredUnit, Unit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import type { KeptRecord } from './database.ts';
import { database } from './database.ts';
import { unpackEntries } from './packed-entries.ts';
import { withPlan, withPlans } from './plans.ts';
import { waitFor } from './wait-for.ts';

/** A unit with its whole record, in chain order. */
export interface UnitRecord {
  readonly unit: Unit;
  readonly events: readonly UnitEvent[];
}

/** The entries of a record as it is kept; of none, none. A transaction that is open stays so meanwhile. */
export async function entriesOf(kept: KeptRecord | undefined): Promise<readonly UnitEvent[]> {
  const [entries] = await entriesOfAll([kept]);
  return entries!;
}

/** The same of several records: what is packed is waited for at once. */
export async function entriesOfAll(
  kept: readonly (KeptRecord | undefined)[],
): Promise<(readonly UnitEvent[])[]> {
  const isPacked = kept.some((record) => record && 'packed' in record);
  const unpacked = kept.map(
    (record) => record && ('entries' in record ? record.entries : unpackEntries(record.packed)),
  );
  const entries = isPacked ? await waitFor(Promise.all(unpacked)) : (unpacked as (UnitEvent[] | undefined)[]);
  return entries.map((own) => own ?? []);
}

/** One unit with its plan; undefined where there is none of this id. */
export async function readUnit(unitId: string): Promise<Unit | undefined> {
  const stored = await database.units.get(unitId);
  return stored && withPlan(stored);
}

/**
 * One unit with its record; undefined where there is none of this id. Its plan comes last: whoever watches the tables sees
 * what is read before anything else is waited for.
 */
export async function recordOfUnit(unitId: string): Promise<UnitRecord | undefined> {
  const stored = await database.units.get(unitId);
  const events = await eventsOfUnit(unitId);
  return stored && { unit: await withPlan(stored), events };
}

/** The record chain of a unit, in order. */
export async function eventsOfUnit(unitId: string): Promise<UnitEvent[]> {
  return [...(await entriesOf(await database.records.get(unitId)))];
}

const bySequence = (a: StoredUnit, b: StoredUnit) =>
  a.sequence - b.sequence || a.serial.localeCompare(b.serial);

/** The units of one order that are not deleted, in their sequence, each with its record. */
export async function recordsOfOrder(orderId: string): Promise<UnitRecord[]> {
  const ofOrder = await database.units.where('orderId').equals(orderId).toArray();
  return recordsOf(ofOrder.filter(({ deleted }) => !deleted).sort(bySequence));
}

/** The same of one of its lines. */
export async function recordsOfLine(orderId: string, lineId: string): Promise<UnitRecord[]> {
  const ofOrder = await database.units.where('orderId').equals(orderId).toArray();
  return recordsOf(ofOrder.filter((unit) => unit.lineId === lineId && !unit.deleted).sort(bySequence));
}

/** Units by their ids, as far as they are here. */
export async function recordsOfUnits(unitIds: readonly string[]): Promise<UnitRecord[]> {
  const units = await database.units.bulkGet([...unitIds]);
  return recordsOf(units.filter((unit) => unit !== undefined));
}

async function recordsOf(stored: readonly StoredUnit[]): Promise<UnitRecord[]> {
  const kept = await database.records.bulkGet(stored.map(({ id }) => id));
  const events = await entriesOfAll(kept);
  const units = await withPlans(stored);
  return units.map((unit, n) => ({ unit, events: events[n]! }));
}

/** The units of a line with where each stands. */
export async function unitsOfLine(orderId: string, lineId: string): Promise<BatchUnit[]> {
  const records = await recordsOfLine(orderId, lineId);
  return records.map(({ unit, events }) => ({ id: unit.id, progress: unitProgress(unit, events) }));
}
