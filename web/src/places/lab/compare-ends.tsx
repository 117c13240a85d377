import { toleranceText } from '../../controls/tolerance-text.ts';
import { Table } from '../../controls/table.tsx';
import type { EndCandidate } from '@gorvane/core/plan/find-end.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import { FaceDrawing } from '../../drawing/face-drawing.tsx';
import { SectionDrawing } from '../../drawing/section-drawing.tsx';
import { EndStrip } from '../../drawing/end-strip.tsx';

/** One or two ends side by side: what each asks for, its strip, its section and its face. */
export function CompareEnds({ candidates }: { readonly candidates: readonly EndCandidate[] }) {
  return (
    <section aria-label="Side by side" className="compare-ends">
      {candidates.map((candidate) => (
        <CompareEnd key={candidate.connector.id} candidate={candidate} />
      ))}
      {candidates.length === 1 && (
        <p className="soft">Press Compare on another end to set it beside this one.</p>
      )}
    </section>
  );
}

function CompareEnd({ candidate }: { readonly candidate: EndCandidate }) {
  const { connector, method, input, verdict } = candidate;
  const strip = method.strip(input);
  const { traits } = method;
  const rows: [string, string][] = [
    ['Method', connector.method],
    ['Why', traits.because],
    ['Used again', traits.reusable ? 'yes' : 'no'],
    ['Heat', traits.heat],
    ['Needs', traits.needs.join(', ')],
    ['In the bag', candidate.bag.join(', ')],
    [
      'Strip, mm',
      strip.cuts
        .map((cut) => `${cut.layer} ${formatMillimetres(cut.position.value)} (${toleranceText(cut)})`)
        .join('; '),
    ],
    [
      'Goes up to',
      connector.series.limit === null ? 'as its mismatch allows' : formatFrequency(connector.series.limit),
    ],
  ];
  return (
    <article aria-label={connector.name}>
      <h3>
        {connector.name} <VerdictMark verdict={verdict} />
      </h3>
      <FaceDrawing connector={connector} />
      <Table>
        {rows.map(([label, text]) => (
          <tr key={label}>
            <th scope="row">{label}</th>
            <td>{text}</td>
          </tr>
        ))}
      </Table>
      <EndStrip plan={strip} cable={input.cable} title={`Strip of ${connector.name}`} />
      <SectionDrawing strip={strip} title={connector.name} />
    </article>
  );
}
