import { Dexie } from 'dexie';
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { revise } from '@gorvane/core/record/revise.ts';
import { MantineProvider } from '@mantine/core';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { HeldLine } from '../controls/held-line.tsx';
import { sayDataWork } from '../work/data-work.ts';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt, receiver } from '../../test/open-at.tsx';
import { database, timeNow } from '../data/database.ts';
import { rowsHere } from '../data/shop-rows.ts';
import { beginAhead, prepareDatabase } from '../data/start.ts';
import { HouseMissing } from './house-missing.tsx';

const stored = async () => (await database.leads.get(receiver.id))!;

beforeEach(() => fill());

describe('keys that work everywhere', () => {
  test('Ctrl Z and Ctrl Y go back and forth, also from inside a field', async () => {
    openAt(`/leads/${receiver.id}/cut`);
    const slack = await screen.findByLabelText<HTMLInputElement>('Slack');
    await userEvent.clear(slack);
    await userEvent.type(slack, '40');
    await userEvent.tab();
    expect(slack.value).toBe('40 mm');
    fireEvent.keyDown(slack, { key: 'z', code: 'KeyZ', ctrlKey: true });
    await waitFor(() => expect(slack.value).toBe('0 mm'));
    fireEvent.keyDown(slack, { key: 'y', code: 'KeyY', ctrlKey: true });
    await waitFor(() => expect(slack.value).toBe('40 mm'));
    await waitFor(async () => expect((await stored()).slack).toBeCloseTo(0.04, 9));
  });

  test('the list of keys opens and closes', async () => {
    openAt('/house');
    await userEvent.click(await screen.findByRole('button', { name: /^Keys/ }));
    expect(await screen.findByText('in Build: something is off')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByText('in Build: something is off')).toBeNull());
  });
});

describe('another tab', () => {
  /** Writes in another tab; what this one saves waits until that is done, at the earliest when `until` is. */
  const otherTab = (name: string, until = Promise.resolve()) =>
    database.transaction('rw', database.leads, async () => {
      await database.leads.put(revise(await stored(), { name }, timeNow()));
      await Dexie.waitFor(until);
    });

  test('its change is seen without a reload', async () => {
    openAt(`/leads/${receiver.id}/choose`);
    await screen.findByRole('heading', { level: 1, name: 'Receiver patch lead' });
    await otherTab('Renamed elsewhere');
    expect(await screen.findByRole('heading', { level: 1, name: 'Renamed elsewhere' })).toBeTruthy();
  });

  test.each([
    ['Keep what is here', 'Mine'],
    ['Take what is there', 'Theirs'],
  ])('the same field changed in both asks, and "%s" settles it', async (answer, name) => {
    openAt(`/leads/${receiver.id}/choose`);
    const field = await screen.findByLabelText('Name of the lead');
    let typed: () => void = () => undefined;
    const theirs = otherTab('Theirs', new Promise<void>((resolve) => (typed = resolve)));
    fireEvent.change(field, { target: { value: 'Mine' } });
    fireEvent.blur(field);
    typed();
    await theirs;
    expect(await screen.findByText('Another tab changed the same field')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: answer }));
    await waitFor(() => expect(screen.queryByText('Another tab changed the same field')).toBeNull());
    await waitFor(async () => expect((await stored()).name).toBe(name));
    expect(await screen.findByRole('heading', { level: 1, name })).toBeTruthy();
  });
});

