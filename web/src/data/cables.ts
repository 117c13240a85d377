import type { Cable } from '@gorvane/core/cable/cable.ts';
import { loadCable } from '@gorvane/core/cable/cable.ts';
import { cables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import type { CableEntry } from '@gorvane/core/cable/construction.ts';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import { copyOfCable, newOwnCable } from '@gorvane/core/cable/own-cable.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { database, newId, timeNow } from './database.ts';
import { present } from './live.ts';

/** Cables entered from a data sheet, by name. */
export function useOwnCables(): OwnCable[] | undefined {
  return useLiveQuery(async () =>
    present(await database.cables.toArray()).sort((a, b) => a.entry.name.localeCompare(b.entry.name)),
  );
}

/** The catalogue, and after it the cables of this shop. */
export function useCables(): readonly Cable[] | undefined {
  const own = useOwnCables();
  return useMemo(() => own && [...cables, ...own.map(({ entry }) => loadCable(entry))], [own]);
}

/** A new cable to be typed over, or a copy of one. Returns its id. */
export async function addOwnCable(from?: CableEntry): Promise<string> {
  const id = newId();
  await database.cables.add(from ? copyOfCable(from, id, timeNow()) : newOwnCable(id, timeNow()));
  return id;
}
