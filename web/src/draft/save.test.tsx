import { afterEach, expect, jest, test } from '@jest/globals';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MantineProvider } from '@mantine/core';
import { WriteAlert } from '../controls/write-alert.tsx';
import { fill, receiver } from '../../test/open-at.tsx';
import { createStore } from '../app/store.ts';
import { database } from '../data/database.ts';
import { arrived, draftKey, edited, parsed, typed } from './draft-slice.ts';
import { saveUnsaved } from './save.ts';

test('what was changed a moment ago is written at once where something is worked out from the database', async () => {
  await fill();
  const { dispatch, getState } = createStore();
  dispatch(arrived({ table: 'leads', record: receiver }));
  dispatch(
    edited({ key: draftKey('leads', receiver.id), label: 'slack', next: { ...receiver, slack: 0.07 } }),
  );
  expect((await database.leads.get(receiver.id))!.slack).not.toBe(0.07);
  await saveUnsaved(dispatch, getState);
  expect((await database.leads.get(receiver.id))!.slack).toBe(0.07);
});

afterEach(() => void jest.restoreAllMocks());

const full = () => Object.assign(new Error('full'), { name: 'QuotaExceededError' });

test('what cannot be written is said on every screen until it is; then it stands', async () => {
  await fill();
  const { dispatch, getState } = createStore();
  render(
    <MantineProvider>
      <WriteAlert />
    </MantineProvider>,
  );
  dispatch(arrived({ table: 'leads', record: receiver }));
  const transaction = jest.spyOn(database, 'transaction').mockRejectedValue(full() as never);
  dispatch(
    edited({ key: draftKey('leads', receiver.id), label: 'slack', next: { ...receiver, slack: 0.09 } }),
  );
  await saveUnsaved(dispatch, getState);
  expect((await screen.findByRole('alert')).textContent).toMatch(
    /Not saved: .*storage of this browser is full/,
  );
  transaction.mockRestore();
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  expect((await database.leads.get(receiver.id))!.slack).toBe(0.09);
});

test('an edit while the last is still being written is no change of another', async () => {
  await fill();
  const { dispatch, getState } = createStore();
  dispatch(arrived({ table: 'leads', record: receiver }));
  const change = (slack: number) =>
    void dispatch(
      edited({ key: draftKey('leads', receiver.id), label: 'slack', next: { ...receiver, slack } }),
    );
  change(0.11);
  const first = saveUnsaved(dispatch, getState);
  change(0.12);
  await Promise.all([first, saveUnsaved(dispatch, getState)]);
  expect(getState().draft.conflicts).toEqual([]);
  expect((await database.leads.get(receiver.id))!.slack).toBe(0.12);
});

test('a typed text is kept until the record that it went into is written', async () => {
  await fill();
  const { dispatch, getState } = createStore();
  dispatch(arrived({ table: 'leads', record: receiver }));
  dispatch(typed({ field: 'slack', text: '70 mm', error: '' }));
  await waitFor(async () => expect(await database.kept.get('slack')).toBeTruthy());
  dispatch(
    edited({ key: draftKey('leads', receiver.id), label: 'slack', next: { ...receiver, slack: 0.08 } }),
  );
  dispatch(parsed('slack'));
  expect([(await database.kept.get('slack'))?.text, (await database.leads.get(receiver.id))!.slack]).toEqual([
    '70 mm',
    receiver.slack,
  ]);
  await saveUnsaved(dispatch, getState);
  expect(await database.kept.get('slack')).toBeUndefined();
});
