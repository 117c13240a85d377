import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { ProofCheck } from '@gorvane/core/prove/checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { isOverdue } from '@gorvane/core/reading/overdue.ts';
import { instrumentsOf } from '@gorvane/core/reading/typed-from.ts';
import { recordChecks } from '@gorvane/core/prove/record-checks.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';
import { limitWords } from '../../../controls/certificate-words.ts';
import { marksOf, outOfCalibration } from '@gorvane/core/unit/unit-state.ts';
import { unaskedGroups } from './unasked.ts';
import { useWriting } from '../../../controls/writing.ts';
import { timeNow } from '../../../data/database.ts';

interface VerdictLineProps {
  readonly proof: Proof;
  readonly progress: UnitProgress;
  readonly takes: readonly Readings[];
}

/** The verdict in one line: what decides it, by which figures, and what stands against it. */
export function VerdictLine({ proof, progress, takes }: VerdictLineProps) {
  const write = useWriting();
  const { deciding } = proof;
  const isOverdueNow = takes.some((take) => instrumentsOf(take).some((each) => isOverdue(each, timeNow())));
  const marks = [...new Set([...marksOf(progress), ...(isOverdueNow ? [outOfCalibration] : [])])];
  return (
    <>
      {deciding
        ? `${deciding.label}: ${deciding.detail}${figures(deciding, write)}.`
        : `Every check that was asked is within its limit.`}
      {proof.verdict !== 'Not yet' && <strong> A proof {proof.level}.</strong>}
      {omitted(proof)}
      {marks.length > 0 && ` ▲ ${marks.join(', ')}.`}
    </>
  );
}

/** What was read against what it is held to, where it is a figure. */
function figures(check: ProofCheck, write: (value: number, kind: QuantityKind) => string): string {
  const reading = check.judged?.reading;
  if (reading === undefined || !Number.isFinite(reading)) return '';
  return `, ${write(reading, check.quantity)}, ${limitWords(recordChecks([check])[0]!, write)}`;
}

/** Up to so many reasons are said in the line. */
const fewReasons = 2;

/** How much was not asked, and a reason or two; which checks they are, and all reasons, stand in the table. */
function omitted({ checks }: Proof): string {
  const groups = unaskedGroups(checks);
  if (groups.length === 0) return '';
  const count = groups.reduce((sum, { labels }) => sum + labels.length, 0);
  return ` ${count} ${count === 1 ? 'check was' : 'checks were'} not asked${groups.length > fewReasons ? '; the table says which, and why' : `: ${groups.map(({ why }) => why).join('; ')}`}.`;
}
