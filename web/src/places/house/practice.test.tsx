import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt, write } from '../../../test/open-at.tsx';
import { startEmpty } from '../../data/start-empty.ts';
import { database } from '../../data/database.ts';

const house = async () => (await database.house.toArray())[0]!;

describe('house practice', () => {
  beforeEach(() => fill());

  test('a choice is kept, and says which steps of which leads it changed', async () => {
    openAt('/house');
    await userEvent.selectOptions(await screen.findByLabelText('Holes of a soldered UHF body'), 'none');
    const said = await screen.findByText(/^\d+ steps of 2 leads change/);
    expect(said.textContent).toMatch(/Units already started keep the plan/);
    expect(screen.getByText(/^Whip lead\. .*Other: Leave the holes, end A/)).toBeTruthy();
    await waitFor(async () => expect((await house()).practice.bodyHoles).toBe('none'));
  });

  test('one that changes nothing says that, too', async () => {
    openAt('/house');
    await userEvent.selectOptions(
      await screen.findByLabelText('Second crimp'),
      'once more, turned, with an inexact die',
    );
    expect(await screen.findByText('no step of any lead changes.')).toBeTruthy();
  });

  test('in an empty shop there is no lead to change', async () => {
    await startEmpty();
    openAt('/house');
    await userEvent.selectOptions(await screen.findByLabelText('Coring a trunk cable'), 'drill');
    expect(await screen.findByText('no step of any lead changes.')).toBeTruthy();
  });
});

describe('what the shop has', () => {
  beforeEach(() => fill());

  test('tools are ticked off and on', async () => {
    openAt('/stores');
    await userEvent.click(await screen.findByLabelText('flaring tool'));
    await waitFor(async () => expect((await house()).tools).not.toContain('flaring tool'));
    await userEvent.click(screen.getByLabelText('flaring tool'));
    await waitFor(async () => expect((await house()).tools).toContain('flaring tool'));
  });

  test('solder wire is read as it is written, and nonsense changes nothing', async () => {
    openAt('/stores');
    const field = await screen.findByLabelText(/^Solder wire/);
    await write(field, '1 mm 3%{Enter}');
    await waitFor(async () =>
      expect((await house()).solderWire).toEqual({ diameter: 1e-3, fluxByMass: 0.03 }),
    );
    await write(field, 'thick');
    expect(await screen.findByText(/expected a diameter of 0.2 to 3 mm/)).toBeTruthy();
    expect((await house()).solderWire.diameter).toBe(1e-3);
  });

  test('the power from which braid is tacked', async () => {
    openAt('/house');
    const field = await screen.findByLabelText(/^Braid is tacked above/);
    await write(field, '50 W{Enter}');
    await waitFor(async () => expect((await house()).tackAbove).toBe(50));
  });

  test('coils as the store has them; emptied, they follow the length of the lead again', async () => {
    openAt('/house');
    const field = await screen.findByLabelText('Diameter of coils in the store');
    await write(field, '300 mm{Enter}');
    await waitFor(async () => expect((await house()).storeCoil).toBeCloseTo(0.3, 9));
    await write(field, '5 m{Enter}');
    expect(await screen.findByText(/expected 100 mm to 2 m/)).toBeTruthy();
    await write(field, '{Enter}');
    await waitFor(async () => expect((await house()).storeCoil).toBeNull());
  });
});
