import { featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, setbackStep, tighteningSetting } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { goBack, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import {
  braidWords,
  cutFigure,
  dielectricStep,
  jacketStep,
  measureSteps,
  nickStep,
} from '../build/strip-steps.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/strip-plan.ts';
import { solderContactSteps } from './pin-and-ferrule-steps.ts';

/** Gland nuts of coax clamp connectors are made this tight. Engineering value. */
const glandTorque = 2.5;

function fanSteps(input: RecipeInput): StepDraft[] {
  const [braids, them] = braidWords(input);
  const { card, strip: plan } = input;
  return [
    {
      name: 'braid',
      work: 'braid',
      stage: 'Strip',
      title: `Fan ${braids} over the clamp, end ${input.endName}`,
      text: {
        firstTime: `Slide the braid clamp over ${braids} against the jacket edge, cone forward. Comb ${braids} out, fan ${them} back over the cone evenly all round, and trim ${them} just inside its rim.${input.cable.foil ? ' Foil is trimmed at the front of the clamp.' : ''}`,
        experienced: `Clamp on, cone forward; comb, fan, trim inside the rim.`,
      },
      why: 'The whole shield current passes where braid is pressed between cone and body.',
      figures: [cutFigure('braid, from the jacket edge', cutOf(plan, 'braid'))],
      tools: [{ label: 'Fine scissors', setting: '' }],
      caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
      good: [
        'even all round, cone hidden',
        `ends inside the rim of ${formatMillimetres(featureValue(card, 'coneRim'))} mm`,
      ],
      bad: ['a bare flank of the cone', 'a wire past the rim or forward of the cone'],
    },
  ];
}

export function clampGlandSteps(input: RecipeInput): StepDraft[] {
  const { card, endName, house, power, connector } = input;
  const bores = [
    `washer hole ${formatMillimetres(featureValue(card, 'washerBore'))} mm`,
    `gasket hole ${formatMillimetres(featureValue(card, 'gasketBore'))} mm`,
  ];
  const hot = power > house.tackAbove;
  return [
    jacketStep(input),
    ...fanSteps(input),
    dielectricStep(input),
    ...measureSteps(input),
    nickStep(input),
    ...solderContactSteps(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Seat the cable in the body, end ${endName}`,
      text: {
        firstTime: `On the cable, from the end: gasket, washer, nut; told apart by their holes (${bores.join(', ')}); the groove of the gasket toward the clamp. Push clamp and contact into the body until the contact seats, bring gasket and washer up, and start the nut by hand. It turns freely for three turns or it is crossed.`,
        experienced: 'Gasket groove to the clamp, washer, nut. Push home, start the nut by hand three turns.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['contact seated', 'nut turns freely by hand'],
      bad: ['nut crossed', 'washer behind the nut, gasket inside out'],
    },
    setbackStep(
      input,
      'contact-height',
      goBack('insert', 'Take it out, look at the strip, and seat it again.'),
    ),
    noShortStep(
      input,
      'before the gland is tightened',
      goBack('insert', 'Take it out and look for a wire forward of the cone.'),
    ),
    {
      name: 'gland',
      work: 'screw',
      stage: 'Join',
      title: `Tighten the gland, end ${endName}`,
      text: {
        firstTime: `Two spanners: one holds the body still, the other turns the nut. Turning the body instead twists the braid off the cone and the contact off its seat. Tighten until the gasket closes on the jacket.${hot ? ' At this power fit the heat-shedding back nut, where the series has one, in place of the plain one.' : ''}`,
        experienced: `Hold the body, turn the nut.${hot ? ' Heat-shedding nut at this power.' : ''}`,
      },
      why: 'The gland holds the shield, the cable and the weather.',
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
      good: ['gasket closed on the jacket', 'body never turned'],
      bad: ['body turned with the nut', 'gasket squeezed out behind'],
      hold: lookHold(
        'Gland tight, body not turned',
        goBack(
          'jacket',
          `The body turned: open the gland, unsolder the contact, and make the strip again. ${connector.series.series} body, nut and clamp are used again.`,
        ),
      ),
    },
    cableTugStep(
      input,
      'gland',
      goBack(
        'gland',
        'Tighten again with the body held; if it still slips, the gasket is for another cable.',
      ),
    ),
    setbackStep(input, 'setback', {
      ...stripAgain(
        input,
        'Open the gland, unsolder the contact, and strip again: every part is used again.',
      ),
      partsOff: [...input.partIds],
    }),
  ];
}
