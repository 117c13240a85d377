import type { House } from '@gorvane/core/house/house.ts';
import { Button, Progress } from '@mantine/core';
import { Link } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { useLead } from '../../data/live.ts';
import { useUnitPlan } from '../../draft/use-plan.ts';
import { Run } from '../../drawing/run.tsx';

/** The unit that was worked at last, or the next: its run, how far it is, and the way on. */
export function InHand({ view, house }: { readonly view: UnitView; readonly house: House }) {
  const { unit, progress } = view;
  const lead = useLead(unit.leadId);
  const plan = useUnitPlan(view.progress.plan, lead, house);
  const name = lead?.name ?? unit.plan?.lead.name;
  if (!name) return null;
  const step = progress.current;
  const place = progress.steps.findIndex(({ id }) => id === step?.id) + 1;
  return (
    <section className="in-hand" aria-labelledby="in-hand">
      <div className="in-hand-head">
        <div>
          <p className="soft">
            {progress.started ? 'In hand' : 'Next'}
            {step && progress.started && `, step ${place} of ${progress.steps.length}, ${step.stage}`}
          </p>
          <h2 id="in-hand">
            {name}, unit {unit.serial}
          </h2>
        </div>
        <Button component={Link} to={`/build/${unit.id}`} size="xl">
          {step
            ? `Continue: ${step.title}`
            : progress.started
              ? 'Look at the finished steps'
              : `Build ${unit.serial}`}
        </Button>
      </div>
      {plan && <Run plan={plan} progress={progress.started ? progress : undefined} />}
      {progress.started && (
        <Progress value={(100 * progress.done.size) / progress.steps.length} mt={6} aria-label="Steps done" />
      )}
    </section>
  );
}
