import { hotCaution } from '../words/core-end.ts';
import {
  holdLabels,
  usualFaults,
  closeWords,
  closeMoreWords,
  traitsWords,
  orientationAdvice,
  solderSleeveWords,
  solderCentreWords,
  orientationWords,
} from '../words/low-profile-jack.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { jointName, openEndHolds } from '../recipe/core-joint-steps.ts';
import { coreSolderCaution, coreStripSteps } from '../recipe/core-steps.ts';
import { feedFigure, heatFigures, ironTool } from '../recipe/join-steps.ts';
import { goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { conductorsInContacts, jacketEntry } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { filletFeed, fillets, solderHeat } from '../fit/solder.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, pullStep, refusesTube, shellRings } from './core-end.ts';
import type { AnyMethod } from './method.ts';

/** The core goes on to the centre hole, the shield lies flat in the recess right behind it. */
const seat: CoreSeat = {
  fixing: 'lug',
  mouthOf: (contact) => (contact === 'sleeve' ? 'sleeveMouth' : 'contactMouth'),
  acrossOf: (contact) => (contact === 'sleeve' ? 'sleeveAcross' : 'tipAcross'),
  gap: 0.5e-3,
  bottom: -0.3e-3,
};

function solderSteps(input: CoreRecipe): StepDraft[] {
  const { card, house } = input;
  const tip = input.joints.find(({ contact }) => contact.id === 'tip');
  const sleeve = input.joints.find(({ contact }) => contact.id === 'sleeve');
  const body = {
    length: featureValue(card, 'bodyOutside'),
    outside: featureValue(card, 'bodyOutside') * 0.8,
  };
  const feed = filletFeed(fillets.lug, house);
  const contact = { length: 4e-3, outside: featureValue(card, 'contactOutside') };
  const core = solderHeat('lug', contact, house, feed.value);
  const shield = solderHeat('recess', body, house, feed.value);
  return [
    ...(sleeve
      ? [
          {
            role: 'joint' as const,
            about: 'sleeve',
            work: 'solder' as const,
            joint: 'recess' as const,
            stage: 'Join' as const,
            ...solderSleeveWords({ joint: jointName(sleeve), endName: input.endName }),
            tools: [ironTool(shield)],
            figures: [feedFigure(feed, house), ...heatFigures(shield)],
            caution: `${coreSolderCaution(input)} The body stays hot for minutes.`,
          },
        ]
      : []),
    ...(tip
      ? [
          {
            role: 'joint' as const,
            about: 'tip',
            work: 'solder' as const,
            joint: 'lug with a hole' as const,
            stage: 'Join' as const,
            ...solderCentreWords({ joint: jointName(tip), endName: input.endName }),
            tools: [ironTool(core)],
            figures: [feedFigure(feed, house), ...heatFigures(core)],
            caution: coreSolderCaution(input),
          },
        ]
      : []),
  ];
}

function steps(input: CoreRecipe): StepDraft[] {
  const turns = [
    'the same way as the first end',
    'a quarter turn to the right',
    'the opposite way',
    'a quarter turn to the left',
  ];
  const turn = turns[input.quarterTurns] ?? turns[0]!;
  return [
    ...coreStripSteps(input, { clamp: false }),
    {
      role: 'orientation',
      work: 'look',
      stage: 'Join',
      ...orientationWords({ endName: input.endName, turn }),
      hold: lookHold(holdLabels.turnedAsPlanned, goBack('orientation', orientationAdvice)),
    },
    ...solderSteps(input),
    ...openEndHolds(input, { by: 'soldered', joint: 'recess', backTo: 'joint', hasShell: true }),
    closeStep(input, 'screw cover', closeWords, {
      tools: [{ label: 'Screwdriver', setting: 'fits the slot' }],
      ...closeMoreWords,
      caution: hotCaution,
    }),
    pullStep(input, 'cover', 'screw cover'),
  ];
}

/** Right-angle low-profile plug for short patch leads: no clamp but its cover, nothing is threaded. */
export const lowProfileJack: AnyMethod = {
  name: 'low-profile jack',
  traits: {
    ...traitsWords,
    reusable: true,
    heat: 'big iron',
    needs: ['iron with a big tip and a fine one', 'small screwdriver'],
    shopTools: ['iron with a big tip', 'fine iron'],
  },
  usualFaults,
  firstFeatures: ['clampFront', 'contactMouth', 'sleeveMouth', 'contactBore'],
  foldedFeatures: [
    'entryBore',
    'clampLength',
    'tipAcross',
    'sleeveAcross',
    'contactDepth',
    'contactOutside',
    ...outsideFeatures,
  ],
  rules: contactRules,
  refuses: refusesTube,
  fit: (input) => [
    jacketEntry(input, 'entry of the body'),
    ...conductorsInContacts(input, 'hole', { free: 0.1e-3 }).filter(({ id }) => id !== 'contact sleeve'),
  ],
  strip: (input) => stripCores(input, seat, (lip) => shellRings(input, lip)),
  parts: () => [],
  relief: () => null,
  steps,
};
