import type { CoreRecipe } from '../build/core-steps.ts';
import { openShellHolds, tellApartStep } from '../build/core-joint-steps.ts';
import { coreStripSteps } from '../build/core-steps.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { conductorsInContacts, jacketsAcross } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { ring } from '../strip/section.ts';
import { closeStep, outsideFeatures, refusesTube } from './core-end.ts';
import type { AnyEndInput, AnyMethod } from './method.ts';
import { crotchRelief } from './breakout.ts';
import { clampJointSteps } from './speaker-clamp.ts';

/** At most half a millimetre of bare metal may be seen. */
const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.25e-3, bottom: 0.25e-3 };

function blockRings(input: AnyEndInput, lip: number) {
  const tip = lip + featureValue(input.card, 'lipToTip');
  return [
    ring('cable', 'jacket', 'jacket', [-14e-3, 0], [0, jacketsAcross(input)]),
    ring(
      'connector',
      'block',
      'insulator',
      [lip, tip],
      [featureValue(input.card, 'contactBore'), featureValue(input.card, 'bodyOutside')],
    ),
  ];
}

function steps(input: CoreRecipe): StepDraft[] {
  const spring = input.connector.contactFixing === 'spring';
  const first = `joint ${input.joints[0]!.contact.id}`;
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, spring ? 'spring' : 'rising clamp'),
    ...openShellHolds(input, first),
    closeStep(
      input,
      {
        firstTime:
          'Offer the block up to its header the right way round: the order of contacts is that of this device, read from its profile, and it turns over with the block. Then lay the cores side by side and tie them.',
        experienced: 'Right way round on the header, cores tied.',
      },
      {
        title: `Offer the block up, end ${input.endName}`,
        caution: 'Mains voltage may stand beside it in a cabinet: that is for licensed hands.',
        good: ['contact 1 at the mark of the header'],
        bad: ['block turned over', 'core squeezed by the next one'],
      },
    ),
  ];
}

/** Pluggable terminal block, rising clamp or spring. */
export const terminalClamp: AnyMethod = {
  name: 'terminal clamp',
  traits: {
    because: 'no tool but a screwdriver; every device has its own order',
    reusable: true,
    heat: 'none',
    needs: ['small screwdriver'],
    shopTools: [],
  },
  usualFaults: {
    open: 'clamped on insulation, a core below the clamp instead of in it, a screw never tightened',
    short: 'a stray strand across to the next position',
  },
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', ...outsideFeatures],
  rules: [
    {
      smaller: 'contactMouth',
      larger: 'lipToTip',
      at: 'contactMouth',
      because: 'the clamp lies within the block',
    },
  ],
  refuses: refusesTube,
  fit: (input) => conductorsInContacts(input, 'clamp', { free: 0.1e-3, loose: 2e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => blockRings(input, lip)),
  parts: () => [],
  relief: crotchRelief,
  steps,
};
