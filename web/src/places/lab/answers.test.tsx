import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { cables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { fill, openAt, receiver } from '../../../test/open-at.tsx';
import { startEmpty } from '../../data/start-empty.ts';
import { database } from '../../data/database.ts';

beforeEach(() => fill());

const value = async (label: string | RegExp) =>
  (await screen.findByText(label, { selector: 'dt' })).nextElementSibling!.textContent!;
const number = async (label: string | RegExp) => Number.parseFloat(await value(label));

/** What the page hands to the browser's downloads. */
function downloads() {
  const files: { name: string; text: Promise<string> }[] = [];
  let last: Blob | undefined;
  Object.assign(URL, {
    createObjectURL: (blob: Blob) => ((last = blob), 'blob:x'),
    revokeObjectURL: () => undefined,
  });
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(
    this: HTMLAnchorElement,
  ) {
    files.push({ name: this.download, text: last!.text() });
  });
  return files;
}

describe('figures follow what is asked', () => {
  test('one line: twice the length loses twice, delays twice; the three losses add up', async () => {
    openAt('/lab/line?cable=rg-213&length=10+m&load=SWR+2');
    const once = { loss: await number('Matched loss'), delay: await number('Delay, one way') };
    const total = await number('Total loss');
    expect(total).toBeCloseTo(once.loss + (await number('Added by the mismatch')), 1);
    expect(await number('Transducer loss')).toBeCloseTo(total + (await number('Generator mismatch loss')), 1);
    openAt('/lab/line?cable=rg-213&length=20+m&load=SWR+2');
    await screen.findByText(/RG-213 class, 20 m/);
    expect(await number('Matched loss')).toBeCloseTo(2 * once.loss, 1);
    expect(await number('Delay, one way')).toBeCloseTo(2 * once.delay, 1);
  });

  test('below where copper-clad steel can be trusted it is said', async () => {
    openAt('/lab/line?cable=rg-174&f=2+MHz&load=50');
    expect(await screen.findByText(/The loss is trusted from 4\d\.\d+ MHz up/)).toBeTruthy();
  });

  test('power: the weakest part, and a sum that opens', async () => {
    openAt('/lab/power?cable=rg-58&near=none&far=none&power=500+W');
    expect(await screen.findByText(/limited by RG-58 class, heat/)).toBeTruthy();
    expect(screen.getAllByText('does not fit').length).toBeGreaterThan(0);
    await userEvent.click(screen.getByRole('button', { name: /^RG-58 class, heat/ }));
    expect(await screen.findByText('Heat shed to calm air, W per metre')).toBeTruthy();
  });

  test('speaker: a thicker conductor loses less, and the table tells for each', async () => {
    openAt('/lab/speaker?gauge=1.5+mm2&length=30+m');
    const thin = await number('Loop resistance');
    openAt('/lab/speaker?gauge=2x1.5&length=30+m');
    await screen.findByText(/^3 mm2, 30 m/);
    expect(await number('Loop resistance')).toBeCloseTo(thin / 2, -1);
    expect(
      within(screen.getByRole('table', { name: 'Table: Speaker cable' })).getAllByRole('row'),
    ).toHaveLength(9);
  });

  test('a 70 V line asks for more than its amplifier', async () => {
    openAt('/lab/speaker?ask=line&volts=70&amp=30+W');
    expect(await screen.findByText(/more than four fifths of the amplifier/)).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Run of 120 m with 4 taps' })).toBeTruthy();
  });

  test('choke: as many beads as it says do it', async () => {
    openAt('/lab/choke?beads=5&target=20');
    const needed = await value('Beads for 20.00 dB');
    openAt(`/lab/choke?beads=${needed}&target=20`);
    const heading = await screen.findByText(new RegExp(`^${needed} beads: (\\d+\\.\\d+) dB`));
    expect(Number(/: (\d+\.\d+) dB/.exec(heading.textContent)![1])).toBeGreaterThanOrEqual(20);
  });

  test('audio: a longer run has a lower corner', async () => {
    openAt('/lab/audio?length=400+m&source=600+ohm');
    const drooping = await number('Droop at 20 kHz');
    openAt('/lab/audio?length=40+m&source=600+ohm');
    await screen.findByText(/microphone pair, braid, 40 m/);
    expect(await number('Droop at 20 kHz')).toBeLessThan(drooping);
  });
});