describe('the first opening', () => {
  afterEach(() => {
    jest.restoreAllMocks();
    globalThis.firstData = undefined;
  });

  test('with nothing to ask, an empty shop is made; a second opening changes nothing', async () => {
    await Promise.all(database.tables.map((table) => table.clear()));
    await prepareDatabase(beginAhead(), () => undefined);
    expect(await database.house.count()).toBe(1);
    expect(await database.leads.count()).toBe(0);
    const before = await database.house.toArray();
    await prepareDatabase(beginAhead(), () => undefined);
    expect(await database.house.toArray()).toEqual(before);
  });

  const answer = (files: Readonly<Record<string, () => Response>>): string[] => {
    const asked: string[] = [];
    jest.spyOn(globalThis, 'fetch').mockImplementation(async (address) => {
      asked.push(String(address));
      return files[String(address)]!();
    });
    return asked;
  };
  const startsWithDemo = () => Response.json({ firstData: 'demo' });
  const tablesHere = async () =>
    Object.fromEntries(
      await Promise.all(
        database.tables
          .filter(({ name }) => name !== 'kept')
          .map(async (table) => [table.name, await table.toArray()] as const),
      ),
    );

  test('an address never opened begins with what its server was started with, row by row as an import leaves it', async () => {
    const [imported, written] = [await tablesHere(), JSON.stringify(await rowsHere())];
    expect(imported.postings!.length * imported.plans!.length).toBeGreaterThan(0);
    await database.delete({ disableAutoOpen: false });
    const asked = answer({ '/start.json': startsWithDemo, '/demo.json': () => new Response(written) });
    const ahead = beginAhead();
    expect(await ahead).toBe(true);
    await prepareDatabase(ahead, () => undefined);
    expect(await tablesHere()).toEqual(imported);
    expect(asked).toEqual(['/start.json', '/demo.json']);
    // An address that was opened asks for nothing.
    expect(await beginAhead()).toBe(false);
    expect(asked).toHaveLength(2);
  });

  test('what the page asked for before the program was there is taken, and not asked for again', async () => {
    const written = await rowsHere();
    await database.delete({ disableAutoOpen: false });
    const asked = answer({});
    globalThis.firstData = Promise.resolve({ demo: Response.json(written) });
    await prepareDatabase(beginAhead(), () => undefined);
    expect(await database.units.count()).toBe(written.tables.units!.length);
    await database.delete({ disableAutoOpen: false });
    globalThis.firstData = Promise.resolve({ demo: undefined });
    await prepareDatabase(beginAhead(), () => undefined);
    expect([await database.house.count(), await database.units.count()]).toEqual([1, 0]);
    expect(asked).toEqual([]);
  });

  test('a shop that another tab has begun meanwhile stays as it is', async () => {
    const before = await tablesHere();
    expect(before.leads!.length).toBeGreaterThan(0);
    jest.spyOn(indexedDB, 'databases').mockResolvedValue([]);
    answer({ '/start.json': () => Response.json({ firstData: 'empty' }) });
    expect(await beginAhead()).toBe(false);
    expect(await tablesHere()).toEqual(before);
  });

  test('a page where the demo data should be is no shop', async () => {
    await database.delete({ disableAutoOpen: false });
    answer({ '/start.json': startsWithDemo, '/demo.json': () => new Response('<!doctype html>') });
    await expect(prepareDatabase(beginAhead(), () => undefined)).rejects.toThrow(
      'did not come from the server',
    );
    expect(await database.house.count()).toBe(0);
  });

  test('demo data of another version of the program are refused in words', async () => {
    const rows = await rowsHere();
    await database.delete({ disableAutoOpen: false });
    answer({
      '/start.json': startsWithDemo,
      '/demo.json': () => Response.json({ ...rows, version: rows.version + 1 }),
    });
    await expect(prepareDatabase(beginAhead(), () => undefined)).rejects.toThrow('Load the page again.');
    expect(await database.leads.count()).toBe(0);
  });

  test('what did not come ahead is asked for again, and what is wrong is said', async () => {
    await database.delete({ disableAutoOpen: false });
    answer({ '/start.json': startsWithDemo, '/demo.json': () => new Response(null, { status: 404 }) });
    const ahead = beginAhead();
    expect(await ahead).toBe(false);
    await expect(prepareDatabase(ahead, () => undefined)).rejects.toThrow('did not come from the server');
    expect(await database.house.count()).toBe(0);
  });

  test('a shop that lacks the record of its bench or its papers gets one, and keeps all else', async () => {
    await fill();
    await database.bench.clear();
    await database.papers.clear();
    const leads = await database.leads.toArray();
    await prepareDatabase(beginAhead(), () => undefined);
    expect([await database.bench.count(), await database.papers.count()]).toEqual([1, 1]);
    expect(await database.leads.toArray()).toEqual(leads);
  });
});

