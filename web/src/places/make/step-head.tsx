import { timeLeft } from '@gorvane/core/unit/step-time.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { endOfStep } from '@gorvane/core/plan/shown-plan.ts';
import { SegmentedControl } from '@mantine/core';
import type { UnitView } from '../../data/live.ts';
import { useOrders } from '../../data/live.ts';
import { rangeText } from './span-text.ts';
import { clockWords } from './timer-panel.tsx';
import type { Timer } from './use-timer.ts';
import { useBenchDraft } from '../../draft/use-draft.ts';
import { marksOf } from '@gorvane/core/unit/unit-state.ts';
import { Run } from '../../drawing/run.tsx';

interface StepHeadProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
  readonly plan: ShownPlan;
  readonly step: Step;
  /** Where the unit stands: step 7 of 30, or moment 3 of 12. */
  readonly where: string;
  readonly timer: Timer;
  /** Units of the same lead, whose times tell how long the rest takes. */
  readonly batch: readonly UnitView[];
}

/** Which unit, its run as it now is, which step, and in which depth steps are told. */
export function StepHead({ view, frozen, plan, step, where, timer, batch }: StepHeadProps) {
  const { unit, progress } = view;
  const bench = useBenchDraft();
  const quantity = useOrders()
    ?.find(({ id }) => id === unit.orderId)
    ?.lines.find(({ id }) => id === unit.lineId)?.quantity;
  const end = endOfStep(plan, step)?.end;
  return (
    <header className="build-head">
      <div>
        <strong>{frozen.lead.name}</strong>
        <div className="soft">
          unit <span className="reading">{unit.serial}</span>
          {quantity && `, ${unit.sequence} of ${quantity}`}
          {frozen.firstArticle && ', first article'}
        </div>
        <div className="soft">{leftWords(progress, batch)}</div>
        <Marks progress={progress} />
      </div>
      <div className="build-run">
        <Run plan={plan} progress={progress} small />
      </div>
      <div className="build-where">
        <strong>{where}</strong>
        <div className="copper-text">
          {step.stage}
          {end && `, end ${end.name}`}
        </div>
        {timer.running && !timer.isOfThisStep && (
          <div className="running-time">
            {timer.running.timer.label} <span className="reading">{clockWords(timer.running.left)}</span>
          </div>
        )}
      </div>
      {bench && (
        <SegmentedControl
          aria-label="How much is said"
          value={bench.record.stepDepth}
          onChange={(value) =>
            bench.edit('step depth', (now) => ({
              ...now,
              stepDepth: value === 'experienced' ? 'experienced' : 'first time',
            }))
          }
          data={['first time', 'experienced']}
        />
      )}
    </header>
  );
}

/** How long the rest takes; assumed until most of it was timed once. */
function leftWords(progress: UnitProgress, batch: readonly UnitView[]): string {
  const left = timeLeft(
    progress,
    batch.map(({ progress: other }) => other),
  );
  return `${left.isTimed ? '' : '◌ '}${rangeText(left.least, left.most)} left`;
}

function Marks({ progress }: { readonly progress: UnitProgress }) {
  const marks = marksOf(progress);
  return marks.length > 0 && <div className="not-yet">▲ {marks.join(', ')}</div>;
}
