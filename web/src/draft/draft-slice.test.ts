import { beforeEach, describe, expect, test } from '@jest/globals';
import { exampleLead } from '@gorvane/core/testing/example.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { revise } from '@gorvane/core/record/revise.ts';
import { waitFor } from '@testing-library/react';
import { createStore } from '../app/store.ts';
import { database } from '../data/database.ts';
import { saveRecord } from '../data/records.ts';
import type { DraftState } from './draft-slice.ts';
import {
  arrived,
  decided,
  draftKey,
  draftReducer,
  edited,
  opened,
  redone,
  saved,
  sealed,
  sending,
  stepToUndo,
  typed,
  undone,
  unsavedChanges,
} from './draft-slice.ts';

const { lead } = exampleLead();
const key = draftKey('leads', lead.id);
const later = '2026-11-24T09:00:00.000Z';
type Action = Parameters<typeof draftReducer>[1];
const play = (...actions: Action[]): DraftState =>
  [opened(key), ...actions].reduce(
    draftReducer,
    draftReducer(undefined, arrived({ table: 'leads', record: lead })),
  );
const rename = (name: string, label = 'name') => edited({ key, label, next: { ...lead, name } });
const current = (state: DraftState) => state.records[key]!.current as Lead;
const fromOtherTab = (changes: Partial<Lead>) =>
  arrived({ table: 'leads', record: revise(lead, changes, later) });

describe('undo and redo', () => {
  test('keystrokes of one intent are one step; leaving the field ends it', () => {
    const state = play(rename('a'), rename('ab'), sealed(), rename('abc'));
    expect(state.past.map(({ label }) => label)).toEqual(['name', 'name']);
    const once = draftReducer(state, undone());
    expect(current(once).name).toBe('ab');
    const twice = draftReducer(once, undone());
    expect(current(twice).name).toBe(lead.name);
    expect(current([redone(), redone()].reduce(draftReducer, twice)).name).toBe('abc');
  });

  test('a new edit drops what could be made again; an edit that changes nothing is no step', () => {
    const state = play(rename('a'), undone(), edited({ key, label: 'slack', next: { ...lead, slack: 0.1 } }));
    expect(state.future).toEqual([]);
    expect(
      draftReducer(state, edited({ key, label: 'slack', next: { ...lead, slack: 0.1 } })).past,
    ).toHaveLength(1);
  });

  test('taking a change back does not take back what another tab did elsewhere', () => {
    const state = play(rename('mine'), fromOtherTab({ slack: 0.2 }), undone());
    expect(current(state)).toMatchObject({ name: lead.name, slack: 0.2 });
  });
});

describe('undo belongs to what is open', () => {
  const other = { ...lead, id: 'other' };
  const otherKey = draftKey('leads', other.id);
  const two = (...actions: Action[]) => play(arrived({ table: 'leads', record: other }), ...actions);
  const nameOf = (state: DraftState, at: string) => (state.records[at]!.current as Lead).name;

  test('a change made on one lead is taken back on it and not on another', () => {
    const state = two(
      opened(key),
      rename('mine'),
      opened(otherKey),
      edited({ key: otherKey, label: 'name', next: { ...other, name: 'theirs' } }),
      opened(key),
    );
    expect(stepToUndo(state)).toMatchObject({ key, label: 'name' });
    const once = [undone(), undone()].reduce(draftReducer, state);
    expect([nameOf(once, key), nameOf(once, otherKey)]).toEqual([lead.name, 'theirs']);
    expect(nameOf(draftReducer(once, redone()), key)).toBe('mine');
    const elsewhere = [opened(null), undone(), redone()].reduce(draftReducer, once);
    expect(elsewhere.records).toBe(once.records);
  });

  test('what has been changed again from another place is not taken back from here', () => {
    const state = two(
      opened(key),
      rename('mine'),
      opened('house/house'),
      rename('again', 'rename'),
      opened(key),
    );
    expect(stepToUndo(state)).toBeUndefined();
    expect(nameOf(draftReducer(state, undone()), key)).toBe('again');
  });
});

