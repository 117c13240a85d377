import { Table } from '../../../controls/table.tsx';
import type { Proof } from '@gorvane/core/prove/proof.ts';

/** Every contact against every other: planned, and as read. */
export function WiringMatrix({ proof }: { readonly proof: Proof }) {
  const { points } = proof.wiring;
  const pairAt = (a: number, b: number) =>
    proof.pairs.find(({ from, to }) => from === Math.min(a, b) && to === Math.max(a, b));
  return (
    <Table
      className="matrix"
      label="Matrix of all contacts"
      caption={
        <span className="soft">
          ● planned to connect, ○ planned open; in colour and with a word once read
        </span>
      }
      head={[null, ...points.slice(1).map((point) => point.label)]}
    >
      {points.slice(0, -1).map((point, row) => (
        <tr key={point.id}>
          <th scope="row">{point.label}</th>
          {points.slice(1).map((other, column) => {
            const pair = column + 1 > row ? pairAt(row, column + 1) : undefined;
            if (!pair) return <td key={other.id} />;
            const tone = pair.verdict === 'Good' ? 'good' : pair.verdict === 'Out' ? 'out' : 'soft';
            return (
              <td key={other.id} className={tone}>
                <span aria-hidden="true">{pair.planned ? '●' : '○'}</span>{' '}
                {pair.read === undefined ? 'not read' : pair.read ? 'connected' : 'open'}
                <span className="visually-hidden">
                  , planned {pair.planned ? 'connected' : 'open'}, {pair.verdict}
                </span>
              </td>
            );
          })}
        </tr>
      ))}
    </Table>
  );
}
