import { facet, wordsOf } from '@gorvane/core/unit/facets.ts';
import type { RowList } from '@gorvane/core/unit/row-list.ts';
import { inAny } from '@gorvane/core/unit/row-list.ts';
import { database } from './database.ts';
import { rowsInPage } from './index-page.ts';
import type { Lists } from './postings.ts';
import { listsOfBeginning } from './postings.ts';

/** Units that each typed word may mean. */
export const hitsOfWords = (text: string): Promise<Lists[]> => Promise.all(wordsOf(text).map(wordHits));

async function wordHits(word: string): Promise<Lists> {
  const byWord = await listsOfBeginning(facet('word', word));
  const byDay = /^\d/.test(word) ? await listsOfBeginning(facet('day', word)) : [];
  const rows = [...(await rowsOfSerial(word)), ...(await rowsOfId(word))];
  const byPage = new Map<number, RowList[]>();
  const put = (page: number, list: RowList) => byPage.set(page, [...(byPage.get(page) ?? []), list]);
  for (const { page, rows: list } of [...byWord, ...byDay]) put(page, list);
  for (const [page, list] of inPages(rows)) put(page, list);
  return new Map([...byPage].map(([page, lists]) => [page, inAny(lists)]));
}

/** A word without a figure is the beginning of a series, which is a word of the index. */
const rowsOfSerial = async (word: string): Promise<number[]> =>
  /\d/.test(word) ? database.summaries.where('serials').startsWith(word).primaryKeys() : [];

/** A label's code carries the identity of its unit. */
const rowsOfId = async (word: string): Promise<number[]> =>
  /^[\da-f]{8}-/.test(word) ? database.summaries.where('id').startsWith(word).primaryKeys() : [];

function inPages(rows: readonly number[]): Map<number, RowList> {
  const byPage = new Map<number, number[]>();
  for (const row of rows) {
    const page = Math.floor(row / rowsInPage);
    byPage.set(page, [...(byPage.get(page) ?? []), row % rowsInPage]);
  }
  return new Map([...byPage].map(([page, list]) => [page, Uint16Array.from(new Set(list)).sort()]));
}
