import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { Photographs } from '../../controls/photograph.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useWriting } from '../../controls/writing.ts';
import type { UnitView } from '../../data/live.ts';
import { useUnit } from '../../data/live.ts';
import './print.css';

/** The certificate of a unit: what it is, how it was proved, every limit, every waiver and every repair. */
export function CertificatePage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view) return null;
  const { unit } = view;
  return (
    <main className="print-page">
      <div className="no-print print-actions">
        <Button onClick={() => window.print()}>Print</Button>
        <Link to={`/log/${unit.id}`}>Back to {unit.serial}</Link>
      </div>
      {unit.plan ? (
        <Certificate view={view} plan={unit.plan} />
      ) : (
        <p>This unit has not been started: there is nothing to certify.</p>
      )}
    </main>
  );
}

function Certificate({ view, plan }: { readonly view: UnitView; readonly plan: FrozenPlan }) {
  const { unit, progress, events } = view;
  const last = progress.proofs.at(-1);
  const whole = verifyChain(events).length === 0;
  return (
    <article className="certificate">
      <header>
        <div>
          <h1>Certificate of {unit.serial}</h1>
          <p>
            {plan.lead.name}, {lengthInWords(plan.lead)},{' '}
            {plan.lead.ends.map(({ name, referencePlane }) => `end ${name} to ${referencePlane}`).join(', ')}
          </p>
        </div>
        <VerdictMark verdict={last?.verdict ?? 'Not yet'} large />
      </header>
      <p>
        Made by {plan.house.name}. Plan frozen {new Date(events[0]!.at).toLocaleString()}, program{' '}
        {plan.programVersion}. Identity <span className="reading">{unit.id}</span>.
      </p>
      {progress.proofs.map((proof, index) => (
        <ProofTable key={proof.at} plan={plan} proof={proof} number={index + 1} />
      ))}
      {!last && <p>Not proved yet.</p>}
      <HoldTable progress={progress} />
      {progress.takenShorter.map((taken) => (
        <p key={taken.at} className="not-yet">
          ▲ Taken {formatMillimetres(taken.shortage)} mm shorter by {taken.name}: {taken.reason}
        </p>
      ))}
      <Evidence progress={progress} />
      {progress.reworks.length > 0 && (
        <section>
          <h2>Repairs</h2>
          <ul>
            {progress.reworks.map((rework) => (
              <li key={rework.at}>
                {new Date(rework.at).toLocaleString()}: {rework.reason}.{' '}
                {rework.scrap.length > 0 && `Replaced: ${rework.scrap.join(', ')}.`}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className={whole ? undefined : 'out'}>
        Record of {events.length} entries, chain {whole ? 'whole' : 'NOT whole: see the Log'}. Last hash{' '}
        <span className="reading hash">{events.at(-1)!.hash}</span>
      </p>
    </article>
  );
}

/** Pictures and notes of the unit. */
function Evidence({ progress }: { readonly progress: UnitProgress }) {
  const { photographs, notes } = progress;
  if (photographs.length + notes.length === 0) return null;
  return (
    <section>
      <h2>Evidence</h2>
      <Photographs photographs={photographs} />
      <ul>
        {notes.map(({ at, by, text }) => (
          <li key={at}>
            {text} ({by}, {new Date(at).toLocaleString()})
          </li>
        ))}
      </ul>
    </section>
  );
}

function ProofTable({
  plan,
  proof,
  number,
}: {
  readonly plan: FrozenPlan;
  readonly proof: UnitProgress['proofs'][number];
  readonly number: number;
}) {
  const judged = prove(plan.lead, plan.limits, proof.readings, plan.house);
  return (
    <section>
      <h2>
        Proof {number}: {proof.verdict}
      </h2>
      <p>
        {new Date(proof.at).toLocaleString()}, {proof.by}, {proof.readings.instrument},{' '}
        {proof.readings.celsius} °C
      </p>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Check</th>
            <th scope="col">Reading</th>
            <th scope="col">Limit</th>
            <th scope="col">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {judged.checks.map((check) => (
            <tr key={check.id}>
              <th scope="row">{check.label}</th>
              <td className="reading">
                {check.judged?.reading === undefined ? check.detail : formatResistance(check.judged.reading)}
              </td>
              <td className="reading">
                {check.judged &&
                  `${check.id === 'insulation' ? 'at least' : 'at most'} ${formatResistance(check.judged.limit)}`}
              </td>
              <td>{check.leftOut ? 'left out by this house' : <VerdictMark verdict={check.verdict} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function HoldTable({ progress }: { readonly progress: UnitProgress }) {
  const write = useWriting();
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  return (
    <section>
      <h2>Hold points</h2>
      <table className="plain-table">
        <tbody>
          {holds.map((step) => {
            const answer = progress.holds.get(step.id);
            const quantity = step.hold!.reading?.quantity;
            return (
              <tr key={step.id}>
                <th scope="row">
                  {step.hold!.label}
                  {step.endId && `, end ${step.endId}`}
                </th>
                <td className="reading">
                  {answer?.how === 'answered' && answer.reading !== null && quantity
                    ? answer.reading === Number.MAX_VALUE
                      ? 'open'
                      : write(answer.reading, quantity)
                    : ''}
                </td>
                <td>
                  {!answer && <VerdictMark verdict="Not yet" />}
                  {answer?.how === 'answered' && <VerdictMark verdict={answer.good ? 'Good' : 'Out'} />}
                  {answer?.how === 'waived' && `▲ waived by ${answer.name}: ${answer.reason}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
