import {
  holdLabels,
  nickAdvice,
  nutAdvice,
  noShortAdvice,
  seizeAdvice,
  cableTugAdvice,
  throughAdvice,
  jacketWords,
  dielectricWords,
  tubeWords,
  nutWords,
  insertWords,
  seizeWords,
  throughWords,
  bootWords,
} from '../words/trunk-seizing.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, tighteningSetting } from '../recipe/join-steps.ts';
import type { EndInput } from '../end/end-input.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../recipe/recipe.ts';
import { shrinkCool, shrinkFrom } from '../recipe/shrink-words.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { cutFigure, measureSteps, nickStep, stripTool } from '../recipe/strip-steps.ts';
import { bendRadius } from '../cable/body.ts';
import type { Explained } from '../quantity/explained.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/cut-of.ts';

/** Seizing nut and sheath nut, N m. Engineering values. */
const torques = { seizing: 12, sheath: 30 };

/**
 * Both cables of a splice are prepared, each by its own strip, before either goes into the body; of any other end there is
 * one.
 */
export function trunkSeizingSteps(input: RecipeInput): StepDraft[] {
  const { otherSide } = input;
  // A cable that the body refuses is said before any step is planned.
  if (otherSide?.cable.structure !== 'coax')
    return [...stripSteps(input), ...joinSteps(input), ...seizeSteps(input)];
  const first = { ...input, endName: `${input.endName}, first side` };
  const other = { ...input, ...otherSide, endId: input.endId, cable: otherSide.cable };
  return [
    ...stripSteps(first),
    ...onOtherSide(stripSteps(other)),
    ...joinSteps(first),
    ...seizeSteps(first),
    ...onOtherSide([...joinSteps({ ...other, requires: [] }), ...seizeSteps(other)]),
    ...spliceSteps(input),
  ];
}

/** Steps done to the cable on the other side: told apart from those of the first by what they are about. */
const onOtherSide = (steps: StepDraft[]): StepDraft[] =>
  steps.map((step) => ({ ...step, side: 'other', about: 'other side' }));

/** A coring tool that goes one way only decides; one that goes either way is driven as the house does. */
const isDrilled = ({ house, stripper }: RecipeInput): boolean =>
  stripper.kind === 'coring tool' && stripper.drive !== 'either'
    ? stripper.drive === 'in a drill'
    : house.practice.coring === 'drill';

function stripSteps(input: RecipeInput): StepDraft[] {
  const { cable, endName, strip: plan, connector } = input;
  const drill = isDrilled(input);
  const radius = bendRadius(cable)?.once ?? 10 * cable.jacket.diameter;
  const clad = cable.conductor.strandLayers[0]!.metal === 'aluminium';
  return [
    {
      role: 'jacket',
      work: 'strip',
      stage: 'Strip',
      ...jacketWords({ endName, bendRadius: formatMillimetres(radius, 0) }),
      tools: [{ label: 'Fine saw and blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
    },
    {
      role: 'dielectric',
      work: 'strip',
      stage: 'Strip',
      ...dielectricWords({ endName, forDielectric: connector.forDielectric, drill }),
      tools: [stripTool(input, drill ? 'in a slow drill' : 'by hand')],
      figures: [
        cutFigure('dielectric, from the jacket edge (behind it is minus)', cutOf(plan, 'dielectric')),
      ],
    },
    {
      role: 'tube',
      work: 'strip',
      stage: 'Strip',
      ...tubeWords({ endName, clad }),
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

/** The boot of a splice: over body and bare sheath, and well on to both jackets. */
export const bootLength = ({ card, house }: EndInput): Explained => {
  const body = featureValue(card, 'lipToTip');
  const bare = featureValue(card, 'jacketOffset');
  return {
    value: body + 2 * (bare + house.bootOverlap),
    kind: 'length',
    formula: 'body + 2 (bare sheath + overlap)',
    terms: [
      { ...featureTerm(card, 'lipToTip'), label: 'Body, nut to nut' },
      { ...featureTerm(card, 'jacketOffset'), label: 'Bare sheath, each side' },
      { label: 'Past the bare sheath, each side', value: house.bootOverlap, kind: 'length' },
    ],
    source: 'house figure for buried work',
  };
};

function joinSteps(input: RecipeInput): StepDraft[] {
  const { endName, otherSide } = input;
  return [
    {
      role: 'nut',
      work: 'seat',
      stage: 'Join',
      ...nutWords({ endName }),
      hold: lookHold(holdLabels.backNutThreadForward, goBack('nut', nutAdvice)),
    },
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName, splice: otherSide !== null }),
      requires: [...input.requires],
    },
    noShortStep(input, 'before the nuts are tightened', goBack('insert', noShortAdvice)),
  ];
}

function seizeSteps(input: RecipeInput): StepDraft[] {
  const { endName, house } = input;
  return [
    {
      role: 'seize',
      work: 'screw',
      joint: 'seizing nut',
      stage: 'Join',
      ...seizeWords({ endName }),
      tools: [
        { label: 'Seizing nut', setting: tighteningSetting(torques.seizing, house) },
        { label: 'Back nut', setting: tighteningSetting(torques.sheath, house) },
      ],
      hold: lookHold(holdLabels.nutsTightTheirOrder, cutOffAgain(input, seizeAdvice, [])),
    },
    cableTugStep(input, 'sheath nut', 'seizing nut', goBack('seize', cableTugAdvice)),
  ];
}

/** A splice is looked through before its boot is shrunk over it. */
function spliceSteps(input: RecipeInput): StepDraft[] {
  const { endName, house } = input;
  return [
    {
      role: 'through',
      work: 'measure',
      stage: 'Join',
      ...throughWords({ endName }),
      tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
      hold: lookHold(holdLabels.loadSeenThroughSplice, goBack('insert', throughAdvice)),
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
      figures: [
        { label: 'length of the boot', figure: bootLength(input), plus: null, minus: null },
        shrinkCool(true),
      ],
    },
  ];
}
