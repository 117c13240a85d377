import type { Assignment, Fault } from './fault.ts';
import { misassign } from './fault.ts';
import type { Partition, Wiring } from '../wiring/wiring.ts';
import { Groups } from '../wiring/wiring.ts';

/** One group of points, and who sits there. */
interface SeatedProblem {
  readonly wiring: Wiring;
  readonly measured: Partition;
  readonly points: readonly number[];
  /** Terminals that sit, or could by mistake have come to sit, on points of the group. */
  readonly terminals: readonly number[];
}

/** The same with every mistake that could be made in it. */
interface Problem extends SeatedProblem {
  readonly misassignments: readonly Fault[];
  readonly shorts: readonly (readonly [number, number])[];
}

/**
 * All smallest sets of opens, shorts, swaps and wrong contacts among the points of one group that show the measured
 * partition there; undefined when more than `limit` would be needed.
 *
 * Deepens one fault at a time over who sits where; for each seating the opens and shorts follow directly: a conductor
 * can stay connected only within one measured block, and blocks that are measured as one must be shorted together.
 */
export function searchLocal(
  wiring: Wiring,
  assignment: Assignment,
  measured: Partition,
  group: readonly number[],
  limit: number,
): Fault[][] | undefined {
  const inGroup = new Set(group);
  const terminals = wiring.terminals.flatMap((_, index) => {
    const at = assignment[index]!;
    return at === null || inGroup.has(at) ? [index] : [];
  });
  // Most seatings with an end renumbered are far off: that is seen before all mistakes are listed.
  const seated = { wiring, measured, points: group, terminals };
  if (leastOpensAndShorts(seated, assignment) > stepsPerFault * limit) return undefined;
  const problem = problemOf(seated);
  for (let size = 1; size <= limit; size++) {
    const sets: Fault[][] = [];
    seat(problem, assignment, [], size, sets);
    if (sets.length > 0) return distinct(sets);
  }
  return undefined;
}

function problemOf(seatedProblem: SeatedProblem): Problem {
  const { wiring, points: group, terminals } = seatedProblem;
  const seated = terminals.map((index) => {
    const { endId, conductor } = wiring.terminals[index]!;
    return { index, endId, conductor };
  });
  const swaps = pairsOf(seated)
    .filter(([a, b]) => a.endId === b.endId && a.conductor !== b.conductor)
    .map(([a, b]): Fault => ({ kind: 'swap', terminals: [a.index, b.index] }));
  const wrong = seated.flatMap(({ index, endId }) =>
    group
      .filter((point) => wiring.points[point]!.endId === endId)
      .map((point): Fault => ({ kind: 'wrong contact', terminal: index, point })),
  );
  const shorts = pairsOf(group).filter(([a, b]) => wiring.points[a]!.endId === wiring.points[b]!.endId);
  return { ...seatedProblem, misassignments: [...swaps, ...wrong], shorts };
}

/** Whether so many mistakes cannot turn a seating into what was measured, by a bound that is quick to have. */
export function isOutOfReach(
  wiring: Wiring,
  assignment: Assignment,
  measured: Partition,
  limit: number,
): boolean {
  const points = wiring.points.map((_, point) => point);
  const terminals = wiring.terminals.map((_, terminal) => terminal);
  return leastOpensAndShorts({ wiring, measured, points, terminals }, assignment) > stepsPerFault * limit;
}

/** One wrong seating takes at most two conductors away from where they are and puts them elsewhere: four steps. */
const stepsPerFault = 4;

function seat(
  problem: Problem,
  assignment: Assignment,
  faults: readonly Fault[],
  left: number,
  sets: Fault[][],
): void {
  const least = leastOpensAndShorts(problem, assignment);
  if (least > stepsPerFault * left) return;
  if (least <= left)
    for (const rest of opensAndShorts(problem, assignment, left)) sets.push([...faults, ...rest]);
  if (left === 0) return;
  for (const fault of problem.misassignments) {
    const next = misassign(problem.wiring, assignment, fault);
    if (next.some((point, index) => point !== assignment[index]))
      seat(problem, next, [...faults, fault], left - 1, sets);
  }
}

