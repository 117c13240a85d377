import type { Connector } from '../connector/connector.ts';
import {
  jacketWords,
  trimBraidWords,
  foldBraidWords,
  dielectricWords,
  measureWords,
  withTrialFitWords,
  nickWords,
} from '../words/strip.ts';
import type { CutLayer, StripCut } from '../strip/strip-plan.ts';
import { cutKey, cutOf, findCut, stripLength } from '../strip/cut-of.ts';
import type { RecipeInput } from './recipe.ts';
import { stripAgain } from './recipe.ts';
import type { Step } from './step.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

type StepFigure = Step['figures'][number];

/** A cut as a figure of a step, with its tolerance. */
export function cutFigure(label: string, cut: StripCut): StepFigure {
  return { label, figure: cut.position, plus: cut.plus, minus: cut.minus };
}

/** Which cuts each strip step makes: what its drawing shows. */
export const layersOfStep: Readonly<Record<string, readonly CutLayer[]>> = {
  jacket: ['conductor'],
  braid: ['braid'],
  foil: ['foil'],
  tube: ['tube'],
  dielectric: ['dielectric', 'conductor'],
};

const isBlade = ({ house }: RecipeInput) => house.practice.stripping === 'blade';
const atEnd = ({ endName }: RecipeInput) => `end ${endName}`;

export function stripTool(input: RecipeInput) {
  return isBlade(input)
    ? { label: 'Blade', setting: 'fresh, shallow' }
    : { label: 'Rotary prep tool', setting: 'blade depth tried on an offcut' };
}

export function stripCaution(input: RecipeInput): string {
  return isBlade(input) ? 'Cut away from the hand; clamp the cable.' : 'Glasses on when wire ends fly.';
}

/** Both braids or one, as words for a sentence: what they are called, and what stands for them after that. */
export function braidWords({ cable }: Pick<RecipeInput, 'cable'>): [braids: string, them: string] {
  return cable.braids.length > 1 ? ['both braids', 'them'] : ['the braid', 'it'];
}

/** Squares the end and takes the jacket off: the datum of all that follows. */
export function jacketStep(input: RecipeInput): StepDraft {
  const { strip } = input;
  return {
    role: 'jacket',
    work: 'strip',
    stage: 'Strip',
    ...jacketWords({ where: atEnd(input), isBlade: isBlade(input) }),
    tools: [stripTool(input)],
    figures: [
      { label: 'from the cut end', figure: stripLength(strip), plus: null, minus: null },
      ...strip.prepTool.map(({ label, at }) => ({
        label: `prep tool: ${label}`,
        figure: at,
        plus: null,
        minus: null,
      })),
    ],
    caution: stripCaution(input),
  };
}

/** Trims the braid short of the dielectric, and the foil where there is one. */
export function trimBraidStep(input: RecipeInput): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const foil = findCut(input.strip, 'foil');
  const [braids, them] = braidWords(input);
  return {
    role: 'braid',
    work: 'braid',
    stage: 'Strip',
    ...trimBraidWords({
      braids,
      where: atEnd(input),
      them,
      hasFoil: foil !== undefined,
      tooLong: braid.tooLong,
    }),
    tools: [stripTool(input)],
    figures: [
      cutFigure('braid, from the jacket edge', braid),
      ...(foil ? [cutFigure('foil, from the jacket edge', foil)] : []),
    ],
  };
}

/** Combs the braid out and lays it back over the jacket. */
export function foldBraidStep(input: RecipeInput, onto: string): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const [braids, them] = braidWords(input);
  return {
    role: 'braid',
    work: 'braid',
    stage: 'Strip',
    ...foldBraidWords({
      braids,
      where: atEnd(input),
      them,
      onto,
      hasFoil: input.cable.foil !== null,
      tooShort: braid.tooShort,
    }),
    tools: [stripTool(input)],
    figures: [cutFigure('braid, from the jacket edge', braid)],
  };
}

/** Bares the conductor and trims it. */
export function dielectricStep(
  input: RecipeInput,
  after = 'Then trim the conductor to its length.',
): StepDraft {
  const { strip, cable } = input;
  const dielectric = cutOf(strip, 'dielectric');
  const where = strip.datum === 'tube end' ? 'tube end' : 'jacket edge';
  const stranded = cable.conductor.strands > 1;
  return {
    role: 'dielectric',
    work: 'strip',
    stage: 'Strip',
    ...dielectricWords({
      where: atEnd(input),
      where2: where,
      isBlade: input.house.practice.stripping === 'blade',
      stranded,
      after,
      tooShort: dielectric.tooShort,
    }),
    tools: [stripTool(input)],
    figures: [
      cutFigure(`dielectric, from the ${where}`, dielectric),
      cutFigure(`conductor, from the ${where}`, cutOf(strip, 'conductor')),
    ],
    caution: stripCaution(input),
  };
}

/** The strip is proved before anything is closed: typed from the caliper, tried against the connector, or both, as the house does. */
export function measureSteps(input: RecipeInput): StepDraft[] {
  const { strip } = input;
  const measured: StepDraft = {
    role: 'measure',
    work: 'measure',
    stage: 'Strip',
    ...measureWords({ where: atEnd(input), datum: strip.datum }),
    tools: [{ label: 'Caliper', setting: `from the ${strip.datum}` }],
    figures: strip.cuts.map((cut) => cutFigure(cutKey(cut), cut)),
    recordsStrip: true,
  };
  return withTrialFit(input, measured);
}

/** Methods whose body cuts a thread of its own into the jacket. */
const bitesCable = ({ method }: Connector) => method === 'screw-on body' || method === 'soldered body';

/** What of measuring and trying a house does. */
export function withTrialFit(
  { house, endName, connector }: Pick<RecipeInput, 'house' | 'endName'> & { readonly connector: Connector },
  measured: StepDraft,
): StepDraft[] {
  const { stripLengths } = house.practice;
  const trial: StepDraft = {
    role: 'trial-fit',
    work: 'seat',
    stage: 'Strip',
    ...withTrialFitWords({ endName, bites: bitesCable(connector) }),
    tools: [{ label: 'Caliper', setting: 'depth rod for the gap' }],
    trialFit: true,
  };
  if (stripLengths === 'measure to the drawing') return [measured];
  return stripLengths === 'the connector as the gauge' ? [trial] : [measured, trial];
}

/** The look that ends every strip. */
export function nickStep(input: RecipeInput, rework = stripAgain(input, nickAdvice)): StepDraft {
  const shield = input.cable.braids.length > 0;
  return {
    role: 'nick-and-whisker',
    work: 'look',
    stage: 'Strip',
    ...nickWords({ shield, where: atEnd(input) }),
    tools: [{ label: 'Magnifier', setting: '' }],
    hold: lookHold(shield ? 'No nick, no whisker' : 'No nick, no chip', rework),
  };
}

const nickAdvice =
  'A whisker or chip: brush it off and look again. A nick: cut off the strip and take it again.';
