import { beforeEach, describe, expect, test } from '@jest/globals';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, receiver, unitOf, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { keepText } from '../../data/touchstone-files.ts';
import { eventsOfUnit } from '../../data/unit-records.ts';
import { recordHappenings } from '../../data/units.ts';

const at = (stage: string, unit?: string) =>
  openAt(`/leads/${receiver.id}/${stage}${unit ? `?unit=${unitOf(unit).id}` : ''}`);
const shown = (text: string | RegExp) => screen.findByText(text);
const storedLead = async () => (await database.leads.get(receiver.id))!;
const choose = async (label: string, value: string) =>
  userEvent.selectOptions(await screen.findByLabelText(label), value);

beforeEach(() => fill());

describe('a lead', () => {
  test('a part, an end or the cable of the run opens what concerns it, by mouse and by keyboard', async () => {
    const { router } = at('cut');
    await userEvent.click(await screen.findByRole('button', { name: 'ferrule, end A, opens Thread' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/thread$/));
    fireEvent.keyDown(screen.getByRole('button', { name: /^end B, .* opens Strip/ }), { key: 'Enter' });
    await waitFor(() => expect(router.state.location.pathname).toMatch(/strip$/));
    await userEvent.click(screen.getByRole('button', { name: 'cable, opens Choose' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/choose$/));
  });

  test('the bench edge tells how far a chosen unit is, and keeps the unit while stages change', async () => {
    const { router } = at('choose');
    await screen.findByRole('option', { name: 'OS-0003' });
    await choose('Unit shown on the run', unitOf('OS-0003').id);
    const edge = within(screen.getByRole('navigation', { name: 'Stages' }));
    await waitFor(() => expect(edge.getByRole('button', { name: 'Thread , done' })).toBeTruthy());
    expect(edge.getByRole('button', { name: 'Strip , under way' })).toBeTruthy();
    await userEvent.click(edge.getByRole('button', { name: /^Prove/ }));
    await waitFor(() => expect(router.state.location.search).toContain(unitOf('OS-0003').id));
  });

  test('an address that names no stage opens the first, marked as the one that is open', async () => {
    at('solder');
    expect(await screen.findByRole('button', { name: /^Choose/, current: 'page' })).toBeTruthy();
    expect(await screen.findByLabelText('Name of the lead')).toBeTruthy();
  });

  test('undo is named by what was changed and takes it back', async () => {
    at('cut');
    await choose('Spare for re-terminations, each end', '3');
    await userEvent.click(await screen.findByRole('button', { name: 'Undo “spare”' }));
    await waitFor(async () => expect((await storedLead()).spareTerminations).toBe(1), { timeout: 30_000 });
  });

  test('an unknown lead is said to be unknown', async () => {
    openAt('/leads/nothing/choose');
    expect(await shown('This lead is not here')).toBeTruthy();
  });

  test('a lead shorter than its ends says so, keeps the last figures, and loses nothing', async () => {
    at('cut');
    const length = await screen.findByLabelText('Finished length');
    fireEvent.change(length, { target: { value: '20 mm' } });
    expect(await shown(/mm of cable would remain between them/)).toBeTruthy();
    expect(screen.getByRole('row', { name: /^Finished length/ }).textContent).toContain('400.0 mm');
    await waitFor(async () => expect((await storedLead()).legs[0]!.finishedLength).toBeCloseTo(0.02, 9), {
      timeout: 30_000,
    });
    // Opened anew there are no last figures.
    at('cut');
    await userEvent.click(await screen.findByRole('button', { name: /^Set the finished length to 1 m/ }));
    expect(await screen.findByRole('row', { name: /^Finished length/ })).toBeTruthy();
  });

  test('one whose cable nobody knows says so, and where it can come from', async () => {
    await database.leads.update(receiver.id, {
      pieces: receiver.pieces.map((piece) => ({ ...piece, cableId: 'gone' })),
    });
    at('cut');
    expect(await shown(/there is no cable "gone"/)).toBeTruthy();
    expect(screen.getByRole('main').querySelector('a[href="/house#data"]')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Set the finished length/ })).toBeNull();
  });
});

