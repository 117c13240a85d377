import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt, receiver, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { parseBeadPoints } from './choke-page.tsx';
import { parseBand } from './fields.ts';
import { parseAttenuation } from './own-cable-form.tsx';
import { parseMembers } from './set-page.tsx';
import { parseTaps } from './speaker-page.tsx';

beforeEach(() => fill());

const retype = async (label: string | RegExp, text: string) => {
  const field = await screen.findByLabelText(label);
  await write(field, `${text}{Enter}`);
};
const answer = async (label: string) => {
  const term = await screen.findByText(label, { selector: 'dt' });
  return term.nextElementSibling!.textContent;
};
const search = ({ router }: ReturnType<typeof openAt>) => new URLSearchParams(router.state.location.search);

describe('what is typed', () => {
  test.each([
    ['30 MHz to 500 MHz', 30e6, 500e6],
    ['30 to 500 MHz', 30e6, 500e6],
    ['100 kHz - 2 GHz', 100e3, 2e9],
    ['1M..3M', 1e6, 3e6],
  ])('band %s', (text, from, to) => expect(parseBand(text)).toEqual({ from, to }));

  test.each([
    [() => parseBand('500 MHz to 30 MHz'), /from the lower to the higher/],
    [() => parseBand('100 MHz'), /a band such as/],
    [() => parseMembers('A 16.42 ns'), /two or more/],
    [() => parseMembers('A 16.42 ns; B'), /Found "B"/],
    [() => parseTaps('30 m'), /lengths and powers/],
    [() => parseBeadPoints('10 MHz 60+j80'), /two or more/],
    [() => parseBeadPoints('10 MHz -60; 20 MHz 3'), /impedance/],
    [() => parseAttenuation('100 MHz 4'), /two or more points/],
    [() => parseAttenuation('100 MHz -4; 1 GHz 13'), /dB per 100 m/],
  ])('is refused with what was expected %#', (work, message) => expect(work).toThrow(message));

  test('lists are read with mixed units', () => {
    expect(parseMembers('A 16.42 ns; B 3.4 m; long one 11 ft')).toEqual([
      { name: 'A', delay: expect.closeTo(16.42e-9, 15) },
      { name: 'B', length: 3.4 },
      { name: 'long one', length: expect.closeTo(3.3528, 6) },
    ]);
    expect(parseTaps('30 m 6 W; 2000 cm 500 mW')).toEqual([
      { segmentLength: 30, power: 6 },
      { segmentLength: 20, power: 0.5 },
    ]);
    expect(parseAttenuation('1 GHz 4 per 100 ft; 100 MHz 4.1')).toEqual([
      [100, 4.1],
      [1000, 13.1234],
    ]);
    expect(parseBeadPoints('30 MHz 150+j60; 10 MHz 60-j80')[1]).toEqual({
      frequency: 10e6,
      resistance: 60,
      reactance: -80,
    });
  });
});

describe('the address holds the question', () => {
  test('what is typed goes into it, and is what another browser opens', async () => {
    const opened = openAt('/lab/line?cable=rg-213&load=SWR+3');
    expect(await answer('SWR at the load')).toBe('3.00');
    await retype('Length', '60 ft');
    await waitFor(() => expect(search(opened).get('length')).toBe('60 ft'));
    expect(await screen.findByText(/RG-213 class, 18.29 m/)).toBeTruthy();
    openAt(`/lab/line?${search(opened)}`);
    expect(await screen.findByText(/RG-213 class, 18.29 m/)).toBeTruthy();
  });

  test('text that does not parse stays in the field; the last good figures stay and say so', async () => {
    const opened = openAt('/lab/line');
    const before = await answer('Matched loss');
    await retype('Length', '-3 m');
    expect(await screen.findByText(/expected a length above 0/)).toBeTruthy();
    expect(screen.getByText(/figures are from the last values that did/)).toBeTruthy();
    expect(await answer('Matched loss')).toBe(before);
    expect(search(opened).get('length')).toBeNull();
  });

  test('an address that cannot be read says what, and shows the usual value', async () => {
    openAt('/lab/power?f=fast&near=left&swr=0.2');
    const status = await screen.findByText(/The address could not be read whole/);
    for (const name of ['f:', 'near:', 'swr:']) expect(status.textContent).toContain(name);
    expect(await screen.findByText(/limited by/)).toBeTruthy();
  });
});

