import type { Connector } from '../connector/connector.ts';
import {
  jacketWords,
  trimBraidWords,
  foldBraidWords,
  dielectricWords,
  firstCutWords,
  oneSpinWords,
  secondCutWords,
  measureWords,
  withTrialFitWords,
  nickWords,
} from '../words/strip.ts';
import { stripperFindings } from '../fit/stripper-fit.ts';
import type { StripperKind } from '../house/stripper.ts';
import type { Explained } from '../quantity/explained.ts';
import type { CutLayer, StripCut, StripPlan } from '../strip/strip-plan.ts';
import { cutKey, cutOf, findCut, stripLength } from '../strip/cut-of.ts';
import type { RecipeInput } from './recipe.ts';
import { stripAgain } from './recipe.ts';
import type { Step } from './step.ts';
import { stripperOf } from './step.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

type StepFigure = Step['figures'][number];

/** A cut as a figure of a step, with its tolerance. */
export function cutFigure(label: string, cut: StripCut): StepFigure {
  return { label, figure: cut.position, plus: cut.plus, minus: cut.minus };
}

/** Which cuts each strip step makes: what its drawing shows. */
export const layersOfStep: Readonly<Record<string, readonly CutLayer[]>> = {
  'one-spin': ['braid', 'foil', 'dielectric', 'conductor'],
  jacket: ['conductor'],
  chamfer: ['conductor'],
  braid: ['braid'],
  foil: ['foil'],
  tube: ['tube'],
  dielectric: ['dielectric', 'conductor'],
};

const atEnd = ({ endName }: RecipeInput) => `end ${endName}`;

/** Cuts of a tool with stops or fixed blades that a step makes, from the cut end: all that can be measured while the jacket is on. */
export function toolCutsOf(
  step: Pick<Step, 'role' | 'tools'>,
  { prepTool }: StripPlan,
): StripPlan['prepTool'] {
  if (stripperOf(step) === undefined) return [];
  if (step.role === 'one-spin') return prepTool;
  const [first, second, third] = prepTool;
  // Three blades cut in one step: what comes after it is cut by hand.
  if (!first || !second || third) return [];
  return step.role === 'dielectric' ? [first] : step.role === 'jacket' ? [second] : [];
}

/** How a tool is set where this bench has said nothing. */
const usualSetting: Readonly<Record<StripperKind, string>> = {
  'two-position rotary tool': 'blade depth tried on an offcut',
  'three-blade rotary tool': 'three depths tried on an offcut',
  blade: 'fresh, shallow',
  'jacket stripper': 'depth tried on an offcut',
  'fine saw': 'light strokes',
  'tube cutter': 'a quarter turn deeper each round',
  'coring tool': 'by hand',
};

/** The tool that an end is stripped with, as its steps name it, set as this bench says or else as is usual for the step. */
export const stripTool = (
  { stripper }: Pick<RecipeInput, 'stripper'>,
  usual = usualSetting[stripper.kind],
) => ({
  label: `${stripper.name.slice(0, 1).toUpperCase()}${stripper.name.slice(1)}`,
  setting: stripper.setting || usual,
  stripper: stripper.id,
});

const stripCaution = ({ stripper }: Pick<RecipeInput, 'stripper'>): string =>
  stripper.kind === 'blade' ? 'Cut away from the hand; clamp the cable.' : 'Glasses on when wire ends fly.';

/** Both braids or one, as words for a sentence: what they are called, and what stands for them after that. */
export function braidWords({ cable }: Pick<RecipeInput, 'cable'>): [braids: string, them: string] {
  return cable.braids.length > 1 ? ['both braids', 'them'] : ['the braid', 'it'];
}

/** A cut as it is measured while nothing is off yet. */
const fromCutEnd = (label: string, figure: Explained): StepFigure => ({
  label,
  figure,
  plus: null,
  minus: null,
});

