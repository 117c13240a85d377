import { beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, receiver, unitOf } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { readUnit } from '../../data/unit-records.ts';
import { eventsOfUnit } from '../../data/unit-records.ts';
import { recordHappenings, startUnit } from '../../data/units.ts';

const [fourth, fifth] = [unitOf('OS-0004'), unitOf('OS-0005')];
const cardId = receiver.ends[0]!.gaugeCardId;
const kinds = async (unitId: string) => (await eventsOfUnit(unitId)).map(({ happening }) => happening.kind);

/** Two units stand before their first strip; then somebody measures the bag and finds the stop deeper. */
async function measured(): Promise<void> {
  for (const { id } of [fourth, fifth]) {
    await startUnit(id);
    await recordHappenings(id, ({ steps }) =>
      steps
        .filter(({ stage }) => stage === 'Cut' || stage === 'Thread')
        .map(({ id: stepId }) => ({ kind: 'step done' as const, stepId })),
    );
  }
  await database.gaugeCards
    .where('id')
    .equals(cardId)
    .modify((card) => {
      const { value } = card.features.stopDepth!;
      card.features.stopDepth = { value: value + 0.4e-3, state: 'measured' };
    });
}
const notice = () => screen.findByRole('status', { name: /^Card changed: / });

beforeEach(async () => {
  await fill({ ...demo, units: demo.units.filter(({ serial }) => serial !== 'OS-0003') });
  await measured();
});

describe('a card that changes after the start', () => {
  test('Build says what moves; used from here, the figure of the step is the new one and the record says so', async () => {
    openAt(`/build/${fourth.id}`);
    const words = within(await notice());
    expect(words.getByText(/Stop|stop/).textContent).toMatch(/when OS-0004 was started/);
    expect(words.getByText(/^Cuts that move: Dielectric end, end A: \d+\.\d to \d+\.\d mm/)).toBeTruthy();
    const before = (await readUnit(fourth.id))!.plan;
    await userEvent.click(words.getByRole('button', { name: 'Use it from here' }));
    await waitFor(() => expect(screen.queryByRole('status', { name: /^Card changed/ })).toBeNull());
    expect(await kinds(fourth.id)).toContain('card used');
    expect((await readUnit(fourth.id))!.plan).toEqual(before);
  });

  test('pressed twice, or in two tabs, it is decided once', async () => {
    openAt(`/build/${fourth.id}`);
    const keep = within(await notice()).getByRole('button', { name: 'Keep the old figures' });
    fireEvent.click(keep);
    fireEvent.click(keep);
    await waitFor(() => expect(screen.queryByRole('status', { name: /^Card changed/ })).toBeNull());
    expect((await kinds(fourth.id)).filter((kind) => kind === 'card kept')).toHaveLength(1);
  });

  test('kept, the old figures stay and nobody is asked again', async () => {
    openAt(`/build/${fourth.id}`);
    await userEvent.click(within(await notice()).getByRole('button', { name: 'Keep the old figures' }));
    await waitFor(() => expect(screen.queryByRole('status', { name: /^Card changed/ })).toBeNull());
    expect(await kinds(fourth.id)).toContain('card kept');
  });

  test('in a batch, and in Strip and Prove of the lead, one answer is for every unit at work', async () => {
    openAt(`/leads/${receiver.id}/strip`);
    expect((await notice()).textContent).toMatch(/when OS-0004, OS-0005 were started/);
    openAt(`/leads/${receiver.id}/prove`);
    await notice();
    openAt(`/build/batch/${fourth.orderId}/${fourth.lineId}`);
    await userEvent.click(within(await notice()).getByRole('button', { name: 'Use it from here, in all 2' }));
    await waitFor(async () => expect(await kinds(fifth.id)).toContain('card used'));
    expect(await kinds(fourth.id)).toContain('card used');
  });
});
