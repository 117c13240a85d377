import {
  nickAdvice,
  nutAdvice,
  noShortAdvice,
  seizeAdvice,
  cableTugAdvice,
  throughAdvice,
} from '../words/trunk-seizing.ts';
import {
  jacketWords,
  dielectricWords,
  tubeWords,
  nutWords,
  insertWords,
  seizeWords,
  throughWords,
  bootWords,
} from '../words/trunk-seizing.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, tighteningSetting } from '../recipe/join-steps.ts';
import type { EndInput } from '../end/end-input.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../recipe/recipe.ts';
import { shrinkCool, shrinkFrom } from '../recipe/shrink-words.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { cutFigure, measureSteps, nickStep } from '../recipe/strip-steps.ts';
import { bendRadius } from '../cable/body.ts';
import type { Explained } from '../quantity/explained.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/cut-of.ts';

/** A buried boot reaches this far past the bare sheath on either side. House default. */
const bootPastSheath = 75e-3;
/** Length of the boot of a splice: over bare sheath and body, and well on to both jackets. */
function bootLength({ card }: EndInput): number {
  return featureValue(card, 'lipToTip') + 2 * (featureValue(card, 'jacketOffset') + bootPastSheath);
}

/** Seizing nut and sheath nut, N m. Engineering values. */
const torques = { seizing: 12, sheath: 30 };

export function trunkSeizingSteps(input: RecipeInput): StepDraft[] {
  return [...stripSteps(input), ...joinSteps(input)];
}

const isSplice = ({ connector }: RecipeInput) => connector.sex === 'splice';

/** A splice has two cables, each prepared alike. */
const bothOf = (input: RecipeInput) =>
  isSplice(input) ? ' Do the same on the cable that comes from the other side.' : '';

function stripSteps(input: RecipeInput): StepDraft[] {
  const { cable, endName, house, strip: plan, connector } = input;
  const drill = house.practice.coring === 'drill';
  const radius = bendRadius(cable)?.once ?? 10 * cable.jacket.diameter;
  const clad = cable.conductor.strandLayers[0]!.metal === 'aluminium';
  const both = bothOf(input);
  return [
    {
      role: 'jacket',
      work: 'strip',
      stage: 'Strip',
      ...jacketWords({ endName, both, bendRadius: formatMillimetres(radius, 0) }),
      tools: [{ label: 'Fine saw and blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
    },
    {
      role: 'dielectric',
      work: 'strip',
      stage: 'Strip',
      ...dielectricWords({ endName, forDielectric: connector.forDielectric, drill, both }),
      tools: [{ label: 'Coring tool', setting: drill ? 'in a slow drill' : 'by hand' }],
      figures: [
        cutFigure('dielectric, from the jacket edge (behind it is minus)', cutOf(plan, 'dielectric')),
      ],
    },
    {
      role: 'tube',
      work: 'strip',
      stage: 'Strip',
      ...tubeWords({ endName, clad, both }),
      figures: [
        cutFigure('sheath, from the jacket edge', cutOf(plan, 'tube')),
        cutFigure('conductor, from the jacket edge', cutOf(plan, 'conductor')),
      ],
      tools: [{ label: 'Bevelling tool, plastic scraper', setting: '' }],
    },
    ...measureSteps(input),
    nickStep(input, stripAgain(input, nickAdvice)),
  ];
}

const bootOf = (input: RecipeInput): Explained => ({
  value: bootLength(input),
  kind: 'length',
  formula: 'body + 2 (bare sheath + 75 mm)',
  terms: [
    {
      label: 'Body, nut to nut',
      value: featureValue(input.card, 'lipToTip'),
      kind: 'length',
      assumed: true,
    },
    { label: 'Past the bare sheath, each side', value: bootPastSheath, kind: 'length' },
  ],
  source: 'house default for buried work',
});

function joinSteps(input: RecipeInput): StepDraft[] {
  const { endName, house } = input;
  const [splice, both, boot] = [isSplice(input), bothOf(input), bootOf(input)];
  return [
    {
      role: 'nut',
      work: 'seat',
      stage: 'Join',
      ...nutWords({ endName, both }),
      hold: lookHold('Back nut on, thread forward', goBack('nut', nutAdvice)),
    },
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName, splice, both }),
      requires: [...input.requires],
      figures: splice ? [{ label: 'length of the boot', figure: boot, plus: null, minus: null }] : [],
    },
    noShortStep(input, 'before the nuts are tightened', goBack('insert', noShortAdvice)),
    {
      role: 'seize',
      work: 'screw',
      stage: 'Join',
      ...seizeWords({ endName, both }),
      tools: [
        { label: 'Seizing nut', setting: tighteningSetting(torques.seizing, house) },
        { label: 'Back nut', setting: tighteningSetting(torques.sheath, house) },
      ],
      hold: lookHold('Nuts tight in their order, body not turned', cutOffAgain(input, seizeAdvice, [])),
    },
    cableTugStep(input, 'sheath nut', goBack('seize', cableTugAdvice)),
    ...(splice ? spliceSteps(input, boot) : []),
  ];
}

/** A splice is looked through before its boot is shrunk over it. */
function spliceSteps({ endName, house }: RecipeInput, boot: Explained): StepDraft[] {
  return [
    {
      role: 'through',
      work: 'measure',
      stage: 'Join',
      ...throughWords({ endName }),
      tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
      hold: lookHold('Load seen through the splice', goBack('insert', throughAdvice)),
    },
    {
      role: 'boot',
      work: 'shrink',
      stage: 'Finish',
      ...bootWords({ endName, heated: shrinkFrom(house, 'the middle outward') }),
      tools: [
        {
          label: house.practice.heatSource === 'hot air' ? 'Hot air' : 'Open flame',
          setting: 'kept moving',
        },
      ],
      figures: [{ label: 'length of the boot', figure: boot, plus: null, minus: null }, shrinkCool(true)],
    },
  ];
}
