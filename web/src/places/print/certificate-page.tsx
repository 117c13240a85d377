import { certificateOf } from '@gorvane/core/unit/certificate.ts';
import { letterheadOf } from '@gorvane/core/paper/letterhead.ts';
import { Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { CertificateFiles } from '../../controls/certificate-files.tsx';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { useOrders, usePapers, useUnit } from '../../data/live.ts';
import { planProblem, usePlanState } from '../../data/plan-check.ts';
import { useUnitTitle } from '../../controls/page-title.ts';
import { CertificateSheet } from './certificate-sheet.tsx';
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
