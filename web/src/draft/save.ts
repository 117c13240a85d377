import type { Dispatch } from '@reduxjs/toolkit';
import { createListenerMiddleware } from '@reduxjs/toolkit';
import { database } from '../data/database.ts';
import { saveRecord } from '../data/records.ts';
import type { DraftState } from './draft-slice.ts';
import {
  arrived,
  decided,
  edited,
  parsed,
  redone,
  saved,
  sending,
  typed,
  undone,
  unsavedChanges,
} from './draft-slice.ts';

/** Keystrokes within this time are saved together; well under the second that is promised. */
const settle = 250;

export const draftListener = createListenerMiddleware<{ draft: DraftState }>();

const changing = new Set<string>([edited.type, undone.type, redone.type, decided.type]);

draftListener.startListening({
  predicate: (action) => changing.has(action.type),
  effect: async (_action, { cancelActiveListeners, delay, getState, dispatch }) => {
    cancelActiveListeners();
    await delay(settle);
    await saveUnsaved(dispatch, getState);
  },
});

/** Writes every change that is not in the database yet. What is worked out from the database waits for it. */
export async function saveUnsaved(
  dispatch: Dispatch,
  getState: () => { readonly draft: DraftState },
): Promise<void> {
  for (const [key, draft] of Object.entries(getState().draft.records)) {
    if (unsavedChanges(draft).length === 0) continue;
    dispatch(sending(key));
    const result = await saveRecord(draft.table, draft.base, draft.current);
    if ('saved' in result) dispatch(saved({ key, sent: draft.current, record: result.saved }));
    else dispatch(arrived({ table: draft.table, record: result.conflict }));
  }
}

draftListener.startListening({
  actionCreator: typed,
  effect: ({ payload }) => keepText(payload.field, payload.text),
});
draftListener.startListening({ actionCreator: parsed, effect: ({ payload }) => forgetText(payload) });

async function keepText(key: string, text: string): Promise<void> {
  await database.kept.put({ key, text });
}

async function forgetText(key: string): Promise<void> {
  await database.kept.delete(key);
}
