import type { Order } from '@gorvane/core/order/order.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import type { SummaryRow } from './database.ts';
import { database } from './database.ts';
import { valuesOf } from './find-units.ts';

/** An order with its units, in their sequence, and the names of its leads by their ids. */
export interface OrderUnits {
  readonly order: Order;
  readonly names: ReadonlyMap<string, string>;
  readonly units: readonly SummaryRow[];
}

/** Orders of a bench: those in which something is still to be made, and how many there are besides. */
export interface BenchOrders {
  readonly open: readonly OrderUnits[];
  readonly others: number;
}

/** So many orders stand on a bench at once. */
const mostOpenOrders = 24;

export async function benchOrders(): Promise<BenchOrders> {
  const open = await openOrders();
  const [units, all] = await Promise.all([withUnits(open), database.orders.count()]);
  return { open: units, others: all - open.length };
}

/** The first of the open orders, by the index alone: hundreds may wait. */
async function openOrders(): Promise<Order[]> {
  const { orders } = database;
  const [waiting, dated, named] = await Promise.all([
    valuesOf('open'),
    orders.orderBy('[due+name]').primaryKeys(),
    orders.orderBy('name').primaryKeys(),
  ]);
  // Those without a date are in the second list only.
  const ids = [...new Set([...dated, ...named])].filter((id) => waiting.has(id));
  const open: Order[] = [];
  for (let n = 0; n < ids.length && open.length < mostOpenOrders; n += mostOpenOrders) {
    const found = await orders.bulkGet(ids.slice(n, n + mostOpenOrders));
    open.push(...found.flatMap((order) => (order && !order.deleted ? [order] : [])));
  }
  return firstDue(open).slice(0, mostOpenOrders);
}

/** Orders that are not deleted: what is due first stands first. */
const firstDue = (orders: readonly Order[]): Order[] =>
  orders
    .filter(({ deleted }) => !deleted)
    .sort((a, b) => {
      const [due, other] = [a.due ?? '9', b.due ?? '9'];
      if (due !== other) return due < other ? -1 : 1;
      // Asked last: the first comparison of names sets up the language, which a first visit would wait for.
      return a.name.localeCompare(b.name);
    });

async function withUnits(orders: readonly Order[]): Promise<OrderUnits[]> {
  const [names, units] = await Promise.all([
    namesOf(orders),
    Promise.all(orders.map(({ id }) => database.summaries.where('orderId').equals(id).sortBy('sequence'))),
  ]);
  return orders.map((order, n) => ({ order, names, units: units[n]!.filter(({ deleted }) => !deleted) }));
}

async function namesOf(orders: readonly Order[]): Promise<ReadonlyMap<string, string>> {
  const ids = [...new Set(orders.flatMap(({ lines }) => lines.map(({ leadId }) => leadId)))];
  const leads = await database.leads.bulkGet(ids);
  return new Map(leads.flatMap((lead) => (lead ? [[lead.id, lead.name]] : [])));
}

const tables = [database.postings, database.summaries, database.orders, database.leads];

export const useBenchOrders = (): BenchOrders | undefined =>
  useLiveQuery(() => database.transaction('r', tables, async () => benchOrders()));

/** Orders beside those that stand open, the first of them. */
export const useOtherOrders = (open: readonly string[], most: number): OrderUnits[] | undefined =>
  useLiveQuery(async () => {
    const shown = new Set(open);
    const others = await database.orders
      .filter(({ id, deleted }) => !deleted && !shown.has(id))
      .limit(most)
      .toArray();
    return withUnits(firstDue(others));
  }, [open.join(' '), most]);
