import type { Bench } from '@gorvane/core/house/bench.ts';
import { useEffect, useMemo } from 'react';
import { useLiveQuery } from 'dexie-react-hooks';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { benchId, houseId } from '@gorvane/core/house/house-id.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Papers } from '@gorvane/core/paper/papers.ts';
import { papersId } from '@gorvane/core/paper/papers-id.ts';
import type { EditedRecord, EditedTable } from '../data/database.ts';
import { database } from '../data/database.ts';
import { arrived, draftKey, edited } from './draft-slice.ts';
import { useAppDispatch, useAppStore, useDraftState } from './hooks.ts';

interface Tables {
  leads: Lead;
  gaugeCards: GaugeCard;
  house: House;
  bench: Bench;
  papers: Papers;
  cables: OwnCable;
}

/** One record under edit. `edit` names the intent, which is what undo shows. */
export interface Draft<T> {
  readonly record: T;
  readonly key: string;
  /** As it stands at this moment, also where the screen is still behind it. */
  readonly newest: () => T;
  readonly edit: (label: string, change: (record: T) => T) => void;
}

/** Reads and edits a record as it stands in the store: an edit never starts from what a slow screen still shows. */
function draftHandles<T>(
  store: ReturnType<typeof useAppStore>,
  key: string,
): Pick<Draft<T>, 'newest' | 'edit'> {
  const newest = () => store.getState().draft.records[key]!.current as T;
  return {
    newest,
    // Nothing is edited any more where the database was replaced meanwhile.
    edit: (label, change) => {
      if (store.getState().draft.records[key])
        store.dispatch(edited({ key, label, next: change(newest()) as EditedRecord }));
    },
  };
}

/**
 * Follows a record of the database and lets it be edited through the draft: `undefined` while it is read, `null` when
 * it is not there.
 */
export function useDraft<Name extends keyof Tables>(
  table: Name,
  id: string | undefined,
): Draft<Tables[Name]> | null | undefined {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const key = draftKey(table as EditedTable, id ?? '');
  const stored = useLiveQuery(
    async () => (id ? ((await database.table(table).get(id)) ?? null) : null),
    [table, id],
  ) as Tables[Name] | null | undefined;
  const current = useDraftState((draft) => draft.records[key]?.current) as Tables[Name] | undefined;
  useEffect(() => {
    if (stored) dispatch(arrived({ table: table as EditedTable, record: stored }));
  }, [dispatch, stored, table]);
  const handles = useMemo(() => draftHandles<Tables[Name]>(store, key), [store, key]);
  if (stored === null || (stored && stored.deleted)) return null;
  return current && { record: current, key, ...handles };
}

/** Several records of a table under edit, by their ids in one text; those that are not there are left out. */
export function useDrafts<Name extends keyof Tables>(
  table: Name,
  ids: string,
): readonly Draft<Tables[Name]>[] {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const stored = useLiveQuery(
    async () => (await database.table(table).bulkGet(ids.split(' '))) as (Tables[Name] | undefined)[],
    [table, ids],
  );
  useEffect(() => {
    for (const record of stored ?? [])
      if (record) dispatch(arrived({ table: table as EditedTable, record: record as EditedRecord }));
  }, [dispatch, stored, table]);
  const records = useDraftState((draft) => draft.records);
  return useMemo(
    () =>
      ids.split(' ').flatMap((id): Draft<Tables[Name]>[] => {
        const key = draftKey(table as EditedTable, id);
        const current = records[key]?.current as Tables[Name] | undefined;
        if (!current || current.deleted) return [];
        return [{ record: current, key, ...draftHandles<Tables[Name]>(store, key) }];
      }),
    [store, ids, records, table],
  );
}

export const useHouseDraft = () => useDraft('house', houseId);
export const useBenchDraft = () => useDraft('bench', benchId);
export const usePapersDraft = () => useDraft('papers', papersId);
