import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { partsToCut } from '@gorvane/core/thread/cut-list.ts';
import { Figure } from '../../controls/figure.tsx';
import { Length } from '../../controls/length.tsx';
import { ResultActions } from '../../controls/result-table.tsx';
import { Table } from '../../controls/table.tsx';
import { inMillimetres } from '@gorvane/core/quantity/multiple.ts';

/** Every tube and sleeve with the length to cut it to, before anything is threaded. */
export function CutList({ plan }: { readonly plan: LeadPlan }) {
  const cut = partsToCut(plan.parts, plan.thread);
  if (cut.length === 0) return null;
  const data = () => ({
    name: 'Tubes and sleeves to cut',
    header: ['part', 'length, mm'],
    rows: cut.map(({ label, cutLength }) => [label, Number(inMillimetres(cutLength.value).toFixed(1))]),
  });
  return (
    <section aria-labelledby="cut-list">
      <div className="row-head">
        <h2 id="cut-list">Tubes and sleeves to cut</h2>
        <ResultActions data={data} />
      </div>
      <p className="soft">Cut with the cable, before anything is threaded.</p>
      <Table head={['Part', { figures: 'Length' }]}>
        {cut.map(({ id, label, cutLength }) => (
          <tr key={id}>
            <th scope="row">{label}</th>
            <td className="number reading">
              <Figure figure={cutLength} label={`length of ${label}`}>
                <Length metres={cutLength.value} />
              </Figure>
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
