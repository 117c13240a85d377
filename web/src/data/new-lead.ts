import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { EndRequest, LeadRequest } from '@gorvane/core/lead/make-lead.ts';
import { makeLead } from '@gorvane/core/lead/make-lead.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Starter, StarterEnd } from '@gorvane/core/lead/starters.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { firstRevision } from '@gorvane/core/record/revise.ts';
import { database, newId, timeNow } from './database.ts';
import { requireHouse } from './house.ts';
import { recordTables } from './summaries.ts';
import { addUnits } from './units.ts';

/** The three choices that a new lead starts from. Length in metres. */
export interface NewLead {
  readonly starter: Starter;
  readonly length: number;
  /** Of a cable that lies there, what there is for another try, metres. */
  readonly slack?: number;
  readonly quantity: number;
}

/** Makes the lead that a starter describes. Returns its id. */
export function createLead({ starter, length, slack, quantity }: NewLead): Promise<string> {
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
    slack,
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
  await database.transaction('rw', [...recordTables, database.leads, database.gaugeCards], async () => {
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
    const [line] = order.lines;
    const sequences = Array.from({ length: quantity }, (_, index) => index + 1);
    await addUnits({ leadId: lead.id, orderId: order.id, lineId: line!.id }, sequences);
  });
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
