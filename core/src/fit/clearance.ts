import type { Term } from '../quantity/explained.ts';

export type FitVerdict = 'fits' | 'tight' | 'does not fit';

/** One part in or on another: both dimensions, the margin between them, and what it means at the bench. */
export interface FitCheck {
  readonly id: string;
  readonly label: string;
  readonly verdict: FitVerdict;
  readonly hole: Term;
  readonly shaft: Term;
  /** Hole less shaft, metres; negative when the shaft is the larger. */
  readonly margin: number;
  /** What follows from a verdict other than fits; empty when it fits. */
  readonly consequence: string;
}

export interface ClearanceRule {
  readonly id: string;
  readonly label: string;
  readonly hole: Term;
  readonly shaft: Term;
  /** From this margin on it goes together freely, metres. */
  readonly free: number;
  /** Above this margin it is so loose that the joint does not hold; Infinity where looseness does no harm. */
  readonly loose: number;
  readonly tooTight: string;
  readonly tight: string;
  readonly tooLoose: string;
}

/** Judges a shaft in a hole: does not fit below zero margin or above the loose limit, tight below the free margin. */
export function judgeClearance(rule: ClearanceRule): FitCheck {
  const { id, label, hole, shaft } = rule;
  const margin = hole.value - shaft.value;
  const base = { id, label, hole, shaft, margin };
  // A hundredth of a micrometre keeps equal figures equal after the arithmetic of decimal millimetres.
  const rounding = 1e-8;
  if (!(margin >= -rounding)) return { ...base, verdict: 'does not fit', consequence: rule.tooTight };
  if (margin > rule.loose + rounding) return { ...base, verdict: 'does not fit', consequence: rule.tooLoose };
  if (margin < rule.free - rounding) return { ...base, verdict: 'tight', consequence: rule.tight };
  return { ...base, verdict: 'fits', consequence: '' };
}