describe('Choose', () => {
  test('another connector brings a card of its own and judges the fit anew', async () => {
    at('choose');
    await choose('Connector, end B', 'bnc-plug-75-crimp-6');
    expect(await shown(/Impedance changes at cable to end B/)).toBeTruthy();
    expect(screen.getByRole('region', { name: 'Fit, end B' }).textContent).toContain('does not fit');
    expect(screen.getByRole('region', { name: 'Fit, end A' }).textContent).not.toContain('does not fit');
    await waitFor(
      async () => expect((await storedLead()).ends[1]!.gaugeCardId).not.toBe(receiver.ends[1]!.gaugeCardId),
      { timeout: 30_000 },
    );
    expect(
      (await database.gaugeCards.toArray()).some(({ connectorId }) => connectorId === 'bnc-plug-75-crimp-6'),
    ).toBe(true);
  });

  test.each([
    ['Working frequencies', 'fast', /expected a frequency/],
    ['Power into the near end', '-2 W', /expected a power/],
    ['Load at the far end', 'swr 0.2', /standing-wave ratio of 1 or more/],
    ['Name of the lead', ' ', /expected a name/],
  ])('%s refuses "%s" and leaves the lead alone', async (label, text, message) => {
    at('choose');
    const field = await screen.findByLabelText(label);
    await write(field, text);
    expect(await shown(message)).toBeTruthy();
    expect(await shown(/figures are from the last values that did/)).toBeTruthy();
    expect((await storedLead()).requirement.load).toEqual(receiver.requirement.load);
  });

  test('typed power is no longer assumed and moves the power at the far end', async () => {
    at('choose');
    const field = await screen.findByLabelText('Power into the near end');
    await write(field, '50 W');
    expect(await shown('as stated')).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Power at the far end at 457.5 MHz: 38/ })).toBeTruthy();
  });
});

describe('Thread', () => {
  test('both ends fitted: the pair that blocks and what frees it; the plan is withheld in Join', async () => {
    await database.leads.put({ ...receiver, fittedEndIds: ['A', 'B'] });
    at('thread');
    expect(await shown(/would have to pass end A, 15.0 mm/)).toBeTruthy();
    expect(screen.getByText('Cut off: undo that end B is closed.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Join/ }));
    expect(await shown('There is no plan to join to. See Thread.')).toBeTruthy();
  });

  test('a shop without a shrink that fits is told which it would need', async () => {
    await database.house.put({ ...demo.house[0]!, shrink: [] });
    at('thread');
    expect((await screen.findAllByText(/The shop has nothing that fits as/)).length).toBe(3);
  });
});

describe('Strip', () => {
  test('a card that cannot be is said at once', async () => {
    at('strip');
    const stop = await screen.findByLabelText(/^Depth to stop/);
    await write(stop, '8');
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /Stem length \(9.5 mm\) is not smaller than depth to stop \(8 mm\)/,
    );
  });

  test('a feature out of all range is refused and the card keeps its value', async () => {
    at('strip');
    const stem = await screen.findByLabelText(/^Stem length/);
    await write(stem, '900');
    expect(await shown(/expected 2.0 to 60.0 mm/)).toBeTruthy();
    const card = (await database.gaugeCards.get(receiver.ends[0]!.gaugeCardId))!;
    expect(card.features.stemLength!.value).toBeCloseTo(9.5e-3, 9);
  });

  test('the readings of each end are kept apart and can be cleared', async () => {
    at('strip');
    await write(await screen.findByLabelText('braid as cut, from the jacket edge'), '9.1');
    await userEvent.tab();
    await userEvent.click(screen.getByLabelText('End B'));
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('braid as cut, from the jacket edge').value).toBe(''),
    );
    await userEvent.click(screen.getByLabelText('End A'));
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('braid as cut, from the jacket edge').value).toBe(
        '9.10',
      ),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Clear the readings' }));
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('braid as cut, from the jacket edge').value).toBe(''),
    );
  });

  test('a blade house is warned where a tolerance is finer than a blade holds', async () => {
    await database.house.put({
      ...demo.house[0]!,
      practice: { ...demo.house[0]!.practice, stripping: 'blade' },
    });
    at('strip');
    expect((await screen.findAllByText(/finer than this way of stripping holds \(± 0.8\)/)).length).toBe(3);
    const why = 'A cut wants a closer tolerance than its tool holds.';
    expect(screen.getByText(`▲ ${why}`)).toBeTruthy();
    act(() => screen.getByRole('button', { name: /^Strip ?, has a warning/ }).focus());
    expect(await screen.findByRole('tooltip', { name: why })).toBeTruthy();
  });
});

