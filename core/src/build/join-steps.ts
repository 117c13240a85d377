import type { FeatureName } from '../connector/features.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { nearestDie } from '../fit/die.ts';
import type { SolderHeat } from '../fit/solder.ts';
import type { House } from '../house/house.ts';
import { openAtLeast } from '../prove/reading.ts';
import { formatForce } from '../quantity/force.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { ferrulePull, productionTug } from './pull.ts';
import type { RecipeInput } from './recipe.ts';
import { goBack } from './recipe.ts';
import type { HoldPoint, Step } from './step.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

type Tool = Step['tools'][number];

/** The shop's die for a size, or what is nearest and what that does. */
export function dieTool(label: string, wanted: number, house: House): Tool {
  const nearest = nearestDie(wanted, house.dies);
  const size = (metres: number) => `hex ${formatMillimetres(metres, 2)} mm`;
  if (nearest === undefined) return { label, setting: `${size(wanted)}, none in the shop` };
  if (Math.abs(nearest - wanted) <= 0.1e-3 + 1e-8) return { label, setting: size(nearest) };
  return {
    label,
    setting: `${size(wanted)}; nearest in the shop ${size(nearest)}, not exact: ${nearest > wanted ? 'crimps loosely' : 'cuts in'}`,
  };
}

/** Iron, tip and setting for a joint. */
export function ironTool({ tip, celsius }: SolderHeat): Tool {
  return { label: 'Iron', setting: `${tip}, ${celsius} °C` };
}

/** Dwell and cooling as figures of a step. */
export function heatFigures({ dwell, cool }: SolderHeat): Step['figures'] {
  return [
    { label: 'dwell', figure: dwell, plus: null, minus: null },
    { label: 'let it cool', figure: cool, plus: null, minus: null },
  ];
}

/** The usual caution at a solder joint; on PTFE it names the fumes. */
export function solderCaution({ cable, house }: RecipeInput): string {
  const fumes =
    cable.dielectric.material === 'PTFE'
      ? 'Never overheat PTFE: toxic above about 300 °C.'
      : 'Extraction on.';
  const lead = house.practice.solder === 'leaded' ? ' Wash hands afterwards: lead.' : '';
  return `Glasses on. The iron and the joint burn, also after it has set. ${fumes}${lead}`;
}

/** Centre to body must read open while that can still be put right: measured, never waived. */
export function noShortStep(
  input: RecipeInput,
  moment: string,
  rework: HoldPoint['rework'],
  {
    name = 'no-short',
    why = 'This is the last moment at which a short costs nothing.',
    caution = null as string | null,
  } = {},
): StepDraft {
  return {
    name,
    work: 'measure',
    stage: 'Join',
    title: `Measure centre to body, end ${input.endName}`,
    text: {
      firstTime:
        'Nothing connected at the other end. Ohm meter from the contact to the body: it must read open. Move the cable a little while you look.',
      experienced: 'Contact to body: open, also when moved.',
    },
    why,
    caution,
    tools: [{ label: 'Ohm meter', setting: 'highest range' }],
    hold: {
      label: `No short ${moment}`,
      kind: 'reading',
      reading: { label: 'Centre to body', quantity: 'resistance', min: openAtLeast, max: null },
      safety: true,
      safetyReason:
        'A shorted lead can burn whoever or whatever stands at a transmitter or a fed port. It is measured, never waived.',
      rework,
    },
  };
}

/** The same once heat has been at the joint: a dielectric that went soft lets the conductor wander. */
export function afterHeatStep(input: RecipeInput, rework: HoldPoint['rework']): StepDraft {
  return noShortStep(input, 'after the heat, when it is cold', rework, {
    name: 'after-heat',
    why: 'A dielectric that went soft lets the conductor wander into the shield.',
    caution: 'The body stays hot for minutes: let it cool, then measure.',
  });
}

/** How far the contact stands before or behind its place, judged by what the series allows. */
export function setbackHold(
  { card }: RecipeInput,
  label: string,
  rework: HoldPoint['rework'],
  tolerance: FeatureName = 'contactTolerance',
): HoldPoint {
  const allowed = featureValue(card, tolerance);
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

/** The contact's place on the mating face, measured. */
export function setbackStep(
  input: RecipeInput,
  name: 'contact-height' | 'setback',
  rework: HoldPoint['rework'],
): StepDraft {
  const first = name === 'contact-height';
  return {
    name,
    work: 'measure',
    stage: 'Join',
    title: first
      ? `Measure where the contact stands, end ${input.endName}`
      : `Measure the contact again, end ${input.endName}`,
    text: {
      firstTime: first
        ? 'With the depth gauge on the mating face, read how far the contact stands before (+) or behind (-) its place.'
        : 'Depth gauge as before: fixing the body can push the contact.',
      experienced: first ? 'Depth gauge: before +, behind -.' : 'Depth gauge again.',
    },
    why: first
      ? 'A contact too far forward strains the mating one; too far back it does not meet it.'
      : 'This is the setback that the mating connector meets.',
    tools: [{ label: 'Depth gauge', setting: 'zeroed on the master' }],
    hold: setbackHold(input, first ? 'Contact seated and at its height' : 'Setback at the end', rework),
  };
}

/** A straight pull on the finished end; what a soldered or screwed end calls for is a lighter one. */
export function cableTugStep(
  input: RecipeInput,
  held: string,
  rework: HoldPoint['rework'],
  share = productionTug,
): StepDraft {
  const pull = formatForce(ferrulePull(input.cable.jacket.diameter) * share);
  return {
    name: 'cable-tug',
    work: 'tug',
    stage: 'Join',
    title: `Tug the cable, end ${input.endName}`,
    text: {
      firstTime: `Hold the body and pull the cable straight, about ${pull}. Nothing moves.`,
      experienced: `About ${pull}, straight.`,
    },
    why: 'What is not held shows now, not at the customer.',
    good: ['nothing moves'],
    bad: [`jacket or shield slides in the ${held}`],
    hold: lookHold(`${held[0]!.toUpperCase()}${held.slice(1)} holds`, rework),
  };
}

/** How tight a nut of the connector itself is made: to a torque, or to a described feel. */
export function tighteningSetting(torque: number, house: House): string {
  return house.practice.tightening === 'torque'
    ? `${torque} N m`
    : 'by feel: firm, then an eighth of a turn, the body held';
}

/** The fit of the contact in the body before anything is fixed. */
export function dryFitStep(input: RecipeInput, backTo: string): StepDraft {
  return {
    name: 'dry-fit',
    work: 'seat',
    stage: 'Join',
    title: `Dry-fit the body, end ${input.endName}`,
    text: {
      firstTime:
        'Pass the body over the contact without fixing it. It must go on by its own weight and stop where it should. Solder on the outside of the contact is scraped off, and the scrapings brushed away from the dielectric.',
      experienced: 'Body on by its own weight; scrape, brush, again.',
    },
    why: 'Solder on the outside keeps the contact from entering the body, or pushes its insulator out.',
    good: ['slides on without force', 'nothing scraped lies across to the shield'],
    bad: ['contact jams in the body', 'bead or spike on the contact'],
    hold: lookHold('Contact passes the body', goBack(backTo, 'Wick or scrape the excess off the contact.')),
  };
}
