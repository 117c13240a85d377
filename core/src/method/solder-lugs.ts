import { hotCaution } from '../words/core-end.ts';
import {
  handleHeldWords,
  usualFaults,
  closeChuckWords,
  closeWords,
  traitsWords,
  clampWords,
} from '../words/solder-lugs.ts';
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
  reliefSize,
  refusesTube,
  shellRings,
} from './core-end.ts';
import type { AnyMethod, MethodPart } from './method.ts';
import type { AnyEndInput, ContactJoint } from '../end/end-input.ts';
import type { SolderedContact } from '../recipe/core-joint-steps.ts';

/** Lugs lie one behind the other: the tip's is the farthest, the sleeve's is at the clamp. */
const seat: CoreSeat = {
  fixing: 'lug',
  mouthOf: (contact) =>
    contact === 'ring' ? 'ringMouth' : contact === 'sleeve' ? 'sleeveMouth' : 'contactMouth',
  acrossOf: (contact) =>
    contact === 'ring' ? 'ringAcross' : contact === 'sleeve' ? 'sleeveAcross' : 'tipAcross',
  gap: 0.8e-3,
  bottom: -0.5e-3,
};

/** What holds the jacket: half shells close by their own serrations, a chuck by the handle; tabs are bent round it. */
const clampOf = ({ contents: { holder } }: AnyEndInput) => (holder === 'tabs' ? 'clamp tabs' : holder);

/** What goes on the cable behind the lugs and before the handle, or behind it. */
function reliefParts(input: AnyEndInput): MethodPart[] {
  const front = featureValue(input.card, 'clampFront');
  const chuck = input.contents.holder === 'chuck' ? [chuckPart(input)] : [];
  if (input.connector.relief !== 'spring') return chuck;
  return [
    ...chuck,
    {
      ...jacketPart(input, 'relief spring', 'ring', front + 26e-3, { outside: 0.8, face: 'wide coil' }),
      size: reliefSize(input),
    },
  ];
}

const parts = (input: AnyEndInput) => {
  const front = featureValue(input.card, 'clampFront');
  return [
    // The tube covers the lugs inside the handle, so it lies nearest to them.
    jacketPart(input, 'insulating tube', 'tube', front, { outside: 0.75 }),
    jacketPart(input, 'handle', 'nut', front + 12e-3, { outside: 1, face: 'thread' }),
    ...reliefParts(input),
  ];
};

/** The lugs in the order of the house. */
function inOrder(input: CoreRecipe) {
  const underneathFirst = input.house.practice.lugOrder === 'what lies underneath first';
  const order = underneathFirst ? ['sleeve', 'ring', 'tip'] : ['tip', 'ring', 'sleeve'];
  return [...input.joints].sort((a, b) => order.indexOf(a.contact.id) - order.indexOf(b.contact.id));
}

/** The tip of a phono plug is a cup, a small jack has grooves; shields lie flat on the sleeve’s lug. */
function jointAt({ connector: { series } }: CoreRecipe, { contact }: ContactJoint): SolderedContact {
  if (contact.id === 'sleeve') return 'flat lug';
  if (series.id === 'phono') return 'cup';
  return series.id === 'jack-3-trs' ? 'grooved lug' : 'lug with a hole';
}

function clampStep(input: CoreRecipe, clamp: 'clamp tabs' | 'half shells'): StepDraft {
  return {
    role: 'clamp',
    work: 'crimp',
    joint: clamp === 'half shells' ? 'half shells' : 'tabs',
    stage: 'Join',
    ...clampWords({ clamp, endName: input.endName }),
    tools: [{ label: 'Pliers', setting: 'smooth jaws' }],
  };
}

function steps(input: CoreRecipe): StepDraft[] {
  const joints = inOrder(input);
  const clamp = clampOf(input);
  const holder = clamp === 'clamp tabs' ? 'tabs' : clamp;
  return [
    ...coreStripSteps(input, { clamp: false }),
    ...tellApartStep(input),
    ...solderJointSteps(input, (joint) => jointAt(input, joint), joints),
    ...(clamp === 'chuck' ? [] : [clampStep(input, clamp)]),
    ...openEndHolds(input, {
      by: 'soldered',
      joint: jointAt(input, joints.at(-1)!),
      backTo: 'joint',
      hasShell: true,
    }),
    closeStep(input, clamp === 'chuck' ? 'chuck' : null, clamp === 'chuck' ? closeChuckWords : closeWords, {
      ...(clamp === 'chuck' ? {} : handleHeldWords),
      caution: hotCaution,
    }),
    pullStep(input, clamp, holder),
  ];
}

/** Jack and phono plugs with lugs, clamp tabs or half shells, insulating tube and handle. */
export const solderLugs: AnyMethod = {
  name: 'solder lugs',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'small iron',
    needs: ['iron with a small chisel', 'smooth pliers'],
    shopTools: ['fine iron'],
  },
  usualFaults,
  firstFeatures: ['clampFront', 'contactMouth', 'ringMouth', 'sleeveMouth', 'contactBore'],
  foldedFeatures: [
    ...clampFeatures,
    'tipAcross',
    'ringAcross',
    'sleeveAcross',
    'contactDepth',
    'contactOutside',
    ...outsideFeatures,
  ],
  contents: ['holder', 'relief'],
  rules: [...clampRules, ...contactRules],
  refuses: refusesTube,
  fit: (input) => [
    jacketEntry(input, 'handle'),
    ...clampRange(input, clampOf(input)),
    ...conductorsInContacts(input, 'lug'),
  ],
  strip: (input) => stripCores(input, seat, (lip) => shellRings(input, lip)),
  parts,
  relief: () => null,
  steps,
};
