import { ferruleScrap } from '@gorvane/core/recipe/scrap.ts';
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, unitOf } from '../../../test/open-at.tsx';
import { exportUnit } from '../../data/export-archive.ts';
import { takeSoundFile } from '../../data/import-archive.ts';
import { database } from '../../data/database.ts';
import { readUnit } from '../../data/unit-records.ts';
import { eventsOfUnit, unitsOfLine } from '../../data/unit-records.ts';
import { recordHappenings, startUnit } from '../../data/units.ts';
import { calledOf } from '@gorvane/core/testing/step-called.ts';

const third = unitOf('OS-0003');
const title = async (text: string | RegExp) =>
  waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(text));
const bar = () => document.querySelector('.done-bar strong')!.textContent;
const press = (key: string) => fireEvent.keyDown(document.body, { key });
/** Ticks every piece to cut, one press each. */
async function cutAll(): Promise<void> {
  await waitFor(() => expect(bar()).toMatch(/^Cut: /));
  while (bar()!.startsWith('Cut: ')) {
    const stood = bar();
    press('PageDown');
    await waitFor(() => expect(bar()).not.toBe(stood));
  }
}
const happenings = async (unitId = third.id) =>
  (await eventsOfUnit(unitId)).map(({ happening }) => happening);
const last = async (unitId = third.id) => (await happenings(unitId)).at(-1)!;

/** Puts a unit before a step of an end, everything before it done. */
async function standAt(name: string, endId: string | null = 'B', unitId = third.id): Promise<void> {
  await recordHappenings(unitId, ({ steps, done }) => {
    const stop = steps.findIndex((step) => calledOf(step) === name && step.endId === endId);
    return steps
      .slice(0, stop)
      .flatMap((step) => (done.has(step.id) ? [] : [{ kind: 'step done' as const, stepId: step.id }]));
  });
}

beforeEach(() => fill());
afterEach(() => void jest.restoreAllMocks());

describe('a trial fit', () => {
  test('is a loop: what touches is trimmed, tried again, and only then it seats', async () => {
    await standAt('trial-fit');
    await recordHappenings(third.id, ({ current }) => [
      {
        kind: 'strip measured',
        stepId: current!.id,
        endId: 'B',
        lengths: { braid: 9.1e-3, dielectric: 13.4e-3, conductor: 17.4e-3 },
      },
    ]);
    openAt(`/build/${third.id}`);
    await title('Offer the connector up, end B');
    expect(bar()).toBe('It seats');
    await userEvent.selectOptions(screen.getByLabelText('What touches first'), 'dielectric');
    await userEvent.type(screen.getByLabelText('Stands off by'), 'a hair{Enter}');
    expect(await screen.findByText(/expected a length/)).toBeTruthy();
    await userEvent.clear(screen.getByLabelText('Stands off by'));
    await userEvent.type(screen.getByLabelText('Stands off by'), '0.3{Enter}');
    expect(await screen.findByText(/Dielectric end: trim 0\.3 mm, to 13\.1 mm/)).toBeTruthy();
    expect(await screen.findByRole('heading', { name: 'Trial 2' })).toBeTruthy();
    const measured = (await happenings()).findLast(({ kind }) => kind === 'strip measured')!;
    if (measured.kind === 'strip measured') expect(measured.lengths.dielectric).toBeCloseTo(13.1e-3, 9);
    press(' ');
    await title('Check for nicks and whiskers, end B');
    expect((await happenings()).filter(({ kind }) => kind === 'trial fit')).toHaveLength(3);
  });
});

describe('a caliper that is quicker than the screen', () => {
  test('loses no reading', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    for (const [layer, text] of [
      ['braid', '9.1'],
      ['dielectric', '13.2'],
      ['conductor', '17.1'],
    ] as const) {
      const field = screen.getByLabelText(`${layer} as cut, from the jacket edge`);
      fireEvent.change(field, { target: { value: text } });
      fireEvent.keyDown(field, { key: 'Enter' });
      fireEvent.blur(field);
    }
    await title('Offer the connector up, end B');
    const measured = (await happenings()).findLast(({ kind }) => kind === 'strip measured')!;
    expect(measured).toMatchObject({ lengths: { braid: 9.1e-3, dielectric: 13.2e-3, conductor: 17.1e-3 } });
  });
});

