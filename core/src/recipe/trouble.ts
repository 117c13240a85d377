import type { StepRole } from './role.ts';
import type { Step } from './step.ts';
import type { Work } from './work.ts';

/** What can be seen to be off. Each is drawn, and each has a way to go on. */
export const troubleIds = [
  'nick',
  'whisker',
  'melted',
  'over-filled',
  'spike',
  'cold',
  'part forgotten',
  'wrong side',
  'crimped twice',
  'die too large',
  'die too small',
  'coupling stuck',
  'seal blistered',
  'too short',
] as const;
export type TroubleId = (typeof troubleIds)[number];

/** One thing that can be off. */
export interface Trouble {
  readonly id: TroubleId;
  readonly label: string;
  /** How it looks. */
  readonly seen: string;
  /** Kinds of work at which it is first looked for. */
  readonly works: readonly Work[];
  /** What must be known besides: which part it is about, or by how much it is short. */
  readonly asks?: 'part' | 'shortage';
}

const joints: readonly Work[] = ['solder', 'tin', 'seat', 'look', 'measure'];
const crimps: readonly Work[] = ['crimp', 'tug', 'look'];

export const troubles: readonly Trouble[] = [
  {
    id: 'nick',
    label: 'Nick',
    seen: 'a ring mark on the conductor, a strand missing, the shield scored',
    works: ['cut', 'bend', 'strip', 'braid', 'look', 'measure', 'tin'],
  },
  {
    id: 'whisker',
    label: 'Whisker',
    seen: 'a wire of the shield or a strand lies where none belongs',
    works: ['strip', 'braid', 'look', 'measure', 'seat', 'screw'],
  },
  {
    id: 'melted',
    label: 'Melted',
    seen: 'dielectric swollen or glassy, insulation run back from the joint',
    works: joints,
  },
  {
    id: 'over-filled',
    label: 'Over-filled',
    seen: 'solder stands over the rim or runs down the outside',
    works: joints,
  },
  { id: 'spike', label: 'Spike', seen: 'a tail of solder where the iron left', works: joints },
  { id: 'cold', label: 'Cold', seen: 'dull, grainy, a ball that did not spread', works: joints },
  {
    id: 'part forgotten',
    label: 'Part forgotten',
    seen: 'it lies on the bench and belongs on the cable',
    works: ['thread', 'seat', 'crimp', 'screw', 'solder', 'shrink', 'look', 'prove', 'label'],
    asks: 'part',
  },
  {
    id: 'wrong side',
    label: 'Wrong way round or wrong side',
    seen: 'a part faces the other way, or lies on the wrong side of its neighbour',
    works: ['thread', 'seat', 'crimp', 'screw', 'look'],
    asks: 'part',
  },
  {
    id: 'crimped twice',
    label: 'Crimped twice',
    seen: 'two marks, the metal thinned or split',
    works: crimps,
  },
  {
    id: 'die too large',
    label: 'Die too large',
    seen: 'flats hardly seen, the part turns or slides',
    works: crimps,
  },
  {
    id: 'die too small',
    label: 'Die too small',
    seen: 'ears at the seams, cut into the part',
    works: crimps,
  },
  {
    id: 'coupling stuck',
    label: 'Coupling stuck',
    seen: 'it drags or does not turn',
    works: ['shrink', 'tape', 'look', 'prove', 'label'],
  },
  {
    id: 'seal blistered',
    label: 'Seal blistered',
    seen: 'a bubble, a scorch, an edge without adhesive',
    works: ['shrink', 'tape', 'look', 'prove', 'label'],
  },
  {
    id: 'too short',
    label: 'Too short',
    seen: 'a layer or the whole cable does not reach',
    works: ['cut', 'strip', 'braid', 'measure', 'seat', 'screw', 'look', 'prove'],
    asks: 'shortage',
  },
];

/** What can be off at a step: what its kind of work does first, everything else after it. */
export function troublesAt({ work }: Pick<Step, 'work'>): {
  readonly likely: readonly Trouble[];
  readonly other: readonly Trouble[];
} {
  const likely = troubles.filter(({ works }) => works.includes(work));
  return { likely, other: troubles.filter((trouble) => !likely.includes(trouble)) };
}

/** What a drawing of good and bad is about. */
export const lookSubjects = ['strip', 'joint', 'crimp', 'thread', 'shrink', 'length'] as const;
export type LookSubject = (typeof lookSubjects)[number];

/** Looks in Join that are about a soldered joint. */
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
}: Pick<Step, 'role' | 'work' | 'stage' | 'trialFit'>): {
  readonly subject: LookSubject;
  readonly bad: readonly TroubleId[];
} | null {
  const found = ((): readonly [LookSubject, readonly TroubleId[]] | undefined => {
    if (trialFit) return ['length', ['too short']];
    if (work !== 'look') return looksOfWork[work];
    if (stage === 'Strip') return ['strip', ['nick', 'whisker']];
    if (stage === 'Finish') return ['shrink', ['coupling stuck']];
    return solderLooks.includes(role) ? ['joint', ['cold', 'spike', 'over-filled', 'melted']] : undefined;
  })();
  return found ? { subject: found[0], bad: found[1] } : null;
}

/** What a drawing of one trouble is about. */
export function subjectOf(id: TroubleId): LookSubject {
  switch (id) {
    case 'nick':
    case 'whisker':
      return 'strip';
    case 'melted':
    case 'over-filled':
    case 'spike':
    case 'cold':
      return 'joint';
    case 'part forgotten':
    case 'wrong side':
      return 'thread';
    case 'crimped twice':
    case 'die too large':
    case 'die too small':
      return 'crimp';
    case 'coupling stuck':
    case 'seal blistered':
      return 'shrink';
    case 'too short':
      return 'length';
  }
}
