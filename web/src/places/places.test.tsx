import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, receiver, unitOf } from '../../test/open-at.tsx';
import { startEmpty } from '../data/start-empty.ts';
import { database } from '../data/database.ts';
import { keepPlan } from '../data/keep-plan.ts';
import { eventsOfUnit } from '../data/unit-records.ts';
import { startUnit } from '../data/units.ts';
import { recordHappenings } from '../data/units.ts';

beforeEach(() => fill());

describe('Bench', () => {
  test('the unit worked on last is in hand, with its next step', async () => {
    openAt('/');
    expect(
      (await screen.findByRole('link', { name: 'Continue: Measure the strip, end B' })).getAttribute('href'),
    ).toBe(`/build/${unitOf('OS-0003').id}`);
    expect(screen.getByText(/step 20 of 38/)).toBeTruthy();
    const line = (await screen.findByRole('link', { name: 'Receiver patch lead' })).closest('p')!;
    expect(line.textContent).toMatch(/2 of 6 finished/);
  });

  test('with nothing begun the next unit is offered', async () => {
    const { id: begun } = unitOf('OS-0003');
    await fill({
      ...demo,
      units: demo.units.filter(({ id }) => id !== begun),
      events: demo.events.filter(({ unitId }) => unitId !== begun),
    });
    openAt('/');
    expect(await screen.findByRole('link', { name: 'Build OS-0004' })).toBeTruthy();
  });

  test('more starters are shown when they are asked for, and one with two different ends makes such a lead', async () => {
    const { router } = openAt('/');
    expect(await screen.findByLabelText(/^Receiver to panel/)).toBeTruthy();
    expect(screen.queryByLabelText(/^Cabinet to a roof/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /more, among them feeder/ }));
    await userEvent.click(screen.getByLabelText(/^Cabinet to a roof/));
    await userEvent.type(screen.getByLabelText('2. How long?'), '32');
    await userEvent.click(screen.getByRole('button', { name: 'Make the lead' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/choose$/));
    const lead = (await database.leads.toArray()).find(({ name }) => name === 'Roof feeder')!;
    expect(lead.environment).toBe('outdoor');
    expect(lead.ends.map(({ connectorId }) => connectorId)).toEqual([
      '7-16-plug-feeder-1/2',
      'n-socket-feeder-1/2',
    ]);
    const cards = await database.gaugeCards.bulkGet(lead.ends.map(({ gaugeCardId }) => gaugeCardId));
    expect(cards.map((card) => card!.connectorId)).toEqual(lead.ends.map(({ connectorId }) => connectorId));
  });

  test('three choices make lead, order and units', async () => {
    const { router } = openAt('/');
    await userEvent.click(await screen.findByLabelText(/^Instruments, BNC sockets/));
    await userEvent.type(screen.getByLabelText('2. How long?'), '12 ft 6 in');
    await userEvent.clear(screen.getByLabelText('3. How many?'));
    await userEvent.type(screen.getByLabelText('3. How many?'), '3');
    await userEvent.click(screen.getByRole('button', { name: 'Make the lead' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/choose$/));
    const lead = (await database.leads.toArray()).find(({ name }) => name === 'Instrument patch lead')!;
    expect(lead.legs[0]!.finishedLength).toBeCloseTo(3.81, 6);
    const units = await database.units.filter(({ leadId }) => leadId === lead.id).toArray();
    const next = demo.bench[0]!.nextSerial;
    expect(units.map(({ serial }) => serial).sort()).toEqual(
      [0, 1, 2].map((n) => `OS-${String(next + n).padStart(4, '0')}`),
    );
  });

  test.each([
    ['2. How long?', 'long', /expected a length/],
    ['2. How long?', '5000 m', /at most 1000 m/],
    ['3. How many?', '2.5', /a whole number from 1 to 500/],
  ])('%s refuses "%s" and makes nothing', async (label, text, message) => {
    openAt('/');
    await userEvent.type(await screen.findByLabelText('2. How long?'), '3');
    await userEvent.clear(screen.getByLabelText(label));
    await userEvent.type(screen.getByLabelText(label), text);
    await userEvent.click(screen.getByRole('button', { name: 'Make the lead' }));
    expect(await screen.findByText(message)).toBeTruthy();
    expect(await database.leads.count()).toBe(demo.leads.length);
  });
});

describe('Leads', () => {
  test('are found by name or purpose', async () => {
    openAt('/leads');
    await userEvent.type(await screen.findByLabelText('Search leads'), 'filter panel');
    expect(screen.getByRole('link', { name: /^Receiver patch lead/ })).toBeTruthy();
    expect(screen.queryByRole('link', { name: /^Monitor patch lead/ })).toBeNull();
    await userEvent.type(screen.getByLabelText('Search leads'), ' of gold');
    expect(screen.getByText(/No lead has/)).toBeTruthy();
  });

  test('a copy is a lead of its own', async () => {
    openAt('/leads');
    await userEvent.click(await screen.findByRole('button', { name: 'Copy Receiver patch lead' }));
    const copy = await screen.findByRole('link', { name: /^Receiver patch lead, copy/ });
    expect(copy.getAttribute('href')).not.toContain(receiver.id);
    expect(copy.textContent).toContain('0 units');
  });

  test('a deleted lead can be taken back; its units stay in the Log', async () => {
    openAt('/leads');
    await userEvent.click(await screen.findByRole('button', { name: 'Delete Receiver patch lead' }));
    await waitFor(() => expect(screen.queryByRole('link', { name: /^Receiver patch lead/ })).toBeNull());
    expect(await database.leads.get(receiver.id)).toMatchObject({ deleted: true, revision: 2 });
    expect(await database.units.filter(({ leadId }) => leadId === receiver.id).count()).toBe(6);
    await userEvent.click(await screen.findByRole('button', { name: 'Take it back' }));
    expect(await screen.findByRole('link', { name: /^Receiver patch lead/ })).toBeTruthy();
  });

  test('none yet: says what to do', async () => {
    await startEmpty();
    openAt('/leads');
    expect(await screen.findByText('No leads yet')).toBeTruthy();
  });
});

describe('Log', () => {
  test('finds units by serial, lead, date and bench', async () => {
    openAt('/log');
    const search = await screen.findByLabelText('Search the log');
    const serials = () => screen.getAllByRole('link', { name: /^OS-/ }).map(({ textContent }) => textContent);
    await waitFor(() => expect(serials().slice(-2)).toEqual(['OS-0002', 'OS-0001']));
    for (const [text, found] of [
      ['os-0002', ['OS-0002']],
      ['receiver bench one', ['OS-0002']],
      ['2026-11-24 receiver', ['OS-0003']],
    ] as const) {
      await userEvent.clear(search);
      await userEvent.type(search, text);
      await waitFor(() => expect(serials()).toEqual(found));
    }
  });

  test('a unit shows its whole record: newest first: readings, the repair, both proofs', async () => {
    openAt(`/log/${unitOf('OS-0002').id}`);
    expect(await screen.findByText(/Record chain whole, \d+ entries/)).toBeTruthy();
    expect(
      screen.getByText(/^Back to: Cut to the conductor, end B, because centre open at end B/),
    ).toBeTruthy();
    expect(screen.getAllByText(/^Proved /).map(({ textContent }) => textContent)).toEqual([
      'Proved Good by meter and load, Simulated continuity tester 128',
      'Proved Out by meter and load, Simulated continuity tester 128',
    ]);
    expect(screen.getAllByText(/^Strip of end B: braid 9\.\d\d mm/).length).toBe(2);
  });

  test('a plan that was changed or is gone is pointed at, on the page and in the certificate', async () => {
    const { id } = unitOf('OS-0001');
    const { planHash } = (await database.units.get(id))!;
    const other = { ...unitOf('OS-0001').plan!, limits: [] };
    const { hash } = await database.transaction('rw', database.tables, async () => ({
      hash: await keepPlan(other),
    }));
    await database.units.update(id, { planHash: hash });
    openAt(`/log/${id}`);
    expect(await screen.findByText(/not the one that was frozen when it was started/)).toBeTruthy();
    openAt(`/print/certificate/${id}`);
    expect(await screen.findByText(/not the one that was frozen when it was started/)).toBeTruthy();
    await database.units.update(id, { planHash: '0'.repeat(64) });
    openAt(`/log/${id}`);
    expect(await screen.findByText(/is missing here or cannot be read/)).toBeTruthy();
    openAt(`/print/certificate/${id}`);
    expect(await screen.findByText(/is missing here or cannot be read/)).toBeTruthy();
    openAt(`/build/${id}`);
    expect(await screen.findByText('The plan of OS-0001 is missing')).toBeTruthy();
    await startUnit(id);
    expect((await database.units.get(id))!.planHash).toBe('0'.repeat(64));
    await database.units.update(id, { planHash });
    openAt(`/log/${id}`);
    expect(await screen.findByText(/Record chain whole/)).toBeTruthy();
    expect(screen.queryByText(/frozen when it was started/)).toBeNull();
  });

  test('an entry changed behind the program’s back is pointed at', async () => {
    const entries = await eventsOfUnit(unitOf('OS-0001').id);
    await database.records.put({
      unitId: unitOf('OS-0001').id,
      entries: entries.map((entry) => (entry.number === 4 ? { ...entry, by: 'Nobody' } : entry)),
    });
    openAt(`/log/${unitOf('OS-0001').id}`);
    expect(await screen.findByText(/entry 5 of its record was changed after it was written/)).toBeTruthy();
    openAt(`/print/certificate/${unitOf('OS-0001').id}`);
    expect(await screen.findByText(/NOT whole/)).toBeTruthy();
  });
});

describe('papers', () => {
  test('the label carries serial, name, length in both units and how far it was proved, on the stock that is chosen', async () => {
    const unit = unitOf('OS-0001');
    openAt(`/print/label/${unit.id}`);
    const label = await screen.findByRole('img', {
      name: /^OS-0001, Receiver patch lead, 3\.4 m \(11 ft 1\.9 in\), Good/,
    });
    expect([label.getAttribute('width'), label.getAttribute('height')]).toEqual(['60mm', '18mm']);
    await userEvent.selectOptions(screen.getByLabelText('Stock'), 'Wrap-around 25 x 9.5 mm, clear end 28 mm');
    const ends = await screen.findAllByRole('img', { name: /^OS-0001, 3\.4 m, end [AB]$/ });
    expect(ends.map((end) => end.getAttribute('height'))).toEqual(['37.5mm', '37.5mm']);
    expect(screen.getByText(/what is beyond 8\.5 mm goes round this jacket/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Stock'), 'Shrink sleeve 9.5 to 4.8 mm, 50 mm long');
    expect(screen.getByText(/The ends are on: a sleeve goes on before the last of them/)).toBeTruthy();
  });

  test('a whole order goes on sheets, after the labels that are used', async () => {
    const { orderId } = unitOf('OS-0001');
    openAt(`/print/labels/${orderId}?stock=sheet-a4&for=unit&used=23`);
    const sheets = await screen.findAllByRole('img', { name: /OS-/ });
    expect(sheets[0]!.getAttribute('aria-label')).not.toContain(';');
    expect(sheets[0]!.getAttribute('height')).toBe('297mm');
    expect(screen.getByText(/units are without a label: not started yet, or given up/)).toBeTruthy();
  });

  test('a unit that was not started has nothing to print yet', async () => {
    openAt(`/print/label/${unitOf('OS-0005').id}`);
    expect(await screen.findByText(/has not been started/)).toBeTruthy();
    openAt(`/print/certificate/${unitOf('OS-0005').id}`);
    expect(await screen.findByText(/there is nothing to certify/)).toBeTruthy();
  });

  test('the certificate names waivers, left-out checks and repairs', async () => {
    const third = unitOf('OS-0003');
    await recordHappenings(third.id, ({ steps }) => {
      const tug = steps.find(({ role, endId }) => role === 'contact-tug' && endId === 'A')!;
      return [{ kind: 'hold waived', stepId: tug.id, name: 'Mara', reason: 'gauge away' }];
    });
    openAt(`/print/certificate/${third.id}`);
    expect(await screen.findByText(/tugged, end A: WAIVED by Mara: gauge away/)).toBeTruthy();
    expect(screen.getByText('Not proved yet.')).toBeTruthy();
    openAt(`/print/certificate/${unitOf('OS-0002').id}`);
    expect(await screen.findByText(/Replaced: TNC plug with contact, ferrule/)).toBeTruthy();
    expect(screen.getByRole('heading', { name: 'Proof 1: Out, by meter and load' })).toBeTruthy();
  });
});

describe('finding', () => {
  const find = async (text: string) => {
    await userEvent.click(await screen.findByRole('button', { name: /^Find/ }));
    const field = await screen.findByLabelText(/^Find a lead, a serial/);
    if (text) await userEvent.type(field, text);
  };

  test('a scanned code opens its unit', async () => {
    const { router } = openAt('/house');
    await find(`OS-0002 ${unitOf('OS-0002').id}{Enter}`);
    await waitFor(() => expect(router.state.location.pathname).toBe(`/log/${unitOf('OS-0002').id}`));
  });

  test('a label before the camera opens its unit, and the camera is let go; where it is refused, that is said', async () => {
    const stop = jest.fn();
    const camera = jest
      .fn<() => Promise<unknown>>()
      .mockRejectedValueOnce(Object.assign(new Error('no'), { name: 'NotAllowedError' }))
      .mockResolvedValue({ getTracks: () => [{ stop }] });
    const seen = [[], [{ rawValue: `OS-0002 ${unitOf('OS-0002').id}` }]];
    Object.assign(globalThis, {
      BarcodeDetector: class {
        detect = () => Promise.resolve(seen.shift() ?? []);
      },
    });
    Object.defineProperty(navigator, 'mediaDevices', { configurable: true, value: { getUserMedia: camera } });
    jest.spyOn(HTMLMediaElement.prototype, 'play').mockResolvedValue();
    try {
      const { router } = openAt('/house');
      await find('');
      await userEvent.click(screen.getByRole('button', { name: 'Scan a label' }));
      expect(await screen.findByText(/did not give the camera to this page/)).toBeTruthy();
      await userEvent.click(screen.getByRole('button', { name: 'Scan a label' }));
      await waitFor(() => expect(router.state.location.pathname).toBe(`/log/${unitOf('OS-0002').id}`));
      expect(stop).toHaveBeenCalledTimes(1);
    } finally {
      Reflect.deleteProperty(globalThis, 'BarcodeDetector');
    }
  });

  test('arrows choose among what is found; nothing found is said', async () => {
    const { router } = openAt('/house');
    await find('patch');
    const list = within(screen.getByRole('list'));
    const found = () => list.getAllByRole('button').map(({ textContent }) => textContent!.split(' lead.')[0]);
    const leads = ['Deck-band patch lead', 'Monitor patch lead', 'Receiver patch lead'];
    await waitFor(() => expect(found().slice(0, 3)).toEqual(leads));
    await userEvent.type(screen.getByLabelText(/^Find a lead, a serial/), '{ArrowDown}{ArrowDown}{Enter}');
    await waitFor(() => expect(router.state.location.pathname).toContain(receiver.id));
    await find('zeppelin');
    expect(await screen.findByText('Nothing has this name or serial.')).toBeTruthy();
  });
});

test('an address that leads nowhere says so', async () => {
  openAt('/garage/7');
  expect(await screen.findByText('There is nothing at this address')).toBeTruthy();
});