/** Terminals by conductor, with the measured block of the point each sits on. */
function blocksByConductor(
  problem: SeatedProblem,
  assignment: Assignment,
): Map<number, { terminal: number; block: number }[]> {
  const byConductor = new Map<number, { terminal: number; block: number }[]>();
  for (const terminal of problem.terminals) {
    const point = assignment[terminal]!;
    if (point === null) continue;
    const { conductor } = problem.wiring.terminals[terminal]!;
    const seats = byConductor.get(conductor) ?? [];
    seats.push({ terminal, block: problem.measured[point]! });
    byConductor.set(conductor, seats);
  }
  return byConductor;
}

/** Never more than the opens and shorts that a seating really needs. */
function leastOpensAndShorts(problem: SeatedProblem, assignment: Assignment): number {
  const size = problem.wiring.points.length;
  const groups = new Groups(size + problem.wiring.conductors.length);
  let opens = 0;
  for (const [conductor, seats] of blocksByConductor(problem, assignment)) {
    const counts = new Map<number, number>();
    for (const { terminal, block } of seats) {
      counts.set(block, (counts.get(block) ?? 0) + 1);
      groups.join(assignment[terminal]!, size + conductor);
    }
    opens += seats.length - Math.max(...counts.values());
  }
  const blocks = new Set(problem.points.map((point) => groups.find(point))).size;
  for (const point of problem.points) groups.join(problem.measured[point]!, point);
  const joined = new Set(problem.points.map((point) => groups.find(point))).size;
  return opens + blocks - joined;
}

/** All sets of exactly `count` opens and shorts, none of them wasted, that turn a seating into what was measured. */
function opensAndShorts(problem: Problem, assignment: Assignment, count: number): Fault[][] {
  let choices: Set<number>[] = [new Set()];
  for (const seats of blocksByConductor(problem, assignment).values()) {
    const blocks = [...new Set(seats.map(({ block }) => block))];
    const cut = blocks.map((kept) =>
      seats.filter(({ block }) => block !== kept).map(({ terminal }) => terminal),
    );
    choices = choices
      .flatMap((open) => cut.map((terminals) => new Set([...open, ...terminals])))
      .filter((open) => open.size <= count);
  }
  return choices.flatMap((open) =>
    shortsFor(problem, assignment, open, count - open.size).map((shorts) => [
      ...[...open].map((terminal): Fault => ({ kind: 'open', terminal })),
      ...shorts.map((points): Fault => ({ kind: 'short', points })),
    ]),
  );
}

/** All ways to join the blocks that are measured as one with exactly `count` shorts, each joining two that were apart. */
function shortsFor(
  problem: Problem,
  assignment: Assignment,
  open: ReadonlySet<number>,
  count: number,
): (readonly [number, number])[][] {
  const size = problem.wiring.points.length;
  const connect = (shorts: readonly (readonly [number, number])[]) => {
    const groups = new Groups(size + problem.wiring.conductors.length);
    for (const terminal of problem.terminals) {
      const point = assignment[terminal]!;
      if (point !== null && !open.has(terminal))
        groups.join(point, size + problem.wiring.terminals[terminal]!.conductor);
    }
    for (const [a, b] of shorts) groups.join(a, b);
    return groups;
  };
  const results: (readonly [number, number])[][] = [];
  const extend = (shorts: readonly (readonly [number, number])[], from: number) => {
    const groups = connect(shorts);
    if (shorts.length === count) {
      if (problem.points.every((point) => groups.find(point) === groups.find(problem.measured[point]!)))
        results.push([...shorts]);
      return;
    }
    for (let index = from; index < problem.shorts.length; index++) {
      const [a, b] = problem.shorts[index]!;
      if (problem.measured[a] === problem.measured[b] && groups.find(a) !== groups.find(b))
        extend([...shorts, [a, b]], index + 1);
    }
  };
  extend([], 0);
  return results;
}

function pairsOf<T>(items: readonly T[]): [T, T][] {
  return items.flatMap((a, index) => items.slice(index + 1).map((b): [T, T] => [a, b]));
}

/** One of each set: swaps of a cycle can be found in more than one order. */
function distinct(sets: readonly Fault[][]): Fault[][] {
  const seen = new Map(
    sets.map((set) => [
      set
        .map((fault) => JSON.stringify(fault))
        .sort()
        .join(),
      set,
    ]),
  );
  return [...seen.values()];
}
