import type { CoreRecipe } from '../build/core-steps.ts';
import { openShellHolds, tellApartStep } from '../build/core-joint-steps.ts';
import { coreStripSteps } from '../build/core-steps.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { conductorsInContacts } from '../fit/core-checks.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, refusesCoax } from './core-end.ts';
import { breakoutRings, crotchRelief } from './breakout.ts';
import type { AnyMethod } from './method.ts';
import { clampJointSteps } from './speaker-clamp.ts';

const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.2e-3, bottom: 0.5e-3 };

function steps(input: CoreRecipe): StepDraft[] {
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, 'set screw'),
    ...openShellHolds(input, `joint ${input.joints[0]!.contact.id}`),
    closeStep(
      input,
      {
        firstTime:
          'Tighten the two opposed screws of each plug in turn, so that the strands stay in the middle. Look that red is plus and that both breakouts are as long as planned.',
        experienced: 'Both screws in turn; red is plus.',
      },
      {
        title: `Tighten the plugs, end ${input.endName}`,
        caution: null,
        good: ['strands in the middle', 'colour and polarity agree'],
        bad: ['one screw only', 'red on minus'],
      },
    ),
  ];
}

/** A pair of 4 mm bananas, each with two opposed set screws: breakout of both cores, bare copper, never tinned. */
export const setScrew: AnyMethod = {
  name: 'set screw',
  traits: {
    because: 'for posts and amplifier sockets; no iron, opens again',
    reusable: true,
    heat: 'none',
    needs: ['hex key or screwdriver that fits'],
    shopTools: [],
  },
  usualFaults: {
    open: 'a screw beside the strands, or never tightened',
    short: 'a stray strand at the rear of a plug',
  },
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', 'contactOutside', ...outsideFeatures],
  rules: contactRules,
  refuses: refusesCoax,
  fit: (input) => conductorsInContacts(input, 'barrel', { free: 0.1e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => breakoutRings(input, lip)),
  parts: () => [],
  relief: crotchRelief,
  steps,
};
