import type { FrozenPlan } from '../plan/frozen-plan.ts';
import type { Moment } from '../recipe/moment.ts';
import type { Step } from '../recipe/step.ts';
import { answerHold, stepDone } from './advance.ts';
import type { UnitProgress } from './progress.ts';
import { notMeasured } from './not-measured.ts';
import { usualSeconds } from './step-time.ts';
import type { UnitHappening } from './unit.ts';

/** What a person says of a moment: what is not right, and what the instruments read. Everything else is as it should be. */
export interface MomentSaid {
  /** Hold points that are Out, and trials that do not seat yet, by step. */
  readonly out: ReadonlySet<string>;
  /** Parts that are not on the cable, and pieces that are not cut. */
  readonly missing: ReadonlySet<string>;
  /** Readings by step, SI. */
  readonly readings: ReadonlyMap<string, number>;
}

/** What goes into the record, and the step at which the moment stops; none when it is done whole. */
export interface MomentOutcome {
  readonly happenings: readonly UnitHappening[];
  readonly stopsAt: Step | undefined;
}

/**
 * What one press makes of a moment: the same facts that its steps would have left one by one, up to the first thing that is
 * not right, that nobody has read or that only the screen of its own step can settle. `seconds` at the moment are shared over
 * its steps by what they usually take.
 */
export function momentHappenings(
  now: UnitProgress,
  plan: FrozenPlan,
  moment: Moment,
  said: MomentSaid,
  seconds?: number,
): MomentOutcome {
  const open = moment.steps.filter(({ id }) => !now.done.has(id));
  const usual = open.reduce((sum, { work }) => sum + usualSeconds(work), 0);
  const happenings: UnitHappening[] = [];
  for (const step of open) {
    const { facts, isDone } = factsOf(step, now, plan, said);
    happenings.push(...facts);
    if (!isDone) return { happenings, stopsAt: step };
    const share = seconds === undefined ? undefined : Math.round((seconds * usualSeconds(step.work)) / usual);
    happenings.push(stepDone(step, share));
  }
  const isLast = now.steps.at(-1)?.id === moment.steps.at(-1)?.id;
  return { happenings: isLast ? [...happenings, { kind: 'finished' }] : happenings, stopsAt: undefined };
}

interface StepFacts {
  readonly facts: readonly UnitHappening[];
  readonly isDone: boolean;
}

function factsOf(step: Step, now: UnitProgress, plan: FrozenPlan, said: MomentSaid): StepFacts {
  const parts = partFacts(step, now, said);
  const asked = [
    ...step.cuts.flatMap(({ partIds }) => partIds),
    ...[...step.threads, ...step.requires].map(({ partId }) => partId),
  ];
  if (asked.some((partId) => said.missing.has(partId))) return { facts: parts, isDone: false };
  if (notMeasured(now, step, plan).length > 0) return { facts: parts, isDone: false };
  if (step.trialFit && now.trials.get(step.id)?.at(-1)?.touches !== null) {
    if (said.out.has(step.id)) return { facts: parts, isDone: false };
    parts.push({ kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 });
  }
  return holdFacts(step, now, said, parts);
}

/** Pieces cut, parts put on, parts seen on the cable: all that are asked for and not said to be missing. */
function partFacts(step: Step, now: UnitProgress, { missing }: MomentSaid): UnitHappening[] {
  const isHere = (partId: string) => !missing.has(partId);
  const seen = now.confirmed.get(step.id);
  const cut = step.cuts
    .flatMap(({ partIds }) => partIds)
    .filter((partId) => isHere(partId) && !now.cut.has(partId))
    .map((partId): UnitHappening => ({ kind: 'part cut', partId }));
  const on = [...step.threads, ...step.requires]
    .map(({ partId }) => partId)
    .filter((partId, index, all) => all.indexOf(partId) === index)
    .filter((partId) => isHere(partId) && !now.on.has(partId))
    .map((partId): UnitHappening => ({ kind: 'part on', partId }));
  const confirmed = step.requires
    .filter(({ partId }) => isHere(partId) && !seen?.has(partId))
    .map(({ partId }): UnitHappening => ({ kind: 'part confirmed', stepId: step.id, partId }));
  return [...cut, ...on, ...confirmed];
}

function holdFacts(
  step: Step,
  now: UnitProgress,
  said: MomentSaid,
  facts: readonly UnitHappening[],
): StepFacts {
  const { hold } = step;
  const answered = now.holds.get(step.id);
  if (
    !hold ||
    answered?.how === 'waived' ||
    (answered?.how === 'answered' && answered.good && !said.out.has(step.id))
  )
    return { facts, isDone: true };
  if (hold.kind === 'proof') return { facts, isDone: false };
  const reading = said.readings.get(step.id);
  if (hold.reading && reading === undefined) return { facts, isDone: false };
  const answer = hold.reading
    ? answerHold(step, { reading: reading! })
    : answerHold(step, { good: !said.out.has(step.id) });
  return { facts: [...facts, answer], isDone: answer.kind === 'hold answered' && answer.good };
}
