import { momentTitle } from '../words/moment.ts';
import type { StepRole } from './role.ts';
import type { Step } from './step.ts';

/** What an old hand does before the tool is put down again: the steps between are one thing to him. */
export const momentKinds = [
  'cut',
  'thread',
  'split',
  'strip',
  'contact',
  'joints',
  'body',
  'tip',
  'holes',
  'fix',
  'close',
  'prove',
  'finish',
] as const;
export type MomentKind = (typeof momentKinds)[number];

/** Steps that follow one another and are done as one. */
export interface Moment {
  /** The id of its first step. */
  readonly id: string;
  readonly kind: MomentKind;
  readonly title: string;
  readonly steps: readonly Step[];
}

/** Which moment of Join a step of a coaxial end belongs to; what is not here closes the end. */
const ofCoax: Readonly<Partial<Record<StepRole, MomentKind>>> = {
  spacer: 'contact',
  'inner-ferrule': 'contact',
  contact: 'contact',
  'contact-tug': 'contact',
  'contact-look': 'contact',
  'dry-fit': 'contact',
  nut: 'body',
  insert: 'body',
  windows: 'body',
  seated: 'body',
  'flush-look': 'body',
  'holes-look': 'body',
  'contact-height': 'body',
  'no-short': 'body',
  tip: 'tip',
  'trim-tip': 'tip',
  'after-heat': 'tip',
  holes: 'holes',
  'after-holes': 'holes',
};

/** Which moment of Join a step of an end with several contacts belongs to. */
const ofCores: Readonly<Partial<Record<StepRole, MomentKind>>> = {
  'tell-apart': 'joints',
  orientation: 'joints',
  fill: 'joints',
  joint: 'joints',
  'clamps-tug': 'joints',
  clamp: 'joints',
  'joints-look': 'joints',
  'no-short': 'joints',
};

function kindOf(step: Step, hasJoints: boolean): MomentKind {
  if (step.stage === 'Cut') return 'cut';
  if (step.stage === 'Thread') return 'thread';
  if (step.stage === 'Prove') return 'prove';
  if (step.stage === 'Finish') return 'finish';
  if (step.endId === null) return 'split';
  if (step.stage === 'Strip') return 'strip';
  return hasJoints ? (ofCores[step.role] ?? 'close') : (ofCoax[step.role] ?? 'fix');
}

/** The end that all of them are about. */
const endOf = (steps: readonly Step[]): string | null =>
  steps.every(({ endId }) => endId === steps[0]!.endId) ? steps[0]!.endId : null;

/** The steps of a lead by the moments in which they are done, in order. */
export function momentsOf(steps: readonly Step[]): Moment[] {
  const jointed = new Set(steps.filter(({ role }) => role === 'joint').map(({ endId }) => endId));
  const moments: { kind: MomentKind; steps: Step[] }[] = [];
  for (const step of steps) {
    const kind = kindOf(step, jointed.has(step.endId));
    const last = moments.at(-1);
    const before = last?.steps[0];
    const isSame =
      last?.kind === kind &&
      (kind === 'finish' || (before?.endId === step.endId && before.side === step.side));
    if (isSame) last.steps.push(step);
    else moments.push({ kind, steps: [step] });
  }
  return moments.map(({ kind, steps: own }) => ({
    id: own[0]!.id,
    kind,
    title: momentTitle(kind, endOf(own), own[0]!.side === 'other'),
    steps: own,
  }));
}
