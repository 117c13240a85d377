import { hasKind } from '../house/instrument.ts';
import {
  holdLabels,
  holdWords,
  afterHeatWords,
  dryFitAdvice,
  noShortWords,
  heightLookWords,
  setbackWords,
  cableTugWords,
  dryFitWords,
} from '../words/join.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { nearestDie } from '../fit/die.ts';
import type { Explained } from '../quantity/explained.ts';
import type { SolderHeat } from '../fit/solder.ts';
import type { House } from '../house/house.ts';
import { openAtLeast } from '../reading/reading.ts';
import { formatForce } from '../quantity/force.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { ferrulePull, productionTug } from './pull.ts';
import type { RecipeInput } from './recipe.ts';
import { goBack } from './recipe.ts';
import type { JointKind } from './joint.ts';
import type { HoldPoint, Step } from './step.ts';
import type { StepRole } from './role.ts';
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

/** Contact time and cooling as figures of a step. */
export function heatFigures({ contact, cool }: SolderHeat): Step['figures'] {
  return [
    { label: 'iron on the joint', figure: contact, plus: null, minus: null },
    { label: 'let it cool', figure: cool, plus: null, minus: null },
  ];
}

/** How much wire is fed, with its thickness beside it. */
export const feedFigure = (feed: Explained, house: House, what = ''): Step['figures'][number] => ({
  label: `solder wire ${formatMillimetres(house.solderWire.diameter)} mm${what}`,
  figure: feed,
  plus: null,
  minus: null,
});

/** The usual caution at a solder joint; on PTFE it names the fumes. */
export function solderCaution({ cable, house }: RecipeInput): string {
  const fumes =
    cable.dielectric.material === 'PTFE'
      ? 'PTFE fumes are toxic: held above about 300 °C it gives them off. The iron is hotter than that so that the metal is quick; short contact, extraction on.'
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
    role = 'no-short' as 'no-short' | 'after-heat' | 'after-holes',
    why = 'This is the last moment at which a short costs nothing.',
    caution = null as string | null,
  } = {},
): StepDraft {
  return {
    role,
    work: 'measure',
    stage: 'Join',
    ...noShortWords({ endName: input.endName }),
    why,
    caution,
    tools: [{ label: 'Ohm meter', setting: 'highest range' }],
    hold: {
      label: `No short ${moment}`,
      kind: 'reading',
      reading: { label: 'Centre to body', quantity: 'resistance', min: openAtLeast, max: null },
      safety: true,
      ...holdWords,
      rework,
    },
  };
}

/** The same once heat has been at the joint: a dielectric that went soft lets the conductor wander. */
export function afterHeatStep(input: RecipeInput, rework: HoldPoint['rework']): StepDraft {
  return noShortStep(input, 'after the heat, when it is cold', rework, {
    role: 'after-heat',
    ...afterHeatWords,
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
  role: 'contact-height' | 'setback',
  rework: HoldPoint['rework'],
): StepDraft {
  const first = role === 'contact-height';
  const label = first ? 'Contact seated and at its height' : 'Setback at the end';
  const { practice, instruments } = input.house;
  // Where no gauge is owned an eye against the mating face has to do.
  const contactHeight =
    practice.contactHeight === 'by gauge' && !hasKind(instruments, 'depth gauge')
      ? 'by look'
      : practice.contactHeight;
  if (contactHeight !== 'by gauge')
    return {
      role,
      work: 'look',
      stage: 'Join',
      ...heightLookWords({ first, endName: input.endName, by: contactHeight }),
      hold: lookHold(label, rework),
    };
  return {
    role,
    work: 'measure',
    stage: 'Join',
    ...setbackWords({ first, endName: input.endName }),
    tools: [{ label: 'Depth gauge', setting: 'zeroed on the master' }],
    hold: setbackHold(input, label, rework),
  };
}

/** A straight pull on the finished end; what a soldered or screwed end calls for is a lighter one. */
export function cableTugStep(
  input: RecipeInput,
  held: string,
  joint: JointKind | null,
  rework: HoldPoint['rework'],
  share = productionTug,
): StepDraft {
  const pull = formatForce(ferrulePull(input.cable.jacket.diameter) * share);
  return {
    role: 'cable-tug',
    work: 'tug',
    joint,
    stage: 'Join',
    ...cableTugWords({ endName: input.endName, pull, held }),
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
export function dryFitStep(input: RecipeInput, backTo: StepRole): StepDraft {
  return {
    role: 'dry-fit',
    work: 'seat',
    stage: 'Join',
    ...dryFitWords({ endName: input.endName }),
    hold: lookHold(holdLabels.contactPassesBody, goBack(backTo, dryFitAdvice)),
  };
}
