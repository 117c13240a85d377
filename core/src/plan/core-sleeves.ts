import type { AnyEndInput } from '../end/end-input.ts';
import { isShieldLifted } from '../end/end-input.ts';
import { chooseShrink } from '../fit/heat-shrink.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { methodOf } from '../method/methods.ts';
import type { Explained } from '../quantity/explained.ts';
import type { CoreSleeve } from '../thread/core-sleeve.ts';

/** An end as its sleeves are worked out from it. */
interface SleevedEnd {
  readonly end: LeadEnd;
  readonly input: AnyEndInput;
  readonly strip: StripPlan;
}

/** Over one joint of a split, metres: the joint, and as much insulation on either side. Engineering value. */
const jointSleeve = 30e-3;

/** Every sleeve over a core, tail or joint of a lead that is still to be made. */
export function coreSleeves(lead: Lead, ends: readonly SleevedEnd[], house: House): CoreSleeve[] {
  const open = ends.filter(({ end }) => !lead.fittedEndIds.includes(end.id));
  return [
    ...open.flatMap(tailSleeves),
    ...open.flatMap(({ input }) => barrelSleeves(input)),
    ...jointSleeves(lead, house),
  ];
}

const inner = ({ practice }: House) => practice.innerShrink;

/** Over a shield tail, from the jacket edge to its contact: one for each cable that has one. */
function tailSleeves({ end, input, strip }: SleevedEnd): CoreSleeve[] {
  if (input.connector.series.kind !== 'pins' || isShieldLifted(input)) return [];
  return strip.routes
    .filter(({ kind, contact }) => kind === 'shield' && contact !== null)
    .flatMap((route) => {
      const tails = input.joints
        .find(({ contact }) => contact.id === route.contact)!
        .conductors.filter(({ kind }) => kind === 'shield');
      const length: Explained = {
        value: route.insulationEnd,
        kind: 'length',
        formula: 'jacket edge to its contact',
        terms: [
          { label: 'Way to the contact, less what is bare', value: route.insulationEnd, kind: 'length' },
        ],
        source: 'strip of this end',
      };
      return tails.map((tail, index) => ({
        id: `${end.id}/tail sleeve ${index + 1}`,
        kind: 'core sleeve' as const,
        name: `${inner(input.house)} tail sleeve`,
        label: `sleeve for the ${tail.label}${tail.ofCable ? ` of ${tail.ofCable}` : ''}, end ${end.name}`,
        cutLength: length,
        ends: [end.id],
      }));
    });
}

/** In the colour of its pole over the barrel of each plug of a pair, where its method leaves barrels bare. */
function barrelSleeves(input: AnyEndInput): CoreSleeve[] {
  const barrel = methodOf(input.connector.method).barrel?.(input);
  if (!barrel) return [];
  return input.joints.map((joint): CoreSleeve => {
    const choice = chooseShrink(input.house.shrink, {
      largest: barrel.over,
      // It grips the barrel; over the core it only hides the bare end.
      smallest: barrel.over,
      covered: barrel.covered,
      adhesive: false,
    });
    // Plugs of a pair come plus first.
    const colour = input.connector.contacts[0] === joint.contact ? 'red' : 'black';
    return {
      id: `${input.endId}/barrel sleeve ${joint.contact.id}`,
      kind: 'core sleeve',
      name: `${colour} ${choice?.shrink.name ?? 'shrink'}`,
      label: `${colour} sleeve over the barrel ${joint.contact.id}, end ${input.endName}`,
      colour,
      cutLength: choice?.cutLength ?? uncovered(barrel.covered),
      ends: [input.endId],
    };
  });
}

/** What is covered, where the shop has no tube that would do it. */
const uncovered = (covered: number): Explained => ({
  value: covered,
  kind: 'length',
  formula: 'covered; no tube of the shop goes over the barrel and grips it',
  terms: [{ label: 'Length covered', value: covered, kind: 'length' }],
  source: 'engineering value',
});

/** One over each joint of a split that is joined. */
function jointSleeves(lead: Lead, house: House): CoreSleeve[] {
  if (lead.fittedEndIds.length > 0) return [];
  return lead.joins.map((join, index) => ({
    id: `${join.nodeId}/joint sleeve ${index + 1}`,
    kind: 'core sleeve',
    name: `${inner(house)} joint sleeve`,
    label: `sleeve over joint ${index + 1} of the split`,
    cutLength: {
      value: jointSleeve,
      kind: 'length',
      formula: 'joint, and insulation on either side',
      terms: [],
      source: 'engineering value',
    },
    ends: [],
  }));
}
