import { contactScrap } from '@gorvane/core/recipe/scrap.ts';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, unitOf } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { readUnit } from '../../data/unit-records.ts';
import { eventsOfUnit } from '../../data/unit-records.ts';
import { recordHappenings } from '../../data/units.ts';
import { calledOf } from '@gorvane/core/testing/step-called.ts';

const third = unitOf('OS-0003');
const title = async (text: string) =>
  waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(text));
const press = (key: string) => fireEvent.keyDown(document.body, { key });
const kinds = async () => (await eventsOfUnit(third.id)).map(({ happening }) => happening.kind);
const lastHappening = async () => (await eventsOfUnit(third.id)).at(-1)!.happening;

/** Puts the third unit before a step of end B, everything before it done. */
async function standAt(name: string): Promise<void> {
  await recordHappenings(third.id, ({ steps, done }) => {
    const stop = steps.findIndex((step) => calledOf(step) === name && step.endId === 'B');
    return steps
      .slice(0, stop)
      .flatMap((step) => (done.has(step.id) ? [] : [{ kind: 'step done' as const, stepId: step.id }]));
  });
}

beforeEach(() => fill());

describe('going on and back', () => {
  test('it opens at the first step that is not done', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    expect(screen.getByText('Step 20 of 38')).toBeTruthy();
    expect(await screen.findByText(/, 3 of 6/)).toBeTruthy();
  });

  test('Page Down records the step once; Page Up only looks', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    const before = (await kinds()).length;
    press('PageDown');
    await title('Offer the connector up, end B');
    press('PageUp');
    await title('Measure the strip, end B');
    press('PageDown');
    await title('Offer the connector up, end B');
    expect((await kinds()).slice(before)).toEqual(['step done']);
  });

  test('a key held down counts once, and a key with Ctrl is not ours', async () => {
    const before = (await kinds()).length;
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    fireEvent.keyDown(document.body, { key: 'PageDown', repeat: true });
    fireEvent.keyDown(document.body, { key: 'PageDown', ctrlKey: true });
    expect((await kinds()).length).toBe(before);
    await title('Measure the strip, end B');
  });

  test('space goes on from an empty field but writes into one that holds something', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    const braid = screen.getByLabelText('braid as cut, from the jacket edge');
    await userEvent.type(braid, '9');
    fireEvent.keyDown(braid, { key: ' ' });
    await title('Measure the strip, end B');
    fireEvent.keyDown(screen.getByLabelText('dielectric as cut, from the jacket edge'), { key: ' ' });
    await title('Offer the connector up, end B');
  });

  test('the caliper’s last Enter goes on, and the lengths stand in the record', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    await userEvent.type(screen.getByLabelText('braid as cut, from the jacket edge'), '9.1{Enter}');
    await userEvent.type(screen.getByLabelText('dielectric as cut, from the jacket edge'), '13.2{Enter}');
    await userEvent.type(screen.getByLabelText('conductor as cut, from the jacket edge'), '17.1{Enter}');
    await title('Offer the connector up, end B');
    const measured = (await eventsOfUnit(third.id))
      .filter(({ happening }) => happening.kind === 'strip measured')
      .at(-1)!.happening;
    expect(measured).toMatchObject({ endId: 'B' });
    if (measured.kind === 'strip measured') expect(measured.lengths.conductor).toBeCloseTo(17.1e-3, 9);
  });
});

