import {
  holdLabels,
  setbackAdvice,
  noShortAdvice,
  glandAdvice,
  cableTugAdvice,
  fixedSetbackAdvice,
  braidWasherWords,
  fanWords,
  glandWords,
  insertWords,
  sleeveWords,
} from '../words/clamp-gland.ts';
import { overBraid } from '../cable/braid.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, setbackStep, tighteningSetting } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { goBack, stripAgain, stripBegins } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { braidWords, coaxStripSteps, cutFigure } from '../recipe/strip-steps.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/cut-of.ts';
import { capOf } from './clamp-cap.ts';
import { solderContactSteps, spacerSteps } from './pin-and-ferrule-steps.ts';

/** Gland nuts of coax clamp connectors are made this tight. Engineering value. */
const glandTorque = 2.5;

function fanSteps(input: RecipeInput): StepDraft[] {
  const [braids, them] = braidWords(input);
  const { card, strip: plan } = input;
  const fanned = {
    braids,
    endName: input.endName,
    them,
    hasFoil: input.cable.foil !== null,
    coneRim: featureValue(card, 'coneRim'),
  };
  return [
    {
      role: 'braid',
      work: 'braid',
      stage: 'Strip',
      ...clampedWords(input, fanned),
      figures: [cutFigure('braid, from the jacket edge', cutOf(plan, 'braid'))],
      tools: [{ label: 'Fine scissors', setting: '' }],
    },
  ];
}

/** What is said at the braid: fanned over a cone or laid over a sleeve, after the second washer where there is one. */
function clampedWords({ contents, cable }: RecipeInput, fanned: Parameters<typeof fanWords>[0]) {
  const words = contents.clamp === 'under the braid' ? sleeveWords(fanned) : fanWords(fanned);
  if (contents.washers !== 'two') return words;
  const hole = `${formatMillimetres(overBraid(cable))} mm or a little more`;
  const { firstTime, experienced } = words.text;
  return {
    ...words,
    text: {
      firstTime: `${braidWasherWords({ hole }).trim()} ${firstTime}`,
      experienced: `Small washer over the braid. ${experienced}`,
    },
  };
}

export function clampGlandSteps(input: RecipeInput): StepDraft[] {
  const { card, endName, house, power, connector, contents } = input;
  const bores = [
    `washer hole ${formatMillimetres(featureValue(card, 'washerBore'))} mm`,
    `gasket hole ${formatMillimetres(featureValue(card, 'gasketBore'))} mm`,
  ];
  const wanted = contents.cap === 'plain' && power > house.tackAbove;
  const cap = capOf(input) === 'ribbed' ? 'fitted' : wanted ? 'wanted' : 'none';
  return [
    ...coaxStripSteps(input, { braid: fanSteps(input) }),
    ...spacerSteps(input),
    ...solderContactSteps(input),
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({
        endName,
        bores,
        hasWasher: contents.washers !== 'none',
        loose: contents.coupling === 'loose ring',
      }),
      requires: [...input.requires],
    },
    setbackStep(input, 'contact-height', goBack('insert', setbackAdvice)),
    noShortStep(input, 'before the gland is tightened', goBack('insert', noShortAdvice)),
    {
      role: 'gland',
      work: 'screw',
      joint: 'gland',
      stage: 'Join',
      ...glandWords({ endName, cap }),
      tools: [
        {
          label: 'Spanner, nut',
          setting: `across ${formatMillimetres(featureValue(card, 'nutOutside') * 0.87, 0)} mm`,
        },
        {
          label: 'Spanner, body',
          setting: `across ${formatMillimetres(featureValue(card, 'bodyOutside') * 0.75, 0)} mm`,
        },
        { label: 'Torque', setting: tighteningSetting(glandTorque, house) },
      ],
      hold: lookHold(
        holdLabels.glandTightBodyNot,
        goBack(stripBegins(input), glandAdvice({ series: connector.series.series })),
      ),
    },
    cableTugStep(input, 'gland', 'gland', goBack('gland', cableTugAdvice)),
    setbackStep(input, 'setback', {
      ...stripAgain(input, fixedSetbackAdvice),
      partsOff: [...input.partIds],
    }),
  ];
}
