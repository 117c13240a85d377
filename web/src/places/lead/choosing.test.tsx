import { beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const leadOf = (name: string) => demo.leads.find((lead) => lead.name === name)!;
const openStage = (name: string, stage: string) => openAt(`/leads/${leadOf(name).id}/${stage}`);
const saved = async (name: string) => (await database.leads.get(leadOf(name).id))!;
const optionsOf = (select: HTMLSelectElement) => [...select.options].map(({ text }) => text);

beforeEach(() => fill());

describe('the list of connectors', () => {
  test('is narrowed by a search over name and method; what is chosen stays in it', async () => {
    openStage('Whip lead', 'choose');
    const select = await screen.findByLabelText<HTMLSelectElement>('Connector, end B');
    const whole = select.options.length;
    const search = screen.getByLabelText('Search the connectors');
    await userEvent.type(search, 'bnc clamp');
    expect(select.options.length).toBeLessThan(whole / 4);
    for (const name of optionsOf(select))
      expect(name).toMatch(/BNC .*clamp gland|^N plug, clamp gland, 10 mm$/);
    expect(select.selectedOptions[0]!.text).toBe('N plug, clamp gland, 10 mm');
    await userEvent.clear(search);
    await userEvent.type(search, 'nothing like this');
    expect(optionsOf(select)).toEqual(['N plug, clamp gland, 10 mm']);
    expect(screen.getAllByText('0 more with “nothing like this”').length).toBeGreaterThan(0);
  });

  test('has a terminal block once; its pitch, size, clamp and direction are asked for themselves', async () => {
    openStage('Announcement controller tail', 'choose');
    const select = await screen.findByLabelText<HTMLSelectElement>('Connector, end B');
    expect(optionsOf(select).filter((name) => /terminal/.test(name))).toEqual(['terminal block']);
    await userEvent.selectOptions(screen.getByLabelText('Positions, end B'), '6');
    await userEvent.selectOptions(await screen.findByLabelText('Clamp, end B'), 'spring');
    await waitFor(async () =>
      expect((await saved('Announcement controller tail')).ends[1]!.connectorId).toBe(
        'terminal-3.81-spring-6',
      ),
    );
    // Two at once: the second is not made from what the screen still shows.
    fireEvent.change(screen.getByLabelText('Positions, end B'), { target: { value: '4' } });
    fireEvent.change(screen.getByLabelText('Cable leaves, end B'), { target: { value: 'right-angle' } });
    await waitFor(async () =>
      expect((await saved('Announcement controller tail')).ends[1]!.connectorId).toBe(
        'terminal-3.81-spring-right-angle-4',
      ),
    );
  });
});

describe('what does not go together', () => {
  test('says what would: connectors for the cable, and cables for the connector', async () => {
    openStage('Receiver patch lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Connector, end A'), 'bnc-plug-50-crimp-2.5');
    const advice = await screen.findByText(/^End A:/, { selector: '.advice' });
    expect(advice.textContent).toMatch(/for RG-223 class there is BNC plug, 50 ohm, crimp, 5 mm/);
    expect(advice.textContent).toMatch(/This BNC plug takes .*RG-316 class/);
  });
});

describe('an end that lies there', () => {
  test('is fitted, asks for cable for another try in Cut, and is not prepared in Strip', async () => {
    openStage('Camera drop', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('End A'), 'wall');
    await waitFor(async () => expect((await saved('Camera drop')).fittedEndIds).toEqual(['A']));
    expect(screen.getByText('lies in a wall already', { selector: 'tspan' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Cut/ }));
    expect(await screen.findByText(/no second try: say how much there is/)).toBeTruthy();
    const spare = screen.getByLabelText('Cable for another try');
    await userEvent.clear(spare);
    await userEvent.type(spare, '150 mm{Enter}');
    expect(await screen.findByText(/^\d more tries$/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Strip/ }));
    expect(screen.queryByLabelText('End A')).toBeNull();
    expect(await screen.findByRole('img', { name: /^Strip of end B/ })).toBeTruthy();
  });

  test('cannot be the only one: the last end that is made here stays so', async () => {
    openStage('Camera drop', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('End A'), 'trench');
    await waitFor(() =>
      expect(optionsOf(screen.getByLabelText<HTMLSelectElement>('End B'))).toEqual(['is made here']),
    );
  });
});

describe('a splice', () => {
  test('has its other side in Strip, of the cable that lies there', async () => {
    openStage('Camera trunk repair', 'choose');
    await userEvent.selectOptions(
      await screen.findByLabelText('Cable on the other side, end A'),
      'trunk-13-disc',
    );
    await waitFor(async () =>
      expect((await saved('Camera trunk repair')).ends[0]!.spliceTo).toBe('trunk-13-disc'),
    );
    expect(await screen.findByText(/made for this dielectric, end A, other side/i)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^Strip/ }));
    await userEvent.click(await screen.findByText('End A, other side'));
    expect(await screen.findByRole('img', { name: /^Strip of end A, other side/ })).toBeTruthy();
  });
});

describe('the second core', () => {
  test('is twisted in, said with its consequence, and taken out again by undo', async () => {
    openStage('Hearing-loop lead', 'choose');
    const choice = await screen.findByLabelText<HTMLSelectElement>('Second core, end A');
    expect(choice.value).toBe('fold back');
    await userEvent.selectOptions(choice, 'twisted in');
    expect((await screen.findAllByText(/half the resistance/)).length).toBe(1);
    await waitFor(async () =>
      expect((await saved('Hearing-loop lead')).pinPlan.filter(({ endId }) => endId === 'A')).toHaveLength(3),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Undo “second core of end A”' }));
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLSelectElement>('Second core, end A').value).toBe('fold back'),
    );
  });
});

describe('a part that cannot be threaded', () => {
  test('of a connector is never split: a larger one is named with its bore; a sleeve may be', async () => {
    openStage('Waiting-hall microphone lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Connector, end A'), 'jack-3-trs');
    await userEvent.click(screen.getByRole('button', { name: /^Thread/ }));
    const free = await screen.findAllByText(/^A larger (insulating tube|handle), end A/);
    expect(free[0]!.textContent).toMatch(/of at least [\d.]+ mm bore/);
    expect(screen.queryByText(/split or wrap-round kind of (handle|insulating tube)/)).toBeNull();
  });
});