describe('times', () => {
  test('start with the same key, run on over a reload, and the step can be passed meanwhile', async () => {
    await standAt('seal');
    openAt(`/build/${third.id}`);
    await title('Shrink the relief, end B');
    expect(bar()).toBe('Start: let it cool, 45 s');
    press('PageDown');
    await waitFor(() => expect(bar()).toBe('Done'));
    expect(screen.getByText('let it cool runs')).toBeTruthy();
    openAt(`/build/${third.id}`);
    await title('Shrink the relief, end B');
    await waitFor(() => expect(bar()).toBe('Done'));
    press('t');
    await waitFor(() => expect(bar()).toBe('Start: let it cool, 45 s'));
    press('PageDown');
    await waitFor(() => expect(bar()).toBe('Done'));
    press('PageDown');
    await title('Turn the coupling, end B');
    expect(document.querySelector('.running-time')!.textContent).toMatch(/let it cool \d+ s/);
    expect(await last()).toMatchObject({ kind: 'step done', seconds: expect.any(Number) });
  });
});

describe('single letters', () => {
  test('answer a look, open what is off, and can be turned off', async () => {
    await standAt('nick-and-whisker');
    openAt(`/build/${third.id}`);
    await title('Check for nicks and whiskers, end B');
    press('x');
    expect(await screen.findByText('Out: go back, or measure again')).toBeTruthy();
    press('g');
    await title('Crimp the contact, end B');
    press('o');
    expect(await screen.findByText('Something is off: what do you see?')).toBeTruthy();
    press('PageDown');
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    await title('Crimp the contact, end B');
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    await userEvent.click(await screen.findByLabelText(/^Letter keys/));
    await userEvent.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('menu')).toBeNull());
    press('o');
    expect(screen.queryByText('Something is off: what do you see?')).toBeNull();
  });
});

describe('something is off', () => {
  const see = async (name: RegExp) => {
    press('o');
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.click(await dialog.findByRole('button', { name }));
    return dialog;
  };

  const fourth = unitOf('OS-0004');
  /** A finished end of a lead whose length allows no second try is found nicked. */
  const seeNickWithoutSpare = async () => {
    const lead = demo.leads.find(({ id }) => id === fourth.leadId)!;
    await database.leads.put({ ...lead, spareTerminations: 0 });
    await startUnit(fourth.id);
    await standAt('setback', 'A', fourth.id);
    openAt(`/build/${fourth.id}`);
    await title('Measure the contact again, end A');
    return see(/Nick/);
  };

  test('what cannot be reached is made again: the record keeps the sighting and the way back with its scrap', async () => {
    await standAt('setback');
    openAt(`/build/${third.id}`);
    await title('Measure the contact again, end B');
    const dialog = await see(/Whisker/);
    expect(await dialog.findByText(/inside a closed connector/)).toBeTruthy();
    expect(dialog.getByText(/Scrap: TNC plug with contact, ferrule\. New ones come from stock/)).toBeTruthy();
    await userEvent.click(
      dialog.getByRole('button', { name: /^Record it and go back to: Cut to the conductor/ }),
    );
    await title('Cut to the conductor, end B');
    const [seen, back] = (await happenings()).slice(-2);
    expect(seen).toMatchObject({ kind: 'trouble', seen: 'whisker', outcome: 'end made again' });
    expect(back).toMatchObject({
      kind: 'rework',
      scrap: [{ kind: 'connector with contact', name: 'TNC plug' }, ferruleScrap],
    });
  });

  test('cable that does not allow it: taken shorter by name, or given up for a new unit', async () => {
    const dialog = await seeNickWithoutSpare();
    expect(await dialog.findByText(/would come out \d+(\.\d)? mm short/)).toBeTruthy();
    await userEvent.click(dialog.getByRole('button', { name: /mm shorter$/ }));
    expect(await dialog.findByText(/needs the name of who answers for it/)).toBeTruthy();
    expect((await last(fourth.id)).kind).toBe('step done');
    await userEvent.click(dialog.getByRole('button', { name: 'Give this unit up' }));
    await title(/OS-0004 is given up/);
    const line = await unitsOfLine(fourth.orderId, fourth.lineId);
    expect(line).toHaveLength(7);
    expect((await happenings(fourth.id)).slice(-2).map(({ kind }) => kind)).toEqual(['trouble', 'scrapped']);
  });

  test('a shorter lead is marked for good', async () => {
    const dialog = await seeNickWithoutSpare();
    await userEvent.type(await dialog.findByLabelText('Who takes it shorter'), 'Mara');
    await userEvent.type(dialog.getByLabelText('Why'), 'rack is near');
    await userEvent.click(dialog.getByRole('button', { name: /mm shorter$/ }));
    await title('Cut to the conductor, end A');
    expect(await screen.findByText(/taken shorter/)).toBeTruthy();
    openAt(`/print/certificate/${fourth.id}`);
    expect(await screen.findByText(/mm shorter by Mara: rack is near/)).toBeTruthy();
  });

  test('a shortage is typed before a way back is offered', async () => {
    await standAt('trial-fit');
    openAt(`/build/${third.id}`);
    await title('Offer the connector up, end B');
    const dialog = await see(/Too short/);
    await userEvent.selectOptions(dialog.getByLabelText('Where'), 'end B');
    expect(dialog.getByText(/Type how much is missing/)).toBeTruthy();
    await userEvent.type(dialog.getByLabelText(/By how much/), '0.8');
    expect(dialog.getByText(/Uses 0\.8 mm of the cable/)).toBeTruthy();
  });
});

