import { beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt } from '../../../test/open-at.tsx';
import { startEmpty } from '../../data/start-empty.ts';
import { database } from '../../data/database.ts';

const house = async () => (await database.house.toArray())[0]!;

describe('device profiles', () => {
  beforeEach(() => fill());

  test('an order of contacts is changed, a device is taken out', async () => {
    openAt('/house');
    const contact = await screen.findByLabelText('Contact 1 of Hall message player, line out');
    await userEvent.selectOptions(contact, 'cold');
    await waitFor(async () => expect((await house()).devices[1]!.roles['1']).toBe('cold'));
    await userEvent.click(screen.getByRole('button', { name: 'Take Hall message player, line out out' }));
    await waitFor(async () => expect((await house()).devices).toHaveLength(1));
  });

  test('in an empty shop one is added, named and given its positions', async () => {
    await startEmpty();
    openAt('/house');
    expect(await screen.findByText(/No device has a profile yet/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Add a device' }));
    await userEvent.selectOptions(await screen.findByLabelText('Positions of New device'), '4');
    await userEvent.selectOptions(await screen.findByLabelText('Contact 4 of New device'), 'shield');
    await waitFor(async () => {
      const [device] = (await house()).devices;
      expect(device).toMatchObject({ positions: 4, roles: { '4': 'shield' } });
    });
  });

  test('ring colours are read as they are written; nonsense stays in the field', async () => {
    openAt('/house');
    const field = await screen.findByLabelText('Ring colour by finished length');
    await userEvent.clear(field);
    await userEvent.type(field, '3 m orange; 8 m blue{Enter}');
    await waitFor(async () =>
      expect((await house()).lengthColours).toEqual([
        { upTo: 3, colour: 'orange' },
        { upTo: 8, colour: 'blue' },
      ]),
    );
    // In one go: an empty field, read on its way, would be no colours at all.
    fireEvent.change(field, { target: { value: 'orange up to three' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(await screen.findByText(/expected/)).toBeTruthy();
    expect((await house()).lengthColours).toHaveLength(2);
  });
});
