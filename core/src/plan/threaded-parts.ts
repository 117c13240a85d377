import { splitEventId, fixEventId, labelEventId, shrinkEventId, closeEventId } from '../thread/event-id.ts';
import { partId } from '../thread/lead-part.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { braidedSleeveById, sleeveCutLength, sleeveRange } from '../cut/braided-sleeve.ts';
import { jacketsAcross } from '../fit/core-checks.ts';
import type { ShrinkChoice } from '../fit/heat-shrink.ts';
import { chooseShrink, tubeSizes } from '../fit/heat-shrink.ts';
import { sealFor } from '../fit/seal.ts';
import type { House } from '../house/house.ts';
import type { ExtraPart, Lead, LeadEnd } from '../lead/lead.ts';
import { branchesDiameter, legDiameter } from '../lead/bundle.ts';
import { endById, legAtEnd } from '../lead/lead.ts';
import type { AnyMethod, MethodPart } from '../method/method.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import { methodOf } from '../method/methods.ts';
import { addedThreadParts } from './added-parts.ts';
import { chokeParts } from './choke-parts.ts';
import { placeOnLeg } from './place-on-leg.ts';
import { stripShrinks } from './strip-shrinks.ts';

/** All threaded parts of a lead, derived from the methods of its ends, its extras and its overrides. */
export function threadedParts(
  lead: Lead,
  inputs: ReadonlyMap<string, AnyEndInput>,
  house: House,
): LeadPart[] {
  const ofEnds = lead.ends.flatMap((end) => partsOfEnd(lead, end, inputs.get(end.id)!));
  const extras = lead.extraParts.flatMap((extra) => {
    switch (extra.kind) {
      case 'choke':
        return chokeParts(lead, extra, house);
      case 'added':
        return addedThreadParts(lead, extra, inputs, house);
      case 'braided sleeve':
        return [braidedSleeve(lead, extra, house), ...sleeveShrinks(lead, extra, house)];
      default:
        return labelSleeve(lead, extra, house);
    }
  });
  const splits = lead.nodes
    .filter(({ kind }) => kind !== 'end')
    .map(({ id }) => splitShrink(lead, id, house));
  return [...ofEnds, ...splits, ...extras].map((part) => ({ ...part, ...lead.partOverrides[part.id] }));
}

/** A part told from its likes: the smaller spring, the red boot. */
const which = ({ size, colour, kind }: Pick<MethodPart, 'size' | 'colour' | 'kind'>) =>
  [size, colour, kind].filter((word) => word !== undefined).join(' ');

function partsOfEnd(lead: Lead, end: LeadEnd, input: AnyEndInput): LeadPart[] {
  const legId = legAtEnd(lead, end).id;
  const ofMethod = methodOf(input.connector.method)
    .parts(input)
    .map(({ kind, form, size, colour, back, opening, outside, fixedOutside, cutLength, face }): LeadPart => ({
      id: partId(end.id, kind),
      kind,
      form,
      name: which({ size, colour, kind }),
      ends: [end.id],
      label: `${which({ size, colour, kind })}, end ${end.name}`,
      ...(colour ? { colour } : {}),
      legId,
      place: placeOnLeg(lead, end, back),
      opening,
      outside,
      fixedOutside,
      ...(cutLength ? { cutLength } : {}),
      ...(face ? { facing: { face, towardNodeId: end.nodeId } } : {}),
      fixedBy: closeEventId(end.id),
      ofMethod: true,
      missing: false,
    }));
  const shrink = shrinkPart(lead, end, input);
  return [...ofMethod, ...stripShrinks(lead, end, input), ...(shrink ? [shrink] : [])];
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
  const inBag = !choice && !adhesive && input.contents.shrink === 'one';
  const name = inBag
    ? 'shrink from the bag'
    : (choice?.shrink.name ?? (adhesive ? 'adhesive shrink' : 'shrink'));
  return {
    id: partId(end.id, 'shrink'),
    kind: 'shrink',
    form: 'tube',
    name,
    ends: [end.id],
    label: `${name}, end ${end.name}`,
    legId: legAtEnd(lead, end).id,
    place: placeOnLeg(lead, end, covered + 0.02),
    ...tubeSizes(choice, largest),
    ...(inBag ? { missing: false } : {}),
    fixedOutside: largest + 1.5e-3,
    fixedBy: shrinkEventId(end.id),
    ofMethod: false,
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
    name: `label sleeve, ${choice?.shrink.name ?? 'shrink'}`,
    ends: [end.id],
    label: `label sleeve, ${choice?.shrink.name ?? 'shrink'}`,
    legId: extra.legId,
    place: placeOnLeg(lead, end, Math.min(extra.distance, 0.4 * leg.finishedLength)),
    ...tubeSizes(choice, jacket),
    fixedOutside: jacket + 1.5e-3,
    facing: { face: 'start of the text', towardNodeId: end.nodeId },
    fixedBy: labelEventId,
  };
}

/** Cable that the shrink of a split reaches over on either side, and where the end of a sleeve lies under it, metres. House defaults. */
const splitCover = { bare: 20e-3, sleeved: 37.5e-3 } as const;

