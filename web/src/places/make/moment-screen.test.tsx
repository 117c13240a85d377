import { beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, unitOf } from '../../../test/open-at.tsx';
import { eventsOfUnit } from '../../data/unit-records.ts';
import { startUnit } from '../../data/units.ts';
import { keptValue } from '../../draft/use-kept-value.ts';
import { batchModeKey } from './batch-bar.tsx';

const third = unitOf('OS-0003');
const title = async (text: string | RegExp) =>
  waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(text));
const bar = () => document.querySelector('.done-bar strong')!.textContent;
const pedal = () => fireEvent.keyDown(document.body, { key: 'PageDown' });
const happenings = async (unitId = third.id) =>
  (await eventsOfUnit(unitId)).map(({ happening }) => happening);
const lastOf = async (kind: string) => (await happenings()).findLast((happening) => happening.kind === kind);

/** The third unit from where it stands, moment by moment. */
async function atContact(): Promise<void> {
  openAt(`/build/${third.id}`);
  await title('Strip, end B');
  pedal();
  await title('Contact on, end B');
}
async function atBody(): Promise<void> {
  await atContact();
  pedal();
  await title('Body on, no short, end B');
}

beforeEach(() =>
  fill({ ...demo, bench: demo.bench.map((bench) => ({ ...bench, stepDepth: 'experienced' })) }),
);

describe('one moment at a time', () => {
  test('one press does all of it; parts, trial and hold points stand in the record as from step by step', async () => {
    const before = (await happenings()).length;
    openAt(`/build/${third.id}`);
    await title('Strip, end B');
    expect(screen.getByText(/^Moment \d+ of 12$/)).toBeTruthy();
    expect(screen.getByRole('button', { name: /^No nick, no whisker, touch it if/ })).toBeTruthy();
    pedal();
    await title('Contact on, end B');
    const told = (await happenings()).slice(before).map(({ kind }) => kind);
    expect(told).toEqual(['step done', 'trial fit', 'step done', 'hold answered', 'step done']);
    pedal();
    await title('Body on, no short, end B');
    expect(bar()).toBe('Read: Contact seated and at its height');
  });

  test('what was picked and typed is not said again of a moment that is done anew', async () => {
    await atBody();
    await userEvent.type(screen.getByLabelText('Contact seated and at its height'), '0.05');
    await userEvent.click(screen.getByRole('button', { name: /^ferrule, end B/ }));
    pedal();
    await title('Seat the contact in the body, end B');
    await userEvent.click(screen.getByRole('button', { name: 'Whole moment' }));
    await title('Body on, no short, end B');
    expect(screen.getByLabelText('Contact seated and at its height')).toHaveProperty('value', '');
    expect(bar()).toBe('Read: Contact seated and at its height');
  });

  test('readings are wanted before it goes on; Enter walks through the fields, and the last one goes on', async () => {
    await atBody();
    pedal();
    const height = screen.getByLabelText('Contact seated and at its height');
    await waitFor(() => expect(document.activeElement).toBe(height));
    await userEvent.type(height, 'high{Enter}');
    expect((await screen.findAllByText(/expected a length/)).length).toBeGreaterThan(0);
    await userEvent.clear(height);
    await userEvent.type(height, '0.05{Enter}');
    const short = screen.getByLabelText('No short before the ferrule is crimped');
    expect(document.activeElement).toBe(short);
    await userEvent.type(short, 'open{Enter}');
    await title('Fix it and pull, end B');
    const seen = (await happenings()).filter(({ kind }) => kind === 'part confirmed');
    expect(seen.length).toBeGreaterThan(2);
  });

  test('what is picked as not right stops there: its way back comes next, and what came before is done', async () => {
    await atContact();
    await userEvent.click(screen.getByRole('button', { name: /^Contact crimped and tugged/ }));
    await waitFor(() => expect(bar()).toBe('One thing is not right'));
    pedal();
    await title('Tug the contact, end B');
    expect(await screen.findByRole('button', { name: /^Go back to: Cut to the conductor/ })).toBeTruthy();
    expect(await lastOf('hold answered')).toMatchObject({ good: false });
  });

  test('a part that is not there is never recorded as seen', async () => {
    await atBody();
    await userEvent.click(screen.getByRole('button', { name: /^ferrule, end B/ }));
    await waitFor(() => expect(bar()).toBe('One thing is not right'));
    pedal();
    await title('Seat the contact in the body, end B');
    const seen = (await happenings()).flatMap((happening) =>
      happening.kind === 'part confirmed' && happening.partId === 'B/ferrule' ? [happening] : [],
    );
    expect(seen).toEqual([]);
  });

  test('it is unfolded into its steps and folded again; what was picked is there after a reload', async () => {
    openAt(`/build/${third.id}`);
    await title('Strip, end B');
    await userEvent.click(screen.getByRole('button', { name: /^It seats/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Step by step' }));
    await title('Measure the strip, end B');
    await userEvent.click(screen.getByRole('button', { name: 'Whole moment' }));
    await title('Strip, end B');
    openAt(`/build/${third.id}`);
    await waitFor(() => expect(bar()).toBe('One thing is not right'));
  });

  test('a batch goes moment by moment over all units', async () => {
    const [fourth, fifth] = [unitOf('OS-0004'), unitOf('OS-0005')];
    await startUnit(fourth.id);
    await startUnit(fifth.id);
    openAt(`/build/${fourth.id}`);
    await title('Count the parts and cut the cable');
    await userEvent.click(await screen.findByLabelText('one step over all'));
    await waitFor(async () =>
      expect(await keptValue(batchModeKey(fourth.lineId), '')).toBe('one step over all'),
    );
    const head = () => document.querySelector('.build-head')!.textContent;
    pedal();
    await waitFor(() => expect(head()).toMatch(/OS-0005.*Moment 1 of/));
    await title('Count the parts and cut the cable');
    pedal();
    await waitFor(() => expect(head()).toContain('OS-0004'));
    await title('Thread the parts');
  });
});
