import { medianOf } from '../quantity/median.ts';
import type { UnitProgress } from './progress.ts';
import type { Step } from '../recipe/step.ts';
import type { Work } from '../recipe/work.ts';

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
  lay: 45,
  coil: 45,
  prove: 120,
};

/** What a kind of work takes before anyone has timed it, seconds. */
export const usualSeconds = (work: Work): number => usual[work];

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
  const times = units.flatMap(({ seconds }) => seconds.get(id) ?? []);
  if (times.length === 0) return { seconds: usual[work], timed: 0 };
  return { seconds: medianOf(times), timed: times.length };
}

/** How far an estimate may be off either way: of steps that were timed here, and of those that nobody has timed yet. Engineering values. */
const off = { timed: 0.15, assumed: 0.4 } as const;

/** What is still before a unit, seconds: an estimate with its range, and whether most of it rests on times that were taken. */
export function timeLeft(
  progress: UnitProgress,
  units: readonly UnitProgress[],
): {
  readonly seconds: number;
  readonly least: number;
  readonly most: number;
  readonly isTimed: boolean;
} {
  const open = progress.steps.filter(({ id }) => !progress.done.has(id)).map((step) => stepTime(step, units));
  const sum = (times: readonly StepTime[]) => times.reduce((total, time) => total + time.seconds, 0);
  const timed = sum(open.filter((time) => time.timed > 0));
  const assumed = sum(open.filter((time) => time.timed === 0));
  return {
    seconds: timed + assumed,
    least: timed * (1 - off.timed) + assumed * (1 - off.assumed),
    most: timed * (1 + off.timed) + assumed * (1 + off.assumed),
    isTimed: timed > assumed,
  };
}
