import {
  holdLabels,
  afterHolesWords,
  holesAdvice,
  noShortAdvice,
  solderHolesWords,
} from '../words/uhf-holes.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { feedFigure, ironTool, noShortStep, solderCaution } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import type { SolderHeat } from '../fit/solder.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import type { Step } from '../recipe/step.ts';

/** Wall of a UHF body, and a fillet on top: solder fills half a hole's width and this. Engineering values. */
const wall = 3e-3;
const fillet = 1.5e-3;

/** Holes of a UHF body; opposite ones follow each other. Custom of the trade. */
const holes = ['hole 1', 'hole 2, opposite', 'hole 3, between them', 'hole 4, opposite'] as const;

/** A time of its own for each hole; after the last the body is left to cool. */
const holeTimes = ({ contact, cool }: SolderHeat): Step['figures'] => [
  ...holes.map((label) => ({ label, figure: contact, plus: null, minus: null, apart: true })),
  { label: 'let it cool', figure: cool, plus: null, minus: null },
];

/** Solder through the holes of a UHF body to the braid, and the measurement that shows whether the heat did harm. */
export function solderHolesSteps(
  input: RecipeInput,
  on: 'body and braid' | 'body, braid and nose',
): StepDraft[] {
  const { card, house, endName, connector, cable } = input;
  const hole = featureValue(card, 'holeDiameter');
  const feed = solderFeed(
    [{ label: 'one hole, with its fillet', bore: hole, inside: 0, depth: 0.5 * hole + fillet }],
    house,
  );
  const heat = solderHeat(
    'body hole',
    { length: featureValue(card, 'stopDepth'), outside: featureValue(card, 'bodyBore') + wall },
    house,
    feed.value,
  );
  const nickel = connector.plating === 'nickel';
  return [
    {
      role: 'holes',
      work: 'solder',
      joint: 'body hole',
      stage: 'Join',
      ...solderHolesWords({ endName, nickel, on }),
      tools: [ironTool(heat)],
      figures: [feedFigure(feed, house, ', for each hole'), ...holeTimes(heat)],
      caution: `${solderCaution(input)} A soldered body stays hot for minutes.`,
      hold: lookHold(holdLabels.everyHoleFilledWetted, goBack('holes', holesAdvice)),
    },
    noShortStep(
      input,
      'after the holes',
      cutOffAgain(input, noShortAdvice({ dielectricMaterial: cable.dielectric.material }), [
        connectorScrap(connector),
      ]),
      {
        role: 'after-holes',
        ...afterHolesWords,
      },
    ),
  ];
}
