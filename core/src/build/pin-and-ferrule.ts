import type { CoaxCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import type { CutLength } from '../cut/cut-length.ts';
import { nearestDie } from '../fit/die.ts';
import type { House } from '../house/house.ts';
import type { LeadEnd } from '../lead/lead.ts';
import { openAtLeast } from '../prove/reading.ts';
import { formatForce } from '../quantity/force.ts';
import { formatMillimetres } from '../quantity/length.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cutOf } from '../strip/strip-plan.ts';
import { partId } from '../thread/threaded-parts.ts';
import { contactPull, ferrulePull, productionTug } from './pull.ts';
import type { HoldPoint, StepPart } from './step.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

/** What a recipe is computed from. */
export interface RecipeInput {
  readonly end: LeadEnd;
  readonly cable: CoaxCable;
  readonly connector: Connector;
  readonly card: GaugeCard;
  readonly strip: StripPlan;
  readonly cut: CutLength;
  readonly house: House;
  /** Parts that must be on the cable before this end is closed. */
  readonly requires: readonly StepPart[];
}

/** Strip and Join of a connector with crimped contact and crimped ferrule. */
export function pinAndFerruleSteps(input: RecipeInput): StepDraft[] {
  return [...stripSteps(input), ...joinSteps(input)];
}

/** A strip taken again costs a squaring cut and the strip itself; nothing is scrap yet. */
function stripAgain({ strip, house }: RecipeInput, advice: string): HoldPoint['rework'] {
  return {
    backTo: 'jacket',
    advice,
    scrap: [],
    partsOff: [],
    uses: house.squaring + cutOf(strip, 'conductor').position.value,
  };
}

/** A closed end cut off: contact, body and ferrule are scrap, and the ferrule has to be threaded anew. */
function cutOffAgain({ end, cut, connector }: RecipeInput, advice: string): HoldPoint['rework'] {
  const { length } = cut.retermination.find(({ endId }) => endId === end.id)!;
  return {
    backTo: 'jacket',
    advice,
    scrap: [`${connector.series} plug with contact`, 'ferrule'],
    partsOff: [partId(end.id, 'ferrule')],
    uses: length.value,
  };
}

function stripSteps(input: RecipeInput): StepDraft[] {
  const { strip, house, cable, end } = input;
  const [braid, dielectric, conductor] = (['braid', 'dielectric', 'conductor'] as const).map((layer) =>
    cutOf(strip, layer),
  );
  const isBlade = house.practice.stripping === 'blade';
  const tool = isBlade
    ? { label: 'Blade', setting: 'fresh, shallow' }
    : { label: 'Rotary prep tool', setting: 'blade depth tried on an offcut' };
  const figure = (label: string, cut: typeof braid) => ({
    label,
    figure: cut!.position,
    plus: cut!.plus,
    minus: cut!.minus,
  });
  const [braids, them] = cable.braids.length > 1 ? ['both braids', 'them'] : ['the braid', 'it'];
  const caution = isBlade ? 'Cut away from the hand; clamp the cable.' : 'Glasses on when wire ends fly.';
  const where = `end ${end.name}`;
  return [
    {
      name: 'jacket',
      stage: 'Strip',
      title: `Take the jacket off, ${where}`,
      text: {
        firstTime: `Square the end. Mark the jacket at the figure below from the cut end, turn the ${isBlade ? 'blade' : 'tool'} round it without pressing the cable flat, and pull the ring of jacket off. Look at the braid under it.`,
        experienced: 'Square, score, pull. Do not touch the braid.',
      },
      why: 'Every other length is counted from the jacket edge.',
      tools: [tool],
      figures: [{ label: 'from the cut end', figure: conductor!.position, plus: null, minus: null }],
      caution,
      good: ['clean, square jacket edge', 'every braid wire whole'],
      bad: ['ring cut into the braid', 'cable pressed oval'],
    },
    {
      name: 'braid',
      stage: 'Strip',
      title: `Trim ${braids}, ${where}`,
      text: {
        firstTime: `Comb ${braids} straight, lay ${them} flat on the dielectric and trim ${them} all round at the figure below from the jacket edge. Brush loose wires away before the next cut.`,
        experienced: `Comb, trim all round, brush off.`,
      },
      why: `Too long: ${braid!.tooLong}`,
      tools: [tool],
      figures: [figure('from the jacket edge', braid)],
      caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
      good: ['even edge all round'],
      bad: ['a single long wire', 'dielectric scored'],
    },
    {
      name: 'dielectric',
      stage: 'Strip',
      title: `Bare the conductor, ${where}`,
      text: {
        firstTime: `Cut the dielectric square at the figure below from the jacket edge. Cut three quarters through, turn, and pull the slug off with a twist ${cable.conductor.strands > 1 ? 'in the direction of the lay' : 'along the conductor'}. Then trim the conductor to its length.`,
        experienced: 'Three quarters through, twist, pull. Trim the conductor.',
      },
      why: `Too short: ${dielectric!.tooShort}`,
      tools: [tool],
      figures: [
        figure('dielectric, from the jacket edge', dielectric),
        figure('conductor, from the jacket edge', conductor),
      ],
      caution,
      good: ['square face', 'conductor bright and round'],
      bad: ['ring mark on the conductor', 'residue left on it'],
    },
    {
      name: 'measure',
      stage: 'Strip',
      title: `Measure the strip, ${where}`,
      text: {
        firstTime:
          'Type what the caliper says from the jacket edge, or offer the cable up to the connector. Leave a field empty when it was not measured.',
        experienced: 'Type what you cut, or go on.',
      },
      why: 'A strip that is out can still be trimmed; a closed connector cannot.',
      tools: [{ label: 'Caliper', setting: 'from the jacket edge' }],
      figures: [figure('braid', braid), figure('dielectric', dielectric), figure('conductor', conductor)],
      recordsStrip: true,
    },
    {
      name: 'nick-and-whisker',
      stage: 'Strip',
      title: `Look for nicks and whiskers, ${where}`,
      text: {
        firstTime:
          'Under the magnifier, turn the cable once round. Look at the conductor for a ring mark, at the dielectric for a wire lying on it, at the braid edge for a long one.',
        experienced: 'Once round under the magnifier.',
      },
      why: 'A nicked conductor breaks in use; one whisker on the dielectric is a dead short.',
      tools: [{ label: 'Magnifier', setting: '' }],
      good: ['no mark on the conductor', 'dielectric clean all round'],
      bad: ['ring mark or missing strand', 'braid wire across the dielectric'],
      hold: lookHold(
        'No nick, no whisker',
        stripAgain(
          input,
          'A whisker: brush it off and look again. A nick: cut off the strip and take it again.',
        ),
      ),
    },
  ];
}

function joinSteps(input: RecipeInput): StepDraft[] {
  const { end, cable, connector, card, house, requires } = input;
  const where = `end ${end.name}`;
  const die = (label: string, wanted: number) => ({ label, setting: dieSetting(wanted, house.dies) });
  const tug = contactPull(cable.conductor.diameter) * productionTug;
  const pull = ferrulePull(cable.jacket.diameter) * productionTug;
  const hole = card.features.inspectionHoleFar.value;
  return [
    {
      name: 'contact',
      stage: 'Join',
      title: `Crimp the contact, ${where}`,
      text: {
        firstTime: `Push the centre contact on until its flange sits against the dielectric. ${cable.conductor.strands > 1 ? 'All strands inside: twist them tight first. ' : ''}Conductor shows in the inspection hole, ${formatMillimetres(hole)} mm from its rear. Crimp once, in the middle of the barrel.`,
        experienced: 'Flange on the dielectric, conductor in the hole, crimp once.',
      },
      why: 'The contact carries the whole current and is hidden afterwards.',
      tools: [die('Contact die', connector.pinDie)],
      good: ['conductor seen in the hole', 'no gap behind the flange', 'contact straight'],
      bad: ['gap over 0.1 mm', 'strand outside', 'crimped twice'],
    },
    {
      name: 'contact-tug',
      stage: 'Join',
      title: `Tug the contact, ${where}`,
      text: {
        firstTime: `Hold the cable and pull the contact straight, about ${formatForce(tug)}. It must not move on the conductor.`,
        experienced: `About ${formatForce(tug)}, straight.`,
      },
      why: 'Once it is in the body a loose contact cannot be reached.',
      good: ['does not move'],
      bad: ['turns or slides'],
      hold: lookHold('Contact crimped and tugged', {
        ...stripAgain(input, 'Cut the contact off with its conductor and strip again. The contact is scrap.'),
        scrap: ['centre contact'],
      }),
    },
    {
      name: 'insert',
      stage: 'Join',
      title: `Seat the contact in the body, ${where}`,
      text: {
        firstTime: `Flare the braid a little. Push the body on so that its stem goes under the braid and over the dielectric, straight, until the contact seats. Braid lies evenly round the stem.`,
        experienced: 'Stem under the braid, push till it seats.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...requires],
      good: ['contact seats with a click or a firm stop', 'braid even round the stem'],
      bad: ['braid pushed up in front of the stem', 'contact pushed back'],
    },
    {
      name: 'contact-height',
      stage: 'Join',
      title: `Measure where the contact stands, ${where}`,
      text: {
        firstTime:
          'With the depth gauge on the mating face, read how far the contact stands before (+) or behind (-) its place.',
        experienced: 'Depth gauge: before +, behind -.',
      },
      why: 'A contact too far forward strains the mating one; too far back it does not meet it.',
      tools: [{ label: 'Depth gauge', setting: 'zeroed on the master' }],
      hold: setbackHold(input, 'Contact seated and at its height', {
        backTo: 'insert',
        advice: 'Pull the body off, look at the strip, and seat it again.',
        scrap: [],
        partsOff: [],
        uses: 0,
      }),
    },
    {
      name: 'no-short',
      stage: 'Join',
      title: `Measure centre to body, ${where}`,
      text: {
        firstTime:
          'Nothing connected at the other end. Ohm meter from the contact to the body: it must read open. Move the cable a little while you look.',
        experienced: 'Contact to body: open, also when moved.',
      },
      why: 'This is the last moment at which a short costs nothing.',
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: 'No short before the ferrule is crimped',
        kind: 'reading',
        reading: { label: 'Centre to body', quantity: 'resistance', min: openAtLeast, max: null },
        safety: true,
        safetyReason:
          'A shorted lead can burn whoever or whatever stands at a transmitter or a fed port. It is measured, never waived.',
        rework: {
          backTo: 'insert',
          advice: 'Pull the body off and look for a whisker or braid in front of the stem.',
          scrap: [],
          partsOff: [],
          uses: 0,
        },
      },
    },
    {
      name: 'ferrule',
      stage: 'Join',
      title: `Crimp the ferrule, ${where}`,
      text: {
        firstTime:
          'Lay the braid flat on the stem, slide the ferrule over it until it stands against the body, and crimp once. Leave a small bell at the cable end so that no sharp edge sits on the braid.',
        experienced: 'Against the body, crimp once, bell at the cable end.',
      },
      why: 'The ferrule holds the braid electrically and the cable mechanically.',
      tools: [die('Ferrule die', connector.ferruleDie)],
      good: ['ferrule against the body', 'even hexagon', 'bell at the cable end'],
      bad: ['gap between ferrule and body', 'braid wires outside', 'crimped twice'],
    },
    {
      name: 'ferrule-tug',
      stage: 'Join',
      title: `Tug the cable, ${where}`,
      text: {
        firstTime: `Hold the body and pull the cable straight, about ${formatForce(pull)}. Nothing moves.`,
        experienced: `About ${formatForce(pull)}, straight.`,
      },
      why: 'A missed crimp shows now, not at the customer.',
      good: ['nothing moves'],
      bad: ['jacket or braid slides in the ferrule'],
      hold: lookHold(
        'Ferrule crimped and tugged',
        cutOffAgain(input, 'Cut the connector off and make the end again. Never crimp a ferrule twice.'),
      ),
    },
    {
      name: 'setback',
      stage: 'Join',
      title: `Measure the contact again, ${where}`,
      text: {
        firstTime: 'Depth gauge as before: crimping can push the contact.',
        experienced: 'Depth gauge again.',
      },
      why: 'This is the setback that the mating connector meets.',
      tools: [{ label: 'Depth gauge', setting: 'zeroed on the master' }],
      hold: setbackHold(
        input,
        'Setback at the end',
        cutOffAgain(input, 'It cannot be moved any more: cut the connector off and make the end again.'),
      ),
    },
  ];
}

function setbackHold({ card }: RecipeInput, label: string, rework: HoldPoint['rework']): HoldPoint {
  const allowed = card.features.contactTolerance.value;
  return {
    label,
    kind: 'reading',
    reading: {
      label: 'Contact before (+) or behind (-) its place',
      quantity: 'length',
      min: -allowed,
      max: allowed,
    },
    safety: false,
    safetyReason: '',
    rework,
  };
}

/** The shop's die for a size, or what is nearest and that it is not exact. */
function dieSetting(wanted: number, dies: readonly number[]): string {
  const nearest = nearestDie(wanted, dies);
  const size = (metres: number) => `hex ${formatMillimetres(metres, 2)} mm`;
  if (nearest === undefined) return `${size(wanted)}, none in the shop`;
  if (Math.abs(nearest - wanted) <= 0.1e-3 + 1e-8) return size(nearest);
  return `${size(wanted)}; nearest in the shop ${size(nearest)}, not exact`;
}
