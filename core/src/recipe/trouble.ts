import { troubleWords } from '../words/trouble.ts';
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

/** Kinds of work at which each is first looked for, and what must be known besides. */
const lookedFor: Readonly<Record<TroubleId, Pick<Trouble, 'works' | 'asks'>>> = {
  nick: { works: ['cut', 'bend', 'strip', 'braid', 'look', 'measure', 'tin'] },
  whisker: { works: ['strip', 'braid', 'look', 'measure', 'seat', 'screw'] },
  melted: { works: joints },
  'over-filled': { works: joints },
  spike: { works: joints },
  cold: { works: joints },
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

export const troubles: readonly Trouble[] = troubleIds.map((id) => ({
  id,
  ...troubleWords[id],
  ...lookedFor[id],
}));

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
