import { beforeEach, describe, expect, test } from '@jest/globals';
import { houseId } from '@gorvane/core/house/house-id.ts';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
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
    expect((await house()).name).toBe('This bench');
  });
});
