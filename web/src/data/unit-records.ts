import type { BatchUnit } from '@gorvane/core/unit/batch.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { Unit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { database } from './database.ts';

/** The record chain of a unit, in order. */
export async function eventsOfUnit(unitId: string): Promise<UnitEvent[]> {
  return inChainOrder(await database.events.where('unitId').equals(unitId).toArray());
}

/** The units of one order line that are not deleted, in their sequence, each with its record. */
export async function recordsOfLine(
  orderId: string,
  lineId: string,
): Promise<{ readonly unit: Unit; readonly events: readonly UnitEvent[] }[]> {
  const ofOrder = await database.units.where('orderId').equals(orderId).toArray();
  const units = ofOrder.filter((unit) => unit.lineId === lineId && !unit.deleted);
  units.sort((a, b) => a.sequence - b.sequence || a.serial.localeCompare(b.serial));
  const events = await database.events
    .where('unitId')
    .anyOf(units.map(({ id }) => id))
    .toArray();
  return units.map((unit) => ({
    unit,
    events: inChainOrder(events.filter(({ unitId }) => unitId === unit.id)),
  }));
}

/** The same with where each stands. */
export async function unitsOfLine(orderId: string, lineId: string): Promise<BatchUnit[]> {
  const records = await recordsOfLine(orderId, lineId);
  return records.map(({ unit, events }) => ({ id: unit.id, progress: unitProgress(unit, events) }));
}
