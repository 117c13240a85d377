import { momentTitle } from '../words/moment.ts';
import type { StepRole } from './role.ts';
import type { Step } from './step.ts';
import type { Work } from './work.ts';

/** What an old hand does before the tool is put down again: the steps between are one thing to him. */
export const momentKinds = [
  'cut',
  'thread',
  'split',
  'choke',
  'strip',
  'contact',
  'joints',
  'body',
  'tip',
  'holes',
  'fix',
  'close',
  'caps',
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

/** Work that puts something on an end for good. */
const fixes: readonly Work[] = ['solder', 'crimp', 'screw', 'tug'];

function kindOf(
  step: Step,
  at: { hasJoints: boolean; hasTip: boolean; isFixed: boolean; isPierced: boolean },
): MomentKind {
  if (step.stage === 'Cut') return 'cut';
  if (step.stage === 'Thread') return 'thread';
  if (step.stage === 'Prove') return 'prove';
  if (step.stage === 'Finish') return 'finish';
  if (step.role === 'choke' || step.role === 'choke-measure') return 'choke';
  if (step.endId === null) return 'split';
  if (step.stage === 'Strip') return 'strip';
  // All cores of a modular plug are joined by one stroke: pushed home, crimped, looked at, pulled.
  if (at.isPierced) return 'fix';
  if (at.hasJoints) return ofCores[step.role] ?? 'close';
  // Cores that nothing is put on go out under caps.
  if (!at.isFixed) return 'caps';
  // Where no tip is soldered, the heat was that of the body.
  if (step.role === 'after-heat' && !at.hasTip) return 'fix';
  return ofCoax[step.role] ?? 'fix';
}

/** The end that all of them are about. */
const endOf = (steps: readonly Step[]): string | null =>
  steps.every(({ endId }) => endId === steps[0]!.endId) ? steps[0]!.endId : null;

/** One step alone is called what it is; several by what they make together. */
const titleOf = (kind: MomentKind, steps: readonly Step[]): string =>
  steps.length === 1
    ? steps[0]!.title
    : momentTitle({
        kind,
        endId: endOf(steps),
        otherSide: steps[0]!.side === 'other',
        pulls: steps.some(({ work }) => work === 'tug'),
        soldersBody: steps.some(({ role }) => role === 'body'),
        onlyChecks: steps.every(({ work }) => ['look', 'measure'].includes(work)),
        measuresShort: steps.some(({ role }) => role === 'no-short'),
      });

/** The steps of a lead by the moments in which they are done, in order. */
export function momentsOf(steps: readonly Step[]): Moment[] {
  const endsWith = (wanted: StepRole) =>
    new Set(steps.filter(({ role }) => role === wanted).map(({ endId }) => endId));
  const [jointed, tipped] = [endsWith('joint'), endsWith('tip')];
  const pierced = new Set(steps.filter(({ joint }) => joint === 'modular plug').map(({ endId }) => endId));
  const fixed = new Set(
    steps.filter(({ stage, work }) => stage === 'Join' && fixes.includes(work)).map(({ endId }) => endId),
  );
  const moments: { kind: MomentKind; steps: Step[] }[] = [];
  for (const step of steps) {
    const kind = kindOf(step, {
      hasJoints: jointed.has(step.endId),
      hasTip: tipped.has(step.endId),
      isFixed: fixed.has(step.endId),
      isPierced: pierced.has(step.endId),
    });
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
    title: titleOf(kind, own),
    steps: own,
  }));
}
