import { hotCaution } from '../words/core-end.ts';
import { usualFaults, closeWords, traitsWords } from '../words/solder-cup.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { openEndHolds, solderJointSteps, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coreStripSteps } from '../recipe/core-steps.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
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
  refusesTube,
  shellRings,
} from './core-end.ts';
import type { AnyMethod } from './method.ts';
import type { AnyEndInput } from '../end/end-input.ts';

/** Bare metal before a cup is at most one diameter of the insulation; half a millimetre is aimed at. Engineering value. */
const seat: CoreSeat = { fixing: 'cup', mouthOf: () => 'contactMouth', gap: 0.5e-3, bottom: 0.2e-3 };

const parts = (input: AnyEndInput) => [
  chuckPart(input),
  {
    ...jacketPart(input, 'boot', 'boot', featureValue(input.card, 'clampFront') + 6e-3, {
      outside: 0.85,
      face: 'thread',
    }),
    // A black one is what everybody calls the boot.
    ...(input.contents.bootColour === 'black' ? {} : { colour: input.contents.bootColour }),
  },
];

function steps(input: CoreRecipe): StepDraft[] {
  return [
    ...coreStripSteps(input, { clamp: false }),
    ...tellApartStep(input),
    ...solderJointSteps(input, () => 'cup', input.joints),
    ...openEndHolds(input, { by: 'soldered', joint: 'cup', backTo: 'joint', hasShell: true }),
    closeStep(input, 'chuck', closeWords({ signal: input.signal }), { caution: hotCaution }),
    pullStep(input, 'chuck', 'chuck'),
  ];
}

/** Round connector with solder cups, chuck and boot: 3- and 5-pin, plug and socket, cable and right-angle. */
export const solderCup: AnyMethod = {
  name: 'solder cup',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'small iron',
    needs: ['iron with a small chisel', 'stand that holds the insert'],
    shopTools: ['fine iron'],
  },
  usualFaults,
  firstFeatures: ['clampFront', 'contactMouth', 'contactDepth', 'contactBore'],
  foldedFeatures: [...clampFeatures, 'contactOutside', ...outsideFeatures],
  contents: ['relief', 'bootColour'],
  rules: [...clampRules, ...contactRules],
  refuses: refusesTube,
  fit: (input) => [
    jacketEntry(input, 'boot'),
    ...clampRange(input, 'chuck'),
    ...conductorsInContacts(input, 'cup'),
  ],
  strip: (input) => stripCores(input, seat, (lip) => shellRings(input, lip)),
  parts,
  relief: () => null,
  steps,
};