describe('one line', () => {
  test('a reading at the near end that the loss forbids is said to be impossible', async () => {
    openAt('/lab/line?cable=rg-174&length=60+m&at=near+end&load=SWR+5');
    expect(await screen.findByText(/the SWR at the near end is 1\.\d\d at most/)).toBeTruthy();
  });
  test('a return loss at the near end leads back to the load', async () => {
    openAt('/lab/line?cable=rg-213&length=10+m&at=near+end&load=RL+14+dB');
    expect(await answer('Return loss, near end')).toBe('14.00 dB');
    expect(Number(await answer('SWR at the load'))).toBeGreaterThan(1.5);
  });
  test('the cable hides a bad load', async () => {
    openAt('/lab/line?cable=rg-58&length=40+m&load=SWR+5');
    expect(await screen.findByText(/The cable hides the load/)).toBeTruthy();
  });
});

describe('budget', () => {
  test('ranks, says why not, and makes a lead of what it found', async () => {
    const { router } = openAt('/lab/budget?length=3+m&limit=1');
    const row = await screen.findByRole('row', { name: /^RG-223 class/ });
    await userEvent.click(await within(row).findByRole('button', { name: 'Make a lead of it' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/leads\/.*choose$/));
    const lead = (await database.leads.toArray()).find(({ name }) => / plug, RG-223 class$/.test(name))!;
    expect(lead.legs[0]!.finishedLength).toBe(3);
    expect(await database.units.filter(({ leadId }) => leadId === lead.id).count()).toBe(1);
  });
  test('a preset is one press', async () => {
    const opened = openAt('/lab/budget');
    await userEvent.click(await screen.findByRole('button', { name: '3 dB' }));
    await waitFor(() => expect(search(opened).get('limit')).toBe('3'));
    expect(await screen.findByText(/cables do; the cheapest is/)).toBeTruthy();
  });
});

describe('a lead of a cable that was found', () => {
  test('has the ends that the question was asked with, where they go on it', async () => {
    const { router } = openAt('/lab/budget?length=12+m&limit=3&near=n&far=uhf&f=30+MHz');
    const row = await screen.findByRole('row', { name: /^low-loss foam 10 mm fits/ });
    await userEvent.click(await within(row).findByRole('button', { name: 'Make a lead of it' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/leads\/.*choose$/));
    const lead = (await database.leads.toArray()).find(({ name }) =>
      / plug, low-loss foam 10 mm$/.test(name),
    )!;
    expect(lead.ends.map(({ connectorId }) => connectorId.split('-')[0])).toEqual(['n', 'uhf']);
  });
});

describe('choke', () => {
  test('goes on the run of a lead, where it is threaded first', async () => {
    const { router } = openAt('/lab/choke');
    await userEvent.selectOptions(await screen.findByLabelText('Lead that gets the choke'), receiver.id);
    await userEvent.click(await screen.findByRole('button', { name: 'Near end A' }));
    await waitFor(() => expect(router.state.location.pathname).toBe(`/leads/${receiver.id}/thread`));
    expect((await screen.findAllByText(/choke, 5 beads/)).length).toBeGreaterThan(0);
    await userEvent.click(await screen.findByRole('button', { name: 'Take off' }));
    await waitFor(() => expect(screen.queryByText(/choke, 5 beads/)).toBeNull());
  });
  test('a bore too small for the jacket is refused', async () => {
    openAt('/lab/choke?bore=5+mm&outside=10+mm');
    await userEvent.selectOptions(await screen.findByLabelText('Lead that gets the choke'), receiver.id);
    expect(await screen.findByText(/does not pass the jacket of 5.4 mm/)).toBeTruthy();
  });
  test('a bore as large as the bead is said, and nothing else is shown', async () => {
    openAt('/lab/choke?bore=30+mm');
    expect(await screen.findByText(/not smaller than the outside/)).toBeTruthy();
  });

  test('says where it stands, and the lead keeps that with its material', async () => {
    openAt('/lab/choke?material=middle');
    await userEvent.selectOptions(await screen.findByLabelText('Lead that gets the choke'), receiver.id);
    await userEvent.selectOptions(await screen.findByLabelText('Where the choke stands'), 'radio end');
    await userEvent.click(await screen.findByRole('button', { name: 'Near end A' }));
    await waitFor(async () => {
      const choke = (await database.leads.get(receiver.id))!.extraParts.find(({ kind }) => kind === 'choke');
      expect(choke).toMatchObject({ at: 'radio end', material: 'middle', nearEndId: 'A' });
    });
  });
});

test('a set within its tolerance is Good, and lengths are taken for delays', async () => {
  openAt('/lab/set?leads=A+3.400+m;+B+3.401+m&f=100+MHz&cable=rg-213');
  expect(await screen.findByText(/spreads over 0.2 degrees/)).toBeTruthy();
  expect(screen.getAllByText('Good').length).toBeGreaterThan(0);
});

test.each([
  ['/lab/speaker?length=200+m', /Out/],
  ['/lab/speaker?ask=line&taps=500+m+60+W&gauge=0.75+mm2', /Out/],
  ['/lab/audio?ask=pickup&cable=instrument', /resonance/],
  ['/lab/audio?use=unbalanced', /upper corner/],
  ['/lab/power?swr=1&ambient=85', /0 W at/],
])('%s answers', async (address, words) => {
  openAt(address);
  expect((await screen.findAllByText(words)).length).toBeGreaterThan(0);
});

describe('cables', () => {
  test('one is entered from its sheet, its layers follow, and a lead can take it', async () => {
    const { router } = openAt('/lab/cables');
    await userEvent.click(await screen.findByRole('button', { name: 'Enter a cable from its data sheet' }));
    await retype('Name', 'Reel 7 foam');
    await retype('Outside diameter', '5.4 mm');
    await retype('Loss points, dB per 100 m', '100 MHz 12; 1 GHz 41');
    await userEvent.click(screen.getByRole('button', { name: 'Enter its layers too' }));
    expect(await screen.findByLabelText('Conductor diameter')).toBeTruthy();
    await waitFor(async () => {
      const [stored] = await database.cables.toArray();
      expect(stored!.entry).toMatchObject({ name: 'Reel 7 foam', structure: 'coax' });
    });
    const id = router.state.location.pathname.split('/').at(-1)!;
    openAt(`/leads/${receiver.id}/choose`);
    const cable = await screen.findByLabelText('Cable');
    // Own cables are read after the page is drawn.
    await waitFor(() => expect(cable.querySelector(`option[value="${id}"]`)).not.toBeNull());
    await userEvent.selectOptions(cable, id);
    await waitFor(async () =>
      expect((await database.leads.get(receiver.id))!.ownCables[0]?.name).toBe('Reel 7 foam'),
    );
    expect(await screen.findByText(/^Reel 7 foam, TNC plug to TNC plug/)).toBeTruthy();
  });

  test('one of the catalogue is copied, deleted and brought back', async () => {
    const { router } = openAt('/lab/cables/rg-213');
    expect((await screen.findAllByText(/MIL-DTL-17/)).length).toBeGreaterThan(0);
    await userEvent.click(screen.getByRole('button', { name: 'Copy and change' }));
    await waitFor(() => expect(router.state.location.pathname).not.toMatch(/rg-213$/));
    await userEvent.click(await screen.findByRole('button', { name: 'Delete' }));
    await waitFor(async () => expect((await database.cables.toArray())[0]!.deleted).toBe(true));
    await userEvent.click(await screen.findByRole('button', { name: 'Bring it back' }));
    await waitFor(async () => expect((await database.cables.toArray())[0]!.deleted).toBe(false));
  });

  test('a bad figure changes nothing', async () => {
    openAt('/lab/cables');
    await userEvent.click(await screen.findByRole('button', { name: 'Enter a cable from its data sheet' }));
    await retype('Velocity factor', '1.4');
    expect(await screen.findByText(/a velocity factor, 0.2 to 1/)).toBeTruthy();
    expect((await database.cables.toArray())[0]!.entry).toMatchObject({ velocityFactor: 0.85 });
  });
});
