import { stepDone } from '@gorvane/core/unit/advance.ts';
import type { BatchMode } from '@gorvane/core/unit/batch.ts';
import { nextUnit } from '@gorvane/core/unit/batch.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { obstructions } from '@gorvane/core/unit/progress.ts';
import type { Moment } from '@gorvane/core/recipe/moment.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { MomentOutcome, MomentSaid } from '@gorvane/core/unit/moment-work.ts';
import { momentHappenings } from '@gorvane/core/unit/moment-work.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { useNavigate } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { unitsOfLine } from '../../data/unit-records.ts';
import { recordHappenings, scrapUnit } from '../../data/units.ts';
import { keptValue } from '../../draft/use-kept-value.ts';
import { batchModeKey } from './batch-bar.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';
import { useStepClock } from './use-step-clock.ts';

interface UnitWorkInput {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  /** A step was passed. */
  readonly onPassed: () => void;
  readonly onWritten: () => void;
}

/** What happened: as it is, or as it follows from where the record stands when it is written. */
export type Told = readonly UnitHappening[] | ((now: UnitProgress) => readonly UnitHappening[]);

/** Whether nothing stands before the next step any more, once these answers are in the record. */
function isFree(
  now: UnitProgress,
  at: Step,
  frozen: FrozenPlan,
  happenings: readonly UnitHappening[],
): boolean {
  const answered = happenings.some(
    (happening) => happening.kind === 'hold waived' || (happening.kind === 'hold answered' && happening.good),
  );
  const seats = happenings.some((happening) => happening.kind === 'trial fit' && happening.touches === null);
  return obstructions(now, at, frozen).every(
    ({ code }) =>
      (answered && (code === 'hold open' || code === 'hold out')) || (seats && code === 'trial open'),
  );
}

/** Pressed twice before the screen has followed: what stands in the record is not written again. */
function standsAlready({ confirmed, cut, on }: UnitProgress, happening: UnitHappening): boolean {
  if (happening.kind === 'part cut') return cut.has(happening.partId);
  if (happening.kind === 'part confirmed')
    return confirmed.get(happening.stepId)?.has(happening.partId) === true;
  return happening.kind === 'part on' && on.has(happening.partId);
}

/** What is written of a unit at work: answers, steps passed, giving it up, setting it aside. */
export function useUnitWork({ view, frozen, onPassed, onWritten }: UnitWorkInput) {
  const { unit, progress } = view;
  const navigate = useNavigate();
  const { attempt, problem } = useRecorder();
  const secondsAtStep = useStepClock(unit.id, progress.current?.id);

  /** With one step over all, the next unit of the batch that waits at it. */
  const takeUpNext = async () => {
    const mode = await keptValue<BatchMode>(batchModeKey(unit.lineId), 'unit by unit');
    if (mode === 'unit by unit') return;
    const next = nextUnit(await unitsOfLine(unit.orderId, unit.lineId), unit.id, mode);
    if (next !== undefined && next !== unit.id) void navigate(`/build/${next}`);
  };

  /** Records answers and, when nothing stands in the way any more, the step with them. */
  const record = async (at: Step, told: Told, andGoOn: boolean): Promise<boolean> => {
    const seconds = secondsAtStep();
    const isLast = progress.steps.at(-1)?.id === at.id;
    const isCurrentHere = progress.current?.id === at.id;
    let passed = false;
    let count = 0;
    const written = await attempt(() =>
      recordHappenings(unit.id, (now) => {
        // Another tab has passed this step meanwhile: what is pressed here is about what is gone.
        if (isCurrentHere && now.done.has(at.id)) return [];
        const happenings = (typeof told === 'function' ? told(now) : told).filter(
          (happening) => !standsAlready(now, happening),
        );
        count = happenings.length;
        passed = andGoOn && now.current?.id === at.id && isFree(now, at, frozen, happenings);
        if (!passed) return happenings;
        return [...happenings, stepDone(at, seconds), ...(isLast ? [{ kind: 'finished' } as const] : [])];
      }),
    );
    if (!written) return false;
    if (passed || count > 0) onWritten();
    if (passed) {
      onPassed();
      await takeUpNext();
    }
    return true;
  };

  /** Does a whole moment: what of it stands in the record then, and the step at which it stopped. */
  const recordMoment = async (moment: Moment, said: MomentSaid): Promise<MomentOutcome | undefined> => {
    const seconds = secondsAtStep();
    const stoodAt = progress.current?.id;
    let outcome: MomentOutcome | undefined;
    const written = await attempt(() =>
      recordHappenings(unit.id, (now) => {
        // Another tab has gone on meanwhile: what is pressed here is about what is gone.
        if (now.current?.id !== stoodAt) return [];
        outcome = momentHappenings(now, frozen, moment, said, seconds);
        return outcome.happenings;
      }),
    );
    if (!written || !outcome) return undefined;
    if (outcome.happenings.length > 0) onWritten();
    if (outcome.stopsAt) return outcome;
    onPassed();
    await takeUpNext();
    return outcome;
  };

  const giveUp = (before: readonly UnitHappening[], reason: string) =>
    void attempt(() => scrapUnit(unit.id, reason, before));

  const setAside = (reason: string) =>
    void attempt(() =>
      recordHappenings(unit.id, ({ aside }) => (aside === null ? [{ kind: 'set aside', reason }] : [])),
    );

  return { record, recordMoment, giveUp, setAside, problem };
}
