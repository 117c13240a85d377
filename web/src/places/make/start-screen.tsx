import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { useHouse } from '../../data/live.ts';
import { useDraft } from '../../draft/use-draft.ts';
import { StartBags } from './start-bags.tsx';
import { StartMeasure } from './start-measure.tsx';
import { StartTools } from './start-tools.tsx';
import { useBuildKeys } from './use-build-keys.ts';
import { useStartUnit } from './use-start-unit.ts';

/** Before a unit is started: says what starting does. */
export function StartScreen({ view }: { readonly view: UnitView }) {
  const { unit } = view;
  const lead = useDraft('leads', unit.leadId);
  const house = useHouse();
  const [problem, setProblem] = useState<string | undefined>();
  const startUnit = useStartUnit();
  const start = () => {
    startUnit(unit.id).catch((error: unknown) =>
      setProblem(error instanceof Error ? error.message : String(error)),
    );
  };
  useBuildKeys({ goOn: start, goBack: () => undefined });
  return (
    <div className="build">
      <main className="build-start">
        <h1>Build unit {unit.serial}</h1>
        <p>
          Starting freezes the plan: this unit is built and judged by what is planned now, even if the lead, a
          card or the house is changed tomorrow. To build it otherwise, change the lead first.
        </p>
        {lead && <StartBags lead={lead.record} />}
        {lead && <StartMeasure lead={lead.record} />}
        {lead && house && <StartTools lead={lead} house={house} />}
        {problem && (
          <p className="out" role="alert">
            ■ {problem} <Link to={`/leads/${unit.leadId}/thread`}>Open the lead</Link>
          </p>
        )}
        <Button variant="default" component={Link} to={`/leads/${unit.leadId}/choose`}>
          Look at the lead first
        </Button>
      </main>
      <button type="button" className="done-bar" onClick={start}>
        <strong>Start</strong>
        <span>space, pedal, or touch anywhere here</span>
      </button>
    </div>
  );
}
