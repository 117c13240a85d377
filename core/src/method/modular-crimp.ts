import type { CoreRecipe } from '../build/core-steps.ts';
import { openShellHolds, tellApartStep } from '../build/core-joint-steps.ts';
import { coreStripSteps } from '../build/core-steps.ts';
import { cutOffAgain, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
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

function steps(input: CoreRecipe): StepDraft[] {
  const order = input.joints
    .map(({ contact, conductors }) => `${contact.id} ${conductorNames(conductors)}`)
    .join(', ');
  const scrap = ['RJ45 plug'];
  return [
    ...coreStripSteps(input, { clamp: true }).map((step) =>
      step.name === 'cores'
        ? {
            ...step,
            title: `Lay the cores in order, end ${input.endName}`,
            text: {
              firstTime: `Untwist no more than needed, lay the cores flat in this order and cut them square together: ${order}. Do not bare them. The shield tail goes to its contact in a sleeve.`,
              experienced: `Flat, square, not bared: ${order}.`,
            },
            tools: [{ label: 'Flush cutter', setting: '' }],
          }
        : step,
    ),
    ...tellApartStep(input),
    {
      name: 'joint 1',
      work: 'crimp',
      stage: 'Join',
      title: `Push the cores home, end ${input.endName}`,
      text: {
        firstTime: `Push all cores into the plug until each is seen at its front wall, and the jacket lies under the clamp. Read the order once more through the plug, tab underneath: ${order}.`,
        experienced: `All at the front wall, jacket under the clamp: ${order}.`,
      },
      why: 'Once crimped nothing can be changed.',
      good: ['every core at the front wall', 'jacket under the clamp'],
      bad: ['a core short of the wall', 'two cores swapped'],
      hold: lookHold(
        'Order right, all cores home',
        stripAgain(input, 'Pull out, lay the cores anew, cut them square again.'),
      ),
    },
    closeStep(
      input,
      { firstTime: 'Crimp in the tool in one stroke, to its stop.', experienced: 'One stroke, to the stop.' },
      {
        title: `Crimp the plug, end ${input.endName}`,
        tools: [{ label: 'Modular crimp tool', setting: '8 contacts' }],
        caution: null,
        good: ['blades all down', 'clamp on the jacket'],
        bad: ['a blade stands proud'],
      },
    ),
    ...openShellHolds(input, 'insert').map((step) =>
      step.hold
        ? {
            ...step,
            hold: {
              ...step.hold,
              rework: cutOffAgain(input, 'Cut the plug off and make the end again.', scrap),
            },
          }
        : step,
    ),
    pullStep(input, 'clamp'),
  ];
}

/** RJ45 for lighting control per ANSI E1.27-2, insulation pierced. */
export const modularCrimp: AnyMethod = {
  name: 'modular crimp',
  traits: {
    because: 'where the installation is wired for it; not for touring',
    reusable: false,
    heat: 'none',
    needs: ['modular crimp tool'],
    shopTools: ['modular crimp tool'],
  },
  usualFaults: {
    open: 'a core short of the front wall, a blade not down',
    short: 'a shield wire among the cores',
  },
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
