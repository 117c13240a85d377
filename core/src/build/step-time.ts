import type { UnitProgress } from './progress.ts';
import type { Step } from './step.ts';
import type { Work } from './work.ts';

/** What a step takes before anyone has timed it, seconds. Engineering values for a practised hand. */
const usual: Readonly<Record<Work, number>> = {
  cut: 60,
  bend: 90,
  thread: 45,
  strip: 60,
  braid: 60,
  tin: 40,
  solder: 60,
  crimp: 25,
  seat: 30,
  screw: 40,
  measure: 40,
  look: 20,
  tug: 15,
  shrink: 60,
  tape: 90,
  label: 45,
  coil: 45,
  prove: 120,
};

/** How long a step takes: the median of what was timed, else the usual, which is assumed. Seconds. */
export interface StepTime {
  readonly seconds: number;
  /** How often it was timed. */
  readonly timed: number;
}

/** Longer than this nobody was at the step: the bench was left. Seconds. */
export const longestStep = 30 * 60;

/** What a step takes, from every unit whose record timed it. */
export function stepTime({ id, work }: Pick<Step, 'id' | 'work'>, units: readonly UnitProgress[]): StepTime {
  const times = units.flatMap(({ seconds }) => seconds.get(id) ?? []).sort((a, b) => a - b);
  if (times.length === 0) return { seconds: usual[work], timed: 0 };
  const middle = times.length / 2;
  const median =
    times.length % 2 === 1 ? times[Math.floor(middle)]! : (times[middle - 1]! + times[middle]!) / 2;
  return { seconds: median, timed: times.length };
}

/** What is still before a unit, seconds, and how much of it rests on times that were taken. */
export function timeLeft(
  progress: UnitProgress,
  units: readonly UnitProgress[],
): { readonly seconds: number; readonly timedShare: number } {
  const open = progress.steps.filter(({ id }) => !progress.done.has(id)).map((step) => stepTime(step, units));
  const seconds = open.reduce((sum, time) => sum + time.seconds, 0);
  const timed = open.filter((time) => time.timed > 0).reduce((sum, time) => sum + time.seconds, 0);
  return { seconds, timedShare: seconds > 0 ? timed / seconds : 0 };
}
