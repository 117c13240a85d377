import { shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { PlacesOnRun } from '@gorvane/core/prove/placed-diagnosis.ts';
import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { Run } from '../../drawing/run.tsx';
import { ProveUnit } from './prove/prove-stage.tsx';

interface UnitProofProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
}

/** The proof of a unit whose lead is gone or cannot be planned any more: all it needs was frozen with it. */
export function UnitProof({ view, frozen }: UnitProofProps) {
  const plan = useMemo(() => shownPlan(frozen), [frozen]);
  const [places, setPlaces] = useState<PlacesOnRun>({ endIds: [], parts: [] });
  return (
    <div className="lead">
      <div className="page-head">
        <h1>
          {frozen.lead.name}, unit <span className="reading">{view.unit.serial}</span>
        </h1>
        <span className="soft">Proved by the plan that it was started with.</span>
        <div className="actions">
          <Button component={Link} to={`/build/${view.unit.id}`}>
            Build {view.unit.serial}
          </Button>
        </div>
      </div>
      <Run plan={plan} progress={view.progress} faults={places} />
      <div className="stage-panel">
        <ProveUnit view={view} frozen={frozen} onPlaces={setPlaces} />
      </div>
    </div>
  );
}
