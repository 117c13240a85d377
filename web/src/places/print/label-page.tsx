import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { checksOfProof } from '@gorvane/core/unit/certificate.ts';
import { levelReached } from '@gorvane/core/prove/proof-level.ts';
import { lengthColour } from '@gorvane/core/house/length-colour.ts';
import { lengthInWords, longestWay } from '@gorvane/core/lead/in-words.ts';
import { formatInches, formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button } from '@mantine/core';
import { toString as drawQr } from 'qrcode';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useUnit } from '../../data/live.ts';
import { useUnitTitle } from '../../controls/page-title.ts';
import './print.css';

/** The label of a unit: text, length and a QR code with serial and identity, no address. */
export function LabelPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  const house = useHouse();
  useUnitTitle(view, 'Label');
  const qr = useQr(view ? `${view.unit.serial} ${view.unit.id}` : undefined);
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view || !house) return null;
  const { unit, progress } = view;
  const shorter = shortfall(progress);
  const lead = unit.plan?.lead;
  const ring =
    lead &&
    unit.plan &&
    lead.signal === 'lighting' &&
    lengthColour(unit.plan.house.lengthColours, longestWay(lead));
  return (
    <main className="print-page">
      <div className="no-print print-actions">
        <Button onClick={() => window.print()}>Print</Button>
        <Link to={`/log/${unit.id}`}>Back to {unit.serial}</Link>
      </div>
      <h1 className="no-print">Label of {unit.serial}</h1>
      {!lead && (
        <p className="no-print">
          This unit has not been started: its label is printed when its plan is frozen.
        </p>
      )}
      {lead && (
        <div className="label" aria-label={`Label of ${unit.serial}`}>
          <div
            role="img"
            aria-label={`QR code: ${unit.serial} ${unit.id}`}
            className="qr"
            dangerouslySetInnerHTML={{ __html: qr ?? '' }}
          />
          <div>
            <strong className="reading">{unit.serial}</strong> <small>{provedWords(view)}</small>
            <div className="one-line">{lead.name}</div>
            <div>
              {lengthInWords(lead)}
              {shorter > 0 && ` less ${formatMillimetres(shorter)} mm`}
              {lead.legs.length === 1 && ` (${formatInches(lead.legs[0]!.finishedLength, 1e-3)})`}
              {ring && `, ${ring} ring`}
            </div>
            <div className="one-line">
              {house.name}
              {progress.returns.length > 0 && `, repair ${progress.returns.length}`}
            </div>
          </div>
        </div>
      )}
      <p className="no-print soft">
        60 x 20 mm at true size. Scanned into the search (Ctrl K), the code opens the unit.
      </p>
    </main>
  );
}

/** How far it was proved, where it is Good. */
function provedWords({ unit, progress }: UnitView): string {
  const proof = progress.proofs.at(-1);
  return unit.plan && proof?.verdict === 'Good'
    ? `Good ${levelReached(checksOfProof(unit.plan, proof))}`
    : '';
}

/** The code as SVG; its content is made here, never typed by anyone. */
function useQr(text: string | undefined): string | undefined {
  const [svg, setSvg] = useState<string | undefined>();
  useEffect(() => {
    if (text)
      void drawQr(text, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }).then(setSvg, () =>
        setSvg(undefined),
      );
  }, [text]);
  return svg;
}

/** How short the lead has come out, metres: each time that it was taken shorter says how much in all. */
const shortfall = ({ takenShorter }: UnitProgress) => takenShorter.at(-1)?.shortage ?? 0;
