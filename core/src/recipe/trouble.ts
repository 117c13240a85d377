import { troubleWords } from '../words/trouble.ts';
import type { JointKind } from './joint.ts';
import { faultSeen, jointKinds, joints } from './joint.ts';
import type { TroubleId } from './trouble-id.ts';
import { troubleIds } from './trouble-id.ts';
import type { StepRole } from './role.ts';
import type { Step } from './step.ts';
import type { Work } from './work.ts';

/** One thing that can be off. */
export interface Trouble {
  readonly id: TroubleId;
  readonly label: string;
  /** How it looks. */
  readonly seen: string;
  /** What its drawing is about. */
  readonly subject: LookSubject;
  /** Kinds of work at which it is first looked for, where no joint says so. */
  readonly works: readonly Work[];
  /** What must be known besides: which part it is about, or by how much it is short. */
  readonly asks?: 'part' | 'shortage';
}

const solders: readonly Work[] = ['solder', 'tin', 'seat', 'look', 'measure'];
const crimps: readonly Work[] = ['crimp', 'tug', 'look'];

/** Kinds of work at which each is first looked for, and what must be known besides. */
const lookedFor: Readonly<Record<TroubleId, Pick<Trouble, 'works' | 'asks'>>> = {
  nick: { works: ['cut', 'bend', 'strip', 'braid', 'look', 'measure', 'tin'] },
  whisker: { works: ['strip', 'braid', 'look', 'measure', 'seat', 'screw'] },
  melted: { works: solders },
  'over-filled': { works: solders },
  spike: { works: solders },
  cold: { works: solders },
  'short fill': { works: [] },
  'one-sided': { works: [] },
  'strand out': { works: [] },
  'on insulation': { works: [] },
  'not home': { works: [] },
  'stands off': { works: [] },
  'on the cores': { works: [] },
  loose: { works: [] },
  'cut in': { works: [] },
  askew: { works: [] },
  turned: { works: [] },
  'part forgotten': {
    works: ['thread', 'seat', 'crimp', 'screw', 'solder', 'shrink', 'look', 'prove', 'label'],
    asks: 'part',
  },
  'wrong side': { works: ['thread', 'seat', 'crimp', 'screw', 'look'], asks: 'part' },
  'crimped twice': { works: crimps },
  'die too large': { works: crimps },
  'die too small': { works: crimps },
  'coupling stuck': { works: ['shrink', 'tape', 'look', 'prove', 'label'] },
  'seal blistered': { works: ['shrink', 'tape', 'look', 'prove', 'label'] },
  'too short': {
    works: ['cut', 'strip', 'braid', 'measure', 'seat', 'screw', 'look', 'prove'],
    asks: 'shortage',
  },
};

/** What a drawing of good and bad is about: a kind of joint, or one of these. */
export const lookSubjects = ['strip', 'joint', 'crimp', 'thread', 'shrink', 'length', ...jointKinds] as const;
export type LookSubject = (typeof lookSubjects)[number];

/** What each is drawn at where nothing says of what kind of joint it is. */
const usualSubject: Readonly<Record<TroubleId, LookSubject>> = {
  nick: 'strip',
  whisker: 'strip',
  melted: 'joint',
  'over-filled': 'joint',
  'short fill': 'cup',
  'one-sided': 'tube in a body',
  spike: 'joint',
  cold: 'joint',
  'strand out': 'rising clamp',
  'on insulation': 'set screw',
  'not home': 'contact',
  'stands off': 'ferrule',
  'part forgotten': 'thread',
  'wrong side': 'thread',
  'crimped twice': 'crimp',
  'die too large': 'crimp',
  'die too small': 'crimp',
  'on the cores': 'tabs',
  loose: 'tabs',
  'cut in': 'tabs',
  askew: 'gland',
  turned: 'gland',
  'coupling stuck': 'shrink',
  'seal blistered': 'shrink',
  'too short': 'length',
};

export const troubles: readonly Trouble[] = troubleIds.map((id) => ({
  id,
  ...troubleWords[id],
  ...lookedFor[id],
  subject: usualSubject[id],
}));

/** What only a joint can have: at a joint of a kind, its own faults stand for these. */
const ofJoints: ReadonlySet<TroubleId> = new Set(Object.values(joints).flatMap(({ faults }) => faults));

