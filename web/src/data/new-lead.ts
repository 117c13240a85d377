import type { Unit } from '@gorvane/core/build/unit.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { EndRequest, LeadRequest } from '@gorvane/core/lead/make-lead.ts';
import { makeLead } from '@gorvane/core/lead/make-lead.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Starter, StarterEnd } from '@gorvane/core/lead/starters.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { firstRevision, revise } from '@gorvane/core/record/envelope.ts';
import { database, newId, timeNow } from './database.ts';
import { requireHouse } from './house.ts';

/** The three choices that a new lead starts from. Length in metres. */
export interface NewLead {
  readonly starter: Starter;
  readonly length: number;
  readonly quantity: number;
}

/** Makes the lead that a starter describes. Returns its id. */
export function createLead({ starter, length, quantity }: NewLead): Promise<string> {
  const end = ({ connectorId, ...rest }: StarterEnd): EndRequest => ({
    connector: connectorById(connectorId),
    ...rest,
  });
  return createLeadOf({
    name: starter.leadName,
    purpose: '',
    signal: starter.signal,
    cableId: starter.cableId,
    near: end(starter.near),
    far: starter.far.map(end),
    environment: starter.environment,
    length,
    quantity,
    frequencies: starter.frequencies,
  });
}

/** Makes a lead, its gauge cards, an order line for how many, and the units with their serials. Returns the lead's id. */
export async function createLeadOf({
  quantity,
  ...request
}: LeadRequest & { readonly quantity: number }): Promise<string> {
  const now = timeNow();
  const { lead, cards } = makeLead(request, newId, now, await requireHouse());
  await database.transaction(
    'rw',
    [database.leads, database.gaugeCards, database.orders, database.units, database.house],
    async () => {
      await database.leads.add(lead);
      await database.gaugeCards.bulkAdd(cards);
      const order: Order = {
        ...firstRevision(newId(), now),
        name: request.name,
        wantedBy: '',
        due: null,
        lines: [{ id: newId(), leadId: lead.id, quantity }],
      };
      await database.orders.add(order);
      await addUnits(order, 0, quantity, now);
    },
  );
  return lead.id;
}

/** A lead of its own with the same design; it shares the gauge cards, and no order asks for it yet. Returns its id. */
export async function copyLead(lead: Lead): Promise<string> {
  const copy: Lead = {
    ...lead,
    ...firstRevision(newId(), timeNow()),
    name: `${lead.name}, copy`,
    fittedEndIds: [],
  };
  await database.leads.add(copy);
  return copy.id;
}

/** Adds units to an order line, with the next serials of the house. */
async function addUnits(order: Order, lineIndex: number, count: number, now: string): Promise<void> {
  const house = await requireHouse();
  const line = order.lines[lineIndex]!;
  const units = Array.from({ length: count }, (_, index): Unit => ({
    ...firstRevision(newId(), now),
    serial: `${house.serialPrefix}-${String(house.nextSerial + index).padStart(4, '0')}`,
    leadId: line.leadId,
    orderId: order.id,
    lineId: line.id,
    sequence: index + 1,
    plan: null,
  }));
  await database.units.bulkAdd(units);
  await database.house.put(revise(house, { nextSerial: house.nextSerial + count }, now));
}
