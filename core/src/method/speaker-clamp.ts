import {
  holdLabels,
  usualFaults,
  closeWords,
  closeMoreWords,
  panelMoreWords,
  traitsWords,
  clampsTugAdvice,
  jointWords,
  clampsTugWords,
} from '../words/speaker-clamp.ts';
import type { ScrewedContact } from '../words/speaker-clamp.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { jointName, openEndHolds, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coreStripSteps } from '../recipe/core-steps.ts';
import { goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { clampRange, conductorsInContacts, jacketEntry } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import {
  chuckPart,
  clampFeatures,
  clampRules,
  closeStep,
  contactRules,
  jacketPart,
  outsideFeatures,
  pullStep,
  refusesCoax,
  shellRings,
} from './core-end.ts';
import { breakoutRings } from './breakout.ts';
import type { AnyMethod } from './method.ts';
import type { AnyEndInput } from '../end/end-input.ts';

const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.3e-3, bottom: 0.3e-3 };

const isPanel = ({ connector }: AnyEndInput) => connector.sex === 'socket';

const parts = (input: AnyEndInput) => {
  if (isPanel(input)) return [];
  return [
    chuckPart(input),
    jacketPart(input, 'bushing', 'boot', featureValue(input.card, 'clampFront') + 8e-3, {
      outside: 0.9,
      face: 'thread',
    }),
  ];
};

/** Strands under a clamp: each put in and closed, then all pulled, and every screw given its second turn. */
export function clampJointSteps(input: CoreRecipe, how: ScrewedContact, sleeved = false): StepDraft[] {
  const { joints, endName } = input;
  const tool =
    how === 'spring clamp'
      ? { label: 'Small screwdriver', setting: 'on the release' }
      : { label: 'Screwdriver', setting: 'fits the screw' };
  return [
    ...joints.map((joint): StepDraft => ({
      role: 'joint',
      about: joint.contact.id,
      work: 'screw',
      joint: how,
      stage: 'Join',
      ...jointWords({ joint: jointName(joint), endName, coreCount: joint.conductors.length, how, sleeved }),
      tools: [tool],
    })),
    {
      role: 'clamps-tug',
      work: 'tug',
      joint: how,
      stage: 'Join',
      ...clampsTugWords({ endName, how }),
      hold: lookHold(holdLabels.everyCoreHeld, goBack('joint', clampsTugAdvice)),
    },
  ];
}

function steps(input: CoreRecipe): StepDraft[] {
  const panel = isPanel(input);
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, 'set screw'),
    ...openEndHolds(input, { by: 'screwed', joint: 'set screw', backTo: 'joint', hasShell: !panel }),
    panel
      ? closeStep(input, null, closeWords, panelMoreWords({ endName: input.endName }))
      : closeStep(input, 'chuck', closeMoreWords),
    ...(panel ? [] : [pullStep(input, 'chuck', 'chuck')]),
  ];
}

/** Locking speaker connector, 2, 4 and 8 pole, cable and panel: set screws, chuck, bushing with its mark. */
export const speakerClamp: AnyMethod = {
  name: 'speaker clamp',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'none',
    needs: ['screwdriver that fits its set screws'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['clampFront', 'breakout', 'contactMouth', 'contactDepth', 'contactBore'],
  foldedFeatures: [...clampFeatures, 'contactOutside', ...outsideFeatures],
  rules: [...clampRules, ...contactRules],
  refuses: refusesCoax,
  fit: (input) => [
    ...(isPanel(input) ? [] : [jacketEntry(input, 'bushing'), ...clampRange(input, 'chuck')]),
    ...conductorsInContacts(input, 'clamp', { free: 0.1e-3 }),
  ],
  strip: (input) =>
    stripCores(input, seat, (lip) => (isPanel(input) ? breakoutRings(input, lip) : shellRings(input, lip))),
  parts,
  relief: () => null,
  steps,
};
