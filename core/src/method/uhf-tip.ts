import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { afterHeatStep, heatFigures, ironTool, solderCaution } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { goBack } from '../build/recipe.ts';
import type { HoldPoint } from '../build/step.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import type { Term } from '../quantity/explained.ts';
import type { CutDraft } from '../strip/write-strip.ts';
import { clearanceTerm, lengthOf } from '../strip/write-strip.ts';
import type { EndInput } from './method.ts';

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
const solderDepth = 6e-3;

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
    tooLong: 'It meets the stop before the cable is home, and the body will not go on as far as it should.',
    tooShort: 'Bare conductor stands in the body: braid or solder can reach it.',
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
    tooLong: 'It bends over while the body goes on; trim it.',
    tooShort: 'It does not show at the tip: nobody can see whether solder holds it.',
  };
}

/** Solder the tip, trim it flush, and look. `melted` is what to do when the dielectric went soft. */
export function tipSteps(input: RecipeInput, melted: HoldPoint['rework']): StepDraft[] {
  const { card, cable, house, endName } = input;
  const heat = solderHeat(
    'small pin',
    {
      length: featureValue(card, 'lipToTip') - featureValue(card, 'stopDepth'),
      outside: featureValue(card, 'tipOutside'),
    },
    house,
  );
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
  return [
    {
      name: 'tip',
      work: 'solder',
      stage: 'Join',
      title: `Solder the tip, end ${endName}`,
      text: {
        firstTime:
          'Hold the plug in the vice, tip up and leaning a little. Wet the iron, heat the side of the tip, and feed solder at its mouth until it is drawn in and stands just over the rim. Keep still until it dulls.',
        experienced: 'Tip up, heat its side, feed at the mouth, still until dull.',
      },
      why: 'The tip is the centre contact: a cold one heats up in use.',
      tools: [ironTool(heat)],
      figures: [
        { label: 'solder wire to feed', figure: feed, plus: null, minus: null },
        ...heatFigures(heat),
      ],
      caution: solderCaution(input),
      good: ['drawn in, small dome at the mouth', 'outside of the tip clean'],
      bad: ['bead on the outside', 'dull grain', 'spike'],
    },
    {
      name: 'trim-tip',
      work: 'look',
      stage: 'Join',
      title: `Trim and look at the tip, end ${endName}`,
      text: {
        firstTime:
          'When it is cool, nip the conductor flush, file the rim round without thinning the tip, and wipe solder off its outside. Try it in a socket: it goes in without force.',
        experienced: 'Nip flush, round, clean outside, try in a socket.',
      },
      why: 'A thick or sharp tip spreads the contact of every socket it meets.',
      caution: 'Glasses on: the nipped end flies.',
      good: ['flush and round', 'goes into a socket without force'],
      bad: ['solder ridge on the side', 'insulator melted or tip out of line'],
      hold: lookHold(
        'Tip soldered, flush and clean',
        goBack('tip', 'Heat the tip, shake or wick the excess out, and feed again.'),
      ),
    },
    afterHeatStep(input, melted),
  ];
}
