import { Table } from '../../../controls/table.tsx';
import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { VerdictMark } from '../../../controls/verdict.tsx';
import type { UnitView } from '../../../data/live.ts';
import type { UnitProof } from './use-unit-proof.ts';
import { useTimes } from '../../../controls/writing.ts';

interface RecordButtonProps {
  readonly table: UnitProof;
  readonly view: UnitView;
  /** The instruments are at work: more readings come. */
  readonly isReading: boolean;
  readonly onRecord: () => void;
}

/** Recording the readings on the table, or taking new ones; or why not yet. */
export function RecordButton({ table, view, isReading, onRecord }: RecordButtonProps) {
  const { takes, sweeps, proof, isDue, recordedAt, setTakes } = table;
  const unread = takes.find(({ sweep }) => sweep && !sweeps.has(sweep.hash));
  if (recordedAt)
    return (
      <Button size="md" variant="default" onClick={() => setTakes([])}>
        Prove it again
      </Button>
    );
  const why = !isDue
    ? `This unit is at “${view.progress.current?.title ?? ''}”. Its proof can be recorded when both ends are joined.`
    : isReading
      ? 'The instruments are still reading.'
      : takes.length === 0
        ? 'Enter readings, drop a file, or let the instruments read.'
        : unread
          ? `The sweep of ${unread.instrument} is not read yet. If its file is not in this database, take it off.`
          : undefined;
  return (
    <>
      <Button size="md" disabled={why !== undefined} onClick={onRecord}>
        Record this proof: {proof.verdict}
      </Button>
      {why && <p className="soft">{why}</p>}
    </>
  );
}

/** Every proof that this unit's record holds. */
export function ProofHistory({ view: { unit, progress } }: { readonly view: UnitView }) {
  const timeOf = useTimes();
  if (progress.proofs.length === 0) return null;
  return (
    <>
      <h2>Proofs in the record</h2>
      <Table>
        {progress.proofs.map(({ at, by, verdict, takes }) => (
          <tr key={at}>
            <th scope="row">{timeOf(at)}</th>
            <td>
              {by}, {takes.map(({ instrument }) => instrument).join('; ')}
            </td>
            <td>
              <VerdictMark verdict={verdict} />
            </td>
          </tr>
        ))}
      </Table>
      <p>
        <Link to={`/prove/${unit.orderId}`}>Compare the whole order</Link>
      </p>
    </>
  );
}
