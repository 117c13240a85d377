import { seriesAndSex } from '../connector/connector.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { heatFigures, ironTool, noShortStep, solderCaution } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
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
      name: 'holes',
      work: 'solder',
      stage: 'Join',
      title: `Solder the holes, end ${endName}`,
      text: {
        firstTime: `${nickel ? 'Nickel refuses solder: file the rims of the holes bright and flux them. ' : ''}Tip wider than the hole, flooded, on the body beside the hole until solder flows on ${on}. Feed the hole, off, and let it cool before the next. Opposite holes in turn: a run from one hole blocks its neighbour.`,
        experienced: `${nickel ? 'File and flux the rims. ' : ''}Big tip beside the hole, feed, off, wait; opposite holes in turn.`,
      },
      why: 'The dielectric under the braid is why heat and dwell are limited: first more tip mass, then more temperature, at most 5 s a hole.',
      tools: [ironTool(heat)],
      figures: [
        { label: 'solder wire for a hole', figure: feed, plus: null, minus: null },
        ...heatFigures(heat),
      ],
      caution: `${solderCaution(input)} A soldered body stays hot for minutes.`,
      good: [`filled level, concave, bright on ${on}`, 'every hole'],
      bad: [
        'ball on the body that does not wet',
        'hole bridged over a void',
        'dielectric pushing out at the tip',
      ],
      hold: lookHold(
        'Every hole filled and wetted',
        goBack('holes', 'Not wetted: file the rim, flux, and use more tip mass. Do not hold longer.'),
      ),
    },
    noShortStep(
      input,
      'after the holes',
      cutOffAgain(
        input,
        `The ${cable.dielectric.material} has melted and the centre has wandered: cut the plug off and make the end again. Less dwell, more tip mass.`,
        [seriesAndSex(connector)],
      ),
      {
        name: 'after-holes',
        why: 'Too much heat lets the centre wander into the braid.',
        caution: 'The body is hot: wait.',
      },
    ),
  ];
}
