import { Table } from '../../controls/table.tsx';
import { useUnitPlan } from '../../draft/use-plan.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { isCoaxial } from '@gorvane/core/connector/connector.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import type { ShownEnd, ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import { Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { HoldLimits } from '../../controls/hold-limits.tsx';
import { Length } from '../../controls/length.tsx';
import { PieceLength } from '../../controls/piece-length.tsx';
import { stepLength } from '../../controls/step-length.ts';
import { TemplateButton } from '../../controls/template-button.tsx';
import { useWriting } from '../../controls/writing.ts';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useLead, usePapers, useUnit } from '../../data/live.ts';
import { EndStrip } from '../../drawing/end-strip.tsx';
import { JointDrawing } from '../../drawing/joint-drawing.tsx';
import { Run } from '../../drawing/run.tsx';
import { useUnitTitle } from '../../controls/page-title.ts';
import { PageStyle } from './page-style.tsx';
import './print.css';

/** The sheet that goes round with a unit: run, strips, threading order, faces, and every step with a box to sign. */
export function TravellerPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'Traveller');
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view) return null;
  return <Planned view={view} />;
}

/** A started unit travels with its frozen plan; one that waits, with the plan as it now is. */
function Planned({ view }: { readonly view: UnitView }) {
  const { unit } = view;
  const house = useHouse();
  const lead = useLead(unit.leadId);
  const papers = usePapers();
  const plan = useUnitPlan(view.progress.plan, lead, house);
  if (!plan) return null;
  return (
    <main className="print-page traveller">
      {papers && <PageStyle sheet={papers.sheet} />}
      <div className="no-print print-actions">
        <Button onClick={() => window.print()}>Print</Button>
        <TemplateButton plan={plan} />
        <Link to={`/build/${unit.id}`}>Back to {unit.serial}</Link>
      </div>
      <Traveller view={view} plan={plan} />
    </main>
  );
}

function Traveller({ view, plan }: { readonly view: UnitView; readonly plan: ShownPlan }) {
  const { unit } = view;
  const { lead } = plan;
  return (
    <article className="sheet">
      <header>
        <div>
          <h1>
            Traveller of <span className="reading">{unit.serial}</span>
          </h1>
          <p>
            {lead.name}, {plan.ends[0]!.cable.name}, {lengthInWords(lead)}. {lead.purpose}
          </p>
          {!unit.plan && <p>Not started: the plan as it is now. It is frozen when the unit is started.</p>}
        </div>
        <p className="sign-box">Built by</p>
      </header>
      <Run plan={plan} />
      <Threading plan={plan} />
      <Ends ends={preparedEnds(plan)} joints={plan.steps.filter(({ role }) => role === 'joint')} />
      <Steps steps={plan.steps} />
    </article>
  );
}

/** What is drawn of an end: ends with the same are drawn once. */
const drawnOf = ({ connector, strip, input, cable }: ShownEnd): string =>
  JSON.stringify([
    connector.id,
    cable.id,
    strip.cuts,
    strip.routes,
    input.joints.map(({ contact, conductors }) => [contact.id, conductors.map(({ id }) => id)]),
  ]);

interface EndsProps {
  readonly ends: readonly ShownEnd[];
  readonly joints: ShownPlan['steps'];
}

function Ends({ ends, joints }: EndsProps) {
  const groups = new Map<string, ShownEnd[]>();
  for (const end of ends) groups.set(drawnOf(end), [...(groups.get(drawnOf(end)) ?? []), end]);
  const isWide = ends.every(({ connector }) => isCoaxial(connector));
  return (
    <div className={isWide ? 'traveller-ends wide' : 'traveller-ends'}>
      {[...groups.values()].map((alike) => {
        const { end, strip, cable, connector } = alike[0]!;
        const names = alike.map((each) => each.end.name).join(' and ');
        const called = `${alike.length > 1 ? 'Ends' : 'End'} ${names}`;
        return (
          <section key={end.id} className="traveller-end">
            <h2>
              {called}: {connector.name}
            </h2>
            <EndStrip plan={strip} cable={cable} title={`Strip of ${called.replace('End', 'end')}`} />
            <JointDrawing end={alike[0]!} joints={joints} size={150} />
          </section>
        );
      })}
    </div>
  );
}

function Threading({ plan: { steps } }: { readonly plan: ShownPlan }) {
  if (steps.length === 0) return <p>This lead cannot be threaded as it stands: see Thread.</p>;
  const threads = steps.filter((step) => step.threads.length > 0);
  return (
    <section>
      <h2>Threading order</h2>
      {threads.map((step) => (
        <div key={step.id}>
          {threads.length > 1 && <h3>{step.title}</h3>}
          <ol className="traveller-threads">
            {step.threads.map(({ partId, label, how }) => (
              <li key={partId}>
                <span className="tick-box" aria-hidden="true" /> {label}, {how}
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

function Steps({ steps }: { readonly steps: readonly Step[] }) {
  const write = useWriting();
  return (
    <section>
      <h2>Steps</h2>
      <Table head={['No.', 'Step', 'Figures and tools', 'Reading', 'Signed']}>
        {steps.map((step, index) => (
          <tr key={step.id}>
            <td className="reading">{index + 1}</td>
            <th scope="row">
              {step.title}.{' '}
              <span className="traveller-text">
                {step.text.experienced} {step.caution && `▲ ${step.caution}`}
              </span>
            </th>
            <td className="traveller-bits">
              {step.figures.map((shown, n) => (
                <span key={n}>
                  {shown.label}{' '}
                  {shown.figure.kind === 'length' ? (
                    <Length {...stepLength(step, shown)} />
                  ) : (
                    <span className="reading">{write(shown.figure.value, shown.figure.kind)}</span>
                  )}
                </span>
              ))}
              {step.cuts.map((piece) => (
                <span key={piece.partIds[0]}>
                  <i className="tick-box" aria-hidden="true" /> {piece.label} <PieceLength piece={piece} />
                </span>
              ))}
              {step.tools.map(({ label, setting }) => (
                <span key={label}>{setting === '' ? label : `${label}: ${setting}`}</span>
              ))}
            </td>
            <td>{step.hold && <HoldLimits hold={step.hold} />}</td>
            <td className="sign-cell" />
          </tr>
        ))}
      </Table>
    </section>
  );
}
