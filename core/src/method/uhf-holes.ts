import {
  holdLabels,
  afterHolesWords,
  holesAdvice,
  noShortAdvice,
  solderHolesWords,
} from '../words/uhf-holes.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { heatFigures, ironTool, noShortStep, solderCaution } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';

/** Wall of a UHF body, and a fillet on top: solder fills half a hole's width and this. Engineering values. */
const wall = 3e-3;
const fillet = 1.5e-3;

/** Solder through the holes of a UHF body to the braid, and the measurement that shows whether the heat did harm. */
export function solderHolesSteps(
  input: RecipeInput,
  on: 'body and braid' | 'body, braid and nose',
): StepDraft[] {
  const { card, house, endName, connector, cable } = input;
  const hole = featureValue(card, 'holeDiameter');
  const heat = solderHeat(
    'body',
    { length: featureValue(card, 'stopDepth'), outside: featureValue(card, 'bodyBore') + wall },
    house,
  );
  const feed = solderFeed(
    [{ label: 'one hole, with its fillet', bore: hole, inside: 0, depth: 0.5 * hole + fillet }],
    house,
  );
  const nickel = connector.plating === 'nickel';
  return [
    {
      role: 'holes',
      work: 'solder',
      stage: 'Join',
      ...solderHolesWords({ endName, nickel, on }),
      tools: [ironTool(heat)],
      figures: [
        { label: 'solder wire for a hole', figure: feed, plus: null, minus: null },
        ...heatFigures(heat),
      ],
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
