import {
  holdLabels,
  dielectricCutWords,
  conductorCutWords,
  trimTipAdvice,
  tipWords,
  trimTipWords,
} from '../words/uhf-tip.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { afterHeatStep, feedFigure, heatFigures, ironTool, solderCaution } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { goBack } from '../recipe/recipe.ts';
import type { HoldPoint } from '../recipe/step.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import type { Term } from '../quantity/explained.ts';
import type { CutDraft } from '../strip/write-strip.ts';
import { clearanceTerm, lengthOf } from '../strip/write-strip.ts';
import type { EndInput } from '../end/end-input.ts';

/** Where the rear lip comes to lie, from the jacket edge, and how that came about. */
export interface Lip {
  readonly value: number;
  readonly terms: readonly Term[];
  readonly formula: string;
}

/** Conductor left proud of a hollow tip to be soldered and trimmed, 1 to 2 mm. */
const proud = { length: 1.5e-3, tolerance: 0.5e-3 };
/** Dielectric stays this far behind its stop. Engineering value. */
const stopClearance = 0.3e-3;
/** Solder is drawn this far into a hollow tip. Engineering value. */
const solderDepth = 5e-3;

const source = 'seated joint of a hollow-tip plug: rear lip, dielectric stop, tip';

/** The dielectric of a hollow-tip plug ends just behind its stop. */
export function dielectricCut({ card }: EndInput, lip: Lip): CutDraft {
  const value = lip.value + featureValue(card, 'stopDepth') - stopClearance;
  return {
    layer: 'dielectric',
    label: 'Dielectric end',
    position: lengthOf(
      value,
      `${lip.formula} + d - g`,
      [...lip.terms, featureTerm(card, 'stopDepth'), clearanceTerm('Clearance to the stop', stopClearance)],
      source,
    ),
    plus: stopClearance,
    minus: 1.2e-3,
    ...dielectricCutWords,
  };
}

/** The conductor passes out at the tip and stands a little proud. */
export function tipCut({ card }: EndInput, lip: Lip): CutDraft {
  return {
    layer: 'conductor',
    label: 'Conductor end',
    position: lengthOf(
      lip.value + featureValue(card, 'lipToTip') + proud.length,
      `${lip.formula} + r + proud`,
      [
        ...lip.terms,
        featureTerm(card, 'lipToTip'),
        clearanceTerm('Left proud of the tip', proud.length, 'g'),
      ],
      source,
    ),
    plus: proud.tolerance,
    minus: proud.tolerance,
    ...conductorCutWords,
  };
}

/** Solder the tip, trim it flush, and look. `melted` is what to do when the dielectric went soft. */
export function tipSteps(input: RecipeInput, melted: HoldPoint['rework']): StepDraft[] {
  const { card, cable, house, endName } = input;
  const feed = solderFeed(
    [
      {
        label: 'tip',
        bore: featureValue(card, 'tipBore'),
        inside: cable.conductor.diameter,
        depth: solderDepth,
      },
    ],
    house,
  );
  const heat = solderHeat(
    'hollow tip',
    {
      length: featureValue(card, 'lipToTip') - featureValue(card, 'stopDepth'),
      outside: featureValue(card, 'tipOutside'),
    },
    house,
    feed.value,
  );
  return [
    {
      role: 'tip',
      work: 'solder',
      joint: 'hollow tip',
      stage: 'Join',
      ...tipWords({ endName }),
      tools: [ironTool(heat)],
      figures: [feedFigure(feed, house), ...heatFigures(heat)],
      caution: solderCaution(input),
    },
    {
      role: 'trim-tip',
      work: 'look',
      joint: 'hollow tip',
      stage: 'Join',
      ...trimTipWords({ endName }),
      hold: lookHold(holdLabels.tipSolderedFlushClean, goBack('tip', trimTipAdvice)),
    },
    afterHeatStep(input, melted),
  ];
}
