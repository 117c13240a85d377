import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import type { EndRequest, LeadRequest } from '../lead/make-lead.ts';
import { makeLead } from '../lead/make-lead.ts';
import type { PinPlanChoices } from '../lead/pin-plan.ts';
import type { Signal } from '../connector/signal.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { counted, house, now } from './example.ts';

type EndWords = string | ({ readonly id: string } & Omit<EndRequest, 'connector'>);

const endOf = (words: EndWords): EndRequest => {
  const { id, ...rest } = typeof words === 'string' ? { id: words } : words;
  return { connector: connectorById(id), ...rest };
};

/** A lead that is no radio line, for tests: what it carries, its cable, its ends. Six metres. */
export function signalLead(
  signal: Signal,
  cableId: string,
  [near, ...far]: readonly EndWords[],
  change: { choices?: Partial<PinPlanChoices>; house?: House } & Partial<LeadRequest> = {},
): { lead: Lead; cards: GaugeCard[] } {
  const { choices, house: as = house, ...rest } = change;
  return makeLead(
    {
      name: 'Test lead',
      purpose: '',
      signal,
      cableId,
      near: endOf(near!),
      far: far.map(endOf),
      length: 6,
      frequencies: [20e3],
      pinPlan: choices,
      ...rest,
    },
    counted(),
    now,
    as,
  );
}

/** Its plan. */
export function signalPlan(...args: Parameters<typeof signalLead>): LeadPlan {
  const { lead, cards } = signalLead(...args);
  return planLead(lead, cards, args[3]?.house ?? house);
}

/** A pin plan in words: `A white 2`. */
export const inWords = ({ pinPlan }: Lead): string[] =>
  pinPlan.map(({ endId, conductor, contact }) => `${endId} ${conductor} ${contact}`).sort();
