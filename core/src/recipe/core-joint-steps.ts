import {
  holdLabels,
  holdWords,
  jointsLookAdvice,
  noShortAdvice,
  tellApartAdvice,
  solderJointWords,
  jointsLookWords,
  noShortWords,
  tellApartWords,
} from '../words/core-joint.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { ContactJoint, PieceConductor } from '../end/end-input.ts';
import { openAtLeast } from '../reading/reading.ts';
import { bareDiameter, conductorNames } from '../strip/core-strip.ts';
import type { CoreRecipe } from './core-steps.ts';
import { coreSolderCaution } from './core-steps.ts';
import { heatFigures, ironTool } from './join-steps.ts';
import { goBack } from './recipe.ts';
import type { StepRole } from './role.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

/** What a joint is called at the bench: the contact, what it carries, the conductor. */
export function jointName({ contact, role, conductors }: ContactJoint): string {
  const meaning = role && role !== contact.id ? ` (${role})` : '';
  return `${contact.id}${meaning}: ${conductorNames(conductors)}`;
}

/** One step for each contact, in the order given; what lies underneath first. */
export function solderJointSteps(
  input: CoreRecipe,
  kind: 'cup' | 'lug',
  order: readonly ContactJoint[],
): StepDraft[] {
  return order.map((joint, index) => solderJointStep(input, kind, joint, index > 0));
}

function solderJointStep(
  input: CoreRecipe,
  kind: 'cup' | 'lug',
  joint: ContactJoint,
  follows: boolean,
): StepDraft {
  const { card, house } = input;
  const bore = featureValue(card, 'contactBore');
  const depth = featureValue(card, 'contactDepth');
  const bare = bareDiameter(joint);
  const feed = solderFeed([{ label: kind, bore, inside: Math.min(bare, bore), depth }], house);
  const heat = solderHeat(
    'cup',
    { length: depth + 4e-3, outside: featureValue(card, 'contactOutside') },
    house,
  );
  // A core that nearly fills the cup cannot enter it once it is full.
  const reflow = kind === 'cup' && house.practice.cups === 'fill and reflow' && bare < 0.75 * bore;
  const wait = follows ? 'Let the one before it cool first. ' : '';
  const several = joint.conductors.length > 1 ? 'Twist them into one first. ' : '';
  return {
    role: 'joint',
    about: joint.contact.id,
    work: 'solder',
    stage: 'Join',
    ...solderJointWords({ joint: jointName(joint), endName: input.endName, wait, several, kind, reflow }),
    tools: [ironTool(heat)],
    figures: [{ label: 'solder wire to feed', figure: feed, plus: null, minus: null }, ...heatFigures(heat)],
    caution: coreSolderCaution(input),
  };
}

/** A look at all joints, and the meter between neighbours, while the shell is still open. */
export function openShellHolds(input: CoreRecipe, backTo: StepRole): StepDraft[] {
  const names = input.joints.map(({ contact }) => contact.id).join(', ');
  const shell = input.connector.contacts.some(({ isShell }) => isShell);
  return [
    {
      role: 'joints-look',
      work: 'look',
      stage: 'Join',
      ...jointsLookWords({ endName: input.endName, names }),
      hold: lookHold(holdLabels.everyCoreContactJoints, goBack(backTo, jointsLookAdvice)),
    },
    {
      role: 'no-short',
      work: 'measure',
      stage: 'Join',
      ...noShortWords({ endName: input.endName, shell }),
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: holdLabels.shortBeforeShellClosed,
        kind: 'reading',
        reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
        safety: input.signal === 'speaker',
        ...holdWords({ signal: input.signal }),
        rework: goBack(backTo, noShortAdvice),
      },
    },
  ];
}

/** Before the second end: which core is which, by meter, where a person could not tell. */
export function tellApartStep(input: CoreRecipe): StepDraft[] {
  if (!input.othersClosed) return [];
  const cores = [...input.joints.flatMap(({ conductors }) => conductors), ...input.spares];
  const isAlike = (a: PieceConductor, b: PieceConductor) =>
    a !== b && a.kind === 'core' && b.kind === 'core' && a.colour === b.colour;
  const alike = cores.filter((core) => cores.some((other) => isAlike(core, other)));
  const names = [...new Set(alike.map((core) => conductorNames([core])))];
  const onOne = input.joints.find(
    ({ conductors }) => conductors.length > 1 && conductors.every((core) => alike.includes(core)),
  );
  if (alike.length === 0 || onOne) return [];
  return [
    {
      role: 'tell-apart',
      work: 'look',
      stage: 'Join',
      ...tellApartWords({ endName: input.endName, names }),
      tools: [{ label: 'Ohm meter', setting: 'continuity' }],
      hold: lookHold(holdLabels.likeCoresToldApart, goBack('tell-apart', tellApartAdvice)),
    },
  ];
}