describe('a database without its house', () => {
  test('is never begun anew: everything can go out, or it goes on with defaults, and all else stays', async () => {
    await fill();
    await database.house.clear();
    const units = await database.units.toArray();
    await expect(prepareDatabase(beginAhead(), () => undefined)).rejects.toThrow(/the house is missing/);
    let done = false;
    render(
      <MantineProvider>
        <HouseMissing message="Leads are here, the house is not." onDone={() => (done = true)} />
      </MantineProvider>,
    );
    expect(screen.getByRole('button', { name: 'Export everything' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Go on with a house of defaults' }));
    await waitFor(() => expect(done).toBe(true));
    expect(await database.house.count()).toBe(1);
    expect(await database.units.toArray()).toEqual(units);
  });
});

describe('finding a question of the lab', () => {
  test.each([
    ['touchstone', '/lab/chain'],
    ['beads', '/lab/choke'],
    ['100 v', '/lab/speaker'],
    ['data sheets', '/lab/cables'],
  ])('"%s" opens %s', async (text, path) => {
    const { router } = openAt('/log');
    await userEvent.click(await screen.findByRole('button', { name: /^Find/ }));
    await userEvent.type(await screen.findByLabelText(/^Find a lead/), `${text}{Enter}`);
    await waitFor(() => expect(router.state.location.pathname).toBe(path));
  });
});

test('Ctrl+Z on a question of the lab takes nothing back that is out of sight', async () => {
  const { router } = openAt(`/leads/${receiver.id}/choose`);
  const field = await screen.findByLabelText('Name of the lead');
  fireEvent.change(field, { target: { value: 'Kept name' } });
  fireEvent.blur(field);
  await waitFor(async () => expect((await stored()).name).toBe('Kept name'));
  await act(() => router.navigate('/lab/set'));
  await screen.findByText(/The set spreads over/);
  await userEvent.keyboard('{Control>}z{/Control}');
  await act(() => router.navigate(`/leads/${receiver.id}/choose`));
  expect(await screen.findByRole('heading', { level: 1, name: 'Kept name' })).toBeTruthy();
  await userEvent.keyboard('{Control>}z{/Control}');
  expect(await screen.findByRole('heading', { level: 1, name: receiver.name })).toBeTruthy();
});

describe('work on all data', () => {
  test('goes on whatever page is open, and what came of it is said until House is looked at', async () => {
    await fill();
    openAt('/log');
    expect(await screen.findByRole('heading', { name: 'Log' })).toBeTruthy();
    const stop = jest.fn();
    act(() =>
      sayDataWork({
        running: { label: 'Exporting everything', done: 3, of: 9, holds: false, stop },
        isSeen: true,
      }),
    );
    expect(await screen.findByText('Exporting everything, 33 %')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(stop).toHaveBeenCalledTimes(1);
    act(() => sayDataWork({ said: '12 records added.', isSeen: false }));
    await userEvent.click(await screen.findByRole('link', { name: /done, see House/ }));
    expect(await screen.findByText('12 records added.')).toBeTruthy();
    await waitFor(() => expect(screen.queryByRole('link', { name: /done, see House/ })).toBeNull());
  });

  test('that holds all tables is said over every page, also Build, and can be stopped there', async () => {
    const stop = jest.fn();
    const running = { label: 'Reading shop.zip in', done: 3, of: 9, holds: true, stop };
    sayDataWork({ running, isSeen: true });
    render(<HeldLine />, { wrapper: MantineProvider });
    expect(screen.getByRole('status').textContent).toMatch(
      /^Reading shop.zip in, 33 %: pages and steps wait/,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(stop).toHaveBeenCalledTimes(1);
    act(() => sayDataWork({ said: '12 records added.', isSeen: false }));
    expect(screen.queryByRole('status')).toBeNull();
  });
});
