import { usualFaults, ruleWords, closeWords, closeMoreWords, traitsWords } from '../words/terminal-clamp.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { openEndHolds, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coreStripSteps } from '../recipe/core-steps.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { conductorsInContacts, jacketsAcross } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { ring } from '../strip/section.ts';
import { closeStep, outsideFeatures, refusesTube } from './core-end.ts';
import type { AnyMethod } from './method.ts';
import type { AnyEndInput } from '../end/end-input.ts';
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
  const how = input.connector.contactFixing === 'spring' ? 'spring clamp' : 'rising clamp';
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...clampJointSteps(input, how),
    ...openEndHolds(input, { by: 'screwed', joint: how, backTo: 'joint', hasShell: false }),
    closeStep(input, null, closeWords, closeMoreWords({ endName: input.endName })),
  ];
}

/** Pluggable terminal block, rising clamp or spring. */
export const terminalClamp: AnyMethod = {
  name: 'terminal clamp',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'none',
    needs: ['small screwdriver'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', ...outsideFeatures],
  rules: [
    {
      smaller: 'contactMouth',
      larger: 'lipToTip',
      at: 'contactMouth',
      because: ruleWords.clampLiesWithinBlock,
    },
  ],
  refuses: refusesTube,
  fit: (input) => conductorsInContacts(input, 'clamp', { free: 0.1e-3, loose: 2e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => blockRings(input, lip)),
  parts: () => [],
  relief: crotchRelief,
  steps,
};
