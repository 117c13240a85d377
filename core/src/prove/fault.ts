import type { Wiring } from '../wiring/wiring.ts';

/**
 * The physical mistakes that the diagnosis knows. One fault is one mistake, and each counts as one; `likelihood` only
 * ranks explanations of the same size (engineering judgement: what benches see most).
 */
export type Fault =
  /** A conductor does not reach its point: cold or missed joint, broken off. */
  | { readonly kind: 'open'; readonly terminal: number }
  /** Two points of one end touch: whisker, solder bridge, strand, crushed dielectric. */
  | { readonly kind: 'short'; readonly points: readonly [number, number] }
  /** Two conductors of one end on each other's points. */
  | { readonly kind: 'swap'; readonly terminals: readonly [number, number] }
  /** One conductor on a point of its end that is not its own. */
  | { readonly kind: 'wrong contact'; readonly terminal: number; readonly point: number }
  /** All numbered contacts of an end moved on by `by`. */
  | { readonly kind: 'rotated'; readonly endId: string; readonly by: number }
  /** All numbered contacts of an end counted from the other side. */
  | { readonly kind: 'mirrored'; readonly endId: string };

export const likelihood: Record<Fault['kind'], number> = {
  open: 6,
  short: 5,
  swap: 4,
  'wrong contact': 2,
  mirrored: 3,
  rotated: 1,
};

/** Terminals on points, as the faults that change who sits where leave them. */
export type Assignment = readonly (number | null)[];

export function plannedAssignment(wiring: Wiring): Assignment {
  return wiring.terminals.map(({ point }) => point);
}

/** The assignment after one more mistake; faults that change nothing return the same object. */
export function misassign(wiring: Wiring, assignment: Assignment, fault: Fault): Assignment {
  switch (fault.kind) {
    case 'swap': {
      const [a, b] = fault.terminals;
      return assignment.map((point, index) =>
        index === a ? assignment[b]! : index === b ? assignment[a]! : point,
      );
    }
    case 'wrong contact':
      return assignment.map((point, index) => (index === fault.terminal ? fault.point : point));
    case 'rotated':
      return renumber(wiring, assignment, fault.endId, (place, count) => (place + fault.by) % count);
    case 'mirrored':
      return renumber(wiring, assignment, fault.endId, (place, count) => count - 1 - place);
    default:
      return assignment;
  }
}

/** Indices of the numbered contacts of an end, in their order. */
export function numberedPoints(wiring: Wiring, endId: string): number[] {
  return wiring.points.flatMap((point, index) => (point.endId === endId && !point.isShell ? [index] : []));
}

function renumber(
  wiring: Wiring,
  assignment: Assignment,
  endId: string,
  move: (place: number, count: number) => number,
): Assignment {
  const numbered = numberedPoints(wiring, endId);
  return assignment.map((point, index) => {
    const place = point === null || wiring.terminals[index]!.endId !== endId ? -1 : numbered.indexOf(point);
    return place < 0 ? point : numbered[move(place, numbered.length)]!;
  });
}

/** The ends that a fault may sit at; a short or an open may also sit in the cable between. */
export function endOfFault(wiring: Wiring, fault: Fault): string {
  switch (fault.kind) {
    case 'open':
    case 'wrong contact':
      return wiring.terminals[fault.terminal]!.endId;
    case 'short':
      return wiring.points[fault.points[0]]!.endId;
    case 'swap':
      return wiring.terminals[fault.terminals[0]]!.endId;
    default:
      return fault.endId;
  }
}
