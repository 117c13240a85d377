import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { papersId } from '@gorvane/core/paper/papers-id.ts';
import { houseId } from '@gorvane/core/house/house-id.ts';
import { act, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { watchInstall } from '../../controls/install.ts';
import { database } from '../../data/database.ts';

const house = async () => (await database.house.get(houseId))!;
const saved = (check: (record: Awaited<ReturnType<typeof house>>) => boolean) =>
  waitFor(async () => expect(check(await house())).toBe(true), { timeout: 30_000 });

beforeEach(() => fill());

describe('House', () => {
  test('practice and units of measure are saved by themselves', async () => {
    openAt('/house');
    await userEvent.selectOptions(await screen.findByLabelText('Stripping'), 'blade');
    await userEvent.click(screen.getByLabelText('inch first'));
    await userEvent.click(screen.getByLabelText('insulation'));
    await userEvent.selectOptions(screen.getByLabelText('This bench'), 'Bench one');
    await saved(
      ({ practice }) => practice.stripping === 'blade' && practice.leaveOut.join() === 'insulation',
    );
    await waitFor(async () =>
      expect(await database.bench.toArray()).toMatchObject([{ firstUnit: 'in', name: 'Bench one' }]),
    );
  });

  test('days and times are written as this bench has them', async () => {
    openAt('/house');
    await userEvent.selectOptions(await screen.findByLabelText('Days are written'), '24 Nov 2026');
    await userEvent.click(screen.getByLabelText('12 h'));
    await waitFor(async () =>
      expect(await database.bench.toArray()).toMatchObject([
        { times: { day: 'day month year', clock: '12 h' } },
      ]),
    );
  });

  test('names of benches show what is stored, also after undo; none at all is refused', async () => {
    openAt('/house');
    const names = await screen.findByLabelText<HTMLInputElement>('Bench names');
    const before = names.value;
    await userEvent.clear(names);
    await userEvent.type(names, 'Mill bench , Loft{Enter}');
    await saved(({ benchNames }) => benchNames.join() === 'Mill bench,Loft');
    expect(names.value).toBe('Mill bench, Loft');
    await userEvent.keyboard('{Control>}z{/Control}');
    await waitFor(() => expect(names.value).toBe(before));
    await saved(({ benchNames }) => benchNames.join(', ') === before);
    await userEvent.clear(names);
    await userEvent.type(names, ' , {Enter}');
    expect(await screen.findByText(/expected at least one name/)).toBeTruthy();
    expect((await house()).benchNames.join(', ')).toBe(before);
  });
});

test('where the browser offers to install, House does, once', async () => {
  watchInstall();
  openAt('/house');
  await screen.findByLabelText('Stripping');
  expect(screen.queryByRole('button', { name: 'Install on this computer' })).toBeNull();
  const prompt = jest.fn(() => Promise.resolve());
  const offered = Object.assign(new Event('beforeinstallprompt', { cancelable: true }), { prompt });
  act(() => void window.dispatchEvent(offered));
  expect(offered.defaultPrevented).toBe(true);
  await userEvent.click(await screen.findByRole('button', { name: 'Install on this computer' }));
  expect(prompt).toHaveBeenCalledTimes(1);
  expect(screen.queryByRole('button', { name: 'Install on this computer' })).toBeNull();
});

/** A whole PNG of one pixel. */
const onePixel =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

describe('papers', () => {
  const stocks = async () => (await database.papers.get(papersId))!.stocks;
  const open = async (name: string) => {
    openAt('/house');
    const summary = await screen.findByText(name, { selector: 'summary' });
    await userEvent.click(summary);
    return within(summary.closest('details')!);
  };

  test('a stock is measured anew; labels that would stand out of their sheet are refused', async () => {
    const sheet = await open('Sheet A4, 3 x 8');
    const height = sheet.getByLabelText('Height of a label');
    await userEvent.clear(height);
    await userEvent.type(height, '36 mm{Enter}');
    expect(await sheet.findByText(/stay on the sheet; they stand out by 4\.1 mm below/)).toBeTruthy();
    await userEvent.clear(height);
    await userEvent.type(height, '35 mm{Enter}');
    await waitFor(async () => expect((await stocks()).at(-1)!.height).toBe(0.035));
  });

  test('a field that there is not is said and not taken; the example shows the text that is', async () => {
    const tape = await open('Tape 9 mm');
    const text = tape.getByLabelText('Text');
    await userEvent.clear(text);
    await userEvent.type(text, '{{serail}');
    expect(tape.getByText(/Found \{serail\}; expected one of/)).toBeTruthy();
    await userEvent.clear(text);
    await userEvent.type(text, '{{serial} {{end}');
    expect(await tape.findByRole('img', { name: 'B1-0042 end A' })).toBeTruthy();
    await waitFor(async () => expect((await stocks())[1]!.text).toBe('{serial} {end}'));
  });

  test('a stock is added, taken first, and taken out', async () => {
    const tape = await open('Tape 9 mm');
    await userEvent.click(screen.getByRole('button', { name: 'Add a stock' }));
    await waitFor(async () => expect((await stocks()).at(-1)!.name).toBe('New roll'));
    await userEvent.click(tape.getByRole('button', { name: 'Take it first' }));
    await waitFor(async () => expect((await stocks())[0]!.name).toBe('Tape 9 mm'));
    await userEvent.click(tape.getByRole('button', { name: 'Take this stock out' }));
    await waitFor(async () => expect((await stocks()).map(({ name }) => name)).not.toContain('Tape 9 mm'));
  });

  test('a logo is a picture by what is in it', async () => {
    openAt('/house');
    const choose = await screen.findByRole('button', { name: 'Logo from a file' });
    const input = choose.parentElement!.querySelector('input')!;
    const file = (bytes: Iterable<number>) =>
      new File([new Uint8Array([...bytes])], 'logo.png', { type: 'image/png' });
    await userEvent.upload(input, file([0x25, 0x50]));
    expect(await screen.findByText(/Found logo\.png, which is neither/)).toBeTruthy();
    const dot = Buffer.from(onePixel, 'base64');
    await userEvent.upload(input, file(dot.subarray(0, 30)));
    expect(await screen.findByText(/logo\.png is damaged or cut off/)).toBeTruthy();
    expect((await database.papers.get(papersId))!.logo).toBeNull();
    await userEvent.upload(input, file(dot));
    await waitFor(async () =>
      expect((await database.papers.get(papersId))!.logo).toBe(`data:image/png;base64,${onePixel}`),
    );
  });
});

describe('data in and out', () => {
  test('emptying asks first, offers to export, and leaves a house that works', async () => {
    openAt('/house');
    await userEvent.click(await screen.findByRole('button', { name: 'Empty the database' }));
    const question = within(await screen.findByRole('dialog'));
    expect(question.getByText(/cannot be undone: export first/)).toBeTruthy();
    expect(await database.leads.count()).toBe(demo.leads.length);
    await userEvent.click(question.getByRole('button', { name: 'Remove all' }));
    expect(await screen.findByText('The database is empty.')).toBeTruthy();
    expect(await database.leads.count()).toBe(0);
    expect((await house()).name).toBe('This shop');
  });
});
