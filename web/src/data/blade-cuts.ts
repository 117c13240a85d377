import type { Stripper } from '@gorvane/core/house/stripper.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { database } from './database.ts';

/** Cuts that the blades of a tool have made since they were new, of every unit on this bench. */
const cutsOf = ({ id, bladesNew }: Stripper): Promise<number> =>
  database.events
    .where('happening.stripper')
    .equals(id)
    .filter(({ at }) => bladesNew === null || at >= bladesNew)
    .count();

/** The same for several tools, by their ids. */
export function useBladeCuts(strippers: readonly Stripper[]): ReadonlyMap<string, number> | undefined {
  const key = strippers.map(({ id, bladesNew }) => `${id} ${bladesNew ?? ''}`).join();
  return useLiveQuery(
    async () =>
      new Map(await Promise.all(strippers.map(async (each) => [each.id, await cutsOf(each)] as const))),
    [key],
  );
}
