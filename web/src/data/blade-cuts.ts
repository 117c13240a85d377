import type { Stripper } from '@gorvane/core/house/stripper.ts';
import type { BladeCut } from '@gorvane/core/unit/blade-cut.ts';
import { Dexie } from 'dexie';
import { useLiveQuery } from 'dexie-react-hooks';
import { database } from './database.ts';

const dayOf = (at: string) => at.slice(0, 10);

/** Counts cuts, within the transaction that adds the entries that tell of them to a record. */
export async function keepCuts(cuts: readonly BladeCut[]): Promise<void> {
  const days = new Map<string, { readonly key: [string, string]; readonly times: string[] }>();
  for (const { at, stripper } of cuts) {
    const key: [string, string] = [stripper, dayOf(at)];
    const day = days.get(key.join(' ')) ?? { key, times: [] };
    day.times.push(at);
    days.set(key.join(' '), day);
  }
  const added = [...days.values()];
  const stored = await database.cuts.bulkGet(added.map(({ key }) => key));
  await database.cuts.bulkPut(
    added.map(({ key: [stripper, day], times }, n) => ({
      stripper,
      day,
      times: [...(stored[n]?.times ?? []), ...times],
    })),
  );
}

/** Cuts that the blades of a tool have made since they were new, of every unit on this bench. */
async function cutsOf({ id, bladesNew }: Stripper): Promise<number> {
  const days = await database.cuts
    .where('[stripper+day]')
    .between([id, bladesNew === null ? Dexie.minKey : dayOf(bladesNew)], [id, Dexie.maxKey])
    .toArray();
  return days.flatMap(({ times }) => times).filter((at) => bladesNew === null || at >= bladesNew).length;
}

/** The same for several tools, by their ids. */
export function useBladeCuts(strippers: readonly Stripper[]): ReadonlyMap<string, number> | undefined {
  const key = strippers.map(({ id, bladesNew }) => `${id} ${bladesNew ?? ''}`).join();
  return useLiveQuery(
    async () =>
      new Map(await Promise.all(strippers.map(async (each) => [each.id, await cutsOf(each)] as const))),
    [key],
  );
}
