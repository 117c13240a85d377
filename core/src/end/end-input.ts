import { conductorsOf } from '../cable/conductors.ts';
import type { LayeredCable, CoaxCable } from '../cable/cable.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { completeCard, contentsOf } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { piecesAtEnd } from '../lead/lead.ts';
import type { OtherSide } from '../lead/other-side.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import { roleOf } from '../connector/signal.ts';
import { chosenStripper, firstStripper } from './end-stripper.ts';

import type { CableConductor } from '../cable/conductors.ts';
import type { Connector } from '../connector/connector.ts';
import type { Contact } from '../connector/contact.ts';
import type { Contents } from '../connector/contents.ts';
import type { Role, Signal } from '../connector/signal.ts';
import type { Stripper } from '../house/stripper.ts';

/** One end of a lead as its method's questions take it. */
export function endInput(lead: Lead, end: LeadEnd, card: GaugeCard, house: House): AnyEndInput {
  const connector = leadConnector(lead, end.connectorId);
  const conductors = conductorsAtEnd(lead, end);
  const cables = piecesAtEnd(lead, end).map(({ cableId }) => leadCable(lead, cableId));
  const cable = cables.reduce((thickest, each) =>
    each.jacket.diameter > thickest.jacket.diameter ? each : thickest,
  );
  const mine = lead.pinPlan.filter(({ endId }) => endId === end.id);
  const at = signalEnd(lead, end, house.devices);
  return {
    endId: end.id,
    endName: end.name,
    cable,
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
    card: withBreakout(completeCard(card, connector), end),
    contents: contentsOf(card, connector),
    house: houseAt(end, house),
    power: lead.requirement.inputPower.value,
    stripper: chosenStripper(end, { cable, connector }, house) ?? firstStripper({ cable, connector }, house),
  };
}

/** The house as one end has it: what becomes of its spare cores may be its own. */
function houseAt({ spareCore }: LeadEnd, house: House): House {
  return spareCore === undefined ? house : { ...house, practice: { ...house.practice, spareCore } };
}

/** A breakout is a choice of the lead, not a feature of the bag. */
function withBreakout(card: GaugeCard, { breakout }: LeadEnd): GaugeCard {
  if (breakout === undefined || !card.features.breakout) return card;
  return { ...card, features: { ...card.features, breakout: { value: breakout, state: 'measured' } } };
}

/** A shield that is connected at the other end only: here it is cut off, and its edge covered. */
export function isShieldLifted({ joints, spares }: Pick<AnyEndInput, 'joints' | 'spares'>): boolean {
  const isShield = ({ kind }: PieceConductor) => kind === 'shield';
  return spares.some(isShield) && !joints.some(({ conductors }) => conductors.some(isShield));
}

/** Every conductor that comes out of a jacket at an end; with several cables each says of which it is. */
export function conductorsAtEnd(lead: Lead, end: LeadEnd): PieceConductor[] {
  const pieces = piecesAtEnd(lead, end);
  return pieces.flatMap((piece) => {
    const cable = leadCable(lead, piece.cableId);
    return conductorsOf(cable).map((conductor) => ({
      ...conductor,
      ofCable: pieces.length > 1 ? piece.id : null,
      pieceId: piece.id,
      cable,
    }));
  });
}

/** The other side of a splice as its method's questions take it: the same connector, the cable that lies there. */
export function otherSideInput(
  { end, cableId }: OtherSide,
  lead: Lead,
  card: GaugeCard,
  house: House,
): AnyEndInput {
  const loose = looseEnd({
    cable: leadCable(lead, cableId),
    connector: leadConnector(lead, end.connectorId),
    card,
    house,
    power: lead.requirement.inputPower.value,
  });
  return { ...loose, endId: end.id, endName: end.name, signal: lead.signal };
}

/** An end that is on no lead yet: its conductors on its contacts in their order, the shield last. */
export function looseEnd<C extends LayeredCable>(
  given: Pick<EndInput<C>, 'cable' | 'connector' | 'card' | 'house' | 'power'>,
): EndInput<C> {
  const { cable, connector } = given;
  const conductors = conductorsOf(cable).map((conductor) => ({
    ...conductor,
    ofCable: null,
    pieceId: 'cable',
    cable,
  }));
  const contacts = connector.contacts.filter(({ isShell }) => !isShell);
  return {
    ...given,
    card: completeCard(given.card, connector),
    contents: contentsOf(given.card, connector),
    endId: 'end',
    endName: '',
    cables: [cable],
    joints: contacts.flatMap((contact, index): ContactJoint[] =>
      conductors[index] ? [{ contact, role: undefined, conductors: [conductors[index]] }] : [],
    ),
    spares: conductors.slice(contacts.length),
    signal: isCoaxial(connector) ? 'radio' : 'control',
    quarterTurns: 0,
    stripper: firstStripper({ cable, connector }, given.house),
  };
}

/** A conductor of one of the cables that an end takes. */
export interface PieceConductor extends CableConductor {
  readonly pieceId: string;
  /** The cable that it comes out of, where an end takes several. */
  readonly ofCable: string | null;
  readonly cable: LayeredCable;
}

/** A contact of an end with what is joined to it. */
export interface ContactJoint {
  readonly contact: Contact;
  /** What it carries; undefined where nothing says so. */
  readonly role: Role | undefined;
  readonly conductors: readonly PieceConductor[];
}

/** What the questions about one end are answered from. */
export interface EndInput<C extends LayeredCable = CoaxCable> {
  readonly endId: string;
  readonly endName: string;
  /** The thickest of the cables that it takes. */
  readonly cable: C;
  /** All of them: two where they lie side by side. */
  readonly cables: readonly LayeredCable[];
  /** The contacts that have conductors, in their order. */
  readonly joints: readonly ContactJoint[];
  /** Conductors that come out of the jacket here and go nowhere. */
  readonly spares: readonly PieceConductor[];
  readonly signal: Signal;
  /** How a right-angle body is turned against the first end, quarters clockwise. */
  readonly quarterTurns: number;
  readonly connector: Connector;
  readonly card: GaugeCard;
  /** What its bag holds. */
  readonly contents: Contents;
  readonly house: House;
  /** Power into the lead, watts: some house practice depends on it. */
  readonly power: number;
  /** What its layers are taken off with: it decides in what order. */
  readonly stripper: Stripper;
}

export type AnyEndInput = EndInput<LayeredCable>;
