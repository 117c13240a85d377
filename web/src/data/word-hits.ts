import { facet, wordsOf } from '@gorvane/core/unit/facets.ts';
import type { Posting } from './database.ts';
import { database } from './database.ts';
import { rowsInPage } from './index-page.ts';
import type { Lists } from './postings.ts';
import { inAnyList, listsOfBeginning } from './postings.ts';

/** Units that each typed word may mean. */
export const hitsOfWords = (text: string): Promise<Lists[]> => Promise.all(wordsOf(text).map(wordHits));

async function wordHits(word: string): Promise<Lists> {
  const [byWord, byDay, bySerial, byId] = await Promise.all([
    listsOfBeginning(facet('word', word)),
    /^\d/.test(word) ? listsOfBeginning(facet('day', word)) : [],
    rowsOfSerial(word),
    rowsOfId(word),
  ]);
  return inAnyList([...byWord, ...byDay, ...inPages([...bySerial, ...byId])]);
}

/** A word without a figure is the beginning of a series, which is a word of the index. */
const rowsOfSerial = async (word: string): Promise<number[]> =>
  /\d/.test(word) ? database.summaries.where('serials').startsWith(word).primaryKeys() : [];

/** A label's code carries the identity of its unit. */
const rowsOfId = async (word: string): Promise<number[]> =>
  /^[\da-f]{8}-/.test(word) ? database.summaries.where('id').startsWith(word).primaryKeys() : [];

function inPages(rows: readonly number[]): Pick<Posting, 'page' | 'rows'>[] {
  const byPage = new Map<number, number[]>();
  for (const row of rows) {
    const page = Math.floor(row / rowsInPage);
    byPage.set(page, [...(byPage.get(page) ?? []), row % rowsInPage]);
  }
  return [...byPage].map(([page, list]) => ({ page, rows: Uint16Array.from(new Set(list)).sort() }));
}
