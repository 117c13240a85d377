import type { CoreRecipe } from '../build/core-steps.ts';
import { jointName, openShellHolds, tellApartStep } from '../build/core-joint-steps.ts';
import { coreStripSteps } from '../build/core-steps.ts';
import { dieTool } from '../build/join-steps.ts';
import { contactPull, productionTug } from '../build/pull.ts';
import { stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { conductorsInContacts } from '../fit/core-checks.ts';
import { formatForce } from '../quantity/force.ts';
import { bareDiameter, stripCores } from '../strip/core-strip.ts';
import type { CoreSeat } from '../strip/core-strip.ts';
import { closeStep, contactRules, outsideFeatures, refusesCoax } from './core-end.ts';
import type { AnyMethod } from './method.ts';
import { breakoutRings, crotchRelief } from './breakout.ts';

/** A spade's barrel is open in front: strands end flush with it. */
const seat: CoreSeat = { fixing: 'clamp', mouthOf: () => 'contactMouth', gap: 0.3e-3, bottom: 0 };

/** What is crimped on, in the word of the bench. */
const lugOf = ({ connector }: CoreRecipe) => (connector.series.id === 'wire-ferrule' ? 'ferrule' : 'spade');

function steps(input: CoreRecipe): StepDraft[] {
  const lug = lugOf(input);
  const crimps = input.joints.map((joint): StepDraft => {
    // Areas of paralleled cores add up, and so does what they stand.
    const tug = formatForce(contactPull(bareDiameter(joint) / 1.16) * productionTug);
    return {
      name: `joint ${joint.contact.id}`,
      work: 'crimp',
      stage: 'Join',
      title: `Crimp ${jointName(joint)}, end ${input.endName}`,
      text: {
        firstTime: `${joint.conductors.length > 1 ? `Twist ${joint.conductors.length} cores into one. ` : ''}All strands into the barrel until they show at its front, insulation close behind. Crimp once, in the middle. Tug, about ${tug}.`,
        experienced: `All strands, crimp once, tug about ${tug}.`,
      },
      why: 'A crimp on a few strands holds and still burns.',
      tools: [dieTool('Lug die', input.connector.pinDie!, input.house)],
      good: ['strands seen at the front', 'insulation close behind the barrel'],
      bad: ['crimped on insulation', 'strands outside', 'crimped twice'],
    };
  });
  return [
    ...coreStripSteps(input, { clamp: true }),
    ...tellApartStep(input),
    ...crimps,
    {
      name: 'clamps-tug',
      work: 'tug',
      stage: 'Join',
      title: `Look at the crimps, end ${input.endName}`,
      text: { firstTime: 'Look at both barrels and tug both once more.', experienced: 'Look, tug.' },
      why: 'A missed crimp holds until somebody moves it.',
      good: ['even mark in the middle of the barrel'],
      bad: ['a core comes out'],
      hold: lookHold('Crimps hold', {
        ...stripAgain(input, `Cut the ${lug} off with its core and strip again. The ${lug} is scrap.`),
        scrap: [lug],
      }),
    },
    ...openShellHolds(input, `joint ${input.joints[0]!.contact.id}`),
    closeStep(
      input,
      {
        firstTime:
          lug === 'ferrule'
            ? 'Slide the collars up to the insulation, red on plus. Nothing but the sleeve stays bare; under a clamp it is never tinned.'
            : 'Shrink the colour sleeve over each barrel, red on plus. Nothing but the fork stays bare.',
        experienced: 'Sleeves on, red on plus.',
      },
      {
        title: `Cover the barrels, end ${input.endName}`,
        caution: 'Hot air burns: keep the gun moving.',
        good: [lug === 'ferrule' ? 'only the sleeve is bare' : 'only the fork is bare'],
        bad: ['barrel bare', 'red on minus'],
      },
    ),
  ];
}

/** A pair of spades or wire-end ferrules, crimped. */
export const crimpLug: AnyMethod = {
  name: 'crimp lug',
  traits: {
    because: 'for screw terminals; a ferrule keeps strands together under any clamp',
    reusable: false,
    heat: 'none',
    needs: ['die for the spade'],
    shopTools: [],
  },
  usualFaults: {
    open: 'crimped on insulation or on a few strands',
    short: 'barrels that touch, sleeves left off',
  },
  firstFeatures: ['breakout', 'contactDepth', 'contactBore'],
  foldedFeatures: ['contactMouth', 'contactOutside', ...outsideFeatures],
  rules: contactRules,
  refuses: refusesCoax,
  fit: (input) => conductorsInContacts(input, 'barrel', { free: 0.1e-3, loose: 1.6e-3 }),
  strip: (input) => stripCores(input, seat, (lip) => breakoutRings(input, lip)),
  parts: () => [],
  relief: crotchRelief,
  steps,
};
