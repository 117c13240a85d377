import { beforeEach, describe, expect, test } from '@jest/globals';
import { writeDataPackage } from '@gorvane/core/file/data-package.ts';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt, unitOf } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { eventsOfUnit } from '../../data/unit-records.ts';
import { recordHappenings } from '../../data/units.ts';

beforeEach(() => fill());

describe('the proofs of an order', () => {
  const order = () => unitOf('OS-0023').orderId;
  const line = () => screen.findByRole('region', { name: /: Waiting-hall microphone lead$/ });

  test('every unit with its verdict, every reading with its spread, and a golden unit that is kept', async () => {
    openAt(`/prove/${order()}`);
    const mics = await line();
    expect(within(mics).getByRole('link', { name: 'OS-0023' }).getAttribute('href')).toMatch(/prove\?unit=/);
    expect(within(mics).getByRole('img', { name: /^Resistance, white.*3 readings/ })).toBeTruthy();
    await userEvent.selectOptions(within(mics).getByLabelText('Golden unit to compare with'), 'OS-0024');
    cleanup();
    openAt(`/prove/${order()}`);
    const again = within(await line()).getByLabelText<HTMLSelectElement>('Golden unit to compare with');
    await waitFor(() => expect(again.selectedOptions[0]!.textContent).toBe('OS-0024'));
  });

  test('lines of the same lead are told apart', async () => {
    const { lines } = (await database.orders.get(order()))!;
    const [first] = lines;
    await database.orders.update(order(), { lines: [...lines, { ...first!, id: 'twin' }] });
    openAt(`/prove/${order()}`);
    const names = (await screen.findAllByRole('region')).map((region) => region.getAttribute('aria-label'));
    expect(names).toHaveLength(lines.length + 1);
    expect(new Set(names).size).toBe(names.length);
  });

  test('an order that is not here says so', async () => {
    openAt('/prove/nothing');
    expect(await screen.findByText('This order is not here')).toBeTruthy();
  });
});

describe('checking a package', () => {
  const packed = async () => {
    const unit = unitOf('OS-0001');
    const events = await eventsOfUnit(unit.id);
    const bytes = writeDataPackage(
      [{ unit, events, certificate: new Uint8Array(), files: {} }],
      events.at(-1)!.at,
    );
    return new File([bytes.slice()], 'p.zip', { type: 'application/zip' });
  };
  const choose = async (file: File) => {
    await screen.findByRole('heading', { name: 'Check a data package' });
    await userEvent.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, file);
  };

  test('whole, and how its units stand against this database', async () => {
    const file = await packed();
    openAt('/log/check');
    await choose(file);
    expect(await screen.findByText(/p\.zip: whole\./)).toBeTruthy();
    expect(screen.getByText('the same record')).toBeTruthy();
    await recordHappenings(unitOf('OS-0001').id, () => [{ kind: 'note', stepId: null, text: 'later' }]);
    await choose(new File([file], 'q.zip'));
    expect(await screen.findByText('the record here goes on further')).toBeTruthy();
  });

  test('what is no package is refused with what was expected', async () => {
    openAt('/log/check');
    await choose(new File(['hello'], 'p.zip'));
    expect(await screen.findByText(/not a zip file/)).toBeTruthy();
  });
});

test('a finished unit that comes back is proved first', async () => {
  const unit = unitOf('OS-0001');
  const { router } = openAt(`/log/${unit.id}`);
  await userEvent.click(await screen.findByRole('button', { name: 'It came back' }));
  await userEvent.click(screen.getByRole('button', { name: 'Prove it first' }));
  expect(screen.getByText('Say in a few words why it came back.')).toBeTruthy();
  await userEvent.type(screen.getByLabelText('Why it came back'), 'dead since the storm{Enter}');
  await waitFor(() => expect(router.state.location.search).toBe(`?unit=${unit.id}`));
  expect((await eventsOfUnit(unit.id)).at(-1)!.happening).toEqual({
    kind: 'came back',
    reason: 'dead since the storm',
  });
});
