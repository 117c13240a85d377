import {
  holdLabels,
  usualFaults,
  closeWords,
  closeMoreWords,
  traitsWords,
  clampsTugAdvice,
  jointWords,
  clampsTugWords,
} from '../words/crimp-lug.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { jointName, openEndHolds, tellApartStep } from '../recipe/core-joint-steps.ts';
import { coreStripSteps } from '../recipe/core-steps.ts';
import { dieTool } from '../recipe/join-steps.ts';
import { contactPull, productionTug } from '../recipe/pull.ts';
import { stripAgain } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import type { Connector } from '../connector/connector.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { conductorsInContacts } from '../fit/core-checks.ts';
import { judgeClosing, ringArea } from '../fit/crimp-closing.ts';
import { formatForce } from '../quantity/force.ts';
import { bareDiameter, stripCores } from '../strip/core-strip.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, refusesCoax } from './core-end.ts';
import type { AnyMethod } from './method.ts';
import { breakoutRings, coreCovered, crotchRelief } from './breakout.ts';

/** A spade's barrel is open in front: strands end flush with it. */
const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.3e-3, bottom: 0 };

/** What is crimped on, in the word of the bench. */
const isFerrule = ({ series }: Connector) => series.id === 'wire-ferrule';
const lugOf = ({ connector }: Pick<CoreRecipe, 'connector'>) => (isFerrule(connector) ? 'ferrule' : 'spade');

function steps(input: CoreRecipe): StepDraft[] {
  const lug = lugOf(input);
  const kind = lug === 'ferrule' ? 'wire-end ferrule' : 'lug barrel';
  const crimps = input.joints.map((joint): StepDraft => {
    // Areas of paralleled cores add up, and so does what they stand.
    const tug = formatForce(contactPull(bareDiameter(joint) / 1.16) * productionTug);
    return {
      role: 'joint',
      about: joint.contact.id,
      work: 'crimp',
      joint: kind,
      stage: 'Join',
      ...jointWords({
        joint: jointName(joint),
        endName: input.endName,
        coreCount: joint.conductors.length,
        tug,
        lug,
      }),
      tools: [dieTool('Lug die', input.connector.pinDie!, input.house)],
    };
  });
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...crimps,
    {
      role: 'clamps-tug',
      work: 'tug',
      joint: kind,
      stage: 'Join',
      ...clampsTugWords({ endName: input.endName, lug }),
      hold: lookHold(holdLabels.crimpsHold, {
        ...stripAgain(input, clampsTugAdvice({ lug })),
        scrap: [{ kind: 'crimp lug', name: lug }],
      }),
    },
    ...openEndHolds(input, { by: 'crimped', joint: kind, backTo: 'joint', hasShell: false }),
    closeStep(input, null, closeWords({ lug }), closeMoreWords({ endName: input.endName, lug })),
  ];
}

/** A pair of spades or wire-end ferrules, crimped. */
export const crimpLug: AnyMethod = {
  name: 'crimp lug',
  traits: {
    ...traitsWords,
    reusable: false,
    heat: 'none',
    needs: ['die for the spade'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', 'contactOutside', ...outsideFeatures],
  rules: contactRules,
  refuses: refusesCoax,
  fit: (input) => [
    ...conductorsInContacts(input, 'barrel', { free: 0.1e-3, loose: 1.6e-3 }),
    ...input.joints.map((joint) =>
      judgeClosing({
        id: `closing ${joint.contact.id}`,
        label: `Die closes on ${jointName(joint)}`,
        metal:
          ringArea(featureValue(input.card, 'contactOutside'), featureValue(input.card, 'contactBore')) +
          joint.conductors.reduce((sum, { area }) => sum + area, 0),
        die: input.connector.pinDie!,
        on: lugOf(input),
      }),
    ),
  ],
  strip: (input) => stripCores(input, seat, (lip) => breakoutRings(input, lip)),
  parts: () => [],
  barrel: ({ card, connector }) =>
    isFerrule(connector)
      ? null
      : {
          over: featureValue(card, 'contactOutside'),
          covered: featureValue(card, 'contactDepth') + coreCovered,
        },
  relief: crotchRelief,
  steps,
};
