import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { Drift } from '@gorvane/core/strip/drift.ts';
import { Caution } from '../../controls/caution.tsx';
import type { UnitView } from '../../data/live.ts';
import type { Primary } from './primary.ts';
import { StepSide } from './step-side.tsx';
import { StepView } from './step-view.tsx';
import type { Timer } from './use-timer.ts';
import type { Told } from './use-unit-work.ts';

interface StepScreenProps {
  readonly view: UnitView;
  readonly step: Step;
  readonly plan: ShownPlan;
  readonly left: readonly CableLeft[];
  readonly timer: Timer;
  readonly drift: readonly Drift[];
  readonly primary: Primary;
  readonly onRecord: (told: Told) => Promise<void>;
  readonly onAnswer: (happenings: readonly UnitHappening[]) => Promise<void>;
  readonly onRework: (happenings: readonly UnitHappening[]) => void;
  readonly onScrap: (reason: string) => void;
  readonly onGoOn: () => void;
}

/** One step: what to do, and beside it its caution and what it asks for. */
export function StepScreen({ view, step, plan, left, timer, drift, primary, ...on }: StepScreenProps) {
  return (
    <>
      <StepView
        step={step}
        plan={plan}
        progress={view.progress}
        unitId={view.unit.id}
        timer={timer}
        drift={drift}
        onRecord={on.onRecord}
        onGoOn={on.onGoOn}
      />
      <div className="build-column">
        {step.caution && (
          <div className="build-caution">
            <Caution>{step.caution}</Caution>
          </div>
        )}
        <StepSide
          view={view}
          step={step}
          plan={plan}
          left={left}
          nextId={'part' in primary ? primary.part.partId : undefined}
          onRecord={on.onRecord}
          onAnswer={on.onAnswer}
          onRework={on.onRework}
          onScrap={on.onScrap}
        />
      </div>
    </>
  );
}
