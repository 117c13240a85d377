/** Impedance on both sides of a joint and what the step between them does. */
export interface JointImpedance {
  readonly label: string;
  readonly before: { readonly label: string; readonly impedance: number };
  readonly after: { readonly label: string; readonly impedance: number };
  /** Standing-wave ratio of the step alone, 1 or more. */
  readonly swr: number;
  readonly verdict: 'match' | 'mismatch';
}

/** SWR at a step from one real impedance (ohm) to another: the larger over the smaller. */
export function swrAtStep(a: number, b: number): number {
  return Math.max(a, b) / Math.min(a, b);
}

/**
 * The steps along a row of things of stated impedance. Up to 1.05 counts as a match: nominal impedances of one class
 * differ by as much.
 */
export function jointImpedances(row: readonly { label: string; impedance: number }[]): JointImpedance[] {
  return row.slice(1).map((after, index) => {
    const before = row[index]!;
    const swr = swrAtStep(before.impedance, after.impedance);
    return {
      label: `${before.label} to ${after.label}`,
      before,
      after,
      swr,
      verdict: swr <= 1.05 ? 'match' : 'mismatch',
    };
  });
}

/**
 * Range of SWR at the input of a lossless piece of `piece` ohm in a line of `line` ohm, over all its lengths: 1 to the
 * square of the step, e.g. 1 to 2.25 for 75 in 50. Source: quarter-wave transformer.
 */
export function swrRangeOfPiece(piece: number, line: number): { min: number; max: number } {
  return { min: 1, max: swrAtStep(piece, line) ** 2 };
}
