import {
  betweenAdvice,
  betweenWords,
  coresWords,
  holdLabels,
  looseWords,
  traitsWords,
  usualFaults,
} from '../words/bare-end.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import { conductorsInContacts } from '../fit/core-checks.ts';
import { openAtLeast } from '../reading/reading.ts';
import { tellApartStep } from '../recipe/core-joint-steps.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { coresStep, coreStripSteps } from '../recipe/core-steps.ts';
import { goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { breakoutRings, crotchRelief } from './breakout.ts';
import { closeStep, contactRules, outsideFeatures, refusesTube } from './core-end.ts';
import type { AnyMethod } from './method.ts';

/** As long as most clamps are deep; whoever clamps it cuts it to his. */
const seat: CoreSeat = {
  fixing: 'lug',
  mouthOf: () => 'contactMouth',
  gap: 1e-3,
  bottom: -1e-3,
  oneLength: true,
};

function steps(input: CoreRecipe): StepDraft[] {
  const { title, text, ...more } = looseWords;
  return [
    ...coreStripSteps(toDrawing(input), {
      clamp: true,
      cores: { ...coresStep(input, true), ...coresWords },
    }),
    ...tellApartStep(input),
    betweenStep(input),
    closeStep(input, null, text, { title: title(input.endName), ...more }),
  ];
}

/** Nothing is there to be offered up. */
const toDrawing = (input: CoreRecipe): CoreRecipe => ({
  ...input,
  house: {
    ...input.house,
    practice: { ...input.house.practice, stripLengths: 'measure to the drawing' },
  },
});

function betweenStep(input: CoreRecipe): StepDraft {
  return {
    role: 'no-short',
    work: 'measure',
    stage: 'Join',
    ...betweenWords(input.endName),
    tools: [{ label: 'Ohm meter', setting: 'highest range' }],
    hold: {
      label: holdLabels.noShort,
      kind: 'reading',
      reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
      safety: false,
      safetyReason: '',
      rework: goBack('cores', betweenAdvice),
    },
  };
}

/** Cores that are bared and go into clamps at their place: no connector at all. */
export const bareEnd: AnyMethod = {
  name: 'bare end',
  traits: { ...traitsWords, reusable: true, heat: 'none', needs: ['caps for the cores'], shopTools: [] },
  usualFaults,
  firstFeatures: ['breakout', 'contactDepth'],
  foldedFeatures: ['contactMouth', 'contactBore', 'contactOutside', ...outsideFeatures],
  rules: contactRules,
  refuses: refusesTube,
  fit: (input: AnyEndInput) => conductorsInContacts(input, 'clamp', { free: 0.1e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => breakoutRings(input, lip)),
  parts: () => [],
  relief: crotchRelief,
  steps,
};
