import type { CutLayer, StripCut } from '../strip/strip-plan.ts';
import { cutKey, cutOf, findCut, stripLength } from '../strip/strip-plan.ts';
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
    name: 'jacket',
    work: 'strip',
    stage: 'Strip',
    title: `Take the jacket off, ${atEnd(input)}`,
    text: {
      firstTime: `Square the end. Mark the jacket at the figure below from the cut end, turn the ${isBlade(input) ? 'blade' : 'tool'} round it without pressing the cable flat, and pull the ring of jacket off. Look at what lies under it.`,
      experienced: 'Square, score, pull. Do not touch what lies under it.',
    },
    why: 'Every other length is counted from the jacket edge.',
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
    good: ['clean, square jacket edge', 'every braid wire whole'],
    bad: ['ring cut into the braid', 'cable pressed oval'],
  };
}

/** Trims the braid short of the dielectric, and the foil where there is one. */
export function trimBraidStep(input: RecipeInput): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const foil = findCut(input.strip, 'foil');
  const [braids, them] = braidWords(input);
  return {
    name: 'braid',
    work: 'braid',
    stage: 'Strip',
    title: `Trim ${braids}, ${atEnd(input)}`,
    text: {
      firstTime: `Comb ${braids} straight, lay ${them} flat and trim ${them} all round at the figure below from the jacket edge. Brush loose wires away before the next cut.${foil ? ' The foil stays on the dielectric: ring it lightly at its own figure and peel only what lies beyond.' : ''}`,
      experienced: `Comb, trim all round, brush off.${foil ? ' Foil longer, at its own figure.' : ''}`,
    },
    why: `Too long: ${braid.tooLong}`,
    tools: [stripTool(input)],
    figures: [
      cutFigure('braid, from the jacket edge', braid),
      ...(foil ? [cutFigure('foil, from the jacket edge', foil)] : []),
    ],
    caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
    good: ['even edge all round', ...(foil ? ['no tongue of foil'] : [])],
    bad: ['a single long wire', 'dielectric scored'],
  };
}

/** Combs the braid out and lays it back over the jacket. */
export function foldBraidStep(input: RecipeInput, onto: string): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const [braids, them] = braidWords(input);
  return {
    name: 'braid',
    work: 'braid',
    stage: 'Strip',
    title: `Fold ${braids} back, ${atEnd(input)}`,
    text: {
      firstTime: `Comb ${braids} straight, trim ${them} to the figure below and fold ${them} back over ${onto}, evenly all round.${input.cable.foil ? ' The foil stays on the dielectric, whole and smooth.' : ''} Count no wire left forward.`,
      experienced: `Comb, trim, fold back.${input.cable.foil ? ' Foil stays.' : ''}`,
    },
    why: `Too short: ${braid.tooShort}`,
    tools: [stripTool(input)],
    figures: [cutFigure('braid, from the jacket edge', braid)],
    caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
    good: ['even all round', 'no wire forward of the fold'],
    bad: ['a wire across the dielectric', ...(input.cable.foil ? ['foil torn or lifted'] : [])],
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
    name: 'dielectric',
    work: 'strip',
    stage: 'Strip',
    title: `Bare the conductor, ${atEnd(input)}`,
    text: {
      firstTime: `Cut the dielectric square at the figure below from the ${where}. Cut three quarters through, turn, and pull the slug off with a twist ${stranded ? 'in the direction of the lay' : 'along the conductor'}. ${after}`,
      experienced: `Three quarters through, twist, pull. ${after}`,
    },
    why: `Too short: ${dielectric.tooShort}`,
    tools: [stripTool(input)],
    figures: [
      cutFigure(`dielectric, from the ${where}`, dielectric),
      cutFigure(`conductor, from the ${where}`, cutOf(strip, 'conductor')),
    ],
    caution: stripCaution(input),
    good: ['square face', 'conductor bright and round'],
    bad: ['ring mark on the conductor', 'residue left on it'],
  };
}

/** The strip is proved before anything is closed: typed from the caliper, tried against the connector, or both, as the house does. */
export function measureSteps(input: RecipeInput): StepDraft[] {
  const { strip } = input;
  const measured: StepDraft = {
    name: 'measure',
    work: 'measure',
    stage: 'Strip',
    title: `Measure the strip, ${atEnd(input)}`,
    text: {
      firstTime: `Type what the caliper says from the ${strip.datum}. Leave a field empty when it was not measured.`,
      experienced: 'Type what you cut, or go on.',
    },
    why: 'A strip that is out can still be trimmed; a closed connector cannot.',
    tools: [{ label: 'Caliper', setting: `from the ${strip.datum}` }],
    figures: strip.cuts.map((cut) => cutFigure(cutKey(cut), cut)),
    recordsStrip: true,
  };
  return withTrialFit(input, measured);
}

/** What of measuring and trying a house does. */
export function withTrialFit(
  { house, endName }: Pick<RecipeInput, 'house' | 'endName'>,
  measured: StepDraft,
): StepDraft[] {
  const { stripLengths } = house.practice;
  const trial: StepDraft = {
    name: 'trial-fit',
    work: 'seat',
    stage: 'Strip',
    title: `Offer the connector up, end ${endName}`,
    text: {
      firstTime:
        'Hold the connector beside the strip, or slip it on without force and without fixing anything. Say whether it seats, or what touches first and how far it stands off: the trim follows. Cut a little, try again.',
      experienced: 'Try it. Trim what touches first, try again.',
    },
    why: 'Drawings differ from bag to bag; the connector in your hand does not.',
    tools: [{ label: 'Caliper', setting: 'depth rod for the gap' }],
    good: ['every layer meets its place', 'seats without force'],
    bad: ['stands off', 'shield or strand pushed up'],
    trialFit: true,
  };
  if (stripLengths === 'measure to the drawing') return [measured];
  return stripLengths === 'the connector as the gauge' ? [trial] : [measured, trial];
}

/** The look that ends every strip. */
export function nickStep(input: RecipeInput, rework = stripAgain(input, nickAdvice)): StepDraft {
  const shield = input.cable.braids.length > 0;
  return {
    name: 'nick-and-whisker',
    work: 'look',
    stage: 'Strip',
    title: `Look for ${shield ? 'nicks and whiskers' : 'nicks and burrs'}, ${atEnd(input)}`,
    text: {
      firstTime: `Under the magnifier, turn the cable once round. Look at the conductor for a ring mark, ${shield ? 'at the dielectric for a wire lying on it, at the braid edge for a long one' : 'at the dielectric for chips of metal, at the tube for a burr'}.`,
      experienced: 'Once round under the magnifier.',
    },
    why: shield
      ? 'A nicked conductor breaks in use; one whisker on the dielectric is a dead short.'
      : 'A nicked conductor breaks in use; a chip on the dielectric is a dead short.',
    tools: [{ label: 'Magnifier', setting: '' }],
    good: ['no mark on the conductor', 'dielectric clean all round'],
    bad: ['ring mark or missing strand', shield ? 'braid wire across the dielectric' : 'chip or burr left'],
    hold: lookHold(shield ? 'No nick, no whisker' : 'No nick, no chip', rework),
  };
}

const nickAdvice =
  'A whisker or chip: brush it off and look again. A nick: cut off the strip and take it again.';
