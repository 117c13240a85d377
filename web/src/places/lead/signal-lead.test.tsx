import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const leadOf = (name: string) => demo.leads.find((lead) => lead.name === name)!;
const openStage = (name: string, stage: string) => openAt(`/leads/${leadOf(name).id}/${stage}`);
const saved = async (name: string) => (await database.leads.get(leadOf(name).id))!;
const seats = async (name: string) =>
  (await saved(name)).pinPlan.map(({ endId, conductor, contact }) => `${endId} ${conductor} ${contact}`);

beforeEach(() => fill());

describe('the pin plan', () => {
  test('a conductor is put on another contact, what that does is said, and undo brings it back', async () => {
    openStage('Waiting-hall microphone lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('white, end B'), '3');
    await userEvent.selectOptions(screen.getByLabelText('blue, end B'), '2');
    const said = await screen.findAllByText(/Polarity is turned over: end A 2 \(hot\), end B 3 \(cold\)/);
    expect(said.length).toBeGreaterThan(0);
    await waitFor(async () => expect(await seats('Waiting-hall microphone lead')).toContain('B white 3'));
    await userEvent.click(screen.getByRole('button', { name: 'Undo “pin plan, end B”' }));
    expect(await screen.findByText('Nothing against this pin plan')).toBeTruthy();
  });

  test('a contact that cannot hold both is refused at its field, and nothing is changed', async () => {
    openStage('Lounge speaker lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('black 2, end B'), '+');
    await userEvent.selectOptions(await screen.findByLabelText('black, end B'), '+');
    expect(await screen.findByText(/Contact \+ of end B cannot hold both/)).toBeTruthy();
    expect(await seats('Lounge speaker lead')).toContain('B black -');
  });

  test('whole plans are taken: the shield at the first end only, and the usual one again', async () => {
    openStage('Waiting-hall microphone lead', 'choose');
    const whole = await screen.findByLabelText('Take a whole plan');
    await userEvent.selectOptions(whole, 'shield one end');
    expect(await screen.findByText(/The shield is open at end B: it breaks a hum loop/)).toBeTruthy();
    await userEvent.selectOptions(whole, 'usual');
    expect(await screen.findByText('Nothing against this pin plan')).toBeTruthy();
  });

  test('a spare core stands under spare, and its contact may be chosen', async () => {
    openStage('Hearing-loop lead', 'choose');
    const spare = await screen.findByLabelText<HTMLSelectElement>('blue, end A');
    expect(spare.value).toBe('spare');
    await userEvent.selectOptions(spare, 'sleeve');
    await waitFor(async () => expect(await seats('Hearing-loop lead')).toContain('A blue sleeve'));
    await userEvent.selectOptions(screen.getByLabelText('blue, end A'), 'spare');
    await waitFor(async () => expect(await seats('Hearing-loop lead')).not.toContain('A blue sleeve'));
  });

  test('faces are seen from the solder side, and from the mating side when asked', async () => {
    openStage('Gangway lighting lead', 'choose');
    expect(await screen.findByRole('img', { name: /^5-pin XLR plug, solder side/ })).toBeTruthy();
    await userEvent.click(screen.getByText('mating side'));
    expect(screen.getByRole('img', { name: /^5-pin XLR socket, mating side, latch on top/ })).toBeTruthy();
  });
});

describe('what it carries', () => {
  test('decides what contacts mean, and the pin plan follows', async () => {
    openStage('Waiting-hall microphone lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('What it carries'), 'lighting');
    expect(await screen.findByRole('heading', { name: /makes of lighting control/ })).toBeTruthy();
    await waitFor(async () => expect((await saved('Waiting-hall microphone lead')).signal).toBe('lighting'));
    expect(await seats('Waiting-hall microphone lead')).toContain('A white 3');
  });

  test('source and load are typed; what is none is refused', async () => {
    openStage('Lounge speaker lead', 'choose');
    const load = await screen.findByLabelText('Loudspeaker');
    await write(load, '4 ohm{Enter}');
    await waitFor(async () => expect((await saved('Lounge speaker lead')).requirement.load.re).toBe(4));
    await write(load, '0{Enter}');
    expect(await screen.findByText(/expected a resistance above 0/)).toBeTruthy();
    expect((await saved('Lounge speaker lead')).requirement.load.re).toBe(4);
  });

  test('another cable keeps what still exists, or gets the usual plan', async () => {
    openStage('Announcement controller tail', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Cable'), 'mic-pair');
    await waitFor(async () => expect(await seats('Announcement controller tail')).toContain('B white 3'));
  });

  test('another end too, and the card of its bag comes with it', async () => {
    openStage('Waiting-hall microphone lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Connector, end B'), 'jack-6-trs');
    await waitFor(async () => expect(await seats('Waiting-hall microphone lead')).toContain('B white tip'));
    expect((await screen.findAllByText(/can meet phantom power/)).length).toBe(1);
  });

  test('the lab is asked further with what the lead says', async () => {
    for (const [name, path, part] of [
      ['Waiting-hall microphone lead', '/lab/audio', 'use=balanced'],
      ['Lounge speaker lead', '/lab/speaker', 'load=8'],
      ['Gangway lighting lead', '/lab/bus', 'cable=lighting-2-pair'],
    ] as const) {
      openStage(name, 'choose');
      const link = await screen.findByRole('link', { name: 'Ask the Line lab further' });
      expect(link.getAttribute('href')).toMatch(new RegExp(`^${path}`));
      expect(link.getAttribute('href')).toContain(part);
    }
  });
});

describe('ends', () => {
  test('a terminal block follows the device that is chosen', async () => {
    openStage('Announcement controller tail', 'choose');
    const device = await screen.findByLabelText('Device at end B');
    await userEvent.selectOptions(device, 'Hall message player, line out');
    await waitFor(async () => expect(await seats('Announcement controller tail')).toContain('B red 1'));
    await userEvent.selectOptions(device, 'none: order as counted');
    await waitFor(async () =>
      expect((await saved('Announcement controller tail')).ends[1]!.deviceId).toBeNull(),
    );
  });

  test('a device that House does not have is said, and another can be chosen', async () => {
    await database.house.toCollection().modify({ devices: [] });
    openStage('Announcement controller tail', 'choose');
    expect(await screen.findByText(/The device of end B is not in House/)).toBeTruthy();
    const device = await screen.findByLabelText<HTMLSelectElement>('Device at end B');
    expect(device.selectedOptions[0]!.textContent).toBe('not in House any more');
    await userEvent.selectOptions(device, 'none in House for this block');
    await waitFor(async () =>
      expect((await saved('Announcement controller tail')).ends[1]!.deviceId).toBeNull(),
    );
    await waitFor(() => expect(screen.queryByText(/The device of end B is not in House/)).toBeNull());
  });

  test('channel, ring and the way a right-angle plug points are kept', async () => {
    openStage('Ticket-desk lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Colour ring of end C'), 'blue');
    expect(await screen.findByText(/marked blue: red is usual for right/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Channel of end C'), 'left');
    await waitFor(async () => expect((await saved('Ticket-desk lead')).ends[2]!.channel).toBe('left'));
    openStage('Deck-band patch lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('End B points'), '1');
    await waitFor(async () => expect((await saved('Deck-band patch lead')).ends[1]!.quarterTurns).toBe(1));
  });
});

describe('the other stages', () => {
  test('Cut: every piece has its length, and every leg its own', async () => {
    openStage('Ticket-desk lead', 'cut');
    expect(await screen.findByRole('heading', { name: 'Cut length, cable B' })).toBeTruthy();
    const leg = screen.getByLabelText('Finished length, leg C');
    await write(leg, '0.6 m{Enter}');
    await waitFor(async () => expect((await saved('Ticket-desk lead')).legs[2]!.finishedLength).toBe(0.6));
    await write(leg, '0{Enter}');
    expect((await saved('Ticket-desk lead')).legs[2]!.finishedLength).toBe(0.6);
  });

  test('Thread: a braided sleeve is chosen from those that go over the cable', async () => {
    openStage('Waiting-hall microphone lead', 'thread');
    const sleeve = await screen.findByLabelText<HTMLSelectElement>('Braided sleeve');
    expect([...sleeve.options].map(({ value }) => value)).not.toContain('sleeve-25');
    await userEvent.selectOptions(sleeve, 'sleeve-8');
    expect((await screen.findAllByText(/braided sleeve 8 mm/)).length).toBeGreaterThan(0);
    await userEvent.selectOptions(sleeve, '');
    await waitFor(async () =>
      expect((await saved('Waiting-hall microphone lead')).extraParts.map(({ kind }) => kind)).toEqual([
        'label sleeve',
      ]),
    );
  });

  test('Strip: cores with their figures; what was cut is judged', async () => {
    openStage('Gangway lighting lead', 'strip');
    expect(await screen.findByRole('img', { name: /^Strip of end A.*white to 3/ })).toBeTruthy();
    await write(screen.getByLabelText('core white as cut, from the jacket edge'), '30{Enter}');
    expect(await screen.findByText(/Core end, white is .* long/)).toBeTruthy();
    expect(screen.getByText(/trim the core white by/)).toBeTruthy();
  });

  test('Prove: readings of a lighting lead are typed, and the split pair is asked for', async () => {
    const unit = demo.units.find(
      ({ leadId, plan }) => leadId === leadOf('Gangway lighting lead').id && plan,
    )!;
    openAt(`/leads/${unit.leadId}/prove?unit=${unit.id}`);
    const field = await screen.findByLabelText('Pair 1 is twisted together');
    const row = field.closest('tr')!;
    expect(within(row).getByText('Good')).toBeTruthy();
    await write(field, '200 pF{Enter}');
    expect(await screen.findByText('methods disagree')).toBeTruthy();
    expect(within(row).getByText('Not yet')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Take off the readings of Simulated/ }));
    expect(await within(row).findByText('Out')).toBeTruthy();
    await write(screen.getByLabelText('Terminator seen on pair 1'), 'open{Enter}');
    expect(await screen.findByText(/Terminator seen on pair 1: beyond the limit/)).toBeTruthy();
    expect((await screen.findAllByText(/66 of 66 pairs not measured/)).length).toBeGreaterThan(0);
    await userEvent.click(screen.getByText('all silent'));
    await waitFor(() => expect(screen.queryByText(/66 of 66 pairs not measured/)).toBeNull());
    await userEvent.click(screen.getByRole('button', { name: 'Show each' }));
    expect(screen.getByText('A 1 to A 2')).toBeTruthy();
  });

  test('a pin plan with nothing at an end withholds the plan with its reason', async () => {
    await database.leads.put({ ...leadOf('Hearing-loop lead'), pinPlan: [] });
    openStage('Hearing-loop lead', 'join');
    expect(await screen.findByText(/None of its contacts is connected/)).toBeTruthy();
    openStage('Hearing-loop lead', 'choose');
    expect((await screen.findAllByText(/Nothing is connected: drag a conductor/)).length).toBeGreaterThan(0);
  });
});
