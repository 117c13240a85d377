import { usualFaults, closeWords, closeMoreWords, traitsWords } from '../words/set-screw.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { openEndHolds, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coreStripSteps } from '../recipe/core-steps.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { conductorsInContacts } from '../fit/core-checks.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, refusesCoax } from './core-end.ts';
import { breakoutRings, coreCovered, crotchRelief } from './breakout.ts';
import type { AnyMethod } from './method.ts';
import { clampJointSteps } from './speaker-clamp.ts';

const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.2e-3, bottom: 0.5e-3 };

function steps(input: CoreRecipe): StepDraft[] {
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, 'opposed screws', true),
    ...openEndHolds(input, { by: 'screwed', joint: 'opposed screws', backTo: 'joint', hasShell: false }),
    closeStep(input, null, closeWords, {
      ...closeMoreWords({ endName: input.endName }),
      work: 'shrink',
    }),
  ];
}

/** A pair of 4 mm bananas, each with two opposed set screws: breakout of both cores, bare copper, never tinned. */
export const setScrew: AnyMethod = {
  name: 'set screw',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'none',
    needs: ['hex key or screwdriver that fits'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', 'contactOutside', ...outsideFeatures],
  rules: contactRules,
  refuses: refusesCoax,
  fit: (input) => conductorsInContacts(input, 'barrel', { free: 0.1e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => breakoutRings(input, lip)),
  parts: () => [],
  barrel: ({ card }) => ({
    over: featureValue(card, 'contactOutside'),
    covered: featureValue(card, 'contactDepth') + coreCovered,
  }),
  relief: crotchRelief,
  steps,
};