describe('hold points', () => {
  test('stop the bar until they are answered; Good goes on by itself', async () => {
    await standAt('nick-and-whisker');
    openAt(`/build/${third.id}`);
    await title('Check for nicks and whiskers, end B');
    expect(screen.getByText('Hold: No nick, no whisker')).toBeTruthy();
    press('PageDown');
    await title('Check for nicks and whiskers, end B');
    await userEvent.click(screen.getByRole('button', { name: /^● Good/ }));
    await title('Crimp the contact, end B');
  });

  test('Out shows the way back with what it costs, and going back is a fact of its own', async () => {
    await standAt('contact-tug');
    openAt(`/build/${third.id}`);
    await title('Tug the contact, end B');
    await userEvent.click(screen.getByRole('button', { name: /^■ Out/ }));
    expect(await screen.findByText(/Scrap: centre contact/)).toBeTruthy();
    expect(screen.getByText(/Uses 19.1 mm/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Go back to: Cut to the conductor, end B' }));
    await title('Cut to the conductor, end B');
    expect(await lastHappening()).toMatchObject({ kind: 'rework', scrap: [contactScrap] });
  });

  test('a number is judged by its limits; what is no number is refused and nothing recorded', async () => {
    await standAt('contact-height');
    openAt(`/build/${third.id}`);
    await title('Measure where the contact stands, end B');
    const field = screen.getByLabelText(/^Contact before/);
    const before = (await kinds()).length;
    await userEvent.type(field, 'flush{Enter}');
    expect(await screen.findByText(/Found "flush"; expected a length/)).toBeTruthy();
    expect((await kinds()).length).toBe(before);
    await userEvent.clear(field);
    await userEvent.type(field, '0.5{Enter}');
    expect(await screen.findByText('Out: go back, or measure again')).toBeTruthy();
    await userEvent.type(screen.getByLabelText(/^Contact before/), '-0.2{Enter}');
    await title('Measure centre to body, end B');
  });

  test('a waiver asks for name and reason and is shown when looked back at', async () => {
    await standAt('contact-tug');
    openAt(`/build/${third.id}`);
    await title('Tug the contact, end B');
    await userEvent.click(screen.getByRole('button', { name: 'Pass it without: waive' }));
    await userEvent.type(screen.getByLabelText('Who answers for it'), 'Mara');
    await userEvent.click(screen.getByRole('button', { name: /^Waive:/ }));
    expect(await screen.findByText('A waiver needs a reason.')).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Why'), 'gauge away');
    await userEvent.click(screen.getByRole('button', { name: /^Waive:/ }));
    await title('Seat the contact in the body, end B');
    press('PageUp');
    expect(await screen.findByText(/Waived by Mara: gauge away/)).toBeTruthy();
  });

  test('a safety point offers no waiver and says why', async () => {
    await standAt('no-short');
    openAt(`/build/${third.id}`);
    await title('Measure centre to body, end B');
    expect(screen.queryByRole('button', { name: 'Pass it without: waive' })).toBeNull();
    expect(screen.getByText(/measured, never waived/)).toBeTruthy();
  });
});

describe('parts', () => {
  test('each is seen once more before the step that would be too late for it, one press each', async () => {
    await standAt('insert');
    openAt(`/build/${third.id}`);
    await title('Seat the contact in the body, end B');
    const bar = () => document.querySelector('.done-bar strong')!.textContent;
    const asked = ['label sleeve', 'shrink, end B', 'ferrule, end B'];
    const seen: (string | null)[] = [];
    while (!/^Done/.test(bar()!)) {
      const now = bar();
      seen.push(now);
      press('PageDown');
      await waitFor(() => expect(bar()).not.toBe(now));
    }
    expect(seen.every((words) => words!.startsWith('Seen: '))).toBe(true);
    expect(seen.length).toBeGreaterThan(1);
    expect(seen.length).toBeLessThanOrEqual(asked.length);
    await title('Seat the contact in the body, end B');
    press('PageDown');
    await title('Measure where the contact stands, end B');
    expect((await kinds()).filter((kind) => kind === 'part confirmed').length).toBeGreaterThan(seen.length);
  });

  test('touched twice before the screen has followed, it is seen once', async () => {
    await standAt('insert');
    openAt(`/build/${third.id}`);
    await title('Seat the contact in the body, end B');
    const before = (await kinds()).length;
    const part = (name: RegExp) => screen.getByRole('button', { name });
    for (const name of [/^ferrule, end B/, /^ferrule, end B/, /^shrink/]) fireEvent.click(part(name));
    await waitFor(() => expect(part(/^shrink/).getAttribute('aria-pressed')).toBe('true'));
    expect((await kinds()).slice(before)).toEqual(['part confirmed', 'part confirmed']);
  });

  test('a tick taken back holds the step', async () => {
    await standAt('insert');
    openAt(`/build/${third.id}`);
    await title('Seat the contact in the body, end B');
    const ferrule = () => screen.getByRole('button', { name: /^ferrule, end B/ });
    expect(ferrule().getAttribute('aria-pressed')).toBe('false');
    await userEvent.click(ferrule());
    await waitFor(() => expect(ferrule().getAttribute('aria-pressed')).toBe('true'));
    await userEvent.click(ferrule());
    expect(await screen.findByText(/after this step it is too late/)).toBeTruthy();
    expect((await lastHappening()).kind).toBe('part off');
  });
});

describe('how much is said', () => {
  test('experienced shows the figures and traps only, for this and the next step', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    expect(screen.getByText(/Leave empty what you did not measure/)).toBeTruthy();
    await userEvent.click(await screen.findByLabelText('experienced'));
    expect(await screen.findByText('Type what you cut, or go on.')).toBeTruthy();
    press('PageDown');
    expect(await screen.findByText('Try it. Trim what touches first, try again.')).toBeTruthy();
  });
});

describe('before the first step and after the last', () => {
  test('starting freezes the plan; a lead that cannot be threaded is refused with the reason', async () => {
    const fourth = unitOf('OS-0004');
    openAt(`/build/${fourth.id}`);
    await title('Build unit OS-0004');
    press(' ');
    await title('Count the parts and cut the cable');
    expect((await readUnit(fourth.id))!.plan!.steps.length).toBe(38);

    const lead = demo.leads.find(({ id }) => id === fourth.leadId)!;
    await database.leads.put({ ...lead, fittedEndIds: ['A', 'B'] });
    const fifth = unitOf('OS-0005');
    openAt(`/build/${fifth.id}`);
    await title('Build unit OS-0005');
    press(' ');
    expect(await screen.findByText(/cannot be threaded as it stands/)).toBeTruthy();
    expect((await readUnit(fifth.id))!.plan).toBeNull();
  });

  test('a finished unit offers its papers and the next unit of the line', async () => {
    openAt(`/build/${unitOf('OS-0001').id}`);
    await title('Receiver patch lead, unit OS-0001 is finished');
    const links = within(screen.getByRole('main'));
    expect(links.getByRole('link', { name: 'Label' }).getAttribute('href')).toContain('/print/label/');
    expect((await links.findByRole('link', { name: 'Next: OS-0003' })).getAttribute('href')).toBe(
      `/build/${third.id}`,
    );
    press('PageUp');
    await title('Coil and hand over');
  });

  test('an unknown unit is said to be unknown', async () => {
    openAt('/build/nobody');
    expect(await screen.findByText('This unit is not here')).toBeTruthy();
  });
});
