import {
  holdLabels,
  nickAdvice,
  noShortAdvice,
  clampAdvice,
  setbackAdvice,
  loadTestAdvice,
  jacketWords,
  tubeWords,
  dielectricWords,
  contactWords,
  insertWords,
  clampWords,
  loadTestWords,
} from '../words/feeder-clamp.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { noShortStep, setbackStep, tighteningSetting } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { goBack, stripAgain } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { cutFigure, measureSteps, nickStep, stripTool } from '../recipe/strip-steps.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/cut-of.ts';

/** Back nuts of feeder connectors, N m, by size of the nut. Engineering values. */
const clampTorque = (nutOutside: number) => (nutOutside < 30e-3 ? 25 : nutOutside < 45e-3 ? 35 : 50);

export function feederClampSteps(input: RecipeInput): StepDraft[] {
  return [...stripSteps(input), ...joinSteps(input)];
}

function stripSteps(input: RecipeInput): StepDraft[] {
  const { card, endName, strip: plan } = input;
  const valleys = Math.max(1, Math.round(featureValue(card, 'ringValley') / featureValue(card, 'pitch')));
  const valley = cutOf(plan, 'tube');
  const foamBack = valley.position.value - cutOf(plan, 'dielectric').position.value;
  return [
    {
      role: 'jacket',
      work: 'strip',
      stage: 'Strip',
      ...jacketWords({ endName, valleys }),
      tools: [{ label: 'Blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
    },
    {
      role: 'tube',
      work: 'strip',
      stage: 'Strip',
      ...tubeWords({ endName, valleys }),
      tools: [stripTool(input, 'light strokes, guided by the ring')],
      figures: [cutFigure('outer, from the jacket edge', valley)],
    },
    {
      role: 'dielectric',
      work: 'strip',
      stage: 'Strip',
      ...dielectricWords({ endName, foamBack: formatMillimetres(foamBack) }),
      tools: [
        { label: 'Flaring tool', setting: `to ${formatMillimetres(featureValue(card, 'flareDiameter'))} mm` },
      ],
      figures: [
        cutFigure('foam, from the jacket edge', cutOf(plan, 'dielectric')),
        cutFigure('conductor, from the jacket edge', cutOf(plan, 'conductor')),
      ],
    },
    ...measureSteps(input),
    nickStep(input, stripAgain(input, nickAdvice)),
  ];
}

function joinSteps(input: RecipeInput): StepDraft[] {
  const { card, endName, house, connector } = input;
  const torque = clampTorque(featureValue(card, 'nutOutside'));
  const screwed = connector.contactFixing === 'screw';
  return [
    {
      role: 'contact',
      work: 'seat',
      stage: 'Join',
      ...contactWords({ screwed, endName }),
      tools: screwed ? [{ label: 'Contact key', setting: 'firm' }] : [],
    },
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName }),
      requires: [...input.requires],
    },
    noShortStep(input, 'before the nut is tightened', goBack('dielectric', noShortAdvice)),
    {
      role: 'clamp',
      work: 'screw',
      joint: 'feeder nut',
      stage: 'Join',
      ...clampWords({ endName }),
      tools: [{ label: 'Torque spanner', setting: tighteningSetting(torque, house) }],
      hold: lookHold(
        holdLabels.backNutTightBody,
        goBack('dielectric', clampAdvice({ series: connector.series.series })),
      ),
    },
    setbackStep(input, 'setback', goBack('insert', setbackAdvice)),
    {
      role: 'load-test',
      work: 'measure',
      stage: 'Join',
      ...loadTestWords({ endName }),
      tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
      hold: lookHold(holdLabels.loadSeenSteadyWhen, goBack('insert', loadTestAdvice)),
    },
  ];
}
