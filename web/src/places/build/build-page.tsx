import { obstructions } from '@gorvane/core/build/progress.ts';
import type { Step } from '@gorvane/core/build/step.ts';
import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useUnit } from '../../data/live.ts';
import { recordHappenings } from '../../data/units.ts';
import { DoneBar } from './done-bar.tsx';
import { FinishedScreen } from './finished-screen.tsx';
import { HoldPanel } from './hold-panel.tsx';
import { PartsPanel } from './parts-panel.tsx';
import { StartScreen } from './start-screen.tsx';
import { StepHead } from './step-head.tsx';
import { StepView } from './step-view.tsx';
import { useBuildKeys } from './use-build-keys.ts';
import './build.css';

/** The guided build of one numbered unit: one step at a time, large. */
export function BuildPage() {
  const { unitId } = useParams();
  const house = useHouse();
  const view = useUnit(unitId);
  if (view === undefined || !house) return null;
  if (view === null)
    return (
      <main className="build">
        <Empty title="This unit is not here">
          <p>
            The address may be from another computer: every address keeps its own data. Go to the{' '}
            <Link to="/">Bench</Link>.
          </p>
        </Empty>
      </main>
    );
  if (!view.unit.plan || !view.progress.started) return <StartScreen view={view} />;
  return <Building key={view.unit.id} view={view} frozen={view.unit.plan} />;
}

interface BuildingProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
}

function Building({ view, frozen }: BuildingProps) {
  const { unit, progress } = view;
  const { steps } = progress;
  const plan = useMemo(() => planLead(frozen.lead, frozen.cards, frozen.house), [frozen]);
  const currentIndex = progress.current ? steps.indexOf(progress.current) : steps.length;
  // Looking back is a matter of this screen only; where the work stands is in the record.
  const [lookedAt, setLookedAt] = useState<number | undefined>();
  const index = Math.min(lookedAt ?? currentIndex, currentIndex);
  const step = steps[index];
  const isCurrent = index === currentIndex;
  const blocks = step && isCurrent ? obstructions(progress, step) : [];

  /** Records an answer and, when nothing stands in the way any more, the step with it. */
  const record = (step_: Step, happenings: readonly UnitHappening[], andGoOn: boolean) =>
    recordHappenings(unit.id, (now) => {
      if (now.current?.id !== step_.id || !andGoOn) return happenings;
      const isLast = steps.at(-1)?.id === step_.id;
      const answered = happenings.some(
        (happening) =>
          happening.kind === 'hold waived' || (happening.kind === 'hold answered' && happening.good),
      );
      const left = obstructions(now, step_).filter(({ code }) => !(answered && code !== 'parts missing'));
      if (left.length > 0) return happenings;
      return [
        ...happenings,
        { kind: 'step done', stepId: step_.id },
        ...(isLast ? [{ kind: 'finished' } as const] : []),
      ];
    });

  const goOn = () => {
    if (!step) return;
    if (!isCurrent) setLookedAt(index + 1 >= currentIndex ? undefined : index + 1);
    else if (blocks.length === 0) void record(step, [], true);
  };
  const goBack = () => setLookedAt(Math.max(0, index - 1));
  useBuildKeys({ goOn, goBack });

  if (!step) return <FinishedScreen view={view} frozen={frozen} onLookBack={goBack} />;
  return (
    <div className="build">
      <StepHead view={view} frozen={frozen} plan={plan} step={step} index={index} />
      <main className="build-main">
        <StepView
          step={step}
          plan={plan}
          progress={progress}
          unitId={unit.id}
          onRecord={(happenings) => record(step, happenings, false)}
          onGoOn={goOn}
        />
        <aside className="build-side">
          <PartsPanel
            step={step}
            steps={steps}
            progress={progress}
            onRecord={(happenings) => record(step, happenings, false)}
          />
          {step.hold && (
            <HoldPanel
              key={step.id}
              step={step}
              steps={steps}
              unit={unit}
              progress={progress}
              onRecord={(happenings) => record(step, happenings, true)}
              onRework={(happening) => {
                setLookedAt(undefined);
                return record(step, [happening], false);
              }}
            />
          )}
        </aside>
      </main>
      <nav className="build-keys" aria-label="Other keys">
        <Button variant="subtle" onClick={goBack} disabled={index === 0}>
          Page Up, look back
        </Button>
        <Button
          variant="subtle"
          component={Link}
          to={`/leads/${unit.leadId}/${step.stage.toLowerCase()}?unit=${unit.id}`}
        >
          Open the lead
        </Button>
        <Button variant="subtle" component={Link} to="/">
          Leave, all is kept
        </Button>
      </nav>
      <DoneBar step={step} next={steps[index + 1]} isCurrent={isCurrent} blocks={blocks} onGoOn={goOn} />
    </div>
  );
}
