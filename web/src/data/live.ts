import type { Unit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Bench } from '@gorvane/core/house/bench.ts';
import { benchId, houseId } from '@gorvane/core/house/house-id.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { database } from './database.ts';
import { recordsOfLine } from './unit-records.ts';

/** A unit with its record and where it stands. */
export interface UnitView {
  readonly unit: Unit;
  readonly events: readonly UnitEvent[];
  readonly progress: UnitProgress;
}

/** Records that are not deleted. */
export const present = <T extends { deleted: boolean }>(records: readonly T[]) =>
  records.filter(({ deleted }) => !deleted);

export function useHouse(): House | undefined {
  return useLiveQuery(() => database.house.get(houseId));
}

export function useBench(): Bench | undefined {
  return useLiveQuery(() => database.bench.get(benchId));
}

export function useLeads(): Lead[] | undefined {
  return useLiveQuery(async () => present(await database.leads.orderBy('name').toArray()));
}

export function useLead(leadId: string): Lead | undefined {
  return useLiveQuery(() => database.leads.get(leadId), [leadId]);
}

/** The bags of connectors that the shop has, by name. */
export function useBags(): GaugeCard[] | undefined {
  return useLiveQuery(async () =>
    present(await database.gaugeCards.toArray()).sort((a, b) => a.name.localeCompare(b.name)),
  );
}

export function useOrders(): Order[] | undefined {
  return useLiveQuery(async () => present(await database.orders.toArray()));
}

const bySerial = (a: { unit: Unit }, b: { unit: Unit }) => a.unit.serial.localeCompare(b.unit.serial);

/** All units, with where they stand. */
export function useUnits(): UnitView[] | undefined {
  const units = useLiveQuery(async () => present(await database.units.toArray()));
  const events = useLiveQuery(() => database.events.toArray());
  return useMemo(() => {
    if (!units || !events) return undefined;
    const byUnit = new Map<string, UnitEvent[]>();
    for (const event of events) byUnit.set(event.unitId, [...(byUnit.get(event.unitId) ?? []), event]);
    return units.map((unit) => viewOf(unit, byUnit.get(unit.id) ?? [])).sort(bySerial);
  }, [units, events]);
}

/** The units of one order line, in their sequence. Only their records are read: Build asks for them at every step. */
export function useUnitsOfLine(orderId: string, lineId: string): UnitView[] | undefined {
  const records = useLiveQuery(() => recordsOfLine(orderId, lineId), [orderId, lineId]);
  return useMemo(() => records?.map(({ unit, events }) => viewOf(unit, events)), [records]);
}

/** One unit; null when there is none of this id, undefined while it is being read. */
export function useUnit(unitId: string | undefined): UnitView | null | undefined {
  const found = useLiveQuery(async () => {
    if (!unitId) return null;
    const unit = await database.units.get(unitId);
    return unit ? { unit, events: await database.events.where('unitId').equals(unitId).toArray() } : null;
  }, [unitId]);
  return useMemo(() => found && viewOf(found.unit, found.events), [found]);
}

function viewOf(unit: Unit, events: readonly UnitEvent[]): UnitView {
  const chain = inChainOrder(events);
  return { unit, events: chain, progress: unitProgress(unit, chain) };
}
