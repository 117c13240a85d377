import { braidedSleeveById, sleeveCutLength, sleeveRange } from '../cut/braided-sleeve.ts';
import { jacketsAcross } from '../fit/core-checks.ts';
import type { ShrinkChoice } from '../fit/heat-shrink.ts';
import { chooseShrink } from '../fit/heat-shrink.ts';
import { sealFor } from '../fit/seal.ts';
import type { House } from '../house/house.ts';
import type { ExtraPart, Lead, LeadEnd } from '../lead/lead.ts';
import { branchesDiameter, legDiameter } from '../lead/bundle.ts';
import { endById, legAtEnd } from '../lead/lead.ts';
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
  /** It lies at a split or splice and not at an end. */
  readonly nodeId?: string;
  /** The shop has nothing that fits: sizes are then those it would need. */
  readonly missing: boolean;
}

/** Stable id of a part that an end brings. */
export const partId = (endId: string, kind: string) => `${endId}/${kind}`;
export const closeEventId = (endId: string) => `${endId}/close`;
export const shrinkEventId = (endId: string) => `${endId}/seal`;
export const proveEventId = 'prove';
export const labelEventId = 'label';
export const fixEventId = (partId: string) => `${partId}/fix`;
export const joinEventId = (nodeId: string) => `${nodeId}/join`;
export const splitEventId = (nodeId: string) => `${nodeId}/seal`;

/** All threaded parts of a lead, derived from the methods of its ends, its extras and its overrides. */
export function threadedParts(
  lead: Lead,
  inputs: ReadonlyMap<string, AnyEndInput>,
  house: House,
): LeadPart[] {
  const ofEnds = lead.ends.flatMap((end) => partsOfEnd(lead, end, inputs.get(end.id)!));
  const extras = lead.extraParts.map((extra) => {
    switch (extra.kind) {
      case 'choke':
        return choke(lead, extra);
      case 'braided sleeve':
        return braidedSleeve(lead, extra);
      default:
        return labelSleeve(lead, extra, house);
    }
  });
  const splits = lead.nodes
    .filter(({ kind }) => kind !== 'end')
    .map(({ id }) => splitShrink(lead, id, house));
  return [...ofEnds, ...splits, ...extras].map((part) => ({ ...part, ...lead.partOverrides[part.id] }));
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
  const jacket = jacketsAcross(input);
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

/** Trunk that the shrink of a split reaches over, and of the legs, metres. Engineering values. */
const splitCover = { trunk: 20e-3, legs: 20e-3 } as const;

/** The shrink over the crotch of a split: adhesive, so that it holds the legs together and keeps water out. */
function splitShrink(lead: Lead, nodeId: string, house: House): LeadPart {
  const trunk = lead.legs.find(({ fromNodeId, toNodeId }) => fromNodeId === nodeId || toNodeId === nodeId)!;
  const thick = legDiameter(lead, trunk.id);
  const legs = branchesDiameter(lead, nodeId, trunk.id);
  const joined = lead.joins.some((join) => join.nodeId === nodeId);
  const largest = Math.max(thick, legs) * (joined ? 1.25 : 1);
  const choice = chooseShrink(house.shrink, {
    largest,
    smallest: Math.min(thick, legs),
    covered: splitCover.trunk + splitCover.legs + (joined ? 40e-3 : 0),
    adhesive: true,
  });
  const away = 5e-3;
  return {
    id: `${nodeId}/shrink`,
    kind: 'split shrink',
    form: 'tube',
    ofMethod: false,
    endId: lead.ends[0]!.id,
    nodeId,
    label: `${choice?.shrink.name ?? 'adhesive shrink'}, split`,
    legId: trunk.id,
    place: trunk.toNodeId === nodeId ? trunk.finishedLength - away : away,
    opening: choice?.shrink.supplied ?? 1.1 * largest,
    outside: choice?.shrink.outside ?? 1.2 * largest,
    fixedOutside: largest + 1.5e-3,
    fixedBy: splitEventId(nodeId),
    cutLength: choice?.cutLength,
    missing: choice === undefined,
  };
}

/** A sleeve over a whole leg: it opens as far as its fibres let it. */
function braidedSleeve(lead: Lead, extra: Extract<ExtraPart, { kind: 'braided sleeve' }>): LeadPart {
  const end = endById(lead, extra.nearEndId);
  const leg = lead.legs.find(({ id }) => id === extra.legId)!;
  const sleeve = braidedSleeveById(extra.size);
  const bundle = legDiameter(lead, extra.legId);
  const { least, most } = sleeveRange(sleeve);
  const fits = bundle >= least && bundle <= most;
  return {
    id: extra.id,
    kind: 'braided sleeve',
    form: 'braid',
    ofMethod: false,
    endId: end.id,
    label: sleeve.name,
    legId: extra.legId,
    place: leg.finishedLength / 2,
    opening: most,
    outside: bundle + 1.5e-3,
    fixedOutside: bundle + 1.5e-3,
    fixedBy: fixEventId(extra.id),
    cutLength: fits
      ? sleeveCutLength(sleeve, bundle, Math.max(0.02, leg.finishedLength - 2 * extra.distance))
      : undefined,
    missing: !fits,
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
    fixedBy: fixEventId(extra.id),
    missing: false,
  };
}

/** Over all jackets at an end, metres. */
export function jacketAt(lead: Lead, end: LeadEnd): number {
  return legDiameter(lead, legAtEnd(lead, end).id);
}