describe('nothing is lost, nothing is doubled', () => {
  test('a full storage is said; the step stands and is recorded once when there is room again', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    const before = (await happenings()).length;
    const full = jest.spyOn(database.records, 'put').mockImplementation((() => {
      const error = new Error('full');
      error.name = 'QuotaExceededError';
      return Promise.reject(error);
    }) as never);
    press('PageDown');
    expect((await screen.findByRole('alert')).textContent).toMatch(/storage of this browser is full/);
    await title('Measure the strip, end B');
    expect((await happenings()).length).toBe(before);
    full.mockRestore();
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await title('Offer the connector up, end B');
    expect(screen.queryByRole('alert')).toBeNull();
    expect((await happenings()).length).toBe(before + 1);
  });

  test('opened again it says where it was left, until the next thing is done', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    expect(
      screen.getByText(/Goes on where it was left: “Trim both braids, end B” was the last step done/),
    ).toBeTruthy();
    press('PageDown');
    await title('Offer the connector up, end B');
    await waitFor(() => expect(screen.queryByText(/Goes on where it was left/)).toBeNull());
  });

  test('set aside, taken to another bench by its file, and back: one record', async () => {
    openAt(`/build/${third.id}`);
    await title('Measure the strip, end B');
    await userEvent.click(screen.getByRole('button', { name: 'More' }));
    await userEvent.click(await screen.findByRole('menuitem', { name: 'Set this unit aside' }));
    await title(/OS-0003 is set aside/);
    const file = await exportUnit(third.id);
    const count = (await happenings()).length;
    // The other bench has nothing of it.
    for (const table of [
      database.units,
      database.records,
      database.summaries,
      database.postings,
      database.leads,
      database.orders,
      database.gaugeCards,
    ])
      await table.clear();
    await takeSoundFile(file);
    openAt(`/build/${third.id}`);
    await title(/OS-0003 is set aside/);
    await userEvent.click(screen.getByRole('button', { name: 'Take it up again here' }));
    await title('Measure the strip, end B');
    press('PageDown');
    await title('Offer the connector up, end B');
    await takeSoundFile(await exportUnit(third.id));
    expect((await happenings()).length).toBe(count + 2);
    expect(await database.house.count()).toBe(1);
  });
});

