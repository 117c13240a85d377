import { Table } from '../../controls/table.tsx';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Certificate, CertifiedProof } from '@gorvane/core/unit/certificate.ts';
import { certificateOf } from '@gorvane/core/unit/certificate.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { CertificateFiles } from '../../controls/certificate-files.tsx';
import {
  instrumentWords,
  isCertified,
  limitWords,
  readingWords,
  unaskedWords,
} from '../../controls/certificate-words.ts';
import { Photographs } from '../../controls/photograph.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useTimes, useWriting } from '../../controls/writing.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { useUnit } from '../../data/live.ts';
import { planProblem, usePlanState } from '../../data/plan-check.ts';
import { useUnitTitle } from '../../controls/page-title.ts';
import './print.css';

const noEvents: readonly UnitEvent[] = [];

/** The certificate of a unit: what it is, how it was proved, every limit, every waiver and every repair. */
export function CertificatePage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'Certificate');
  const state = usePlanState(view?.unit, view?.events ?? noEvents);
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view || !state) return null;
  const { unit, progress, events } = view;
  const certificate = unit.plan && certificateOf(unit, unit.plan, progress, events, state === 'as frozen');
  return (
    <main className="print-page">
      <div className="no-print print-actions">
        <Button onClick={() => window.print()}>Print</Button>
        {certificate && <CertificateFiles certificate={certificate} />}
        <Link to={`/log/${unit.id}`}>Back to {unit.serial}</Link>
      </div>
      {certificate ? (
        <CertificateSheet certificate={certificate} />
      ) : (
        <p>{planProblem[state] ?? 'This unit has not been started: there is nothing to certify.'}</p>
      )}
    </main>
  );
}

function CertificateSheet({ certificate }: { readonly certificate: Certificate }) {
  const timeOf = useTimes();
  const { serial, unitId, title, verdict, level, house, programVersion, frozenAt, proofs, progress, chain } =
    certificate;
  return (
    <article className="certificate">
      <header>
        <div>
          <h1>Certificate of {serial}</h1>
          <p>{title}</p>
        </div>
        <div>
          <VerdictMark verdict={verdict} large />
          {level && <div>{level}</div>}
        </div>
      </header>
      <p>
        Made by {house}. Plan frozen {timeOf(frozenAt)}, program {programVersion}. Identity{' '}
        <span className="reading">{unitId}</span>.
      </p>
      {proofs.map((proof) => (
        <ProofTable key={proof.at} proof={proof} />
      ))}
      {proofs.length === 0 && <p>Not proved yet.</p>}
      <HoldTable progress={progress} />
      {progress.takenShorter.map((taken) => (
        <p key={taken.at} className="not-yet">
          ▲ Taken {formatMillimetres(taken.shortage)} mm shorter by {taken.name}: {taken.reason}
        </p>
      ))}
      <Evidence progress={progress} />
      {progress.reworks.length + progress.returns.length > 0 && (
        <section>
          <h2>Repairs</h2>
          <ul>
            {progress.returns.map(({ at, reason }) => (
              <li key={at}>
                {timeOf(at)}: came back, {reason}
              </li>
            ))}
            {progress.reworks.map((rework) => (
              <li key={rework.at}>
                {timeOf(rework.at)}: {rework.reason}.{' '}
                {rework.scrap.length > 0 && `Replaced: ${scrapWords(rework.scrap)}.`}
              </li>
            ))}
          </ul>
        </section>
      )}
      {!certificate.planHolds && <p className="out">■ {planProblem.changed}</p>}
      <p className={chain.whole ? undefined : 'out'}>
        Record of {chain.entries} entries, chain {chain.whole ? 'whole' : 'NOT whole: see the Log'}. Last hash{' '}
        <span className="reading hash">{chain.hash}</span>
      </p>
    </article>
  );
}

/** Pictures and notes of the unit. */
function Evidence({ progress }: { readonly progress: UnitProgress }) {
  const timeOf = useTimes();
  const { photographs, notes } = progress;
  if (photographs.length + notes.length === 0) return null;
  return (
    <section>
      <h2>Evidence</h2>
      <Photographs photographs={photographs} />
      <ul>
        {notes.map(({ at, by, text }) => (
          <li key={at}>
            {text} ({by}, {timeOf(at)})
          </li>
        ))}
      </ul>
    </section>
  );
}

function ProofTable({ proof }: { readonly proof: CertifiedProof }) {
  const timeOf = useTimes();
  const write = useWriting();
  const { number, verdict, level, at, by, celsius, instruments, checks } = proof;
  return (
    <section>
      <h2>
        Proof {number}: {verdict}, {level}
      </h2>
      <p>
        {timeOf(at)}, {by}, {write(celsius, 'temperature')}
      </p>
      {instruments.map((instrument, n) => (
        <p key={`${instrument.name} ${n}`} className={instrument.overdue ? 'not-yet' : undefined}>
          {instrumentWords(instrument)}
        </p>
      ))}
      <Table head={['Check', 'Reading', 'Limit', 'Verdict']}>
        {checks.filter(isCertified).map((check) => (
          <tr key={check.id}>
            <th scope="row">{check.label}</th>
            <td className="reading">{readingWords(check, write)}</td>
            <td className="reading">{limitWords(check, write)}</td>
            <td>
              {check.leftOut ? `not asked: ${unaskedWords(check)}` : <VerdictMark verdict={check.verdict} />}
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

function HoldTable({ progress }: { readonly progress: UnitProgress }) {
  const write = useWriting();
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  return (
    <section>
      <h2>Hold points</h2>
      <Table>
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
      </Table>
    </section>
  );
}
