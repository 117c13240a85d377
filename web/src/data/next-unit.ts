import { facet } from '@gorvane/core/unit/facets.ts';
import { Dexie } from 'dexie';
import type { SummaryRow } from './database.ts';
import { database } from './database.ts';
import { findUnits } from './find-units.ts';
import type { UnitRecord } from './unit-records.ts';
import { recordOfUnit } from './unit-records.ts';

/** The unit that was worked at last, else the first that waits to be started. One answer: half of it would be another unit. */
export async function nextUnit(): Promise<UnitRecord | undefined> {
  const next = (await workedLast()) ?? (await firstWaiting());
  return next && recordOfUnit(next.id);
}

const workedLast = (): Promise<SummaryRow | undefined> =>
  database.summaries
    .where('[state+last.at]')
    .between(['at work', Dexie.minKey], ['at work', Dexie.maxKey])
    .reverse()
    .filter(({ deleted }) => !deleted)
    .first();

async function firstWaiting(): Promise<SummaryRow | undefined> {
  const waiting = await findUnits(
    { facets: [facet('state', 'not started')] },
    { most: 1, oldestFirst: true },
  );
  return waiting.units[0];
}
