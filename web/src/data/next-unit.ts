import { facet } from '@gorvane/core/unit/facets.ts';
import { findUnits } from './find-units.ts';
import type { UnitRecord } from './unit-records.ts';
import { recordOfUnit } from './unit-records.ts';

/** So many units at work are looked through for the one that was worked at last. */
const mostAtWork = 200;

/** The unit that was worked at last, else the first that waits to be started. One answer: half of it would be another unit. */
export async function nextUnit(): Promise<UnitRecord | undefined> {
  const [atWork, waiting] = await Promise.all([
    findUnits({ facets: [facet('state', 'at work')] }, { most: mostAtWork }),
    findUnits({ facets: [facet('state', 'not started')] }, { most: 1, oldestFirst: true }),
  ]);
  const [latest] = [...atWork.units].sort((a, b) => (a.last!.at < b.last!.at ? 1 : -1));
  const next = latest ?? waiting.units[0];
  return next && recordOfUnit(next.id);
}
