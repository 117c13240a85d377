import type { CoreRecipe } from '../build/core-steps.ts';
import { jointName, openShellHolds } from '../build/core-joint-steps.ts';
import { coreSolderCaution, coreStripSteps } from '../build/core-steps.ts';
import { heatFigures, ironTool } from '../build/join-steps.ts';
import { goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { conductorsInContacts, jacketEntry } from '../fit/core-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { solderHeat } from '../fit/solder.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { stripCores } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, pullStep, refusesTube, shellRings } from './core-end.ts';
import type { AnyMethod } from './method.ts';

/** The core goes on to the centre hole, the shield lies flat in the recess right behind it. */
const seat: CoreSeat = {
  fixing: 'lug',
  mouthOf: (contact) => (contact === 'sleeve' ? 'sleeveMouth' : 'contactMouth'),
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
  const core = solderHeat('cup', { length: 4e-3, outside: featureValue(card, 'contactOutside') }, house);
  const shield = solderHeat('body', body, house);
  return [
    ...(sleeve
      ? [
          {
            name: 'joint sleeve',
            work: 'solder' as const,
            stage: 'Join' as const,
            title: `Solder ${jointName(sleeve)} flat in the recess, end ${input.endName}`,
            text: {
              firstTime:
                'Tin the recess of the body first. Lay the shield flat in it, spread, no thicker than the recess is deep, and heat body and shield together with the big tip until the solder runs under. Let it cool: the body is a heat sink and gives its heat back slowly.',
              experienced: 'Tin the recess, lay flat, big tip, quick, cool.',
            },
            why: 'A lump here keeps the cover from closing. A small tip heats for so long that the insulation goes soft.',
            tools: [ironTool(shield)],
            figures: heatFigures(shield),
            caution: `${coreSolderCaution(input)} The body stays hot for minutes.`,
            good: ['flat, flush with the recess'],
            bad: ['lump over the rim', 'insulation swollen'],
          },
        ]
      : []),
    ...(tip
      ? [
          {
            name: 'joint tip',
            work: 'solder' as const,
            stage: 'Join' as const,
            title: `Solder ${jointName(tip)} in the centre hole, end ${input.endName}`,
            text: {
              firstTime:
                'Let the body cool first. Put the core through the centre hole, feed a little, and trim flush. The insulation stands right up to it.',
              experienced: 'Cool, through, a little, flush.',
            },
            why: 'Bare core beside the body is a short as soon as the cover is on.',
            tools: [ironTool(core)],
            figures: heatFigures(core),
            caution: coreSolderCaution(input),
            good: ['flush, no bare core'],
            bad: ['core stands out', 'insulation melted back'],
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
      name: 'orientation',
      work: 'look',
      stage: 'Join',
      title: `Lay the plug the right way round, end ${input.endName}`,
      text: {
        firstTime: `Lay the cable straight, without twist. This plug points ${turn}, seen along the cable.`,
        experienced: `Points ${turn}.`,
      },
      why: 'A short stiff lead cannot be twisted to meet its sockets.',
      good: ['as drawn on the run'],
      bad: ['cable twisted to make it so'],
      hold: lookHold('Turned as planned', goBack('orientation', 'Turn the plug, not the cable.')),
    },
    ...solderSteps(input),
    ...openShellHolds(input, 'joint sleeve'),
    closeStep(
      input,
      {
        firstTime:
          'Lay the insulating disc in. Put the cover on and start both screws by hand before either is tightened; then turn them in turn until they are snug.',
        experienced: 'Disc in, both screws started, then tightened in turn.',
      },
      {
        tools: [{ label: 'Screwdriver', setting: 'fits the slot' }],
        good: ['cover flat all round', 'jacket under the cover'],
        bad: ['one screw tight, the other cross-threaded'],
      },
    ),
    pullStep(input, 'cover'),
  ];
}

/** Right-angle low-profile plug for short patch leads: no clamp but its cover, nothing is threaded. */
export const lowProfileJack: AnyMethod = {
  name: 'low-profile jack',
  traits: {
    because: 'flat where plugs stand side by side; no part to thread',
    reusable: true,
    heat: 'big iron',
    needs: ['iron with a big tip and a fine one', 'small screwdriver'],
    shopTools: ['iron with a big tip', 'fine iron'],
  },
  usualFaults: {
    open: 'a cold joint: the body takes the heat away',
    short: 'the conductive layer left on, bare core at the body, a strand under the cover',
  },
  firstFeatures: ['clampFront', 'contactMouth', 'sleeveMouth', 'contactBore'],
  foldedFeatures: ['entryBore', 'clampLength', 'contactDepth', 'contactOutside', ...outsideFeatures],
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
