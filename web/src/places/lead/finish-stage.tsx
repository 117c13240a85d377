import { Table } from '../../controls/table.tsx';
import { useBench } from '../../data/live.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useUnits } from '../../data/live.ts';
import type { StageProps } from './stage-props.ts';

/** Shrink, label, coil; and for every unit its label and certificate as print pages. */
export function FinishStage({ plan }: StageProps) {
  const depth = useBench()?.stepDepth ?? 'first time';
  const units = (useUnits() ?? []).filter(({ unit }) => unit.leadId === plan.lead.id);
  const steps = plan.steps.filter(({ stage }) => stage === 'Finish');
  return (
    <div className="stage">
      <section aria-label="Finishing">
        <h2>Units</h2>
        {units.length === 0 && <p>No order asks for this lead, so it has no units.</p>}
        <Table>
          {units.map((view) => (
            <UnitRow key={view.unit.id} view={view} />
          ))}
        </Table>
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

function UnitRow({ view: { unit, progress } }: { readonly view: UnitView }) {
  const proof = progress.proofs.at(-1);
  return (
    <tr>
      <th scope="row">
        <Link to={`/log/${unit.id}`} className="reading">
          {unit.serial}
        </Link>
      </th>
      <td>{progress.finished ? 'finished' : (progress.current?.title ?? 'not started')}</td>
      <td>{proof ? <VerdictMark verdict={proof.verdict} /> : <VerdictMark verdict="Not yet" />}</td>
      <td>
        <Button component={Link} to={`/print/label/${unit.id}`} variant="subtle" size="compact-md">
          Label
        </Button>
        <Button component={Link} to={`/print/certificate/${unit.id}`} variant="subtle" size="compact-md">
          Certificate
        </Button>
      </td>
    </tr>
  );
}
