import { leadCable } from '../lead/lead-cable.ts';
import type { ShrinkChoice } from '../fit/heat-shrink.ts';
import { chooseShrink } from '../fit/heat-shrink.ts';
import { sealFor } from '../fit/seal.ts';
import type { House } from '../house/house.ts';
import type { ExtraPart, Lead, LeadEnd } from '../lead/lead.ts';
import { endById, legAtEnd, piecesAtEnd } from '../lead/lead.ts';
import type { AnyEndInput, AnyMethod, PartForm } from '../method/method.ts';
import { methodOf } from '../method/methods.ts';
import type { Explained } from '../quantity/explained.ts';
import type { ThreadPart } from './run.ts';

/** A threaded part of a lead: what the planner needs, and what the bench needs. */
export interface LeadPart extends ThreadPart {
  /** What it is called within its end: ferrule, shrink, coupling... */
  readonly kind: string;
  readonly form: PartForm;
  readonly endId: string;
  /** The method of the end brings it: it comes off when the end is made again. */
  readonly ofMethod: boolean;
  /** Length to cut it to, where it is cut from stock. */
  readonly cutLength?: Explained;
  /** The shop has nothing that fits: sizes are then those it would need. */
  readonly missing: boolean;
}

/** Stable id of a part that an end brings. */
export const partId = (endId: string, kind: string) => `${endId}/${kind}`;
export const closeEventId = (endId: string) => `${endId}/close`;
export const shrinkEventId = (endId: string) => `${endId}/seal`;
export const proveEventId = 'prove';
export const labelEventId = 'label';
export const chokeEventId = (partId: string) => `${partId}/fix`;

/** All threaded parts of a lead, derived from the methods of its ends, its extras and its overrides. */
export function threadedParts(
  lead: Lead,
  inputs: ReadonlyMap<string, AnyEndInput>,
  house: House,
): LeadPart[] {
  const ofEnds = lead.ends.flatMap((end) => partsOfEnd(lead, end, inputs.get(end.id)!));
  const extras = lead.extraParts.map((extra) =>
    extra.kind === 'choke' ? choke(lead, extra) : labelSleeve(lead, extra, house),
  );
  return [...ofEnds, ...extras].map((part) => ({ ...part, ...lead.partOverrides[part.id] }));
}

/** Metres from the leg's first node for something at a distance from an end. */
function placeOnLeg(lead: Lead, end: LeadEnd, distance: number): number {
  const leg = legAtEnd(lead, end);
  const place = Math.min(distance, 0.45 * leg.finishedLength);
  return leg.fromNodeId === end.nodeId ? place : leg.finishedLength - place;
}

function partsOfEnd(lead: Lead, end: LeadEnd, input: AnyEndInput): LeadPart[] {
  const legId = legAtEnd(lead, end).id;
  const ofMethod = methodOf(input.connector.method)
    .parts(input)
    .map(({ kind, form, back, opening, outside, fixedOutside, face }): LeadPart => ({
      id: partId(end.id, kind),
      kind,
      form,
      endId: end.id,
      label: `${kind}, end ${end.name}`,
      legId,
      place: placeOnLeg(lead, end, back),
      opening,
      outside,
      fixedOutside,
      ...(face ? { facing: { face, towardNodeId: end.nodeId } } : {}),
      fixedBy: closeEventId(end.id),
      ofMethod: true,
      missing: false,
    }));
  const shrink = shrinkPart(lead, end, input);
  return shrink ? [...ofMethod, shrink] : ofMethod;
}

/** The shrink over the rear of an end: relief indoors, seal elsewhere; undefined where nothing or tape does it. */
export function reliefShrink(
  input: AnyEndInput,
  method: AnyMethod,
  environment: Lead['environment'],
): { largest: number; covered: number; adhesive: boolean; choice: ShrinkChoice | undefined } | undefined {
  const relief = method.relief(input);
  const jacket = input.cable.jacket.diameter;
  const seal = sealFor(environment, jacket, input.house);
  if (!relief || seal.shrink === 'none') return undefined;
  const largest = Math.max(relief.over, jacket);
  const adhesive = seal.shrink === 'adhesive';
  const choice = chooseShrink(input.house.shrink, {
    largest,
    smallest: Math.min(jacket, relief.over),
    covered: relief.covered + seal.overlap,
    adhesive,
  });
  return { largest, covered: relief.covered, adhesive, choice };
}

function shrinkPart(lead: Lead, end: LeadEnd, input: AnyEndInput): LeadPart | undefined {
  const found = end.shrink
    ? reliefShrink(input, methodOf(input.connector.method), lead.environment)
    : undefined;
  if (!found) return undefined;
  const { largest, covered, adhesive, choice } = found;
  return {
    id: partId(end.id, 'shrink'),
    kind: 'shrink',
    form: 'tube',
    endId: end.id,
    label: `${choice?.shrink.name ?? (adhesive ? 'adhesive shrink' : 'shrink')}, end ${end.name}`,
    legId: legAtEnd(lead, end).id,
    place: placeOnLeg(lead, end, covered + 0.02),
    opening: choice?.shrink.supplied ?? 1.1 * largest,
    outside: choice?.shrink.outside ?? 1.2 * largest,
    fixedOutside: largest + 1.5e-3,
    fixedBy: shrinkEventId(end.id),
    ofMethod: false,
    cutLength: choice?.cutLength,
    missing: choice === undefined,
  };
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
    form: 'sleeve',
    ofMethod: false,
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
    form: 'beads',
    ofMethod: false,
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
