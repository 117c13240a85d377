import type { Change } from '@gorvane/core/record/difference.ts';
import { applyChanges, conflictsOf, differenceOf, invert } from '@gorvane/core/record/difference.ts';
import type { PayloadAction } from '@reduxjs/toolkit';
import { createSlice } from '@reduxjs/toolkit';
import type { EditedRecord, EditedTable } from '../data/database.ts';

/** A record being edited: as it was last saved, and as it now stands. */
export interface DraftRecord {
  readonly table: EditedTable;
  readonly base: EditedRecord;
  readonly current: EditedRecord;
}

/** An undo step, named by intent. */
export interface UndoStep {
  readonly label: string;
  readonly key: string;
  readonly changes: readonly Change[];
  /** Further edits of the same intent still join it. */
  readonly open: boolean;
}

/** Two tabs changed the same place differently: a person decides. */
export interface DraftConflict {
  readonly key: string;
  readonly mine: Change;
  readonly theirs: Change;
}

export interface DraftState {
  readonly records: Readonly<Record<string, DraftRecord>>;
  readonly past: readonly UndoStep[];
  readonly future: readonly UndoStep[];
  /** What was typed into a field and does not parse, with why. */
  readonly raw: Readonly<Record<string, { readonly text: string; readonly error: string }>>;
  readonly conflicts: readonly DraftConflict[];
  /** Time of the last save, ISO; null before the first. */
  readonly savedAt: string | null;
}

const initialState: DraftState = { records: {}, past: [], future: [], raw: {}, conflicts: [], savedAt: null };

export const draftKey = (table: EditedTable, id: string) => `${table}/${id}`;

const isEnvelope = ({ path }: Change) =>
  path.length === 1 && (path[0] === 'revision' || path[0] === 'changedAt');

/** Changes that are not saved yet. */
export function unsavedChanges({ base, current }: DraftRecord): Change[] {
  return differenceOf(base, current).filter((change) => !isEnvelope(change));
}

/** A record that arrived from the database, with what is unsaved here put on top where it does not collide. */
function rebase(state: DraftState, key: string, arrived: EditedRecord): DraftState {
  const draft = state.records[key]!;
  if (arrived.revision <= draft.base.revision) return state;
  const mine = unsavedChanges(draft);
  const theirs = differenceOf(draft.base, arrived).filter((change) => !isEnvelope(change));
  const conflicts = conflictsOf(mine, theirs);
  const undecided = new Set(conflicts.map((conflict) => conflict.mine));
  const current = applyChanges(
    arrived,
    mine.filter((change) => !undecided.has(change)),
  );
  return {
    ...state,
    records: { ...state.records, [key]: { ...draft, base: arrived, current } },
    conflicts: [...state.conflicts, ...conflicts.map((conflict) => ({ key, ...conflict }))],
  };
}

function withCurrent(
  state: DraftState,
  key: string,
  change: (record: EditedRecord) => EditedRecord,
): DraftState {
  const draft = state.records[key];
  if (!draft) return state;
  return { ...state, records: { ...state.records, [key]: { ...draft, current: change(draft.current) } } };
}

/** Adds an edit to the undo steps; keystrokes of one intent become one step. */
function pushStep(past: readonly UndoStep[], step: UndoStep, base: EditedRecord): readonly UndoStep[] {
  const last = past.at(-1);
  if (!last?.open || last.label !== step.label || last.key !== step.key) return [...past.slice(-99), step];
  const before = applyChanges(base, invert(last.changes));
  const after = applyChanges(base, step.changes);
  return [...past.slice(0, -1), { ...step, changes: differenceOf(before, after) }];
}

const draftSlice = createSlice({
  name: 'draft',
  initialState: initialState as DraftState,
  reducers: {
    /** A record was read from the database, or changed there. */
    arrived(state, { payload }: PayloadAction<{ table: EditedTable; record: EditedRecord }>): DraftState {
      const current = state as DraftState;
      const key = draftKey(payload.table, payload.record.id);
      if (current.records[key]) return rebase(current, key, payload.record);
      const draft: DraftRecord = { table: payload.table, base: payload.record, current: payload.record };
      return { ...current, records: { ...current.records, [key]: draft } };
    },
    edited(
      state,
      { payload }: PayloadAction<{ key: string; label: string; next: EditedRecord }>,
    ): DraftState {
      const current = state as DraftState;
      const draft = current.records[payload.key];
      if (!draft) return current;
      const changes = differenceOf(draft.current, payload.next);
      if (changes.length === 0) return current;
      const step: UndoStep = { label: payload.label, key: payload.key, changes, open: true };
      return {
        ...withCurrent(current, payload.key, () => payload.next),
        past: pushStep(current.past, step, draft.current),
        future: [],
      };
    },
    /** The field was left: the next edit is an undo step of its own. */
    sealed(state): DraftState {
      const current = state as DraftState;
      return current.past.at(-1)?.open
        ? { ...current, past: current.past.map((step) => ({ ...step, open: false })) }
        : current;
    },
    undone(state): DraftState {
      const current = state as DraftState;
      const step = current.past.at(-1);
      if (!step) return current;
      const back = withCurrent(current, step.key, (record) => applyChanges(record, invert(step.changes)));
      return {
        ...back,
        raw: {},
        past: current.past.slice(0, -1),
        future: [...current.future, { ...step, open: false }],
      };
    },
    redone(state): DraftState {
      const current = state as DraftState;
      const step = current.future.at(-1);
      if (!step) return current;
      const forth = withCurrent(current, step.key, (record) => applyChanges(record, step.changes));
      return { ...forth, raw: {}, past: [...current.past, step], future: current.future.slice(0, -1) };
    },
    saved(
      state,
      { payload }: PayloadAction<{ key: string; sent: EditedRecord; record: EditedRecord }>,
    ): DraftState {
      const current = state as DraftState;
      const draft = current.records[payload.key];
      if (!draft) return current;
      const since = differenceOf(payload.sent, draft.current).filter((change) => !isEnvelope(change));
      const record: DraftRecord = {
        ...draft,
        base: payload.record,
        current: applyChanges(payload.record, since),
      };
      return {
        ...current,
        records: { ...current.records, [payload.key]: record },
        savedAt: payload.record.changedAt,
      };
    },
    typed(state, { payload }: PayloadAction<{ field: string; text: string; error: string }>): DraftState {
      const { field, ...raw } = payload;
      return { ...(state as DraftState), raw: { ...(state as DraftState).raw, [field]: raw } };
    },
    parsed(state, { payload }: PayloadAction<string>): DraftState {
      const current = state as DraftState;
      if (!(payload in current.raw)) return current;
      return {
        ...current,
        raw: Object.fromEntries(Object.entries(current.raw).filter(([field]) => field !== payload)),
      };
    },
    decided(
      state,
      { payload }: PayloadAction<{ conflict: DraftConflict; keep: 'mine' | 'theirs' }>,
    ): DraftState {
      const current = state as DraftState;
      const { conflict, keep } = payload;
      const rest = {
        ...current,
        conflicts: current.conflicts.filter(
          ({ mine }) => mine.path.join('/') !== conflict.mine.path.join('/'),
        ),
      };
      return keep === 'theirs'
        ? rest
        : withCurrent(rest, conflict.key, (record) => applyChanges(record, [conflict.mine]));
    },
    /** The database was replaced: nothing that was being edited is left. */
    forgotten(): DraftState {
      return initialState;
    },
  },
});

export const { arrived, edited, sealed, undone, redone, saved, typed, parsed, decided, forgotten } =
  draftSlice.actions;
export const draftReducer = draftSlice.reducer;
