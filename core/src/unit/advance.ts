import type { Scrap } from '../recipe/scrap.ts';
import type { Step } from '../recipe/step.ts';
import { readingPasses, stepBackTo, stripperOf } from '../recipe/step.ts';
import type { UnitHappening } from './unit.ts';

/** Why an answer is refused before it becomes a fact. */
export class RefusedAnswer extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'RefusedAnswer';
  }
}

/** A step that is done, with the time at work on it where it was taken, and the tool whose blades it wore. */
export function stepDone(step: Step, seconds?: number): UnitHappening {
  const stripper = stripperOf(step);
  return {
    kind: 'step done',
    stepId: step.id,
    ...(seconds === undefined ? {} : { seconds }),
    ...(stripper === undefined ? {} : { stripper }),
  };
}

/** A hold point answered by a reading (SI) that is judged, or by a look. @throws RefusedAnswer when the kind of answer does not suit. */
export function answerHold(
  step: Step,
  answer: { readonly reading: number } | { readonly good: boolean },
): UnitHappening {
  const { hold } = step;
  if (!hold) throw new RefusedAnswer(`"${step.title}" is no hold point.`);
  if ('reading' in answer) {
    if (!hold.reading) throw new RefusedAnswer(`"${hold.label}" is answered by a look, not by a number.`);
    if (Number.isNaN(answer.reading)) throw new RefusedAnswer(`"${hold.label}" expects a number.`);
    // JSON has no infinity: an open circuit is recorded as the largest number.
    const reading = Math.min(answer.reading, Number.MAX_VALUE);
    return { kind: 'hold answered', stepId: step.id, good: readingPasses(hold.reading, reading), reading };
  }
  if (hold.kind !== 'look')
    throw new RefusedAnswer(`"${hold.label}" is answered by a reading, not by a look.`);
  return { kind: 'hold answered', stepId: step.id, good: answer.good, reading: null };
}

/** A hold point passed without an answer, by someone, for a reason. @throws RefusedAnswer at a safety point or without name and reason. */
export function waiveHold(step: Step, name: string, reason: string): UnitHappening {
  if (!step.hold) throw new RefusedAnswer(`"${step.title}" is no hold point.`);
  if (step.hold.safety) throw new RefusedAnswer(step.hold.safetyReason);
  if (name.trim() === '') throw new RefusedAnswer('A waiver needs the name of who answers for it.');
  if (reason.trim().length < 3) throw new RefusedAnswer('A waiver needs a reason.');
  return { kind: 'hold waived', stepId: step.id, name: name.trim(), reason: reason.trim() };
}

/** Going back after a hold point was Out: which step, what is scrap, what comes off the cable, what it uses up. */
export function reworkFrom(steps: readonly Step[], step: Step, reason: string): UnitHappening {
  const rework = step.hold?.rework;
  const target = stepBackTo(steps, step);
  if (!rework || !target) throw new RefusedAnswer(`"${step.title}" has no way back of its own.`);
  return {
    kind: 'rework',
    fromStepId: step.id,
    toStepId: target.id,
    scrap: rework.scrap,
    partsOff: rework.partsOff,
    uses: rework.uses,
    reason,
  };
}

/** Going back to a step that a diagnosis names, with what making that end again costs. */
export function reworkTo(
  target: Step,
  fromStepId: string,
  cost: { scrap: Scrap[]; partsOff: string[]; uses: number },
  reason: string,
): UnitHappening {
  return { kind: 'rework', fromStepId, toStepId: target.id, ...cost, reason };
}