/** The shrink over the crotch of a split: adhesive, so that it holds the legs together and keeps water out. */
function splitShrink(lead: Lead, nodeId: string, house: House): LeadPart {
  const trunk = lead.legs.find(({ fromNodeId, toNodeId }) => fromNodeId === nodeId || toNodeId === nodeId)!;
  const sleeved = braidedSleeves(lead).some(({ legId }) => splitsAt(lead, legId).includes(nodeId));
  const sleeve = sleeved ? sleeveWall : 0;
  const thick = legDiameter(lead, trunk.id);
  const legs = branchesDiameter(lead, nodeId, trunk.id);
  const joined = lead.joins.some((join) => join.nodeId === nodeId);
  // Sleeves end beside the lump of the joints, not on it.
  const largest = Math.max(Math.max(thick, legs) * (joined ? 1.25 : 1), Math.max(thick, legs) + sleeve);
  const choice = chooseShrink(house.shrink, {
    largest,
    smallest: Math.min(thick, legs),
    covered: 2 * (sleeved ? splitCover.sleeved : splitCover.bare) + (joined ? 40e-3 : 0),
    adhesive: true,
  });
  const away = 5e-3;
  return {
    id: `${nodeId}/shrink`,
    kind: 'split shrink',
    form: 'tube',
    ofMethod: false,
    ends: [],
    nodeId,
    name: choice?.shrink.name ?? 'adhesive shrink',
    label: `${choice?.shrink.name ?? 'adhesive shrink'}, split`,
    legId: trunk.id,
    place: trunk.toNodeId === nodeId ? trunk.finishedLength - away : away,
    ...tubeSizes(choice, largest),
    fixedOutside: largest + 1.5e-3,
    fixedBy: splitEventId(nodeId),
  };
}

type SleeveExtra = Extract<ExtraPart, { kind: 'braided sleeve' }>;

const braidedSleeves = ({ extraParts }: Lead) =>
  extraParts.filter((extra): extra is SleeveExtra => extra.kind === 'braided sleeve');

/** Which of several sleeves a part is, where a lead has more than one leg. */
const ofLeg = ({ legs }: Lead, { name }: LeadEnd) => (legs.length > 1 ? `, end ${name}` : '');

/** What a braided sleeve adds to what it lies on, across, metres. Engineering value. */
const sleeveWall = 1.5e-3;

/** The splits or splices that a leg ends at. */
function splitsAt(lead: Lead, legId: string): string[] {
  const leg = lead.legs.find(({ id }) => id === legId)!;
  return lead.nodes
    .filter(({ id, kind }) => kind !== 'end' && (id === leg.fromNodeId || id === leg.toNodeId))
    .map(({ id }) => id);
}

/** A sleeve over a whole leg: it opens as far as its fibres let it, and goes on to a split, under its shrink. */
function braidedSleeve(lead: Lead, extra: SleeveExtra, house: House): LeadPart {
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
    ends: [end.id],
    name: sleeve.name,
    label: `${sleeve.name}${ofLeg(lead, end)}`,
    legId: extra.legId,
    place: leg.finishedLength / 2,
    opening: most,
    outside: bundle + sleeveWall,
    fixedOutside: bundle + sleeveWall,
    fixedBy: fixEventId(extra.id),
    cutLength: fits
      ? sleeveCutLength(
          sleeve,
          bundle,
          Math.max(0.02, leg.finishedLength - (2 - splitsAt(lead, leg.id).length) * extra.distance),
          house.practice.sleeveCut === 'measure first' ? 'sealed' : 'over-long',
        )
      : undefined,
    missing: !fits,
  };
}

/** Shrink that holds one end of a braided sleeve: half on it, half on what it covers, metres. Engineering value. */
const sleeveEnd = 30e-3;

/** One short shrink for either end of a braided sleeve that does not lie under that of a split; each lies beyond its own end until the sleeve is drawn tight. */
function sleeveShrinks(lead: Lead, extra: SleeveExtra, house: House): LeadPart[] {
  const near = endById(lead, extra.nearEndId);
  const leg = lead.legs.find(({ id }) => id === extra.legId)!;
  const bundle = legDiameter(lead, extra.legId);
  const largest = bundle + sleeveWall;
  const choice = chooseShrink(house.shrink, {
    largest,
    smallest: bundle,
    covered: sleeveEnd,
    adhesive: house.practice.sleeveHold === 'shrink and adhesive',
  });
  const name = choice?.shrink.name ?? 'shrink';
  const inset = Math.min(extra.distance, 0.4 * leg.finishedLength);
  const splits = splitsAt(lead, leg.id);
  const sides = (['start', 'end'] as const).filter(
    (side) => !splits.includes(side === 'start' ? leg.fromNodeId : leg.toNodeId),
  );
  return sides.map((side) => ({
    id: `${extra.id}/shrink at its ${side}`,
    kind: 'sleeve shrink',
    form: 'tube',
    ofMethod: false,
    ends: [near.id],
    name,
    label: `${name} for the ${side} of the sleeve${ofLeg(lead, near)}`,
    legId: extra.legId,
    place: side === 'start' ? inset : leg.finishedLength - inset,
    ...tubeSizes(choice, largest),
    fixedOutside: largest + 1.5e-3,
    fixedBy: fixEventId(extra.id),
  }));
}

/** Over all jackets at an end, metres. */
export function jacketAt(lead: Lead, end: LeadEnd): number {
  return legDiameter(lead, legAtEnd(lead, end).id);
}
