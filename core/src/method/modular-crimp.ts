import {
  holdLabels,
  usualFaults,
  layCoresWords,
  layCoresTextWords,
  closeWords,
  closeMoreWords,
  traitsWords,
  jointAdvice,
  stepsAdvice,
  jointWords,
} from '../words/modular-crimp.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { openEndHolds, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coresStep, coreStripSteps } from '../recipe/core-steps.ts';
import { cutOffAgain, stripAgain } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { clampRange, conductorsInContacts, jacketEntry } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { conductorNames, stripCores } from '../strip/core-strip.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import {
  clampFeatures,
  clampRules,
  closeStep,
  jacketPart,
  outsideFeatures,
  pullStep,
  refusesCoax,
  shellRings,
} from './core-end.ts';
import type { AnyMethod } from './method.ts';

/** Blades pierce the insulation: nothing is bared, cores end square at the front wall. */
const seat: CoreSeat = {
  fixing: 'clamp',
  mouthOf: () => 'contactMouth',
  gap: 0.5e-3,
  bottom: 0.3e-3,
  pierced: true,
};

/** Cores are laid flat and cut square; blades pierce them, so nothing is bared. */
function layCoresStep(input: CoreRecipe, order: string): StepDraft {
  return {
    ...coresStep(input, true),
    ...layCoresWords({ endName: input.endName }),
    text: {
      ...layCoresTextWords({ order }),
    },
    tools: [{ label: 'Flush cutter', setting: '' }],
  };
}

function steps(input: CoreRecipe): StepDraft[] {
  const order = input.joints
    .map(({ contact, conductors }) => `${contact.id} ${conductorNames(conductors)}`)
    .join(', ');
  const scrap = [connectorScrap(input.connector)];
  return [
    ...coreStripSteps(input, { clamp: true, cores: layCoresStep(input, order) }),
    ...tellApartStep(input),
    {
      role: 'joint',
      about: '1',
      work: 'seat',
      joint: 'modular plug',
      stage: 'Join',
      ...jointWords({ endName: input.endName, order }),
      hold: lookHold(holdLabels.orderRightAllCores, stripAgain(input, jointAdvice)),
    },
    closeStep(input, 'modular plug', closeWords, {
      ...closeMoreWords({ endName: input.endName }),
      work: 'crimp',
      tools: [{ label: 'Modular crimp tool', setting: '8 contacts' }],
    }),
    ...openEndHolds(input, { by: 'pierced', joint: 'modular plug', backTo: 'insert', hasShell: false }).map(
      (step) =>
        step.hold
          ? {
              ...step,
              hold: {
                ...step.hold,
                rework: cutOffAgain(input, stepsAdvice, scrap),
              },
            }
          : step,
    ),
    pullStep(input, 'clamp', 'modular plug'),
  ];
}

/** RJ45 for lighting control per ANSI E1.27-2, insulation pierced. */
export const modularCrimp: AnyMethod = {
  name: 'modular crimp',
  traits: {
    ...traitsWords,
    reusable: false,
    heat: 'none',
    needs: ['modular crimp tool'],
    shopTools: ['modular crimp tool'],
  },
  usualFaults,
  firstFeatures: ['clampFront', 'contactMouth', 'contactDepth', 'contactBore'],
  foldedFeatures: [...clampFeatures, ...outsideFeatures],
  rules: clampRules,
  refuses: refusesCoax,
  fit: (input) => [
    jacketEntry(input, 'strain relief'),
    ...clampRange(input, 'clamp'),
    ...conductorsInContacts(input, 'groove', { free: 0.05e-3, insulated: true }),
  ],
  strip: (input) => stripCores(input, seat, (lip) => shellRings(input, lip, { shell: false })),
  parts: (input) => [
    jacketPart(input, 'boot', 'boot', featureValue(input.card, 'clampFront') + 8e-3, {
      outside: 0.95,
      face: 'hood',
    }),
  ],
  relief: () => null,
  steps,
};
