import { expect, test } from '@jest/globals';
import { fill, receiver } from '../../test/open-at.tsx';
import { createStore } from '../app/store.ts';
import { database } from '../data/database.ts';
import { arrived, draftKey, edited } from './draft-slice.ts';
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
