/** A stretch of cores that is left out of a drawing, metres from the jacket edge. */
export interface LeftOut {
  readonly from: number;
  readonly to: number;
}

/** Cores longer than this are drawn with a break: to scale, their joints would be too small to see. */
const longest = 60e-3;

/** What to leave out of cores whose first joint lies so far from the jacket edge, metres; null for short ones. */
export const leftOutOf = (firstJoint: number): LeftOut | null =>
  firstJoint > longest ? { from: 12e-3, to: firstJoint - 20e-3 } : null;

/** A place along the drawing, metres: what is left out takes no room. */
export function drawnAt(at: number, leftOut: LeftOut | null): number {
  if (!leftOut || at <= leftOut.from) return at;
  return Math.max(leftOut.from, at - (leftOut.to - leftOut.from));
}
