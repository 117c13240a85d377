import type { Lead } from '@gorvane/core/lead/lead.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import type { SummaryRow } from './database.ts';
import { database } from './database.ts';
import { findUnits } from './find-units.ts';
import { leadNames, present, useLeadNames } from './live.ts';

/** Leads and units that a typed text may mean, and which text that is. */
export interface FinderHits {
  readonly text: string;
  readonly leads: readonly Lead[];
  readonly units: readonly SummaryRow[];
}

/** The parts of a text that must all be there. */
export const partsOf = (text: string): string[] => text.toLowerCase().split(/\s+/).filter(Boolean);

async function leadHits(text: string, most: number, names: ReadonlyMap<string, string>): Promise<Lead[]> {
  const parts = partsOf(text);
  const isHit = (name: string) => parts.every((part) => name.toLowerCase().includes(part));
  const ids = [...names].filter(([, name]) => isHit(name)).map(([id]) => id);
  // Some of them may be deleted, which their names do not say.
  const leads = await database.leads.bulkGet(ids.slice(0, 4 * most));
  return present(leads.filter((lead) => lead !== undefined)).slice(0, most);
}

/** What a text may mean, at most so many of each; while a new text is looked for, the hits of the one before. */
export function useFinderHits(text: string, most: number): FinderHits | undefined {
  // Read once, while nothing is typed yet: not at every letter.
  const names = useLeadNames();
  return useLiveQuery(async () => {
    const [leads, { units }] = await Promise.all([
      leadHits(text, most, names ?? (await leadNames())),
      findUnits({ facets: [], text }, { most }),
    ]);
    return { text, leads, units };
  }, [text, most, names]);
}
