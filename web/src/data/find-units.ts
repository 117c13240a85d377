import { facet } from '@gorvane/core/unit/facets.ts';
import { inBoth, noRows } from '@gorvane/core/unit/row-list.ts';
import type { SummaryRow } from './database.ts';
import { database } from './database.ts';
import { rowsInPage } from './index-page.ts';
import { facetsOfBeginning, inAnyList, listsOfBeginning, listsOfFacet } from './postings.ts';
import { hitsOfWords } from './word-hits.ts';

/** What units are looked for by: all of it must be so of each. */
export interface UnitQuery {
  /** Facets of the index. */
  readonly facets: readonly string[];
  /** Words as typed: beginnings of a serial or its number, of words of the lead, the order or a name, or of a day. */
  readonly text?: string;
}

export interface FoundUnits {
  /** How many there are in all. */
  readonly count: number;
  /** The first of them. */
  readonly units: readonly SummaryRow[];
}

/** Which of those found are given: newest or oldest first, at most so many. */
export interface Wanted {
  readonly most: number;
  readonly oldestFirst?: boolean;
}

/** Finds units by the index alone: what it costs does not grow with the units that there are, but with those that are shown. */
export async function findUnits(
  { facets, text = '' }: UnitQuery,
  { most, oldestFirst = false }: Wanted,
): Promise<FoundUnits> {
  const [words, lists] = await Promise.all([hitsOfWords(text), Promise.all(facets.map(listsOfFacet))]);
  const asked = [...words, ...lists];
  const all = asked.length > 0 ? asked : [inAnyList(await listsOfBeginning(facet('state', '')))];
  const pages = [...new Set(all[0]!.keys())].sort((a, b) => (oldestFirst ? a - b : b - a));
  let count = 0;
  const rows: number[] = [];
  for (const page of pages) {
    const [first, ...others] = all.map((lists) => lists.get(page) ?? noRows);
    const both = others.reduce(inBoth, first!);
    count += both.length;
    const ordered = oldestFirst ? both : [...both].reverse();
    for (const row of ordered.slice(0, most - rows.length)) rows.push(page * rowsInPage + row);
  }
  return { count, units: await summariesAt(rows) };
}

async function summariesAt(rows: readonly number[]): Promise<SummaryRow[]> {
  const found = await database.summaries.bulkGet([...rows]);
  return found.filter((summary) => summary !== undefined);
}

/** How many units have each value of a facet: `lead` -> how many of each lead. */
export async function countsOf(kind: Parameters<typeof facet>[0]): Promise<ReadonlyMap<string, number>> {
  const beginning = facet(kind, '');
  const counts = new Map<string, number>();
  for (const { facet: name, rows } of await listsOfBeginning(beginning)) {
    const value = name.slice(beginning.length);
    if (rows.length > 0) counts.set(value, (counts.get(value) ?? 0) + rows.length);
  }
  return counts;
}

/** The values of a facet that any unit has. */
export async function valuesOf(kind: Parameters<typeof facet>[0]): Promise<ReadonlySet<string>> {
  const beginning = facet(kind, '');
  return new Set((await facetsOfBeginning(beginning)).map((name) => name.slice(beginning.length)));
}
