import type { Change } from '@gorvane/core/record/difference.ts';
import { applyChanges, conflictsOf, differenceOf, invert } from '@gorvane/core/record/difference.ts';
import type { Draft, PayloadAction } from '@reduxjs/toolkit';
import { createSlice, current } from '@reduxjs/toolkit';
import type { EditedRecord, EditedTable } from '../data/database.ts';

/** A record being edited: as it was last saved, and as it now stands. */
export interface DraftRecord {
  readonly table: EditedTable;
  readonly base: EditedRecord;
  readonly current: EditedRecord;
  /** What is being written just now: it may come back from the database before the write is known to be done. */
  readonly sent?: EditedRecord | undefined;
}

/** An undo step, named by intent. */
export interface UndoStep {
  readonly label: string;
  readonly key: string;
  /** What was open when it was made, else the record itself: it is taken back from there and from nowhere else. */
  readonly place: string;
  readonly changes: readonly Change[];
  /** Further edits of the same intent still join it. */
  readonly open: boolean;
}

/** Two tabs changed the same place of a record differently: a person decides. */
export interface DraftConflict {
  readonly key: string;
  readonly mine: Change;
  readonly theirs: Change;
}

export interface DraftState {
  readonly records: Readonly<Record<string, DraftRecord>>;
  readonly past: readonly UndoStep[];
  readonly future: readonly UndoStep[];
  /** What is open, by the key of its record: a lead, the house, a cable; null where nothing is edited. */
  readonly place: string | null;
  /** What was typed into a field and does not parse, with why. */
  readonly raw: Readonly<Record<string, { readonly text: string; readonly error: string }>>;
  readonly conflicts: readonly DraftConflict[];
  /** Time of the last save, ISO; null before the first. */
  readonly savedAt: string | null;
}

const initialState: DraftState = {
  records: {},
  past: [],
  future: [],
  place: null,
  raw: {},
  conflicts: [],
  savedAt: null,
};

export const draftKey = (table: EditedTable, id: string) => `${table}/${id}`;

const isEnvelope = ({ path }: Change) =>
  path.length === 1 && (path[0] === 'revision' || path[0] === 'changedAt');

/** Changes that are not saved yet. */
export function unsavedChanges({ base, current: now }: DraftRecord): Change[] {
  return differenceOf(base, now).filter((change) => !isEnvelope(change));
}

const isAt =
  ({ key, mine }: DraftConflict) =>
  (other: DraftConflict) =>
    other.key === key && other.mine.path.join('/') === mine.path.join('/');

/** A record that was written from here, with what has been changed since it was sent put on top. */
function settled(
  { table, current: now }: DraftRecord,
  sent: EditedRecord,
  record: EditedRecord,
): DraftRecord {
  const since = differenceOf(sent, now).filter((change) => !isEnvelope(change));
  return { table, base: record, current: applyChanges(record, since) };
}

/** Whether a record that arrived holds all that is being written from here. */
function holds(record: EditedRecord, base: EditedRecord, sent: EditedRecord): boolean {
  const mine = differenceOf(base, sent).filter((change) => !isEnvelope(change));
  return differenceOf(record, applyChanges(record, mine)).length === 0;
}

/** A record that arrived from the database, with what is unsaved here put on top where it does not collide. */
function rebase(
  draft: DraftRecord,
  record: EditedRecord,
): { draft: DraftRecord; collided: Omit<DraftConflict, 'key'>[] } {
  const mine = unsavedChanges(draft);
  const theirs = differenceOf(draft.base, record).filter((change) => !isEnvelope(change));
  const collided = conflictsOf(mine, theirs);
  const undecided = new Set(collided.map((conflict) => conflict.mine));
  const now = applyChanges(
    record,
    mine.filter((change) => !undecided.has(change)),
  );
  return { draft: { ...draft, base: record, current: now }, collided };
}

/** Adds an edit to the undo steps; keystrokes of one intent become one step. */
function withStep(past: readonly UndoStep[], step: UndoStep, before: EditedRecord): readonly UndoStep[] {
  const last = past.at(-1);
  const joins = last?.open && last.label === step.label && last.key === step.key && last.place === step.place;
  if (!joins) return [...past.slice(-99), step];
  const first = applyChanges(before, invert(last.changes));
  const after = applyChanges(before, step.changes);
  return [...past.slice(0, -1), { ...step, changes: differenceOf(first, after) }];
}

/** Whether what a step made still stands, so that taking it back takes nothing else back. */
function stands(record: EditedRecord | undefined, changes: readonly Change[]): boolean {
  return record !== undefined && differenceOf(record, applyChanges(record, changes)).length === 0;
}

type Steps = Pick<DraftState, 'past' | 'future' | 'place' | 'records'>;

