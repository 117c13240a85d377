import type { Wiring } from '../wiring/wiring.ts';
import type { Fault } from './fault.ts';
import { endOfFault, likelihood } from './fault.ts';

/** Why an explanation stands before another of the same size. */
export type LikelierReason = 'seen more often' | 'worked on last';

/** How likely an explanation is beside others of its size: what benches see more often, then where was worked last. */
export interface Likeliness {
  readonly kinds: number;
  readonly last: number;
}

export function likelinessOf(
  wiring: Wiring,
  faults: readonly Fault[],
  lastEndId: string | undefined,
): Likeliness {
  return {
    kinds: faults.reduce((sum, { kind }) => sum + likelihood[kind], 0),
    last: faults.filter((fault) => endOfFault(wiring, fault) === lastEndId).length,
  };
}

/** The likelier first; those that are alike as their ends stand in the lead, contact by contact, so that nothing is in order by accident. */
export function likelierFirst(
  wiring: Wiring,
  explanations: readonly (readonly Fault[])[],
  lastEndId: string | undefined,
): (readonly Fault[])[] {
  const placeOf = (faults: readonly Fault[]) => Math.min(...faults.map((fault) => firstPoint(wiring, fault)));
  return explanations
    .map((faults) => ({
      faults,
      ...likelinessOf(wiring, faults, lastEndId),
      place: placeOf(faults),
      written: JSON.stringify(faults),
    }))
    .sort(
      (a, b) => b.kinds - a.kinds || b.last - a.last || a.place - b.place || (a.written < b.written ? -1 : 1),
    )
    .map(({ faults }) => faults);
}

/** The first contact that a fault is about, in the order of the lead. */
function firstPoint({ terminals, points }: Wiring, fault: Fault): number {
  switch (fault.kind) {
    case 'open':
    case 'wrong contact':
      return terminals[fault.terminal]!.point ?? points.length;
    case 'swap':
      return Math.min(...fault.terminals.map((terminal) => terminals[terminal]!.point ?? points.length));
    case 'short':
      return Math.min(...fault.points);
    default:
      return points.findIndex(({ endId }) => endId === fault.endId);
  }
}

/** What speaks for each of several explanations against the least likely of them, and whether another is just as likely. */
export function likelierReasons(
  wiring: Wiring,
  explanations: readonly (readonly Fault[])[],
  lastEndId: string | undefined,
): { readonly reasons: readonly LikelierReason[]; readonly isAlike: boolean }[] {
  const each = explanations.map((faults) => likelinessOf(wiring, faults, lastEndId));
  const [fewest, leastLast] = [
    Math.min(...each.map(({ kinds }) => kinds)),
    Math.min(...each.map(({ last }) => last)),
  ];
  return each.map(({ kinds, last }, n) => ({
    reasons: [
      ...(kinds > fewest ? (['seen more often'] as const) : []),
      ...(last > leastLast ? (['worked on last'] as const) : []),
    ],
    isAlike: each.some((other, at) => at !== n && other.kinds === kinds && other.last === last),
  }));
}