/** A trouble as it looks at one kind of joint. */
const atJoint = (trouble: Trouble, joint: JointKind): Trouble => ({
  ...trouble,
  seen: faultSeen(joint, trouble.id),
  subject: joint,
});

/** A trouble at the first of these joints that can have it; undefined where none can. */
const atOneOf = (trouble: Trouble, kinds: readonly JointKind[]): Trouble | undefined => {
  const kind = kinds.find((joint) => joints[joint].faults.includes(trouble.id));
  return kind && atJoint(trouble, kind);
};

/**
 * What can be off at a step of a lead, where these are its steps: faults of the step's kind of joint
 * and what its work does first, everything else that this lead can have after it. What only a joint
 * can have is about a joint of this end, or else of another: a lead without a screw has no strand
 * beside one. Steps that were frozen before steps had a kind of joint leave everything open.
 */
export function troublesAt(
  { work, joint, endId }: Pick<Step, 'work' | 'joint' | 'endId'>,
  steps: readonly Pick<Step, 'joint' | 'endId'>[],
): {
  readonly likely: readonly Trouble[];
  readonly other: readonly Trouble[];
} {
  const made = [...steps.filter((step) => step.endId === endId), ...steps].flatMap(
    (step) => step.joint ?? [],
  );
  const possible = troubles.flatMap((trouble) => {
    const own = joint && atOneOf(trouble, [joint]);
    if (own) return [own];
    return made.length === 0 || !ofJoints.has(trouble.id) ? [trouble] : (atOneOf(trouble, made) ?? []);
  });
  const faults = joint === null ? [] : joints[joint].faults;
  const likely = [
    ...faults.flatMap((fault) => possible.filter(({ id }) => id === fault)),
    ...possible.filter(
      ({ id, works }) =>
        works.includes(work) && !faults.includes(id) && (joint === null || !ofJoints.has(id)),
    ),
  ];
  return { likely, other: possible.filter((trouble) => !likely.includes(trouble)) };
}

/** Looks in Join that are about a soldered joint, of steps that were frozen before steps had a kind of joint. */
const solderLooks: readonly StepRole[] = ['contact-look', 'joints-look', 'holes-look', 'trim-tip'];

const looksOfWork: Readonly<Partial<Record<Work, readonly [LookSubject, readonly TroubleId[]]>>> = {
  cut: ['strip', ['nick']],
  strip: ['strip', ['nick', 'whisker']],
  braid: ['strip', ['whisker', 'nick']],
  tin: ['joint', ['over-filled', 'cold', 'melted']],
  solder: ['joint', ['over-filled', 'spike', 'cold', 'melted']],
  crimp: ['crimp', ['crimped twice', 'die too large', 'die too small']],
  tug: ['crimp', ['die too large']],
  thread: ['thread', ['part forgotten', 'wrong side']],
  shrink: ['shrink', ['seal blistered', 'coupling stuck']],
  tape: ['shrink', ['coupling stuck']],
};

/** What is drawn of good and bad at a step; null where words say it better. */
export function looksOf({
  role,
  work,
  stage,
  trialFit,
  joint,
}: Pick<Step, 'role' | 'work' | 'stage' | 'trialFit' | 'joint'>): {
  readonly subject: LookSubject;
  readonly bad: readonly TroubleId[];
} | null {
  const found = ((): readonly [LookSubject, readonly TroubleId[]] | undefined => {
    if (trialFit) return ['length', ['too short']];
    if (joint !== null) return [joint, joints[joint].faults];
    if (work !== 'look') return looksOfWork[work];
    if (stage === 'Strip') return ['strip', ['nick', 'whisker']];
    if (stage === 'Finish') return ['shrink', ['coupling stuck']];
    return solderLooks.includes(role) ? ['joint', ['cold', 'spike', 'over-filled', 'melted']] : undefined;
  })();
  return found ? { subject: found[0], bad: found[1] } : null;
}

/** How a trouble looks where it is drawn about something. */
export const seenAt = (id: TroubleId, subject: LookSubject): string => {
  const joint = jointKinds.find((kind) => kind === subject);
  return joint && joints[joint].faults.includes(id) ? faultSeen(joint, id) : troubleWords[id].seen;
};
