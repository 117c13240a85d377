import {
  holdLabels,
  holesAdvice,
  holesLookAdvice,
  noShortAdvice,
  tipAdvice,
  trimBraidWords,
  trimCaution,
  holesWords,
  insertWords,
  holesLookWords,
} from '../words/soldered-body.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { ironTool, noShortStep, solderCaution } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripBegins } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { braidWords, coaxStripSteps, cutFigure } from '../recipe/strip-steps.ts';
import { solderHeat } from '../fit/solder.ts';
import { cutOf } from '../strip/cut-of.ts';
import type { EndInput } from '../end/end-input.ts';
import { solderHolesSteps } from './uhf-holes.ts';
import { tipSteps } from './uhf-tip.ts';

/** Whether house practice tacks the braid of this lead: by the power that it carries. */
function tacks({ house, power }: EndInput): boolean {
  return house.practice.braidTack !== 'comb and trim' && power > house.tackAbove;
}

function braidStep(input: RecipeInput): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const [braids, them] = braidWords(input);
  const tack = tacks(input);
  const heat = solderHeat('tinning', { length: 4e-3, outside: 2e-3 }, input.house);
  return {
    role: 'braid',
    work: 'braid',
    stage: 'Strip',
    ...trimBraidWords({
      tack,
      braids,
      endName: input.endName,
      them,
      hasFoil: input.cable.foil !== null,
      tackAbove: input.house.tackAbove,
      tooShort: braid.tooShort,
    }),
    tools: tack ? [ironTool(heat)] : [],
    figures: [cutFigure('braid, from the jacket edge', braid)],
    caution: tack ? solderCaution(input) : trimCaution,
  };
}

function holesSteps(input: RecipeInput): StepDraft[] {
  if (input.house.practice.bodyHoles === 'all') return solderHolesSteps(input, 'body and braid');
  return [
    {
      role: 'holes',
      work: 'look',
      joint: 'screwed body',
      stage: 'Join',
      ...holesWords({ endName: input.endName }),
      hold: lookHold(holdLabels.braidBearsBody, goBack('insert', holesAdvice)),
    },
  ];
}

export function steps(input: RecipeInput): StepDraft[] {
  return [
    ...coaxStripSteps(input, { braid: [braidStep(input)] }),
    {
      role: 'insert',
      work: 'seat',
      joint: 'screwed body',
      stage: 'Join',
      ...insertWords({ endName: input.endName, loose: input.contents.coupling === 'loose ring' }),
      requires: [...input.requires],
    },
    {
      role: 'holes-look',
      work: 'look',
      joint: 'screwed body',
      stage: 'Join',
      ...holesLookWords({ endName: input.endName }),
      hold: lookHold(holdLabels.braidUnderEveryHole, goBack(stripBegins(input), holesLookAdvice)),
    },
    noShortStep(input, 'before any solder', goBack('insert', noShortAdvice)),
    ...tipSteps(input, cutOffAgain(input, tipAdvice, [connectorScrap(input.connector)])),
    ...holesSteps(input),
  ];
}
