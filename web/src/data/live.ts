import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Bench } from '@gorvane/core/house/bench.ts';
import { benchId, houseId } from '@gorvane/core/house/house-id.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import type { Papers } from '@gorvane/core/paper/papers.ts';
import { papersId } from '@gorvane/core/paper/papers-id.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { database } from './database.ts';
import type { FoundUnits, UnitQuery, Wanted } from './find-units.ts';
import { countsOf, findUnits } from './find-units.ts';
import type { UnitRecord } from './unit-records.ts';
import { nextUnit } from './next-unit.ts';
import { recordOfUnit, recordsOfLine, recordsOfOrder, recordsOfUnits } from './unit-records.ts';

/** A unit with its record and where it stands. */
export interface UnitView extends UnitRecord {
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

export function usePapers(): Papers | undefined {
  return useLiveQuery(() => database.papers.get(papersId));
}

export function useLeads(): Lead[] | undefined {
  return useLiveQuery(async () => present(await database.leads.orderBy('name').toArray()));
}

/** The names of all leads by their ids, without reading the leads. */
export async function leadNames(): Promise<ReadonlyMap<string, string>> {
  const names = new Map<string, string>();
  await database.leads
    .orderBy('name')
    .eachKey((name, { primaryKey }) => names.set(String(primaryKey), String(name)));
  return names;
}

export const useLeadCount = (): number | undefined => useLiveQuery(() => database.leads.count());

export const useLeadNames = (): ReadonlyMap<string, string> | undefined => useLiveQuery(leadNames);

/** What a lead is called, also where it never came here. */
export const leadWords = (names: ReadonlyMap<string, string>, leadId: string): string =>
  names.get(leadId) ?? 'a lead that did not come here with its order';

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

/** Units found by the index; undefined while they are looked for. What is asked is compared by what it says. */
export function useFoundUnits(query: UnitQuery, wanted: Wanted): FoundUnits | undefined {
  const asked = JSON.stringify([query, wanted]);
  return useLiveQuery(() => findUnits(query, wanted), [asked]);
}

/** How many units have each value of a facet. */
export function useCounts(kind: Parameters<typeof countsOf>[0]): ReadonlyMap<string, number> | undefined {
  return useLiveQuery(() => countsOf(kind), [kind]);
}

/** Units with their records, by their ids. */
export function useUnitViews(unitIds: readonly string[]): UnitView[] | undefined {
  const asked = unitIds.join(' ');
  const records = useLiveQuery(() => recordsOfUnits(asked === '' ? [] : asked.split(' ')), [asked]);
  return useMemo(() => records?.map(viewOf), [records]);
}

/** The units of one order, in their sequence, with their records. */
export function useUnitsOfOrder(orderId: string | undefined): UnitView[] | undefined {
  const records = useLiveQuery(() => recordsOfOrder(orderId ?? ''), [orderId]);
  return useMemo(() => records?.map(viewOf), [records]);
}

/** The units of one order line, in their sequence. Only their records are read: Build asks for them at every step. */
export function useUnitsOfLine(orderId: string, lineId: string): UnitView[] | undefined {
  const records = useLiveQuery(() => recordsOfLine(orderId, lineId), [orderId, lineId]);
  return useMemo(() => records?.map(viewOf), [records]);
}

/** What to go on with: the unit that was worked at last, or the next; null where there is none, undefined while it is looked for. */
export function useNextUnit(): UnitView | null | undefined {
  const found = useLiveQuery(async () => (await nextUnit()) ?? null);
  return useMemo(() => found && viewOf(found), [found]);
}

/** One unit; null when there is none of this id, undefined while it is being read. */
export function useUnit(unitId: string | undefined): UnitView | null | undefined {
  const found = useLiveQuery(async () => {
    if (!unitId) return null;
    return (await recordOfUnit(unitId)) ?? null;
  }, [unitId]);
  return useMemo(() => found && viewOf(found), [found]);
}

const viewOf = ({ unit, events }: UnitRecord): UnitView => ({
  unit,
  events,
  progress: unitProgress(unit, events),
});
