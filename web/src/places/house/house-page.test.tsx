import { beforeEach, describe, expect, test } from '@jest/globals';
import { houseId } from '@gorvane/core/house/house-id.ts';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const house = async () => (await database.house.get(houseId))!;
const saved = (check: (record: Awaited<ReturnType<typeof house>>) => boolean) =>
  waitFor(async () => expect(check(await house())).toBe(true), { timeout: 2000 });

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

  test('dies are read as people write them and sorted; nonsense is refused', async () => {
    openAt('/house');
    const dies = await screen.findByLabelText(/^Hex dies/);
    await userEvent.clear(dies);
    await userEvent.type(dies, '6,48; 1.73 mm; 0.213 in');
    await saved(
      ({ dies: sizes }) => sizes.map((size) => (size * 1e3).toFixed(2)).join() === '1.73,5.41,6.48',
    );
    fireEvent.change(dies, { target: { value: '900' } });
    expect(await screen.findByText(/hex sizes of 0.5 to 60 mm/)).toBeTruthy();
    expect((await house()).dies).toHaveLength(3);
  });

  test('a size of shrink is added on Enter and can be removed', async () => {
    openAt('/house');
    const add = await screen.findByLabelText('Add a size');
    await userEvent.type(add, '6.4/19{Enter}');
    expect(await screen.findByText(/a supplied bore larger than the recovered one/)).toBeTruthy();
    await userEvent.clear(add);
    await userEvent.type(add, '19/6.4 adhesive{Enter}');
    await saved(({ shrink }) =>
      shrink.some(({ name, adhesive }) => name === 'adhesive shrink 19.0 mm' && adhesive),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Remove adhesive shrink 19.0 mm' }));
    await saved(({ shrink }) => shrink.every(({ name }) => name !== 'adhesive shrink 19.0 mm'));
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
