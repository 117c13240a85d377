import type { Dispatch } from '@reduxjs/toolkit';
import { createListenerMiddleware } from '@reduxjs/toolkit';
import { database } from '../data/database.ts';
import { clearUnwritten, reportUnwritten } from '../data/write-problem.ts';
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

type GetState = () => { readonly draft: DraftState };

const changing = new Set<string>([edited.type, undone.type, redone.type, decided.type]);

draftListener.startListening({
  predicate: (action) => changing.has(action.type),
  effect: async (_action, { cancelActiveListeners, delay, getState, dispatch }) => {
    cancelActiveListeners();
    await delay(settle);
    await saveUnsaved(dispatch, getState);
  },
});

/** That a draft is not saved was said, and not yet that it is. */
let isSaid = false;

/** Writes every change that is not in the database yet. What is worked out from the database waits for it. */
export async function saveUnsaved(dispatch: Dispatch, getState: GetState): Promise<void> {
  try {
    await writeUnsaved(dispatch, getState);
    if (isSaid) clearUnwritten();
    isSaid = false;
    await forgetSaved(getState);
  } catch (error) {
    isSaid = true;
    reportUnwritten(error, () => void saveUnsaved(dispatch, getState));
  }
}

/** The write that is under way. The next waits for it: two at once would find each other's changes as another's. */
let writing: Promise<void> = Promise.resolve();

function writeUnsaved(dispatch: Dispatch, getState: GetState): Promise<void> {
  const next = writing.then(() => writeDrafts(dispatch, getState));
  writing = next.catch(() => undefined);
  return next;
}

async function writeDrafts(dispatch: Dispatch, getState: GetState): Promise<void> {
  for (const [key, draft] of Object.entries(getState().draft.records)) {
    if (unsavedChanges(draft).length === 0) continue;
    dispatch(sending(key));
    const result = await saveRecord(draft.table, draft.base, draft.current);
    if ('saved' in result) dispatch(saved({ key, sent: draft.current, record: result.saved }));
    else dispatch(arrived({ table: draft.table, record: result.conflict }));
  }
}

/** Fields whose text was taken over: it is kept until the record that it went into is written. */
const taken = new Set<string>();

draftListener.startListening({
  actionCreator: typed,
  effect: async ({ payload: { field, text } }) => {
    taken.delete(field);
    await database.kept.put({ key: field, text }).catch((error: unknown) => reportUnwritten(error));
  },
});
draftListener.startListening({
  actionCreator: parsed,
  effect: async ({ payload }, { getState }) => {
    taken.add(payload);
    await forgetSaved(getState);
  },
});

/** A kept text goes only after its record is saved: at every moment a value is in the one or in the other. */
async function forgetSaved(getState: GetState): Promise<void> {
  if (Object.values(getState().draft.records).some((draft) => unsavedChanges(draft).length > 0)) return;
  const fields = [...taken];
  taken.clear();
  await database.kept.bulkDelete(fields);
}

/** A page that is left or put away writes at once what it has not written yet. */
export function saveWhenLeft(dispatch: Dispatch, getState: GetState): void {
  const save = () => void saveUnsaved(dispatch, getState);
  window.addEventListener('pagehide', save);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && save());
}
