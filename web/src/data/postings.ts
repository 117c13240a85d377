import type { RowList } from '@gorvane/core/unit/row-list.ts';
import { Dexie } from 'dexie';
import { database } from './database.ts';

/** Rows by page. */
export type Lists = ReadonlyMap<number, RowList>;

/** Lists of one facet, by page. */
export async function listsOfFacet(name: string): Promise<Lists> {
  const found = await database.postings
    .where('[facet+page]')
    .between([name, Dexie.minKey], [name, Dexie.maxKey])
    .toArray();
  return new Map(found.map(({ page, rows }) => [page, rows]));
}

/** Lists of every facet that begins so. */
export const listsOfBeginning = (beginning: string) =>
  database.postings
    .where('[facet+page]')
    .between([beginning, Dexie.minKey], [`${beginning}\uffff`, Dexie.maxKey])
    .toArray();
