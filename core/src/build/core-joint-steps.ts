import { solderFeed, solderHeat } from '../fit/solder.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { ContactJoint, PieceConductor } from '../method/method.ts';
import { openAtLeast } from '../prove/reading.ts';
import { bareDiameter, conductorNames } from '../strip/core-strip.ts';
import type { CoreRecipe } from './core-steps.ts';
import { coreSolderCaution } from './core-steps.ts';
import { heatFigures, ironTool } from './join-steps.ts';
import { goBack } from './recipe.ts';
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
    name: `joint ${joint.contact.id}`,
    work: 'solder',
    stage: 'Join',
    title: `Solder ${jointName(joint)}, end ${input.endName}`,
    text: {
      firstTime: `${wait}${several}${
        kind === 'lug'
          ? 'Hook or lay the core through the lug so that it holds by itself, wet the tip, heat lug and core together and feed from the other side.'
          : reflow
            ? 'Fill the cup, heat it from the outside till it is liquid all the way down and the flux stops bubbling, and push the tinned core to the bottom.'
            : 'Seat the core in the dry cup, heat the cup from the outside and feed into its mouth till it is full and level.'
      } Keep still until it dulls.`,
      experienced: `${wait}${several}${kind === 'lug' ? 'Through, heat both, feed.' : reflow ? 'Fill, reflow, push home.' : 'Seat dry, feed to level.'} Still until dull.`,
    },
    why: 'The joint carries the signal, not the pull: the clamp does that.',
    tools: [ironTool(heat)],
    figures: [{ label: 'solder wire to feed', figure: feed, plus: null, minus: null }, ...heatFigures(heat)],
    caution: coreSolderCaution(input),
    good: [
      kind === 'cup' ? 'cup full, level and bright' : 'wetted round, smooth concave edge',
      'insulation close to it, whole',
    ],
    bad: [
      'ball or spike',
      'dull grain: moved while it set',
      'solder outside the cup or across to a neighbour',
    ],
  };
}

/** A look at all joints, and the meter between neighbours, while the shell is still open. */
export function openShellHolds(input: CoreRecipe, backTo: string): StepDraft[] {
  const names = input.joints.map(({ contact }) => contact.id).join(', ');
  const shell = input.connector.contacts.some(({ isShell }) => isShell);
  return [
    {
      name: 'joints-look',
      work: 'look',
      stage: 'Join',
      title: `Look at the joints, end ${input.endName}`,
      text: {
        firstTime: `Cool, then look at ${names} from both sides: filled, smooth, no strand out, each core on its own number. The number is printed beside the contact: read it, do not remember it.`,
        experienced: `${names}: right core, filled, no strand.`,
      },
      why: 'The shell hides it. Faces are mirrored between solder side and mating side.',
      good: ['each core on its number', 'every joint filled'],
      bad: ['a strand across', 'a core on its mirror image', 'cold or dry joint'],
      hold: lookHold(
        'Every core on its contact, joints good',
        goBack(backTo, 'Heat it, clear it with wick, and make this joint again; the others stay.'),
      ),
    },
    {
      name: 'no-short',
      work: 'measure',
      stage: 'Join',
      title: `Measure between the contacts, end ${input.endName}`,
      text: {
        firstTime: `Nothing connected at the other end. Ohm meter from each contact to the next${shell ? ', and from each to the shell' : ''}: open. Type the least that was read.`,
        experienced: `Neighbours${shell ? ' and shell' : ''}: open.`,
      },
      why: 'This is the last moment at which a bridge costs nothing.',
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: 'No short before the shell is closed',
        kind: 'reading',
        reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
        safety: input.signal === 'speaker',
        safetyReason:
          input.signal === 'speaker'
            ? 'A shorted speaker lead can burn an amplifier: it is measured, never waived.'
            : '',
        rework: goBack(
          backTo,
          'Look for a strand, a bridge or a tail that touches, and make that joint again.',
        ),
      },
    },
  ];
}

/** Before the second end: which core is which, by meter, where a person could not tell. */
export function tellApartStep(input: CoreRecipe): StepDraft[] {
  if (!input.othersClosed) return [];
  const alike = new Set<string>();
  const cores = [...input.joints.flatMap(({ conductors }) => conductors), ...input.spares];
  const isAlike = (a: PieceConductor, b: PieceConductor) =>
    a !== b && a.kind === 'core' && b.kind === 'core' && a.colour === b.colour;
  for (const core of cores) if (cores.some((other) => isAlike(core, other))) alike.add(core.label);
  const onOne = input.joints.find(
    ({ conductors }) => conductors.length > 1 && conductors.every(({ label }) => alike.has(label)),
  );
  if (alike.size === 0 || onOne) return [];
  return [
    {
      name: 'tell-apart',
      work: 'look',
      stage: 'Join',
      title: `Tell the like cores apart, end ${input.endName}`,
      text: {
        firstTime: `${[...alike].join(' and ')} look alike. Meter from the finished end: find which is which and mark it before anything is joined.`,
        experienced: `${[...alike].join(', ')}: meter and mark.`,
      },
      why: 'Two cores of one colour swapped are found only when the lead is closed.',
      tools: [{ label: 'Ohm meter', setting: 'continuity' }],
      good: ['each marked'],
      bad: ['guessed'],
      hold: lookHold(
        'Like cores told apart',
        goBack('tell-apart', 'Meter them again from the finished end.'),
      ),
    },
  ];
}
