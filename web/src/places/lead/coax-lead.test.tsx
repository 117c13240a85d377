import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const leadOf = (name: string) => demo.leads.find((lead) => lead.name === name)!;
const openStage = (name: string, stage: string) => openAt(`/leads/${leadOf(name).id}/${stage}`);
const saved = async (name: string) => (await database.leads.get(leadOf(name).id))!;

async function type(label: string | RegExp, text: string): Promise<void> {
  const field = await screen.findByLabelText(label);
  await write(field, `${text}{Enter}`);
}

beforeEach(() => fill());

describe('Choose', () => {
  test('offers the ends that fit by method, the others last, and shows both faces', async () => {
    openStage('Whip lead', 'choose');
    const select = await screen.findByLabelText<HTMLSelectElement>('Connector, end A');
    const groups = [...select.querySelectorAll('optgroup')].map(({ label }) => label);
    expect(groups).toEqual(expect.arrayContaining(['soldered body', 'clamp gland', 'pin and ferrule']));
    expect(groups.at(-1)).toBe('do not fit this cable');
    expect(screen.getByRole('img', { name: /^UHF plug, mating side: pin/ })).toBeTruthy();
    expect(screen.getByRole('img', { name: /^N plug, mating side: pin/ })).toBeTruthy();
  });

  test('the UHF pattern is judged by how short it is at the working frequency', async () => {
    openStage('Whip lead', 'choose');
    const row = await screen.findByRole('row', { name: /^end A to cable/ });
    expect(row.textContent).toMatch(/35 \/ 50 ohm.*SWR 1\.43.*1\.\d\d at 162\.025 MHz/);
    expect(within(row).getByText('match')).toBeTruthy();
  });

  test('where the lead lives decides its seal', async () => {
    openStage('Spare radio lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Where it lives'), 'marine');
    await waitFor(async () => expect((await saved('Spare radio lead')).environment).toBe('marine'));
    openStage('Spare radio lead', 'thread');
    expect((await screen.findAllByText(/adhesive shrink/)).length).toBeGreaterThan(0);
  });

  test('a cable that the method refuses is said with the reason, and no plan misleads', async () => {
    openStage('Whip lead', 'choose');
    await userEvent.selectOptions(await screen.findByLabelText('Cable'), 'trunk-13');
    expect(await screen.findByText(/End A: Its outer conductor is a tube/)).toBeTruthy();
    expect(screen.getByText(/End A: no UHF plug goes on this cable/)).toBeTruthy();
    openStage('Whip lead', 'strip');
    expect(await screen.findByText(/No strip is drawn: it would mislead/)).toBeTruthy();
    expect(screen.queryByRole('img', { name: /^Strip of end A/ })).toBeNull();
    openStage('Whip lead', 'join');
    expect(await screen.findByText(/There is no plan to join to\. End A: Its outer conductor/)).toBeTruthy();
  });

  test('the finder is asked with what the lead already says', async () => {
    openStage('Roof repeater feeder', 'choose');
    const [link] = await screen.findAllByRole('link', { name: 'Find another end' });
    const address = new URL(link!.getAttribute('href')!, 'http://bench');
    expect(address.pathname).toBe('/lab/ends');
    expect(Object.fromEntries(address.searchParams)).toMatchObject({
      cable: 'corrugated-1/2',
      f: '467.5 MHz',
      where: 'outdoor',
      end: 'A',
      lead: leadOf('Roof repeater feeder').id,
    });
  });
});

describe('Cut', () => {
  test('bends and the phase of a set are typed, itemised and kept', async () => {
    openStage('Timing antenna pigtail', 'cut');
    expect(await screen.findByText(/^Bend 1, 90° at 12\.0 mm radius/)).toBeTruthy();
    await type(/^Bends/, '150 mm 60° r20');
    await waitFor(async () =>
      expect((await saved('Timing antenna pigtail')).bends[0]!.radius).toBeCloseTo(0.02, 9),
    );
    expect(await screen.findByText(/^Bend 1, 60° at 20\.0 mm radius/)).toBeTruthy();
    await type(/^Units agree in phase/, '3° at 1 GHz');
    await waitFor(async () =>
      expect((await saved('Timing antenna pigtail')).phaseMatch!.frequency).toBe(1e9),
    );
  });

  test('a bend sharper than the cable takes is said at its field', async () => {
    openStage('Timing antenna pigtail', 'cut');
    await type(/^Bends/, '150 mm 90° r2');
    expect((await screen.findByRole('alert')).textContent).toMatch(/radius 2\.0 mm; RG-402.*no less than/);
  });
});

describe('Strip', () => {
  test('each end has the card of its own method', async () => {
    openStage('Whip lead', 'strip');
    expect(await screen.findByLabelText(/^Rear thread/)).toBeTruthy();
    expect(screen.queryByLabelText(/^Clamp cone/)).toBeNull();
    await userEvent.click(screen.getByLabelText('End B'));
    expect(await screen.findByLabelText(/^Clamp cone/)).toBeTruthy();
    expect(screen.queryByLabelText(/^Rear thread/)).toBeNull();
  });

  test('a caliper on a folded feature moves the strip, and the card keeps it', async () => {
    openStage('Camera trunk repair', 'strip');
    await type(/^Coring depth/, '28');
    expect(await screen.findByRole('img', { name: /Dielectric, cored back at -6\.5 mm/ })).toBeTruthy();
    const card = leadOf('Camera trunk repair').ends[0]!.gaugeCardId;
    await waitFor(async () =>
      expect((await database.gaugeCards.get(card))!.features.coringDepth).toEqual({
        value: 0.028,
        state: 'measured',
      }),
    );
  });

  test('a prep tool of two positions has its settings shown', async () => {
    openStage('Marine radio feed line', 'strip');
    expect((await screen.findByText(/^rotary tool, 9 to 16 mm, from the squared end/)).textContent).toMatch(
      /first cut.*second cut/,
    );
  });

  test('semi-rigid is counted from the tube', async () => {
    openStage('Timing antenna pigtail', 'strip');
    expect(await screen.findByText('From the tube end')).toBeTruthy();
    await type('conductor as cut, from the tube end', '1.5');
    expect(await screen.findByText(/take the tube back by 0\.6 mm/)).toBeTruthy();
  });
});

test('Join shows solder, contact times and cooling, each with its sum', async () => {
  openStage('Whip lead', 'join');
  const [hole] = await screen.findAllByRole('button', { name: /^hole 1: \d+\.?\d* s/ });
  await userEvent.click(hole!);
  expect(await screen.findByText(/tip - wetting/)).toBeTruthy();
  expect(screen.getAllByRole('button', { name: /^let it cool: \d min/ }).length).toBeGreaterThan(0);
  expect(screen.getAllByRole('button', { name: /^solder wire 1.0 mm, for each hole/ })).toHaveLength(1);
});