describe('what leaves the page', () => {
  test('CSV has every cable of the budget with why it fails', async () => {
    const files = downloads();
    openAt('/lab/budget');
    await screen.findByText(/cables do; the cheapest is/);
    await userEvent.click(screen.getByRole('button', { name: 'Save CSV' }));
    expect(files[0]!.name).toBe('cable-budget.csv');
    const lines = (await files[0]!.text).trim().split('\r\n');
    expect(lines.length - 1).toBe(
      cables.filter(({ structure, family }) => structure === 'coax' && family !== 'unbalanced audio').length,
    );
    expect(lines.find((line) => line.startsWith('RG-59 class'))).toContain('is of 75 ohm');
  });

  test('text is copied, or it is said that the browser does not allow it', async () => {
    const user = userEvent.setup();
    openAt('/lab/set');
    const written = jest.spyOn(navigator.clipboard, 'writeText').mockResolvedValueOnce();
    await user.click(await screen.findByRole('button', { name: 'Copy as text' }));
    expect(await screen.findByText('Copied as text.')).toBeTruthy();
    expect(written.mock.calls[0]![0]).toMatch(/^Phase-matched set\nlead\tdelay, ns/);
    written.mockRejectedValue(new Error('no'));
    await user.click(screen.getByRole('button', { name: 'Copy as text' }));
    expect(await screen.findByText(/save the CSV instead/)).toBeTruthy();
  });

  test('a cable goes out and comes in again; another file is refused with the reason', async () => {
    const files = downloads();
    const { router } = openAt('/lab/cables/low-loss-10');
    await userEvent.click(await screen.findByRole('button', { name: 'Export' }));
    const text = await files[0]!.text;
    expect(files[0]!.name).toBe('low-loss-10.cable.json');
    await router.navigate('/lab/cables');
    const input = async () => (
      await screen.findByText('Read a cable file'),
      document.querySelector<HTMLInputElement>('input[type="file"]')!
    );
    const give = async (name: string, content: string) =>
      userEvent.upload(await input(), new File([content], name, { type: 'application/json' }));
    await give('broken.json', '{"name": 3}');
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /broken.json was not taken in: at structure/,
    );
    await give('none.json', 'hello');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('none.json'));
    expect(await database.cables.count()).toBe(0);
    await give('good.json', text);
    await waitFor(async () =>
      expect((await database.cables.toArray())[0]?.entry.name).toBe('low-loss foam 10 mm, copy'),
    );
  });
});

describe('finding', () => {
  test('cables are found by name and family; none says what to do', async () => {
    openAt('/lab/cables');
    const search = await screen.findByLabelText('Search cables');
    await userEvent.type(search, 'lighting 2-pair');
    expect(screen.getAllByRole('row')).toHaveLength(2);
    await userEvent.clear(search);
    await userEvent.type(search, 'hosepipe');
    expect(screen.getByText(/No cable is called that/)).toBeTruthy();
  });

  test('an address of a cable that is not here says so', async () => {
    openAt('/lab/cables/gone');
    expect(await screen.findByText('This cable is not here')).toBeTruthy();
    openAt('/lab/line?cable=gone');
    expect(await screen.findByText(/not in the catalogue of this browser/)).toBeTruthy();
  });

  test('an empty database has every question and no lead to put a choke on', async () => {
    await startEmpty();
    openAt('/lab');
    expect(await screen.findAllByText(/\w\?$/)).toHaveLength(10);
    openAt('/lab/choke');
    expect(await screen.findByText(/When there is a lead/)).toBeTruthy();
  });
});

describe('the lead asks the lab', () => {
  test('power that the lead stands is judged where it is chosen', async () => {
    openAt(`/leads/${receiver.id}/choose`);
    const row = (await screen.findByRole('heading', { name: 'Power it stands' })).parentElement!;
    expect(within(row).getByText('fits')).toBeTruthy();
    const field = screen.getByLabelText('Power into the near end');
    await userEvent.clear(field);
    await userEvent.type(field, '900 W{Enter}');
    await waitFor(() => expect(within(row).getByText('does not fit')).toBeTruthy());
    const budget = within(row)
      .getByRole('link', { name: 'Compare every cable for this run' })
      .getAttribute('href')!;
    expect(new URLSearchParams(budget.split('?')[1]).get('power')).toBe('900 W');
    const chain = within(row).getByRole('link', { name: 'look at it as a chain' }).getAttribute('href')!;
    expect(JSON.parse(new URLSearchParams(chain.split('?')[1]).get('chain')!)).toMatchObject([
      { kind: 'connector', seriesId: 'tnc' },
      { kind: 'cable', cableId: 'rg-223' },
      { kind: 'connector', seriesId: 'tnc' },
    ]);
  });

  test('what a sweep should show goes out as Touchstone', async () => {
    const files = downloads();
    openAt(`/leads/${receiver.id}/prove`);
    await userEvent.click(await screen.findByRole('button', { name: 'Save the prediction as Touchstone' }));
    const text = await files[0]!.text;
    expect(text).toContain('# MHz S RI R 50');
    expect(text.trim().split('\n')).toHaveLength(403);
  });
});
