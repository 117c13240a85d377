import { Table } from '../../controls/table.tsx';
import { useBench } from '../../data/live.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { facet } from '@gorvane/core/unit/facets.ts';
import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { SummaryRow } from '../../data/database.ts';
import { useFoundUnits } from '../../data/live.ts';
import type { StageProps } from './stage-props.ts';

/** So many units of a lead are listed; all are in the log. */
const mostUnits = 60;

/** Shrink, label, coil; and for every unit its label and certificate as print pages. */
export function FinishStage({ plan }: StageProps) {
  const depth = useBench()?.stepDepth ?? 'first time';
  const found = useFoundUnits({ facets: [facet('lead', plan.lead.id)] }, { most: mostUnits });
  const units = [...(found?.units ?? [])].reverse();
  const steps = plan.steps.filter(({ stage }) => stage === 'Finish');
  return (
    <div className="stage">
      <section aria-label="Finishing">
        <h2>Units</h2>
        {found?.count === 0 && <p>No order asks for this lead, so it has no units.</p>}
        <Table>
          {units.map((unit) => (
            <UnitRow key={unit.id} unit={unit} />
          ))}
        </Table>
        {found && found.count > units.length && (
          <p className="soft">
            The last {units.length} of {found.count}; all are in the <Link to="/log">Log</Link>.
          </p>
        )}
      </section>
      <aside aria-label="Finishing steps">
        <h2>Finishing steps</h2>
        <ol className="step-list">
          {steps.map((step: Step) => (
            <li key={step.id}>
              <strong>{step.title}</strong>
              <span>{depth === 'first time' ? step.text.firstTime : step.text.experienced}</span>
            </li>
          ))}
        </ol>
      </aside>
    </div>
  );
}

function UnitRow({ unit: { id, serial, state, stands, verdict } }: { readonly unit: SummaryRow }) {
  return (
    <tr>
      <th scope="row">
        <Link to={`/log/${id}`} className="reading">
          {serial}
        </Link>
      </th>
      <td>{state === 'at work' ? stands : state}</td>
      <td>
        <VerdictMark verdict={verdict ?? 'Not yet'} />
      </td>
      <td>
        {state !== 'not started' && (
          <>
            <Button component={Link} to={`/print/label/${id}`} variant="subtle" size="compact-md">
              Label
            </Button>
            <Button component={Link} to={`/print/certificate/${id}`} variant="subtle" size="compact-md">
              Certificate
            </Button>
          </>
        )}
      </td>
    </tr>
  );
}
