import { Table } from '../../../controls/table.tsx';
import type { ProofCheck } from '@gorvane/core/prove/checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { Button } from '@mantine/core';
import { unaskedGroups } from './unasked.ts';
import { useState } from 'react';
import { Figure } from '../../../controls/figure.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';
import { useWriting, writeUncertain } from '../../../controls/writing.ts';

/** Up to so many checks each has its row at once. */
const fewChecks = 24;

/** Every check in the order of the plan: what it read by each method, its limit and why, how much is left, the verdict. */
export function CheckTable({ proof }: { readonly proof: Proof }) {
  const [each, setEach] = useState(false);
  const [unaskedToo, setUnaskedToo] = useState(false);
  const shown = proof.checks.filter(isShown);
  const unasked = shown.filter(isUnasked);
  const rows = shown.filter((check) => !unasked.includes(check));
  const folded = each || rows.length <= fewChecks ? [] : rows.filter(isPlain);
  return (
    <Table className="check-table" head={['Check', 'Reading', 'Limit', 'Verdict']}>
      {rows
        .filter((check) => !folded.includes(check))
        .map((check) => (
          <CheckRow key={check.id} check={check} />
        ))}
      {folded.length > 0 && (
        <tr>
          <th scope="row">The other {folded.length} paths</th>
          <td>
            <Button size="compact-xs" variant="default" onClick={() => setEach(true)}>
              Show each
            </Button>
          </td>
          <td />
          <td>
            <VerdictMark verdict={folded[0]!.verdict} />
          </td>
        </tr>
      )}
      {unaskedToo && unasked.map((check) => <CheckRow key={check.id} check={check} />)}
      {unasked.length > 0 && !unaskedToo && (
        <tr>
          <th scope="row">
            {unasked.length} {unasked.length === 1 ? 'check' : 'checks'} not asked
          </th>
          <td colSpan={3}>
            {unaskedGroups(unasked).map(({ why, labels }) => (
              <div key={why}>
                <span className="soft">{why}:</span> {labels.join(', ')}
              </div>
            ))}
            <Button size="compact-xs" variant="default" onClick={() => setUnaskedToo(true)}>
              Show their limits
            </Button>
          </td>
        </tr>
      )}
    </Table>
  );
}

/** A look that nobody asked for and nobody gave is in its own list. */
const isShown = ({ key, verdict }: ProofCheck) => key.kind !== 'look' || verdict !== 'Not yet';
/** Stays out of the verdict, and nobody read it. */
const isUnasked = ({ leftOut, methods }: ProofCheck) => leftOut && methods.length === 0;
const isPlain = ({ key, verdict }: ProofCheck) => key.kind === 'resistance' && verdict !== 'Out';

function CheckRow({ check }: { readonly check: ProofCheck }) {
  const write = useWriting();
  const { label, quantity, bound, judged, limit, why, methods, verdict, leftOut, notAsked, detail } = check;
  const figure = (value: number) => write(value, quantity);
  const isMeasured = judged !== undefined && judged.reason !== 'not measured';
  return (
    <tr>
      <th scope="row">{label}</th>
      <td>
        {methods.map(({ instrument, judged: read }, n) => (
          <div key={`${instrument} ${n}`}>
            <span className="reading">
              {Number.isFinite(read.uncertainty) && read.uncertainty > 0 && Number.isFinite(read.reading!)
                ? writeUncertain(read.reading!, read.uncertainty, quantity, write)
                : figure(read.reading!)}
            </span>{' '}
            <span className="soft">{instrument}</span>
          </div>
        ))}
        {(!judged || judged.reason !== 'within the limit') && <div className="soft">{detail}</div>}
      </td>
      <td className="reading">
        {judged && Number.isFinite(judged.limit) && (
          <>
            {judged.between ? (
              `${figure(judged.between[0])} to ${figure(judged.between[1])}`
            ) : (
              <>
                {bound} {limit ? <Figure figure={limit} label={`limit of ${label}`} /> : figure(judged.limit)}
              </>
            )}
            {why && (
              <details>
                <summary>why</summary>
                {why}
              </details>
            )}
            {isMeasured && judged.verdict !== 'Not yet' && Number.isFinite(judged.reading!) && (
              <div className="soft">{marginWords(check, figure)}</div>
            )}
          </>
        )}
      </td>
      <td>
        <VerdictMark verdict={verdict} />
        {leftOut && <div className="soft">not asked: {notAsked}</div>}
      </td>
    </tr>
  );
}

/** How far a reading is from its limit, or from the nearer of two. */
function marginWords({ bound, judged }: ProofCheck, figure: (value: number) => string): string {
  const { reading, limit, between } = judged!;
  const inside = between
    ? Math.min(reading! - between[0], between[1] - reading!)
    : bound === 'at least'
      ? reading! - limit
      : limit - reading!;
  return inside >= 0 ? `${figure(inside)} to spare` : `${figure(-inside)} beyond`;
}
