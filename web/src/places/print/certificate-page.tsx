import { Table } from '../../controls/table.tsx';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Certificate, CertifiedProof } from '@gorvane/core/unit/certificate.ts';
import { certificateOf } from '@gorvane/core/unit/certificate.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { Letterhead } from '@gorvane/core/paper/letterhead.ts';
import { forWhom, letterheadOf } from '@gorvane/core/paper/letterhead.ts';
import { Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { CertificateFiles } from '../../controls/certificate-files.tsx';
import {
  asked,
  instrumentWords,
  limitWords,
  readingWords,
  unaskedTold,
} from '../../controls/certificate-words.ts';
import { Photographs } from '../../controls/photograph.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useTimes, useWriting } from '../../controls/writing.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { useOrders, usePapers, useUnit } from '../../data/live.ts';
import { planProblem, usePlanState } from '../../data/plan-check.ts';
import { useUnitTitle } from '../../controls/page-title.ts';
import { PageStyle } from './page-style.tsx';
import { UnitCode } from './unit-code.tsx';
import './print.css';

const noEvents: readonly UnitEvent[] = [];

/** The certificate of a unit: what it is, how it was proved, every limit, every waiver and every repair. */
export function CertificatePage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'Certificate');
  const state = usePlanState(view?.unit, view?.events ?? noEvents);
  const papers = usePapers();
  const orders = useOrders();
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view || !state || !papers || !orders) return null;
  const { unit, progress, events } = view;
  const letterhead = letterheadOf(
    papers,
    orders.find(({ id }) => id === unit.orderId),
  );
  const certificate = unit.plan && certificateOf(unit, unit.plan, progress, events, state === 'as frozen');
  return (
    <main className="print-page">
      <div className="no-print print-actions">
        <Button onClick={() => window.print()}>Print</Button>
        {certificate && <CertificateFiles certificate={certificate} />}
        <Link to={`/log/${unit.id}`}>Back to {unit.serial}</Link>
      </div>
      {certificate ? (
        <CertificateSheet certificate={certificate} letterhead={letterhead} />
      ) : (
        <p>{planProblem[state] ?? 'This unit has not been started: there is nothing to certify.'}</p>
      )}
    </main>
  );
}

function CertificateSheet({
  certificate,
  letterhead,
}: {
  readonly certificate: Certificate;
  readonly letterhead: Letterhead;
}) {
  const timeOf = useTimes();
  const { serial, unitId, title, verdict, level, house, programVersion, frozenAt, proofs, progress, chain } =
    certificate;
  const { sheet, logo, address } = letterhead;
  return (
    <article className="certificate">
      <PageStyle sheet={sheet} />
      <header>
        <div>
          {logo && <img src={logo} alt={`Logo of ${house}`} className="logo" />}
          <strong>{house}</strong>
          <p className="address">{address}</p>
          <h1>Certificate of {serial}</h1>
          <VerdictMark verdict={verdict} large />
          {level && <span> {level}</span>}
        </div>
        <UnitCode serial={serial} unitId={unitId} />
      </header>
      <p>{forWhom(letterhead)}</p>
      <p>{title}</p>
      <p className="soft">
        Plan frozen {timeOf(frozenAt)}, program {programVersion}. Identity{' '}
        <span className="reading">{unitId}</span>
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
      <div className="signature">
        <span>Date</span>
        <span>Name and signature</span>
      </div>
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
        {asked(checks).map((check) => (
          <tr key={check.id}>
            <th scope="row">{check.label}</th>
            <td className="reading">{readingWords(check, write)}</td>
            <td className="reading">{limitWords(check, write)}</td>
            <td>
              <VerdictMark verdict={check.verdict} />
            </td>
          </tr>
        ))}
      </Table>
      {unaskedTold(checks).map((words) => (
        <p key={words}>{words}</p>
      ))}
    </section>
  );
}

function HoldTable({ progress }: { readonly progress: UnitProgress }) {
  const write = useWriting();
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  return (
    <section>
      <h2>Hold points</h2>
      <div className="two-columns">
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
      </div>
    </section>
  );
}
