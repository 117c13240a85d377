import { beforeEach, describe, expect, test } from '@jest/globals';
import { houseId } from '@gorvane/core/house/house-id.ts';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const house = async () => (await database.house.get(houseId))!;
const saved = (check: (record: Awaited<ReturnType<typeof house>>) => boolean) =>
  waitFor(async () => expect(check(await house())).toBe(true), { timeout: 30_000 });
const bagNamed = (text: RegExp) => demo.gaugeCards.find(({ name }) => text.test(name))!;
const contentsOf = async (id: string) => (await database.gaugeCards.get(id))!.contents;

beforeEach(() => fill());

describe('dies, solder and shrink', () => {
  test('dies are read as people write them and sorted; nonsense is refused', async () => {
    openAt('/stores');
    const dies = await screen.findByLabelText(/^Hex dies/);
    await write(dies, '6,48; 1.73 mm; 0.213 in');
    await saved(
      ({ dies: sizes }) => sizes.map((size) => (size * 1e3).toFixed(2)).join() === '1.73,5.41,6.48',
    );
    fireEvent.change(dies, { target: { value: '900' } });
    expect(await screen.findByText(/hex sizes of 0.5 to 60 mm/)).toBeTruthy();
    expect((await house()).dies).toHaveLength(3);
  });

  test('a size of shrink is added on Enter and can be removed', async () => {
    openAt('/stores');
    const add = await screen.findByLabelText('Add a size');
    await write(add, '6.4/19{Enter}');
    expect(await screen.findByText(/a supplied bore larger than the recovered one/)).toBeTruthy();
    await write(add, '18/6 adhesive{Enter}');
    await saved(({ shrink }) =>
      shrink.some(({ name, adhesive }) => name === 'adhesive shrink 18 mm' && adhesive),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Remove adhesive shrink 18 mm' }));
    await saved(({ shrink }) => shrink.every(({ name }) => name !== 'adhesive shrink 18 mm'));
  });
});

describe('tools that strip', () => {
  const strippers = async () => (await house()).strippers;

  test('one is added, described as people write it, taken before the others; nonsense is refused, undo brings it back', async () => {
    openAt('/stores');
    await userEvent.selectOptions(
      await screen.findByLabelText('Kind of a new tool'),
      'three-blade rotary tool',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Add the tool' }));
    const fields = within((await screen.findByText(/bares 4 \/ 5 \/ 6.5 mm/)).closest('details')!);
    fireEvent.change(fields.getByLabelText('Bares, from the tip'), { target: { value: '3.9 / 4.1' } });
    expect(await fields.findByText(/three lengths from the tip/)).toBeTruthy();
    fireEvent.change(fields.getByLabelText('Bares, from the tip'), { target: { value: '3.9 / 4.1 / 6.4' } });
    fireEvent.change(fields.getByLabelText('Takes, outside diameter'), { target: { value: '5 to 6 mm' } });
    await saved(({ strippers: tools }) => tools.at(-1)!.takes.most === 6e-3);
    fireEvent.change(fields.getByLabelText('Name'), { target: { value: 'bayonet set' } });
    await saved(({ strippers: tools }) => tools.at(-1)!.name === 'bayonet set');
    await userEvent.click(fields.getByRole('button', { name: 'Take it before the others' }));
    await saved(({ strippers: [first] }) => first!.name === 'bayonet set' && 'bares' in first!);
    await userEvent.click(screen.getByRole('button', { name: 'Remove the bayonet set' }));
    await saved(({ strippers: tools }) => tools.every(({ name }) => name !== 'bayonet set'));
    await userEvent.click(screen.getByRole('button', { name: /Undo/ }));
    await saved(({ strippers: [first] }) => first!.name === 'bayonet set');
  });

  test('cuts are counted from the record since the blades were new', async () => {
    openAt('/stores');
    const row = (await screen.findByText(/14 cuts of about 500/)).closest('details')!;
    fireEvent.change(within(row).getByLabelText('Blades are good for'), { target: { value: '14' } });
    expect(await within(row).findByText('▲ 14 cuts of about 14')).toBeTruthy();
    await userEvent.click(within(row).getByRole('button', { name: 'New blades are in' }));
    expect(await within(row).findByText('0 cuts of about 14')).toBeTruthy();
    await waitFor(async () => expect((await strippers())[1]!.bladesNew! > '2026-11-24').toBe(true), {
      timeout: 30_000,
    });
  });
});

describe('bags', () => {
  test('are found by name or connector, with what is in them and who uses them', async () => {
    openAt('/stores');
    const search = await screen.findByLabelText('Search bags');
    await write(search, 'bag 14');
    const [row, ...others] = screen
      .getAllByRole('row')
      .filter((each) => within(each).queryByRole('link', { name: /bag 14/ }) !== null);
    expect(others).toHaveLength(0);
    expect(row!.textContent).toMatch(/TNC plug.*Receiver patch lead/);
    await write(search, 'no such thing');
    expect(await screen.findByText(/No bag has/)).toBeTruthy();
  });

  test('an answer is kept, is no longer assumed, and can be taken as usual for the rest', async () => {
    const bag = bagNamed(/bag 14/);
    openAt(`/stores/bags/${bag.id}`);
    const boots = within(await screen.findByRole('group', { name: /^Boot/ }));
    await userEvent.click(boots.getByRole('radio', { name: /^one/ }));
    await waitFor(async () => expect(await contentsOf(bag.id)).toEqual({ boot: 'one' }), { timeout: 30_000 });
    expect(screen.getByRole('group', { name: 'Boot' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /^I have looked/ }));
    await waitFor(
      async () =>
        expect(await contentsOf(bag.id)).toEqual({
          boot: 'one',
          contact: 'crimp',
          spacer: 'none',
          underBraid: 'stem',
          shrink: 'none',
        }),
      { timeout: 30_000 },
    );
    expect(screen.queryByRole('button', { name: /^I have looked/ })).toBeNull();
  });

  test('what is answered changes the lead that is made from it, with what is left over', async () => {
    const lead = demo.leads.find(({ name }) => name === 'Whip lead')!;
    openAt(`/leads/${lead.id}/choose`);
    await userEvent.click((await screen.findAllByRole('button', { name: 'What is in it?' }))[1]!);
    const caps = within(await screen.findByRole('group', { name: /^Back cap/ }));
    await userEvent.click(caps.getByRole('radio', { name: /^both/ }));
    expect(await screen.findByText(/Left over: the plain back cap/)).toBeTruthy();
    const washers = within(screen.getByRole('group', { name: /^Washers/ }));
    await userEvent.click(washers.getByRole('radio', { name: /^none/ }));
    await waitFor(() => expect(screen.queryByRole('button', { name: /^washer, end B/ })).toBeNull());
  });

  test('a new bag is opened to be looked into, and one that no lead uses can be thrown out', async () => {
    const { router } = openAt('/stores');
    await userEvent.selectOptions(
      await screen.findByLabelText('Connector of the new bag'),
      'uhf-plug-screw-on-5',
    );
    await userEvent.click(screen.getByRole('button', { name: 'New bag' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/stores\/bags\//));
    expect(await screen.findByRole('group', { name: /^Coupling ring/ })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Throw this bag out' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/stores'));
    expect((await database.gaugeCards.toArray()).filter(({ deleted }) => deleted)).toHaveLength(1);
  });
});