describe('two tabs', () => {
  test('deciding about one record leaves the question about the same place of another', () => {
    const other = { ...lead, id: 'other' };
    const otherKey = draftKey('leads', other.id);
    const state = play(
      arrived({ table: 'leads', record: other }),
      rename('mine'),
      edited({ key: otherKey, label: 'name', next: { ...other, name: 'mine, too' } }),
      fromOtherTab({ name: 'theirs' }),
      arrived({ table: 'leads', record: revise(other, { name: 'theirs, too' }, later) }),
    );
    expect(state.conflicts).toHaveLength(2);
    const decidedFirst = draftReducer(state, decided({ conflict: state.conflicts[0]!, keep: 'theirs' }));
    expect(decidedFirst.conflicts.map(({ key: at }) => at)).toEqual([otherKey]);
    const both = draftReducer(decidedFirst, decided({ conflict: decidedFirst.conflicts[0]!, keep: 'mine' }));
    expect([current(both).name, (both.records[otherKey]!.current as Lead).name]).toEqual([
      'theirs',
      'mine, too',
    ]);
  });

  test('changes to different fields both survive', () => {
    const state = play(rename('mine'), fromOtherTab({ slack: 0.2 }));
    expect(current(state)).toMatchObject({ name: 'mine', slack: 0.2 });
    expect(state.conflicts).toEqual([]);
  });

  test('changes to the same field ask, and either answer is kept', () => {
    const state = play(rename('mine'), fromOtherTab({ name: 'theirs' }));
    expect(state.conflicts).toHaveLength(1);
    expect(current(state).name).toBe('theirs');
    const conflict = state.conflicts[0]!;
    expect(current(draftReducer(state, decided({ conflict, keep: 'mine' }))).name).toBe('mine');
    const yielded = draftReducer(state, decided({ conflict, keep: 'theirs' }));
    expect(current(yielded).name).toBe('theirs');
    expect(unsavedChanges(yielded.records[key]!)).toEqual([]);
  });

  test('what was typed while a save was under way is not lost', () => {
    const sent = { ...lead, name: 'sent' };
    const state = play(
      rename('sent'),
      rename('sent and more'),
      saved({ key, sent, record: revise(sent, {}, later) }),
    );
    expect(current(state).name).toBe('sent and more');
    expect(unsavedChanges(state.records[key]!).map(({ to }) => to)).toEqual(['sent and more']);
  });

  // The database tells of a write to whoever watches it before the writer knows that it is done.
  test.each([
    ['taken back', lead.name],
    ['gone on with', 'abc'],
  ])('an edit that is %s while its own write comes back stays so, and nobody is asked', (_, now) => {
    const sent = { ...lead, name: 'ab' };
    const written = revise(sent, {}, later);
    const back = arrived({ table: 'leads', record: written });
    const state = play(rename('ab'), sending(key), sealed(), rename(now), back);
    expect(current(state).name).toBe(now);
    expect(state.conflicts).toEqual([]);
    const after = draftReducer(state, saved({ key, sent, record: written }));
    expect(current(after).name).toBe(now);
    expect(unsavedChanges(after.records[key]!)).toHaveLength(1);
  });

  test('another tab’s change that comes while a write is under way is kept, and so is the write', () => {
    const sent = { ...lead, name: 'ab' };
    const state = play(rename('ab'), sending(key), fromOtherTab({ slack: 0.2 }));
    expect(current(state)).toMatchObject({ name: 'ab', slack: 0.2 });
    const both = revise({ ...sent, slack: 0.2, revision: lead.revision + 1 }, {}, later);
    const after = draftReducer(state, saved({ key, sent, record: both }));
    expect(current(after)).toMatchObject({ name: 'ab', slack: 0.2 });
    expect(unsavedChanges(after.records[key]!)).toEqual([]);
  });

  test('an older record that arrives late changes nothing', () => {
    const state = play(fromOtherTab({ slack: 0.2 }));
    expect(draftReducer(state, arrived({ table: 'leads', record: lead }))).toBe(state);
  });
});

describe('saving', () => {
  beforeEach(async () => {
    await database.leads.clear();
    await database.leads.add(lead);
  });

  test('an edit comes into the database by itself', async () => {
    const store = createStore();
    store.dispatch(arrived({ table: 'leads', record: lead }));
    store.dispatch(rename('saved by itself'));
    await waitFor(async () =>
      expect(await database.leads.get(lead.id)).toMatchObject({ name: 'saved by itself', revision: 2 }),
    );
    await waitFor(() => expect(store.getState().draft.savedAt).not.toBeNull());
  });

  test('another tab’s save in between is kept too', async () => {
    await database.leads.put(revise(lead, { slack: 0.3 }, later));
    const result = await saveRecord('leads', lead, { ...lead, name: 'mine' });
    expect(result).toMatchObject({ saved: { name: 'mine', slack: 0.3, revision: 3 } });
  });

  test('the same place changed by both is not written over', async () => {
    await database.leads.put(revise(lead, { name: 'theirs' }, later));
    expect(await saveRecord('leads', lead, { ...lead, name: 'mine' })).toMatchObject({
      conflict: { name: 'theirs' },
    });
    expect((await database.leads.get(lead.id))!.name).toBe('theirs');
  });

  test('a text that does not parse is kept outside the record', async () => {
    const store = createStore();
    store.dispatch(typed({ field: 'f', text: '3.4 mx', error: 'expected a length' }));
    await waitFor(async () => expect(await database.kept.get('f')).toEqual({ key: 'f', text: '3.4 mx' }));
    expect((await database.leads.get(lead.id))!.revision).toBe(1);
  });
});
