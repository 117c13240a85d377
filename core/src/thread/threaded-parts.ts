import { leadCable } from '../lead/lead-cable.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { chooseShrink, shrinkOverlap } from '../fit/heat-shrink.ts';
import type { House } from '../house/house.ts';
import type { ExtraPart, Lead, LeadEnd } from '../lead/lead.ts';
import { endById, legAtEnd, piecesAtEnd } from '../lead/lead.ts';
import type { Explained } from '../quantity/explained.ts';
import { crimpedFerruleOutside } from '../strip/pin-and-ferrule.ts';
import type { ThreadPart } from './run.ts';

/** A threaded part of a lead: what the planner needs, and what the bench needs. */
export interface LeadPart extends ThreadPart {
  readonly kind: 'ferrule' | 'shrink' | 'label sleeve' | 'choke';
  readonly endId: string;
  /** Length to cut it to, where it is cut from stock. */
  readonly cutLength?: Explained;
  /** The shop has nothing that fits: sizes are then those it would need. */
  readonly missing: boolean;
}

/** Stable id of a part that an end brings. */
export const partId = (endId: string, kind: LeadPart['kind']) => `${endId}/${kind}`;
export const closeEventId = (endId: string) => `${endId}/close`;
export const shrinkEventId = (endId: string) => `${endId}/seal`;
export const proveEventId = 'prove';
export const labelEventId = 'label';
export const chokeEventId = (partId: string) => `${partId}/fix`;

/** All threaded parts of a lead, derived from the methods of its ends, its extras and its overrides. */
export function threadedParts(lead: Lead, cards: ReadonlyMap<string, GaugeCard>, house: House): LeadPart[] {
  const ofEnds = lead.ends.flatMap((end) => partsOfEnd(lead, end, cards.get(end.id)!, house));
  const extras = lead.extraParts.map((extra) =>
    extra.kind === 'choke' ? choke(lead, extra) : labelSleeve(lead, extra, house),
  );
  return [...ofEnds, ...extras].map((part) => ({ ...part, ...lead.partOverrides[part.id] }));
}

/** Metres from the leg's first node for something at a distance from an end. */
function placeOnLeg(lead: Lead, end: LeadEnd, distance: number): number {
  const leg = legAtEnd(lead, end);
  return leg.fromNodeId === end.nodeId ? distance : leg.finishedLength - distance;
}

function partsOfEnd(lead: Lead, end: LeadEnd, card: GaugeCard, house: House): LeadPart[] {
  const jacket = jacketAt(lead, end);
  const bore = card.features.ferruleBore.value;
  const outside = bore + 2 * card.features.ferruleWall.value;
  const ferrule: LeadPart = {
    id: partId(end.id, 'ferrule'),
    kind: 'ferrule',
    endId: end.id,
    label: `ferrule, end ${end.name}`,
    legId: legAtEnd(lead, end).id,
    place: placeOnLeg(lead, end, 0.005),
    opening: bore,
    outside,
    fixedOutside: crimpedFerruleOutside(connectorById(end.connectorId).ferruleDie),
    fixedBy: closeEventId(end.id),
    missing: false,
  };
  if (!end.shrink) return [ferrule];
  const covered = card.features.ferruleLength.value + shrinkOverlap(jacket);
  const choice = chooseShrink(house.shrink, {
    largest: ferrule.fixedOutside,
    smallest: jacket,
    covered,
    adhesive: false,
  });
  const shrink: LeadPart = {
    id: partId(end.id, 'shrink'),
    kind: 'shrink',
    endId: end.id,
    label: `${choice?.shrink.name ?? 'shrink'}, end ${end.name}`,
    legId: ferrule.legId,
    place: placeOnLeg(lead, end, 0.02),
    opening: choice?.shrink.supplied ?? 1.1 * ferrule.fixedOutside,
    outside: choice?.shrink.outside ?? 1.2 * ferrule.fixedOutside,
    fixedOutside: ferrule.fixedOutside + 1.5e-3,
    fixedBy: shrinkEventId(end.id),
    cutLength: choice?.cutLength,
    missing: choice === undefined,
  };
  return [ferrule, shrink];
}

function labelSleeve(lead: Lead, extra: ExtraPart, house: House): LeadPart {
  const end = endById(lead, extra.nearEndId);
  const jacket = jacketAt(lead, end);
  const choice = chooseShrink(house.shrink, {
    largest: jacket,
    smallest: jacket,
    covered: 0.03,
    adhesive: false,
  });
  const leg = lead.legs.find(({ id }) => id === extra.legId)!;
  return {
    id: extra.id,
    kind: 'label sleeve',
    endId: end.id,
    label: `label sleeve, ${choice?.shrink.name ?? 'shrink'}`,
    legId: extra.legId,
    place: placeOnLeg(lead, end, Math.min(extra.distance, 0.4 * leg.finishedLength)),
    opening: choice?.shrink.supplied ?? 1.1 * jacket,
    outside: choice?.shrink.outside ?? 1.2 * jacket,
    fixedOutside: jacket + 1.5e-3,
    facing: { face: 'start of the text', towardNodeId: end.nodeId },
    fixedBy: labelEventId,
    cutLength: choice?.cutLength,
    missing: choice === undefined,
  };
}

/** A stack of beads: ferrite is rigid, so it passes nothing that is thicker than its bore. */
function choke(lead: Lead, extra: Extract<ExtraPart, { kind: 'choke' }>): LeadPart {
  const end = endById(lead, extra.nearEndId);
  const leg = lead.legs.find(({ id }) => id === extra.legId)!;
  return {
    id: extra.id,
    kind: 'choke',
    endId: end.id,
    label: `choke, ${extra.beads} ${extra.beads === 1 ? 'bead' : 'beads'}`,
    legId: extra.legId,
    place: placeOnLeg(lead, end, Math.min(extra.distance, 0.4 * leg.finishedLength)),
    opening: extra.bead.bore,
    outside: extra.bead.outside,
    fixedOutside: extra.bead.outside,
    fixedBy: chokeEventId(extra.id),
    missing: false,
  };
}

/** Largest jacket at an end, metres. */
export function jacketAt(lead: Lead, end: LeadEnd): number {
  return Math.max(...piecesAtEnd(lead, end).map(({ cableId }) => leadCable(lead, cableId).jacket.diameter));
}
