import type { RowList } from '@gorvane/core/unit/row-list.ts';
import { inAny } from '@gorvane/core/unit/row-list.ts';
import { Dexie } from 'dexie';
import type { Posting } from './database.ts';
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

/** Rows by page that stand in any of these lists. */
export function inAnyList(lists: readonly Pick<Posting, 'page' | 'rows'>[]): Lists {
  const byPage = new Map<number, RowList[]>();
  for (const { page, rows } of lists) byPage.set(page, [...(byPage.get(page) ?? []), rows]);
  return new Map([...byPage].map(([page, found]) => [page, inAny(found)]));
}

const ofBeginning = (beginning: string) =>
  database.postings
    .where('[facet+page]')
    .between([beginning, Dexie.minKey], [`${beginning}\uffff`, Dexie.maxKey]);

/** Lists of every facet that begins so. */
export const listsOfBeginning = (beginning: string) => ofBeginning(beginning).toArray();

/** Every facet that begins so and that a unit has, once for each page; without its lists. */
export const facetsOfBeginning = async (beginning: string): Promise<string[]> =>
  (await ofBeginning(beginning).primaryKeys()).map(([name]) => name);
