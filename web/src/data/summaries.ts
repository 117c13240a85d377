import { facetsOf, serialWords } from '@gorvane/core/unit/facets.ts';
import type { RowList } from '@gorvane/core/unit/row-list.ts';
import { noRows, withMoves, withoutRow, withRow } from '@gorvane/core/unit/row-list.ts';
import type { RecordSummary } from '@gorvane/core/unit/summary.ts';
import { summaryOf } from '@gorvane/core/unit/summary.ts';
import type { SummaryRow } from './database.ts';
import { database } from './database.ts';
import { rowsInPage } from './index-page.ts';
import type { UnitRecord } from './unit-records.ts';

/** What an entry of a record writes: it, the summary of its unit, and the index that the unit is found by. */
export const recordTables = [
  database.units,
  database.records,
  database.bench,
  database.plans,
  database.summaries,
  database.postings,
  database.tallies,
  database.cuts,
  database.orders,
];

/** What changes in the lists of the index, in its order. */
export type Moves = Move[];

/** Sums units up and brings the index in line, within the transaction that changed them. Each with its whole record. */
export async function keepSummaries(records: readonly UnitRecord[]): Promise<void> {
  await postMoves(await sumUp(records));
}

/** Sums units up; what moves in the index is left to whoever changes more, and posts it at once. */
export async function sumUp(records: readonly UnitRecord[]): Promise<Moves> {
  const stored = await database.summaries
    .where('id')
    .anyOf(records.map(({ unit }) => unit.id))
    .toArray();
  return keep(
    records.map(({ unit, events }) => summaryOf(unit, events)),
    new Map(stored.map((summary) => [summary.id, summary])),
  );
}

/** Keeps the summaries of units that were not here before. */
export const keepFirst = (summaries: readonly RecordSummary[]): Promise<Moves> => keep(summaries, new Map());

async function keep(
  summaries: readonly RecordSummary[],
  before: ReadonlyMap<string, SummaryRow>,
): Promise<Moves> {
  const orderOf = await ordersOf(summaries);
  const next = summaries.map((summary) => ({
    ...summary,
    order: orderOf(summary.orderId),
    serials: serialWords(summary.serial),
  }));
  const fresh = next.filter(({ id }) => !before.has(id));
  // Rows are given by the database, in this order.
  const given = await database.summaries.bulkAdd(fresh as never[], { allKeys: true });
  const rowOf = new Map(fresh.map(({ id }, n) => [id, given[n] as unknown as number]));
  const known = next.flatMap((summary) => {
    const row = before.get(summary.id)?.row;
    return row === undefined ? [] : [{ ...summary, row }];
  });
  await database.summaries.bulkPut(known);
  return next.flatMap((summary) => {
    const old = before.get(summary.id);
    const had = new Set(old ? facetsOf(old) : []);
    const has = new Set(facetsOf(summary));
    const row = old?.row ?? rowOf.get(summary.id)!;
    return [
      ...[...has].filter((facet) => !had.has(facet)).map((facet) => ({ facet, row, isIn: true })),
      ...[...had].filter((facet) => !has.has(facet)).map((facet) => ({ facet, row, isIn: false })),
    ];
  });
}

/** What the orders of units are called, and who wants them. */
async function ordersOf(summaries: readonly RecordSummary[]): Promise<(orderId: string) => string> {
  const ids = [...new Set(summaries.map(({ orderId }) => orderId))];
  const orders = await database.orders.bulkGet(ids);
  const words = new Map(orders.flatMap((order) => (order ? [[order.id, order]] : [])));
  return (orderId) => {
    const order = words.get(orderId);
    return order ? `${order.name} ${order.wantedBy}`.trim() : '';
  };
}

interface Move {
  readonly facet: string;
  readonly row: number;
  readonly isIn: boolean;
}

/** Puts rows into the lists of what they have, and takes them out of those of what they have no more. */
export async function postMoves(moves: readonly Move[]): Promise<void> {
  const byList = new Map<string, Move[]>();
  for (const move of moves) {
    const list = `${Math.floor(move.row / rowsInPage)} ${move.facet}`;
    const own = byList.get(list);
    if (own) own.push(move);
    else byList.set(list, [move]);
  }
  const lists = [...byList.values()];
  const keys = lists.map(([first]): [string, number] => [first!.facet, Math.floor(first!.row / rowsInPage)]);
  const stored = await database.postings.bulkGet(keys);
  const next = keys.map(([facet, page], n) => ({
    facet,
    page,
    rows: moved(stored[n]?.rows ?? noRows, lists[n]!),
  }));
  await database.postings.bulkPut(next.filter(({ rows }) => rows.length > 0));
  // A list of nothing would be read for ever: of each order that was made, and of each day and word that was one.
  await database.postings.bulkDelete(
    next.flatMap(({ facet, page, rows }): [string, number][] => (rows.length > 0 ? [] : [[facet, page]])),
  );
}

/** From so many moves on a list is made anew instead of being copied for each. */
const many = 20;

function moved(rows: RowList, moves: readonly Move[]): RowList {
  const steps = moves.map(({ row, isIn }) => ({ row: row % rowsInPage, isIn }));
  if (steps.length >= many) return withMoves(rows, steps);
  return steps.reduce((list, { row, isIn }) => (isIn ? withRow : withoutRow)(list, row), rows);
}
