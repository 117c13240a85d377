import { cables, coaxCables } from '../cable/catalogue/catalogue.ts';
import type { LayeredCable } from '../cable/cable.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { MethodName } from '../connector/method-name.ts';
import { connectorsFor } from '../plan/find-end.ts';
import { pinEndsFor } from '../plan/pin-ends.ts';
import type { Lead } from '../lead/lead.ts';
import { usualSignal } from '../connector/signal.ts';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from './example.ts';
import { signalLead } from './signal-lead.ts';

/** A lead for tests, with what it is planned from. */
export interface MadeLead {
  readonly method: MethodName;
  readonly lead: Lead;
  readonly cards: readonly GaugeCard[];
}

/** One lead for every method, the same at both ends, that can be planned whole. */
export function leadOfEachMethod(): MadeLead[] {
  const made = new Map<MethodName, MadeLead>();
  const add = (method: MethodName, make: () => Pick<MadeLead, 'lead' | 'cards'>) => {
    if (made.has(method)) return;
    const { lead, cards } = make();
    if (planLead(lead, cards, house).steps.length > 0) made.set(method, { method, lead, cards });
  };
  for (const cable of coaxCables)
    for (const connector of connectorsFor(cable, house))
      add(connector.method, () => {
        const { lead, card } = exampleLead({ cableId: cable.id, connectorId: connector.id });
        return { lead, cards: [card] };
      });
  const layered = cables.filter((cable): cable is LayeredCable => cable.structure !== 'sheet');
  for (const cable of layered)
    for (const connector of pinEndsFor(cable, house))
      add(connector.method, () => signalLead(usualSignal(connector), cable.id, [connector.id, connector.id]));
  return [...made.values()];
}