/** The step that undo takes back where one stands: the last that was made there and that still stands. */
export const stepToUndo = ({ past, place, records }: Steps): UndoStep | undefined =>
  past.findLast((step) => step.place === place && stands(records[step.key]?.current, step.changes));

/** The step that redo makes again. */
export const stepToRedo = ({ future, place, records }: Steps): UndoStep | undefined =>
  future.findLast((step) => step.place === place && stands(records[step.key]?.current, invert(step.changes)));

/** A finished value put into the state as it is. */
const writable = <T>(value: T) => value as Draft<T>;

const draftSlice = createSlice({
  name: 'draft',
  initialState,
  reducers: {
    /** A record was read from the database, or changed there. */
    arrived(
      state,
      { payload: { table, record } }: PayloadAction<{ table: EditedTable; record: EditedRecord }>,
    ) {
      const key = draftKey(table, record.id);
      const known = current(state).records[key];
      if (!known) {
        state.records[key] = writable({ table, base: record, current: record });
        return;
      }
      if (record.revision <= known.base.revision) return;
      if (known.sent && holds(record, known.base, known.sent)) {
        state.records[key] = writable({ ...settled(known, known.sent, record), sent: known.sent });
        return;
      }
      const { draft, collided } = rebase(known, record);
      state.records[key] = writable(draft);
      for (const conflict of collided.map((found): DraftConflict => ({ key, ...found }))) {
        state.conflicts = writable(current(state).conflicts.filter((other) => !isAt(conflict)(other)));
        state.conflicts.push(writable(conflict));
      }
    },
    edited(
      state,
      { payload: { key, label, next } }: PayloadAction<{ key: string; label: string; next: EditedRecord }>,
    ) {
      const before = current(state).records[key]?.current;
      if (!before) return;
      const changes = differenceOf(before, next);
      if (changes.length === 0) return;
      const step: UndoStep = { label, key, place: state.place ?? key, changes, open: true };
      state.records[key]!.current = writable(next);
      state.past = writable(withStep(current(state).past, step, before));
      state.future = writable(current(state).future.filter(({ place }) => place !== step.place));
    },
    /** The field was left: the next edit is an undo step of its own. */
    sealed(state) {
      for (const step of state.past) if (step.open) step.open = false;
    },
    /** Something was opened to be edited, or left (null). */
    opened(state, { payload }: PayloadAction<string | null>) {
      state.place = payload;
      for (const step of state.past) if (step.open) step.open = false;
    },
    undone(state) {
      const now = current(state);
      const step = stepToUndo(now);
      if (!step) return;
      state.records[step.key]!.current = writable(
        applyChanges(now.records[step.key]!.current, invert(step.changes)),
      );
      state.past = writable(now.past.filter((other) => other !== step));
      state.future.push(writable({ ...step, open: false }));
      state.raw = {};
    },
    redone(state) {
      const now = current(state);
      const step = stepToRedo(now);
      if (!step) return;
      state.records[step.key]!.current = writable(applyChanges(now.records[step.key]!.current, step.changes));
      state.future = writable(now.future.filter((other) => other !== step));
      state.past.push(writable(step));
      state.raw = {};
    },
    /** A record goes to the database as it stands. */
    sending(state, { payload: key }: PayloadAction<string>) {
      const known = state.records[key];
      if (known) known.sent = known.current;
    },
    saved(
      state,
      {
        payload: { key, sent, record },
      }: PayloadAction<{ key: string; sent: EditedRecord; record: EditedRecord }>,
    ) {
      const known = current(state).records[key];
      if (!known) return;
      // What came back before this is settled already: what was sent is no longer below what stands there.
      const isBack = record.revision <= known.base.revision;
      state.records[key] = writable(isBack ? { ...known, sent: undefined } : settled(known, sent, record));
      state.savedAt = record.changedAt;
    },
    typed(
      state,
      { payload: { field, ...raw } }: PayloadAction<{ field: string; text: string; error: string }>,
    ) {
      state.raw[field] = raw;
    },
    parsed(state, { payload: field }: PayloadAction<string>) {
      const { [field]: _parsed, ...rest } = state.raw;
      state.raw = rest;
    },
    decided(
      state,
      { payload: { conflict, keep } }: PayloadAction<{ conflict: DraftConflict; keep: 'mine' | 'theirs' }>,
    ) {
      const now = current(state);
      state.conflicts = writable(now.conflicts.filter((other) => !isAt(conflict)(other)));
      const known = now.records[conflict.key];
      if (keep === 'mine' && known)
        state.records[conflict.key]!.current = writable(applyChanges(known.current, [conflict.mine]));
    },
    /** The database was replaced: nothing that was being edited is left. */
    forgotten: () => initialState,
  },
});

export const {
  arrived,
  edited,
  sealed,
  opened,
  undone,
  redone,
  sending,
  saved,
  typed,
  parsed,
  decided,
  forgotten,
} = draftSlice.actions;
export const draftReducer = draftSlice.reducer;