describe('a batch', () => {
  const [fourth, fifth] = [unitOf('OS-0004'), unitOf('OS-0005')];

  test('one step over all goes on to the next unit at the same step, each with its own state', async () => {
    await startUnit(fourth.id);
    await startUnit(fifth.id);
    openAt(`/build/${fourth.id}`);
    await title('Count the parts and cut the cable');
    await userEvent.click(await screen.findByLabelText('one step over all'));
    await cutAll();
    press('PageDown');
    await waitFor(() => expect(document.querySelector('.build-head')!.textContent).toContain('OS-0005'));
    await title('Count the parts and cut the cable');
    await cutAll();
    press('PageDown');
    await waitFor(() => expect(document.querySelector('.build-head')!.textContent).toContain('OS-0004'));
    await title('Thread the parts');
    expect((await happenings(fifth.id)).filter(({ kind }) => kind === 'step done')).toHaveLength(1);
  });

  test('its page says where it stands, what the tool does, and what it drew', async () => {
    openAt(`/build/batch/${third.orderId}/${third.lineId}`);
    await title('Receiver patch lead');
    expect(screen.getByText(/waits on OS-0003/).textContent).toMatch(/^Measure the strip, end B/);
    expect(screen.getByText(/of work left, from times taken on this lead/)).toBeTruthy();
    const stock = within(screen.getByRole('region', { name: 'Drawn from stock' }));
    expect(stock.getByRole('row', { name: /^TNC plug 6/ })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Start the other 3' }));
    await waitFor(async () => expect((await readUnit(fifth.id))!.plan).not.toBeNull());
    expect((await readUnit(fifth.id))!.plan!.firstArticle).toBe(false);
  });

  test('a batch that is not here says so', async () => {
    openAt('/build/batch/nowhere/none');
    expect(await screen.findByText('This batch is not here')).toBeTruthy();
  });
});

describe('a first article', () => {
  const seventh = unitOf('OS-0007');
  const eighth = unitOf('OS-0008');

  test('is measured whole, and what it teaches corrects the units that are started after it', async () => {
    openAt(`/build/${seventh.id}`);
    await title('Build unit OS-0007');
    press(' ');
    await title('Count the parts and cut the cable');
    expect(screen.getByText(/first article/)).toBeTruthy();
    await standAt('measure', 'A', seventh.id);
    openAt(`/build/${seventh.id}`);
    await title('Measure the strip, end A');
    expect(bar()).toBe('First article: measure it whole');
    press('PageDown');
    await title('Measure the strip, end A');
    const { strips, cards } = (await readUnit(seventh.id))!.plan!;
    const cuts = strips.find(({ endId }) => endId === 'A')!.cuts;
    for (const { layer, position } of cuts)
      await userEvent.type(
        screen.getByLabelText(`${layer} as cut, from the jacket edge`),
        `${((position.value + (layer === 'braid' ? -1.6e-3 : 0)) * 1e3).toFixed(2)}{Enter}`,
      );
    await title('Offer the connector up, end A');
    press('PageDown');
    await title('Check for nicks and whiskers, end A');
    openAt(`/build/first/${seventh.id}`);
    await title('First article OS-0007');
    await userEvent.type(screen.getByLabelText(/^Finished length of/), '1196{Enter}');
    expect(await screen.findByText(/Cut length: 4\.00 mm more/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Correct the rest by these 2' }));
    expect(await screen.findByText(/^● Decided by Bench two/)).toBeTruthy();
    const card = (await database.gaugeCards.get(cards[0]!.id))!;
    expect(card.features.stemLength!.state).toBe('measured');
    expect(card.features.stemLength!.value).toBeCloseTo(cards[0]!.features.stemLength!.value - 1.6e-3, 5);
    await startUnit(eighth.id);
    const plan = (await readUnit(eighth.id))!.plan!;
    expect(plan.firstArticle).toBe(false);
    expect(plan.lead.cutCorrection).toBeCloseTo(0.004, 6);
    expect(plan.strips[0]!.cuts[0]!.position.value).toBeCloseTo(cuts[0]!.position.value - 1.6e-3, 5);
  });

  test('of a unit that is not started there is nothing to see yet', async () => {
    openAt(`/build/first/${eighth.id}`);
    expect(await screen.findByText('There is nothing measured yet')).toBeTruthy();
  });
});

describe('on paper and in the lead', () => {
  test('the traveller has threading order, strips, faces and every step with a place to sign', async () => {
    const lights = unitOf('OS-0043');
    openAt(`/print/traveller/${lights.id}`);
    expect(await screen.findByRole('heading', { name: /^Traveller of OS-0043/ })).toBeTruthy();
    expect(screen.getByText(/Not started: the plan as it is now/)).toBeTruthy();
    expect(screen.getAllByRole('img', { name: /solder side/ })).toHaveLength(2);
    expect(screen.getAllByRole('img', { name: /^Strip of end/ })).toHaveLength(2);
    expect(document.querySelectorAll('.sign-cell').length).toBe(38);
    expect(screen.getByText(/chuck, end B, from end B/)).toBeTruthy();
    expect(document.querySelector('.traveller-bits > span')!.textContent).toMatch(/^off the reel [\d.]+ m /);
    const pieces = [...document.querySelectorAll('.traveller-bits > span')].filter((piece) =>
      piece.querySelector('.tick-box'),
    );
    expect(pieces.length).toBeGreaterThan(1);
    for (const row of pieces) expect(row.textContent).toMatch(/\d mm/);
  });

  test('a lead differs from the house, says which of its steps change, and goes back to it', async () => {
    const { id } = demo.leads.find(({ name }) => name === 'Whip lead')!;
    expect(connectorById('uhf-plug-soldered-10-silver').method).toBe('soldered body');
    openAt(`/leads/${id}/choose`);
    await userEvent.selectOptions(
      await screen.findByLabelText('It differs in'),
      'Holes of a soldered UHF body',
    );
    expect(await screen.findByText(/steps of 1 lead change/)).toBeTruthy();
    await waitFor(async () =>
      expect((await database.leads.get(id))!.practice).toEqual({ bodyHoles: 'none' }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'As the house does' }));
    await waitFor(async () => expect((await database.leads.get(id))!.practice).toEqual({}));
  });
});
