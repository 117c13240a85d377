import type { Choke } from '../fit/choke-rejection.ts';
import { chooseShrink, tubeSizes } from '../fit/heat-shrink.ts';
import type { House } from '../house/house.ts';
import { legDiameter } from '../lead/bundle.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { stackLength } from '../line/choke.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { fixEventId } from '../thread/event-id.ts';
import { placeOnLeg } from './place-on-leg.ts';

/** A stack of beads with the tubes at its ends and the shrink over it all. */
export const chokeParts = (lead: Lead, extra: Choke, house: House): LeadPart[] => [
  stackOf(lead, extra),
  ...chokeEnds(lead, extra, house),
];

/** A stack of beads: ferrite is rigid, so it passes nothing that is thicker than its bore. */
function stackOf(lead: Lead, extra: Choke): LeadPart {
  const end = endById(lead, extra.nearEndId);
  const leg = lead.legs.find(({ id }) => id === extra.legId)!;
  return {
    id: extra.id,
    kind: 'choke',
    form: 'beads',
    ofMethod: false,
    ends: [end.id],
    name: `choke, ${extra.beads} ${extra.beads === 1 ? 'bead' : 'beads'}`,
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

/** Room that a tube has over the jacket, part of it, and its wall, both sides together, metres. Engineering values. */
const endTube = { room: 1.1, walls: 2e-3 } as const;
/** Filler in the end tubes builds the cable up to at least this part of the beads, so that the shrink closes on it. Engineering value. */
const filledTo = 0.6;

/** The free tube at either end of a stack, filled round the cable, and the shrink that seals stack and tubes. */
function chokeEnds(lead: Lead, extra: Choke, house: House): LeadPart[] {
  const end = endById(lead, extra.nearEndId);
  const jacket = legDiameter(lead, extra.legId);
  const { stack, endTube: length, shrink } = stackLength(extra.bead, extra.beads);
  const common = { ofMethod: false, ends: [end.id], legId: extra.legId, fixedBy: fixEventId(extra.id) };
  const at = (distance: number) => placeOnLeg(lead, end, Math.max(1e-3, distance));
  const tube = (side: 'near' | 'far', distance: number): LeadPart => ({
    ...common,
    id: `${extra.id}/tube, ${side} side`,
    kind: 'choke tube',
    form: 'sleeve',
    name: 'end tube of the choke',
    label: `end tube of the choke, ${side} side`,
    place: at(distance),
    opening: endTube.room * jacket,
    outside: endTube.room * jacket + endTube.walls,
    fixedOutside: extra.bead.outside,
    cutLength: {
      value: length,
      kind: 'length',
      formula: 'half a bead',
      terms: [{ label: 'Outside of a bead', value: extra.bead.outside, kind: 'length' }],
      source: 'engineering value',
    },
    missing: false,
  });
  const choice = chooseShrink(house.shrink, {
    largest: extra.bead.outside,
    smallest: Math.max(jacket, filledTo * extra.bead.outside),
    covered: shrink,
    adhesive: true,
  });
  const name = choice?.shrink.name ?? 'adhesive shrink';
  const last = extra.distance + stack + length;
  return [
    tube('near', extra.distance - length),
    tube('far', last),
    {
      ...common,
      id: `${extra.id}/shrink`,
      kind: 'choke shrink',
      form: 'tube',
      name,
      label: `${name} over the choke`,
      place: at(last + length),
      ...tubeSizes(choice, extra.bead.outside),
      fixedOutside: extra.bead.outside + 2e-3,
    },
  ];
}