describe('Prove', () => {
  const third = unitOf('OS-0003');
  /** Puts the third unit before its proof. */
  async function readyToProve() {
    await recordHappenings(third.id, ({ steps, done }) => {
      const stop = steps.findIndex(({ stage }) => stage === 'Prove');
      return steps
        .slice(0, stop)
        .flatMap(({ id }) => (done.has(id) ? [] : [{ kind: 'step done' as const, stepId: id }]));
    });
  }
  const tick = async (pair: string, word: string) =>
    userEvent.click(
      within(await screen.findByRole('radiogroup', { name: `Tick, ${pair}` })).getByLabelText(word),
    );
  const silentPairs = [
    'end A centre to end A outer',
    'end A centre to end B outer',
    'end A outer to end B centre',
    'end B centre to end B outer',
  ];

  test('without a unit it shows what every unit must show, and which can be proved', async () => {
    at('prove');
    expect(await shown('What every unit must show')).toBeTruthy();
    expect(await screen.findByRole('button', { name: /^OS-0003/ })).toBeTruthy();
  });

  test('ticks prove the wiring, not the resistance; ohms and insulation make it Good', async () => {
    await readyToProve();
    await database.bench.toCollection().modify({ name: 'Kit' });
    at('prove', 'OS-0003');
    for (const pair of silentPairs) await tick(pair, 'silent');
    await tick('end A centre to end B centre', 'beeps');
    await tick('end A outer to end B outer', 'beeps');
    expect(await shown(/^Resistance, centre, end A to end B: not measured/)).toBeTruthy();
    await write(screen.getByLabelText('Ohms, end A centre to end B centre'), '0.095');
    await write(screen.getByLabelText('Ohms, end A outer to end B outer'), '24 mohm');
    await write(screen.getByLabelText('A 50 ohm load seen through the lead'), '50.1');
    await write(screen.getByLabelText('Capacitance, centre to shield'), '345 pF');
    await write(screen.getByLabelText('Insulation, ohms'), '5 Gohm');
    fireEvent.change(screen.getByLabelText('Room temperature'), { target: { value: '17' } });
    await waitFor(async () => expect((await database.kept.get(`room/${third.id}`))?.text).toBe('17'));
    await userEvent.click(await screen.findByRole('button', { name: 'Record this proof: Good' }));
    await waitFor(async () =>
      expect((await eventsOfUnit(third.id)).at(-1)!.happening).toMatchObject({
        kind: 'hold answered',
        good: true,
      }),
    );
    expect((await eventsOfUnit(third.id)).at(-2)!.happening).toMatchObject({
      kind: 'proved',
      readings: { by: 'Kit', celsius: 17 },
    });
  });

  test('Ctrl+Z takes back what was read last, here and not on the lead', async () => {
    await readyToProve();
    at('prove', 'OS-0003');
    const pair = silentPairs[0]!;
    await tick(pair, 'silent');
    await tick('end A centre to end B centre', 'beeps');
    const takes = async () => (await database.kept.get(`takes/${third.id}`))?.text ?? '';
    await waitFor(async () => expect((await takes()).match(/"connected":(true|false)/g)).toHaveLength(2));
    await userEvent.keyboard('{Control>}z{/Control}');
    await waitFor(async () => expect((await takes()).match(/"connected":(true|false)/g)).toHaveLength(1));
    await userEvent.click(screen.getByRole('button', { name: /^Take the last reading back/ }));
    await waitFor(async () => expect(await takes()).not.toMatch(/"connected"/));
    expect(await database.leads.get(receiver.id)).toEqual(receiver);
  });

  test('too close to the limit is Not yet, with the reason', async () => {
    await readyToProve();
    at('prove', 'OS-0003');
    await write(await screen.findByLabelText('Ohms, end A centre to end B centre'), '0.0995');
    expect(await shown('too close to call')).toBeTruthy();
  });

  test('one wrong tick is explained, with ties', async () => {
    await readyToProve();
    at('prove', 'OS-0003');
    for (const pair of silentPairs.slice(1)) await tick(pair, 'silent');
    await tick('end A centre to end A outer', 'silent');
    await tick('end A centre to end B centre', 'silent');
    await tick('end A outer to end B outer', 'beeps');
    expect(await shown(/2 explanations are equally small/)).toBeTruthy();
  });

  test('readings that cannot all be true are asked for again', async () => {
    await readyToProve();
    at('prove', 'OS-0003');
    for (const pair of silentPairs.slice(1)) await tick(pair, 'silent');
    for (const pair of [
      'end A centre to end A outer',
      'end A centre to end B centre',
      'end A outer to end B outer',
    ])
      await tick(pair, 'beeps');
    expect((await screen.findAllByText(/the readings contradict each other/)).length).toBeGreaterThan(0);
    expect(screen.queryByText('What explains it')).toBeNull();
  });

  test('before both ends are joined readings may be tried but not recorded', async () => {
    at('prove', 'OS-0003');
    await userEvent.click(await screen.findByRole('button', { name: 'Let the stand-in tester read' }));
    expect(await shown(/^Every check that was asked is within its limit/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Record this proof: Good' }).disabled).toBe(
      true,
    );
    expect(screen.getByText(/can be recorded when both ends are joined/)).toBeTruthy();
  });

  test('a sweep whose file is gone is said to be; one that is only on its way is not', async () => {
    const text =
      '# MHz S RI R 50\n1 0 0 0.99 0 0.99 0 0 0\n2 0 0 0.98 0 0.98 0 0 0\n3 0 0 0.97 0 0.97 0 0 0\n';
    const take = (instrument: string, hash: string) => ({
      by: 'Kit',
      instrument,
      celsius: 20,
      pairs: [],
      sweep: { name: 'a.s2p', hash },
    });
    const lay = (at: number, ...takes: readonly object[]) =>
      database.kept.put({ key: `takes/${third.id}`, text: JSON.stringify(takes), at });
    const gone = take('other', 'gone');
    await lay(1, gone);
    at('prove', 'OS-0003');
    expect(await shown('■ The file of the sweep of other is not in this database.')).toBeTruthy();
    const said = new Set<string>();
    const observer = new MutationObserver(() =>
      document.querySelectorAll('p.out').forEach(({ textContent }) => said.add(textContent!)),
    );
    observer.observe(document.body, { childList: true, subtree: true, characterData: true });
    await lay(2, gone, take('analyser', await keepText(text)));
    expect(await shown('Sweep, analyser')).toBeTruthy();
    observer.disconnect();
    expect([...said].filter((each) => each.includes('not in this database'))).toHaveLength(1);
  });

  test('a recorded proof is shown as recorded, and can be taken again', async () => {
    at('prove', 'OS-0002');
    expect(await shown(/As recorded/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Prove it again' }));
    expect((await screen.findAllByText('6 of 6 pairs not measured')).length).toBeGreaterThan(0);
    expect(screen.getByText('Proofs in the record').nextElementSibling!.querySelectorAll('tr').length).toBe(
      2,
    );
  });
});

test('Finish lists every unit, with papers from its start on', async () => {
  at('finish');
  const row = await screen.findByRole('row', { name: /OS-0002/ });
  expect(within(row).getByRole('link', { name: 'Certificate' }).getAttribute('href')).toBe(
    `/print/certificate/${unitOf('OS-0002').id}`,
  );
  expect(screen.getAllByRole('row').length).toBe(6);
  const waiting = screen.getByRole('row', { name: /OS-0006/ });
  expect(within(waiting).queryByRole('link', { name: 'Certificate' })).toBeNull();
});
