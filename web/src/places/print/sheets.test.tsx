import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

const leadOf = (name: string) => demo.leads.find((lead) => lead.name === name)!;

beforeEach(() => fill());

describe('the wire list', () => {
  test('of a design has every conductor with its contacts', async () => {
    openAt(`/print/wires/lead/${leadOf('Ticket-desk lead').id}`);
    await screen.findByRole('heading', { name: 'Wire list of Ticket-desk lead' });
    const [head, ...rows] = within(screen.getByRole('table', { name: 'Wire list' })).getAllByRole('row');
    expect(
      within(head!)
        .getAllByRole('columnheader')
        .map(({ textContent }) => textContent),
    ).toEqual(['Cable', 'Conductor', 'End A', 'End B', 'End C', 'With it']);
    const cells = rows.map((row) =>
      within(row)
        .getAllByRole('cell')
        .map(({ textContent }) => textContent),
    );
    expect(cells[1]).toEqual([
      'cable B',
      'shield',
      'sleeve',
      'sleeve',
      '',
      'on one contact with shield of cable C',
    ]);
  });

  test('of a unit is that of its frozen plan, whatever its lead became', async () => {
    const unit = demo.units.find(({ plan }) => plan?.lead.name === 'Receiver patch lead')!;
    await database.leads.update(unit.leadId, { name: 'Something else' });
    openAt(`/print/wires/${unit.id}`);
    await screen.findByRole('heading', { name: `Wire list of Receiver patch lead, ${unit.serial}` });
  });
});

describe('the pick and cut list', () => {
  const waiting = demo.orders.find(({ lines }) =>
    lines.some(({ id }) => demo.units.some((unit) => unit.lineId === id && unit.plan === null)),
  )!;

  test('counts the units that are not started', async () => {
    openAt(`/print/order/${waiting.id}`);
    await screen.findByRole('heading', { name: `Pick and cut list of ${waiting.name}` });
    const open = demo.units.filter(({ orderId, plan }) => orderId === waiting.id && plan === null);
    const all = demo.units.filter(({ orderId }) => orderId === waiting.id);
    expect(
      screen.getByText(new RegExp(`^For the ${open.length} of ${all.length} units that are not started`)),
    ).toBeTruthy();
    for (const { id, leadId } of waiting.lines) {
      const count = open.filter(({ lineId }) => lineId === id).length;
      if (count === 0) continue;
      const name = demo.leads.find((lead) => lead.id === leadId)!.name;
      const [, first] = within(await screen.findByRole('table', { name: `To cut for ${name}` })).getAllByRole(
        'row',
      );
      expect(within(first!).getAllByRole('cell').at(-1)!.textContent).toBe(String(count));
    }
    const fetch = screen.getByRole('table', { name: 'Fetch' });
    expect(within(fetch).getAllByRole('row').length).toBeGreaterThan(3);
  });

  test('of an order that is not here says so', async () => {
    openAt('/print/order/nothing');
    await screen.findByText('This order is not here');
  });
});
