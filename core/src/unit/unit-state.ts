import type { RecordedProof, UnitProgress } from './progress.ts';
import { isOverdue } from '../reading/overdue.ts';
import { instrumentsOf } from '../reading/typed-from.ts';

/** Where a unit stands, in words. */
export function stateWords(progress: UnitProgress): string {
  if (progress.scrapped !== null) return `given up: ${progress.scrapped}`;
  if (progress.finished) return 'finished';
  if (progress.aside !== null) return `set aside: ${progress.aside}`;
  if (!progress.started) return 'not started';
  return progress.current?.title ?? 'hand over';
}

/** What stays on a unit for good: waived hold points, length given away, a return, an instrument whose calibration had run out. */
export function marksOf({ holds, takenShorter, returns, proofs, clockWasWrong }: UnitProgress): string[] {
  const waived = [...holds.values()].filter(({ how }) => how === 'waived').length;
  return [
    ...(waived > 0 ? [`${waived} hold ${waived === 1 ? 'point' : 'points'} waived`] : []),
    ...(takenShorter.length > 0 ? ['taken shorter'] : []),
    ...(returns.length > 0
      ? [returns.length === 1 ? 'came back once' : `came back ${returns.length} times`]
      : []),
    ...(clockWasWrong
      ? ['the clock was set back while it was made: times of its record are not to be trusted']
      : []),
    ...(isOverdueProof(proofs.at(-1)) ? [outOfCalibration] : []),
  ];
}

export const outOfCalibration = 'proved with an instrument out of calibration';

/** Whether any instrument of a proof was past its calibration on that day. */
function isOverdueProof(proof: RecordedProof | undefined): boolean {
  return proof?.takes.some((take) => instrumentsOf(take).some((each) => isOverdue(each, proof.at))) ?? false;
}
