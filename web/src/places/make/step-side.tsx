import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { endOfStep } from '@gorvane/core/plan/shown-plan.ts';
import type { UnitView } from '../../data/live.ts';
import { ArticleLengths } from './article-lengths.tsx';
import { CablePanel } from './cable-panel.tsx';
import { CutPanel } from './cut-panel.tsx';
import { HoldPanel } from './hold-panel.tsx';
import { PartsPanel } from './parts-panel.tsx';
import { TrialPanel } from './trial-panel.tsx';

type Record = (happenings: readonly UnitHappening[]) => Promise<void>;

interface StepSideProps {
  readonly view: UnitView;
  readonly step: Step;
  readonly plan: ShownPlan;
  readonly left: readonly CableLeft[];
  readonly nextId: string | undefined;
  readonly onRecord: Record;
  /** An answer that goes on by itself when it is Good. */
  readonly onAnswer: Record;
  readonly onRework: (happenings: readonly UnitHappening[]) => void;
  readonly onScrap: (reason: string) => void;
}

/** Beside the step: what must be on the cable, the trial, the hold point. */
export function StepSide({ view, step, plan, left, nextId, onRecord, onAnswer, ...rest }: StepSideProps) {
  const { unit, progress } = view;
  const end = endOfStep(plan, step);
  // What asks for something comes before the drawing where the screen is narrow.
  const asks =
    step.cuts.length + step.threads.length + step.requires.length > 0 || step.hold !== null || step.trialFit;
  return (
    <aside className={asks ? 'build-side asks' : 'build-side'} aria-label="Parts and hold points">
      {step.role === 'cut' && unit.plan && (
        <CablePanel lead={unit.plan.lead} unitId={unit.id} progress={progress} onRecord={onRecord} />
      )}
      <CutPanel step={step} progress={progress} onRecord={onRecord} />
      <PartsPanel
        step={step}
        steps={progress.steps}
        progress={progress}
        nextId={nextId}
        onRecord={onRecord}
      />
      {step.trialFit && end && (
        <TrialPanel
          key={step.id}
          step={step}
          end={end}
          progress={progress}
          unitId={unit.id}
          onRecord={onRecord}
        />
      )}
      {unit.plan?.firstArticle && step.work === 'prove' && (
        <section className="hold-panel" aria-labelledby="article">
          <h2 id="article">First article: finished length</h2>
          <ArticleLengths
            lead={unit.plan.lead}
            unitId={unit.id}
            progress={progress}
            onRecord={(happenings) => void onRecord(happenings)}
          />
        </section>
      )}
      {step.hold && (
        <HoldPanel
          key={step.id}
          step={step}
          steps={progress.steps}
          unit={unit}
          progress={progress}
          left={left}
          onRecord={onAnswer}
          {...rest}
        />
      )}
    </aside>
  );
}
