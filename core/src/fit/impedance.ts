import { swrOfSize } from '../quantity/standing-wave.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** Impedance on both sides of a joint and what the step between them does. */
export interface JointImpedance {
  readonly label: string;
  readonly before: { readonly label: string; readonly impedance: number };
  readonly after: { readonly label: string; readonly impedance: number };
  /** Standing-wave ratio of the step alone, 1 or more. */
  readonly swr: number;
  /** The same at the highest working frequency: a short piece between two alike hardly shows. */
  readonly swrAtHighest: number;
  readonly verdict: 'match' | 'mismatch';
}

/** SWR at a step from one real impedance (ohm) to another: the larger over the smaller. */
export function swrAtStep(a: number, b: number): number {
  return Math.max(a, b) / Math.min(a, b);
}

/** One thing in a row: `length` is electrical, metres, for what is short. */
export interface Along {
  readonly label: string;
  readonly impedance: number;
  readonly length?: number;
}

/** A step of this or less counts as a match: nominal impedances of one class differ by as much. Engineering value. */
const matchSwr = 1.05;
/** What a short piece may show at the working frequency: 26 dB return loss. Engineering value. */
const shortPieceSwr = 1.1;

/** Whether a step hardly shows at the working frequency because the piece behind it is short. */
export function isShortAtHighest({ swr, swrAtHighest }: JointImpedance): boolean {
  return swrAtHighest < swr - 0.005;
}

/**
 * The steps along a row of things of stated impedance. A short piece between two of one impedance (the UHF pattern) is
 * judged by what it shows at the highest working frequency, hertz.
 */
export function jointImpedances(row: readonly Along[], highest: number): JointImpedance[] {
  return row.slice(1).map((after, index) => {
    const before = row[index]!;
    const swr = swrAtStep(before.impedance, after.impedance);
    const piece = [index, index + 1].find((at) => isShortPiece(row, at));
    const swrAtHighest =
      piece !== undefined && swr > matchSwr
        ? swrOfPiece(row[piece]!, row[piece - 1]!.impedance, highest)
        : swr;
    return {
      label: `${before.label} to ${after.label}`,
      before,
      after,
      swr,
      swrAtHighest,
      verdict: swr <= matchSwr || swrAtHighest <= shortPieceSwr ? 'match' : 'mismatch',
    };
  });
}

/** Something of a stated length between two of one impedance: only then is it its length that counts. */
function isShortPiece(row: readonly Along[], at: number): boolean {
  const [before, piece, after] = [row[at - 1], row[at], row[at + 1]];
  return (
    piece?.length !== undefined &&
    before !== undefined &&
    after !== undefined &&
    swrAtStep(before.impedance, after.impedance) <= matchSwr
  );
}

/** SWR that a lossless piece of other impedance shows in a line, by its electrical length. Source: line transformation. */
export function swrOfPiece({ impedance, length }: Along, line: number, frequency: number): number {
  const angle = (2 * Math.PI * frequency * length!) / speedOfLight;
  const k = impedance / line;
  // |S11| of a piece of line of normalised impedance k: (k - 1/k) sin / |2 cos + j (k + 1/k) sin|.
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return swrOfSize(Math.abs((k - 1 / k) * sin) / Math.hypot(2 * cos, (k + 1 / k) * sin));
}

/**
 * Range of SWR at the input of a lossless piece of `piece` ohm in a line of `line` ohm, over all its lengths: 1 to the
 * square of the step, e.g. 1 to 2.25 for 75 in 50. Source: quarter-wave transformer.
 */
export function swrRangeOfPiece(piece: number, line: number): { min: number; max: number } {
  return { min: 1, max: swrAtStep(piece, line) ** 2 };
}
