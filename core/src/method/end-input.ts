import { conductorsOf } from '../cable/conductors.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { completeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { piecesAtEnd } from '../lead/lead.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import { roleOf } from '../lead/signal.ts';
import type { AnyEndInput, ContactJoint, EndInput, PieceConductor } from './method.ts';

/** One end of a lead as its method's questions take it. */
export function endInput(lead: Lead, end: LeadEnd, card: GaugeCard, house: House): AnyEndInput {
  const connector = connectorById(end.connectorId);
  const conductors = conductorsAtEnd(lead, end);
  const cables = piecesAtEnd(lead, end).map(({ cableId }) => leadCable(lead, cableId));
  const mine = lead.pinPlan.filter(({ endId }) => endId === end.id);
  const at = signalEnd(end, house.devices);
  return {
    endId: end.id,
    endName: end.name,
    cable: cables.reduce((thickest, cable) =>
      cable.jacket.diameter > thickest.jacket.diameter ? cable : thickest,
    ),
    cables,
    joints: connector.contacts.flatMap((contact): ContactJoint[] => {
      const here = mine.filter((connection) => connection.contact === contact.id);
      if (here.length === 0) return [];
      return [
        {
          contact,
          role: roleOf(lead.signal, at, contact.id),
          conductors: here.map(({ pieceId, conductor }) =>
            conductors.find((known) => known.pieceId === pieceId && known.id === conductor)!,
          ),
        },
      ];
    }),
    spares: conductors.filter(
      ({ pieceId, id }) =>
        !mine.some((connection) => connection.pieceId === pieceId && connection.conductor === id),
    ),
    signal: lead.signal,
    quarterTurns: end.quarterTurns,
    connector,
    card: completeCard(card, connector),
    house,
    power: lead.requirement.inputPower.value,
  };
}

/** Every conductor that comes out of a jacket at an end; with several cables each says of which it is. */
export function conductorsAtEnd(lead: Lead, end: LeadEnd): PieceConductor[] {
  const pieces = piecesAtEnd(lead, end);
  return pieces.flatMap((piece) => {
    const cable = leadCable(lead, piece.cableId);
    return conductorsOf(cable).map((conductor) => ({
      ...conductor,
      label: pieces.length > 1 ? `${conductor.label} of ${piece.id}` : conductor.label,
      pieceId: piece.id,
      cable,
    }));
  });
}

/** An end that is on no lead yet: its conductors on its contacts in their order, the shield last. */
export function looseEnd<C extends LayeredCable>(
  given: Pick<EndInput<C>, 'cable' | 'connector' | 'card' | 'house' | 'power'>,
): EndInput<C> {
  const { cable, connector } = given;
  const conductors = conductorsOf(cable).map((conductor) => ({ ...conductor, pieceId: 'cable', cable }));
  const contacts = connector.contacts.filter(({ isShell }) => !isShell);
  return {
    ...given,
    endId: 'end',
    endName: '',
    cables: [cable],
    joints: contacts.flatMap((contact, index): ContactJoint[] =>
      conductors[index] ? [{ contact, role: undefined, conductors: [conductors[index]] }] : [],
    ),
    spares: conductors.slice(contacts.length),
    signal: isCoaxial(connector) ? 'radio' : 'control',
    quarterTurns: 0,
  };
}
