import type { CoreRecipe } from '../build/core-steps.ts';
import { jointName, openShellHolds, tellApartStep } from '../build/core-joint-steps.ts';
import { coreStripSteps } from '../build/core-steps.ts';
import { goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
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
import type { AnyEndInput, AnyMethod } from './method.ts';

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

/** Strands under a clamp: every contact opened fully first, tightened, tugged, tightened again. */
export function clampJointSteps(
  input: CoreRecipe,
  how: 'set screw' | 'rising clamp' | 'spring',
): StepDraft[] {
  const { joints } = input;
  const spring = how === 'spring';
  return [
    ...joints.map((joint): StepDraft => ({
      name: `joint ${joint.contact.id}`,
      work: 'screw',
      stage: 'Join',
      title: `Clamp ${jointName(joint)}, end ${input.endName}`,
      text: {
        firstTime: `${spring ? 'Press the spring fully open' : 'Open the screw fully'}. ${joint.conductors.length > 1 ? `Twist ${joint.conductors.length} cores into one, trimmed square. ` : ''}Put the twisted strands in to the bottom, none beside it, insulation just outside, ${spring ? 'and let go' : `and tighten the ${how}`}. Tug it.`,
        experienced: `${spring ? 'Open' : 'Screw fully open'}, all strands in, ${spring ? 'let go' : 'tighten'}, tug.`,
      },
      why: 'A strand beside the clamp lies across to the next one; insulation under it is no contact.',
      tools: spring
        ? [{ label: 'Small screwdriver', setting: 'on the release' }]
        : [{ label: 'Screwdriver', setting: 'fits the screw' }],
      good: ['only a sliver of bare metal seen', 'does not pull out'],
      bad: ['tinned end under the clamp', 'a strand outside', 'clamped on insulation'],
    })),
    {
      name: 'clamps-tug',
      work: 'tug',
      stage: 'Join',
      title: `Tug every core, end ${input.endName}`,
      text: {
        firstTime: `Tug each core on its own${spring ? '' : ', then tighten every screw once more: strands settle'}.`,
        experienced: spring ? 'Tug each.' : 'Tug each, tighten once more.',
      },
      why: 'Strands settle in the first minute, and a loose clamp heats.',
      good: ['nothing moves'],
      bad: ['a core comes out'],
      hold: lookHold(
        'Every core is held',
        goBack(`joint ${joints[0]!.contact.id}`, 'Open it fully, put the strands in again and tighten.'),
      ),
    },
  ];
}

function steps(input: CoreRecipe): StepDraft[] {
  const first = `joint ${input.joints[0]!.contact.id}`;
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, 'set screw'),
    ...openShellHolds(input, first),
    closeStep(
      input,
      isPanel(input)
        ? {
            firstTime:
              'Cover the terminals of the panel part with their cap or with shrink, and lay the cores so that none is pinched behind the panel.',
            experienced: 'Covered, cores free.',
          }
        : {
            firstTime:
              'Push the insert into the shell, key in keyway. Push the chuck forward until its jaws sit on the jacket, and screw the bushing down until its mark meets that of the shell.',
            experienced: 'Insert home, chuck on the jacket, bushing mark to mark.',
          },
      { caution: null },
    ),
    ...(isPanel(input) ? [] : [pullStep(input, 'chuck')]),
  ];
}

/** Locking speaker connector, 2, 4 and 8 pole, cable and panel: set screws, chuck, bushing with its mark. */
export const speakerClamp: AnyMethod = {
  name: 'speaker clamp',
  traits: {
    because: 'carries current, locks, no iron on the bench',
    reusable: true,
    heat: 'none',
    needs: ['screwdriver that fits its set screws'],
    shopTools: [],
  },
  usualFaults: {
    open: 'a screw on insulation, strands that slipped out, a screw never tightened',
    short: 'a stray strand across to the next contact',
  },
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
