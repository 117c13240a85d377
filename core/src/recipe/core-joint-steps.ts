import {
  holdLabels,
  holdWords,
  jointsLookAdvice,
  noShortAdvice,
  tellApartAdvice,
  fillCupsWords,
  pullsWords,
  solderCupWords,
  solderLugWords,
  jointsLookWords,
  noShortWords,
  tellApartWords,
} from '../words/core-joint.ts';
import type { ContactMarks, JointsMadeBy, LugForm } from '../words/core-joint.ts';
import type { JointKind } from './joint.ts';
import { cupShare, filletFeed, fillets, solderFeed, solderHeat } from '../fit/solder.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { ContactJoint, PieceConductor } from '../end/end-input.ts';
import { openAtLeast } from '../reading/reading.ts';
import { bareDiameter, conductorNames } from '../strip/core-strip.ts';
import type { CoreRecipe } from './core-steps.ts';
import { coreSolderCaution } from './core-steps.ts';
import { feedFigure, heatFigures, ironTool } from './join-steps.ts';
import { goBack } from './recipe.ts';
import type { StepRole } from './role.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

/** Contacts of cores that take solder. */
export type SolderedContact = 'cup' | LugForm;

/** What a joint is called at the bench: the contact, what it carries, the conductor. */
export function jointName({ contact, role, conductors }: ContactJoint): string {
  const name = conductorNames(conductors);
  const meaning = role && role !== contact.id && role !== name ? ` (${role})` : '';
  return `${contact.id}${meaning}: ${name}`;
}

/** One step for each contact, in the order given; what lies underneath first. Cups may all be filled before. */
export function solderJointSteps(
  input: CoreRecipe,
  kindOf: (joint: ContactJoint) => SolderedContact,
  order: readonly ContactJoint[],
): StepDraft[] {
  const filled =
    input.house.practice.cupFill === 'all first'
      ? order.filter((joint) => fillsFirst(input, joint, kindOf(joint)))
      : [];
  return [
    ...(filled.length > 1 ? [fillCupsStep(input, filled)] : []),
    ...order.map((joint, index) =>
      solderJointStep(input, kindOf(joint), joint, {
        follows: index > 0,
        filledBefore: filled.length > 1 && filled.includes(joint),
      }),
    ),
  ];
}

/** A core that nearly fills the cup cannot enter it once it is full. */
function fillsFirst({ card, house }: CoreRecipe, joint: ContactJoint, kind: SolderedContact): boolean {
  return (
    kind === 'cup' &&
    house.practice.cups === 'fill and reflow' &&
    bareDiameter(joint) < 0.75 * featureValue(card, 'contactBore')
  );
}

/** What one contact takes: wire to feed, and the iron on it; a cup that was filled before is only heated again. */
function contactHeat(input: CoreRecipe, kind: SolderedContact, bare: number, filledBefore = false) {
  const { card, house } = input;
  const bore = featureValue(card, 'contactBore');
  const depth = featureValue(card, 'contactDepth');
  const cup = {
    label: 'cup',
    bore,
    inside: Math.min(bare, bore),
    depth,
    share: cupShare,
    fillet: fillets.cup,
  };
  const feed = kind === 'cup' ? solderFeed([cup], house) : filletFeed(fillets.lug, house);
  const metal = { length: depth + 4e-3, outside: featureValue(card, 'contactOutside') };
  const heat = solderHeat(kind === 'cup' ? 'cup' : 'lug', metal, house, filledBefore ? 0 : feed.value);
  return { feed, heat };
}

function fillCupsStep(input: CoreRecipe, filled: readonly ContactJoint[]): StepDraft {
  const { heat, feed } = contactHeat(input, 'cup', bareDiameter(filled[0]!));
  return {
    role: 'fill',
    work: 'solder',
    joint: 'cup',
    stage: 'Join',
    ...fillCupsWords({ names: filled.map(({ contact }) => contact.id).join(', '), endName: input.endName }),
    tools: [ironTool(heat)],
    figures: [
      feedFigure(feed, input.house, ', for each cup'),
      ...filled.map(({ contact }) => ({
        label: `cup ${contact.id}`,
        figure: heat.contact,
        plus: null,
        minus: null,
        apart: true,
      })),
      { label: 'let it cool', figure: heat.cool, plus: null, minus: null },
    ],
    caution: coreSolderCaution(input),
  };
}

function solderJointStep(
  input: CoreRecipe,
  kind: SolderedContact,
  joint: ContactJoint,
  { follows, filledBefore }: { readonly follows: boolean; readonly filledBefore: boolean },
): StepDraft {
  const { house } = input;
  const tinned = house.practice.tinning === 'tin';
  const { heat, feed } = contactHeat(input, kind, bareDiameter(joint), filledBefore);
  const words = {
    joint: jointName(joint),
    endName: input.endName,
    wait: follows ? 'Let the one before it cool first. ' : '',
    several: joint.conductors.length > 1 && !tinned ? 'Twist them into one first. ' : '',
    pulls: pullsWords.jacket,
  };
  const how = filledBefore
    ? 'filled before'
    : fillsFirst(input, joint, kind)
      ? 'fill and reflow'
      : 'seat and feed';
  return {
    role: 'joint',
    about: joint.contact.id,
    work: 'solder',
    joint: kind,
    stage: 'Join',
    ...(kind === 'cup'
      ? solderCupWords({ ...words, how })
      : solderLugWords({
          ...words,
          form: kind,
          reflow: house.practice.lugJoint === 'tin both, then reflow',
          tinned,
        })),
    tools: [ironTool(heat)],
    figures: [...(filledBefore ? [] : [feedFigure(feed, house)]), ...heatFigures(heat)],
    caution: coreSolderCaution(input),
  };
}

/** How the contacts of an end are told apart. */
const marksOf = ({ connector: { series } }: CoreRecipe): ContactMarks => {
  if (series.kind !== 'pins') return 'their places';
  if (series.layout === 'single pair') return 'colours';
  return ['ts', 'trs', 'phono'].includes(series.layout) ? 'their places' : 'printed numbers';
};

/** How the joints of an open end were made, and what is looked at and measured before it is closed. */
interface OpenEnd {
  readonly by: JointsMadeBy;
  readonly joint: JointKind;
  readonly backTo: StepRole;
  /** A shell goes over them. */
  readonly hasShell: boolean;
}

/** A look at all joints, and the meter between neighbours, while everything can still be reached. */
export function openEndHolds(input: CoreRecipe, { by, joint, backTo, hasShell }: OpenEnd): StepDraft[] {
  const names = input.joints.map(({ contact }) => contact.id).join(', ');
  const shell = input.connector.contacts.some(({ isShell }) => isShell);
  return [
    {
      role: 'joints-look',
      work: 'look',
      joint,
      stage: 'Join',
      ...jointsLookWords({ endName: input.endName, names, by, marks: marksOf(input) }),
      hold: lookHold(holdLabels.everyCoreContactJoints, goBack(backTo, jointsLookAdvice(by))),
    },
    {
      role: 'no-short',
      work: 'measure',
      stage: 'Join',
      ...noShortWords({ endName: input.endName, shell }),
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: hasShell ? holdLabels.shortBeforeShellClosed : holdLabels.shortBetweenContacts,
        kind: 'reading',
        reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
        safety: input.signal === 'speaker',
        ...holdWords({ signal: input.signal }),
        rework: goBack(backTo, noShortAdvice(by)),
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
