import type { CutLength } from '../cut/cut-length.ts';
import type { Lead } from '../lead/lead.ts';
import { endsOfPiece } from '../lead/lead.ts';
import type { UnitProgress } from './progress.ts';

/** Cable of one piece beyond what the finished length needs, metres: what was allowed, and what rework has taken of it. */
export interface CableLeft {
  readonly pieceId: string;
  readonly allowed: number;
  readonly used: number;
  /** Negative where the lead comes out short. */
  readonly left: number;
  /** So much short nobody asks about, metres. */
  readonly tolerated: number;
}

/** A lead may come out this share of its length short, and at least this much, before anyone is asked. Engineering values. */
const shareTolerated = 0.005;
const leastTolerated = 1e-3;

/** What is left of every piece after the rework so far. Rework of the whole lead takes from every piece. */
export function cableLeft(lead: Lead, cuts: readonly CutLength[], progress: UnitProgress): CableLeft[] {
  const endOf = new Map(progress.steps.map(({ id, endId }) => [id, endId]));
  return cuts.map(({ pieceId, betweenJackets, leastBetweenJackets }) => {
    const piece = lead.pieces.find(({ id }) => id === pieceId)!;
    const ends = endsOfPiece(lead, piece).map(({ id }) => id);
    const used = progress.reworks
      .filter(({ toStepId }) => {
        const endId = endOf.get(toStepId) ?? null;
        return endId === null || ends.includes(endId);
      })
      .reduce((sum, { uses }) => sum + uses, 0);
    const allowed = betweenJackets - leastBetweenJackets;
    const finished = piece.legIds.reduce(
      (sum, legId) => sum + lead.legs.find(({ id }) => id === legId)!.finishedLength,
      0,
    );
    return {
      pieceId,
      allowed,
      used,
      left: allowed - used,
      tolerated: Math.max(leastTolerated, shareTolerated * finished),
    };
  });
}

/** What is left for an end: of its pieces, the one that has least. */
export function cableLeftAt(lead: Lead, left: readonly CableLeft[], endId: string | null): CableLeft {
  const mine = left.filter(({ pieceId }) => {
    const piece = lead.pieces.find(({ id }) => id === pieceId)!;
    return endId === null || endsOfPiece(lead, piece).some(({ id }) => id === endId);
  });
  const candidates = mine.length > 0 ? mine : left;
  return candidates.reduce((least, other) => (other.left < least.left ? other : least));
}

/** How short a lead comes out once `uses` more is taken, metres; 0 where that is within what nobody asks about. */
export function shortageAfter({ left, tolerated }: CableLeft, uses: number): number {
  const shortage = uses - left;
  return uses > 0 && shortage > tolerated ? shortage : 0;
}
