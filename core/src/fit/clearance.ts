import type { Term } from '../quantity/explained.ts';

export type FitVerdict = 'fits' | 'tight' | 'does not fit';

interface FitCheckBase {
  readonly id: string;
  readonly label: string;
  /** A part can be exchanged; a tool can be bought or borrowed. */
  readonly about: 'part' | 'tool';
  readonly verdict: FitVerdict;
  /** What follows from a verdict other than fits; empty when it fits. */
  readonly consequence: string;
}

/** One part in or on another: both dimensions, and the margin between them. */
export interface MeasuredFit extends FitCheckBase {
  readonly kind: 'measured';
  readonly hole: Term;
  readonly shaft: Term;
  /** Hole less shaft, metres; negative when the shaft is the larger. */
  readonly margin: number;
}

/** Two things that go together or do not, with nothing to measure: a metal and solder, a dielectric and its connector. */
export interface YesNoFit extends FitCheckBase {
  readonly kind: 'yes or no';
  readonly one: string;
  readonly other: string;
}

export type FitCheck = MeasuredFit | YesNoFit;

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
export function judgeClearance(rule: ClearanceRule): MeasuredFit {
  const { id, label, hole, shaft } = rule;
  const margin = hole.value - shaft.value;
  const base = { kind: 'measured', about: 'part', id, label, hole, shaft, margin } as const;
  // A hundredth of a micrometre keeps equal figures equal after the arithmetic of decimal millimetres.
  const rounding = 1e-8;
  if (!(margin >= -rounding)) return { ...base, verdict: 'does not fit', consequence: rule.tooTight };
  if (margin > rule.loose + rounding) return { ...base, verdict: 'does not fit', consequence: rule.tooLoose };
  if (margin < rule.free - rounding) return { ...base, verdict: 'tight', consequence: rule.tight };
  return { ...base, verdict: 'fits', consequence: '' };
}
