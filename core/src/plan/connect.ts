import { conductorsOf } from '../cable/conductors.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { contactOf } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import { joinsOf, joinsStand } from '../lead/joins.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { houseChoices, proposePinPlan } from '../lead/pin-plan.ts';
import { endInput } from '../end/end-input.ts';
import { methodOf } from '../method/methods.ts';

/** A change of the pin plan that cannot be: said at the field, and nothing is changed. */
export class PinPlanError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'PinPlanError';
  }
}

/** A conductor of a piece. */
export interface Strand {
  readonly pieceId: string;
  readonly conductor: string;
}

/**
 * The lead with one conductor of an end on a contact, or on none (`null`: spare).
 * @throws PinPlanError when the end has no such contact, when the contact cannot hold what it would get, or when nothing
 * would be connected any more.
 */
export function connect(
  lead: Lead,
  end: LeadEnd,
  card: GaugeCard,
  house: House,
  strand: Strand,
  contact: string | null,
): Lead {
  const isMine = (other: Lead['pinPlan'][number]) =>
    other.endId === end.id && other.pieceId === strand.pieceId && other.conductor === strand.conductor;
  const connector = leadConnector(lead, end.connectorId);
  const rest = lead.pinPlan.filter((other) => !isMine(other));
  if (contact === null) {
    if (rest.length === 0)
      throw new PinPlanError(
        'Nothing would be connected any more: a lead needs one conductor on a contact at least.',
      );
    return rest.length === lead.pinPlan.length ? lead : { ...lead, pinPlan: rest };
  }
  if (!connector.contacts.some(({ id }) => id === contact))
    throw new PinPlanError(
      `End ${end.name} has no contact "${contact}": ${connector.name} has ${connector.contacts.map(({ id }) => id).join(', ')}.`,
    );
  if (lead.pinPlan.some((other) => isMine(other) && other.contact === contact)) return lead;
  const next = { ...lead, pinPlan: [...rest, { ...strand, endId: end.id, contact }] };
  const input = endInput(next, end, card, house);
  const joint = input.joints.find((candidate) => candidate.contact.id === contactOf(connector, contact).id)!;
  const full = methodOf(connector.method)
    .fit(input)
    .find(({ id, verdict }) => id === `contact ${contact}` && verdict === 'does not fit');
  if (full && joint.conductors.length > 1)
    throw new PinPlanError(`Contact ${contact} of end ${end.name} cannot hold both. ${full.consequence}`);
  return next;
}

/** The lead after its cable, an end or its signal was changed: its joins and its pin plan if all of them still exist, else the usual ones. */
export function refitPinPlan(changed: Lead, house: House): Lead {
  const lead = joinsStand(changed) ? changed : { ...changed, joins: joinsOf(changed) };
  const stands = lead.pinPlan.every(({ pieceId, conductor, endId, contact }) => {
    const piece = lead.pieces.find(({ id }) => id === pieceId);
    const end = lead.ends.find(({ id }) => id === endId);
    return (
      piece !== undefined &&
      end !== undefined &&
      conductorsOf(leadCable(lead, piece.cableId)).some(({ id }) => id === conductor) &&
      leadConnector(lead, end.connectorId).contacts.some(({ id }) => id === contact)
    );
  });
  return stands && lead.pinPlan.length > 0
    ? lead
    : { ...lead, pinPlan: proposePinPlan(lead, house.devices, houseChoices(house)) };
}