/** Squares the end and takes the jacket off: the datum of all that follows. */
function jacketStep(input: RecipeInput): StepDraft {
  const { strip } = input;
  return {
    role: 'jacket',
    work: 'strip',
    stage: 'Strip',
    ...jacketWords({ where: atEnd(input) }),
    tools: [stripTool(input)],
    figures: [fromCutEnd('from the cut end', stripLength(strip))],
    caution: stripCaution(input),
  };
}

/** What braid is combed and trimmed with, whatever the layers were cut with. */
const combAndTrim = { label: 'Braid comb and small scissors', setting: '' };

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
      isCut: input.stripper.kind === 'three-blade rotary tool' && !comesOutLong(input, 'braid'),
      tooLong: braid.tooLong,
    }),
    tools: [combAndTrim],
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
    tools: [combAndTrim],
    figures: [cutFigure('braid, from the jacket edge', braid)],
  };
}

/** Bares the conductor and trims it. */
function dielectricStep(input: RecipeInput): StepDraft {
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
      stranded,
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

/** Through all layers at the first stop: the squared end is the end of the conductor. */
function firstCutStep(input: RecipeInput): StepDraft {
  const { strip, cable } = input;
  return {
    role: 'dielectric',
    work: 'strip',
    stage: 'Strip',
    ...firstCutWords({ where: atEnd(input), stranded: cable.conductor.strands > 1 }),
    tools: [stripTool(input)],
    figures: [fromCutEnd('first cut, from the cut end', strip.prepTool[0]!.at)],
    caution: stripCaution(input),
  };
}

/** The jacket alone at the second stop. */
function secondCutStep(input: RecipeInput): StepDraft {
  return {
    role: 'jacket',
    work: 'strip',
    stage: 'Strip',
    ...secondCutWords({ where: atEnd(input) }),
    tools: [stripTool(input)],
    figures: [fromCutEnd('second cut, from the cut end', input.strip.prepTool[1]!.at)],
    caution: stripCaution(input),
  };
}

/** Whether a tool with fixed blades leaves a layer longer than it may be: then it is trimmed by hand. */
const comesOutLong = ({ stripper, strip, cable }: RecipeInput, layer: CutLayer): boolean =>
  stripperFindings(stripper, strip, cable).some(
    (found) => found.layer === layer && found.verdict === 'tight',
  );

/** Three depths at once. */
function oneSpinStep(input: RecipeInput): StepDraft {
  const { strip, cable } = input;
  const long = comesOutLong(input, 'conductor');
  return {
    role: 'one-spin',
    work: 'strip',
    stage: 'Strip',
    ...oneSpinWords({ where: atEnd(input), stranded: cable.conductor.strands > 1, trimConductor: long }),
    tools: [stripTool(input)],
    figures: [
      ...strip.prepTool.map(({ label, at }) => fromCutEnd(label, at)),
      ...(long ? [cutFigure('conductor, from the jacket edge', cutOf(strip, 'conductor'))] : []),
    ],
    caution: stripCaution(input),
  };
}

/** What an end does to its braid, to the bared conductor at once, and to its core when all layers are off. */
interface CoaxStrip {
  readonly braid: readonly StepDraft[];
  readonly chamfer?: readonly StepDraft[];
  readonly core?: readonly StepDraft[];
}

/**
 * Jacket, braid and dielectric in the order of the tool, all of it measured and looked at. A two-position tool cuts to the
 * conductor first, so that the braid is combed last; three blades cut at once; a blade goes from the outside in.
 */
export function coaxStripSteps(
  input: RecipeInput,
  { braid, chamfer = [], core = [] }: CoaxStrip,
): StepDraft[] {
  const layers = ((): readonly StepDraft[] => {
    if (input.stripper.kind === 'two-position rotary tool')
      return [firstCutStep(input), ...chamfer, secondCutStep(input), ...braid];
    if (input.stripper.kind === 'three-blade rotary tool') return [oneSpinStep(input), ...chamfer, ...braid];
    return [jacketStep(input), ...braid, dielectricStep(input), ...chamfer];
  })();
  return [...layers, ...core, ...measureSteps(input), nickStep(input)];
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
