import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { cutList } from '@gorvane/core/thread/cut-list.ts';
import { Figure } from '../../controls/figure.tsx';
import { Length } from '../../controls/length.tsx';
import { ResultActions } from '../../controls/result-table.tsx';
import { Table } from '../../controls/table.tsx';
import { asMade, cableGrain } from '@gorvane/core/quantity/made.ts';
import { inMillimetres } from '@gorvane/core/quantity/multiple.ts';

/** Every tube and sleeve with length, colour and count, before anything is threaded. */
export function CutList({ plan }: { readonly plan: LeadPlan }) {
  const rows = cutList(plan.parts, plan.thread, plan.sleeves);
  if (rows.length === 0) return null;
  const where = (labels: readonly { readonly label: string }[]) =>
    labels.map(({ label }) => label).join('; ');
  const data = () => ({
    name: 'Tubes and sleeves to cut',
    header: ['piece', 'colour', 'length, mm', 'count', 'for'],
    rows: rows.map(({ name, colour, cutLength, parts }) => [
      name,
      colour ?? '',
      inMillimetres(asMade(cutLength.value, cableGrain(cutLength.value))),
      parts.length,
      where(parts),
    ]),
  });
  return (
    <section aria-labelledby="cut-list">
      <div className="row-head">
        <h2 id="cut-list">Tubes and sleeves to cut</h2>
        <ResultActions data={data} />
      </div>
      <p className="soft">Cut with the cable, before anything is threaded.</p>
      <Table head={['Piece', { figures: 'Length' }, { figures: 'Count' }, 'For']}>
        {rows.map(({ name, cutLength, parts }) => (
          <tr key={`${name} ${cutLength.value}`}>
            <th scope="row">{name}</th>
            <td className="number reading">
              <Figure figure={cutLength} label={`length of ${name}`}>
                <Length metres={cutLength.value} cable />
              </Figure>
            </td>
            <td className="number reading">{parts.length}</td>
            <td className="soft">{where(parts)}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
