import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { completeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { piecesAtEnd } from '../lead/lead.ts';
import type { EndInput } from './method.ts';

/** One end of a lead as its method's questions take it. */
export function endInput(lead: Lead, end: LeadEnd, card: GaugeCard, house: House): EndInput {
  const connector = connectorById(end.connectorId);
  return {
    endId: end.id,
    endName: end.name,
    cable: leadCable(lead, piecesAtEnd(lead, end)[0]!.cableId),
    connector,
    card: completeCard(card, connector),
    house,
    power: lead.requirement.inputPower.value,
  };
}
