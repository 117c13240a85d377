import type { Assignment, Fault } from './fault.ts';
import { misassign, numberedPoints, plannedAssignment } from './fault.ts';
import { likelierFirst } from './likelier.ts';
import { isOutOfReach, searchLocal } from './local-search.ts';
import type { Partition, Wiring } from '../wiring/wiring.ts';
import { Groups, partitionOf, samePartition } from '../wiring/wiring.ts';

/** A smallest set of mistakes that would show what was measured. */
export interface Explanation {
  readonly faults: readonly Fault[];
}

export interface Diagnosis {
  /** Explanations of the same, smallest size: ties are all listed, likelier first. */
  readonly explanations: readonly Explanation[];
  /** There are more ties than are listed. */
  readonly more: boolean;
  /** No smaller set exists: proven up to four mistakes. */
  readonly proven: boolean;
}

/** Up to here the smallest set is proven. */
export const provenFaults = 4;
const mostListed = 60;

/**
 * The smallest sets of faults that turn the planned partition into the measured one. First whole ends with their
 * numbering turned or mirrored are tried; what then still differs falls apart into groups of points that have nothing
 * to do with each other, and each is searched on its own, deepening one fault at a time.
 * `lastEndId` is the end worked on last: among ties it is the likelier place.
 */
export function diagnose(wiring: Wiring, measured: Partition, lastEndId?: string): Diagnosis {
  // With an end renumbered most seatings are far off: nothing needs to be searched to know it.
  const numberings = numberingFaults(wiring).filter(
    (numbering) =>
      !isOutOfReach(wiring, renumbered(wiring, numbering), measured, provenFaults - numbering.length),
  );
  let found: Fault[][] = [];
  for (let size = 1; size <= provenFaults && found.length === 0; size++) {
    found = numberings
      .filter((numbering) => numbering.length <= size)
      .flatMap((numbering) =>
        explainWith(wiring, numbering, measured, size).filter(
          (faults) => faults.length === size && shows(wiring, faults, measured),
        ),
      );
  }
  if (found.length === 0)
    return { explanations: [{ faults: plainExplanation(wiring, measured) }], more: false, proven: false };
  const ranked = likelierFirst(wiring, found, lastEndId);
  return {
    explanations: ranked.slice(0, mostListed).map((faults) => ({ faults })),
    more: ranked.length > mostListed,
    proven: true,
  };
}

/** Whether faults together show what was measured: a spare core may serve two groups, which were searched apart. */
function shows(wiring: Wiring, faults: readonly Fault[], measured: Partition): boolean {
  const assignment = faults.reduce<Assignment>(
    (now, fault) => misassign(wiring, now, fault),
    plannedAssignment(wiring),
  );
  const open = new Set(faults.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
  const shorts = faults.flatMap((fault) => (fault.kind === 'short' ? [fault.points] : []));
  return samePartition(partitionOf(wiring, assignment, open, shorts), measured);
}

/** Sets of ends with their numbering turned or mirrored, none first, each end at most once. */
function numberingFaults(wiring: Wiring): Fault[][] {
  const endIds = [...new Set(wiring.points.map(({ endId }) => endId))];
  const perEnd = endIds.map((endId): Fault[] => {
    const count = numberedPoints(wiring, endId).length;
    // With two contacts, turning and mirroring are the swap of two conductors, which is searched as such.
    if (count < 3) return [];
    const turns = Array.from({ length: count - 1 }, (_, index): Fault => ({
      kind: 'rotated',
      endId,
      by: index + 1,
    }));
    return [...turns, { kind: 'mirrored', endId }];
  });
  const sets = perEnd.reduce<Fault[][]>(
    (known, faults) => [
      ...known,
      ...known
        .filter((set) => set.length < provenFaults)
        .flatMap((set) => faults.map((fault) => [...set, fault])),
    ],
    [[]],
  );
  return sets.sort((a, b) => a.length - b.length);
}

/** Who sits where with these ends renumbered. */
function renumbered(wiring: Wiring, numbering: readonly Fault[]): Assignment {
  return numbering.reduce<Assignment>(
    (now, fault) => misassign(wiring, now, fault),
    plannedAssignment(wiring),
  );
}

/** Explanations with these ends renumbered and at most `size` faults in all. */
function explainWith(
  wiring: Wiring,
  numbering: readonly Fault[],
  measured: Partition,
  size: number,
): Fault[][] {
  const assignment = renumbered(wiring, numbering);
  const sets = explainRest(wiring, assignment, measured, size - numbering.length) ?? [];
  return sets.map((faults) => [...numbering, ...faults]);
}

/**
 * All smallest sets of local faults, at most `limit` in size, or undefined when there is none. Groups are searched on
 * their own; then conductors that may have moved whole from one group to another, which no group can tell by itself.
 */
function explainRest(
  wiring: Wiring,
  assignment: Assignment,
  measured: Partition,
  limit: number,
): Fault[][] | undefined {
  if (isOutOfReach(wiring, assignment, measured, limit)) return undefined;
  const groups = differingGroups(partitionOf(wiring, assignment, new Set(), []), measured);
  // Every group takes a mistake of its own; a conductor that moved whole is two mistakes for two groups.
  if (groups.length > limit) return undefined;
  const apart = explainGroups(wiring, assignment, measured, groups, limit);
  // A conductor that moved whole is two mistakes or more; leaving it open where it was and touching where it came is no more.
  if (apart && apart[0]!.length <= 2) return apart;
  let best = apart;
  for (const moved of wholeMoves(wiring, assignment, groups)) {
    const most = (best?.[0]!.length ?? limit + 1) - 1;
    if (moved.length > most) continue;
    const next = moved.reduce<Assignment>((now, fault) => misassign(wiring, now, fault), assignment);
    const rest = explainRest(wiring, next, measured, most - moved.length);
    if (rest) best = rest.map((faults) => [...moved, ...faults]);
  }
  return best;
}

function explainGroups(
  wiring: Wiring,
  assignment: Assignment,
  measured: Partition,
  groups: readonly (readonly number[])[],
  limit: number,
): Fault[][] | undefined {
  let sets: Fault[][] = [[]];
  let used = 0;
  for (const group of groups) {
    const alternatives = searchLocal(wiring, assignment, measured, group, limit - used);
    if (!alternatives) return undefined;
    used += alternatives[0]!.length;
    sets = sets.flatMap((set) => alternatives.map((more) => [...set, ...more])).slice(0, 4 * mostListed);
  }
  return sets;
}

/** Every way in which all terminals of a conductor of one group may sit on points of another, each on one of its own end. */
function wholeMoves(
  wiring: Wiring,
  assignment: Assignment,
  groups: readonly (readonly number[])[],
): Fault[][] {
  return groups.flatMap((home) =>
    wiring.conductors.flatMap((_, conductor) => {
      const terminals = wiring.terminals.flatMap((terminal, index) =>
        terminal.conductor === conductor && assignment[index] !== null ? [index] : [],
      );
      const isAtHome =
        terminals.length >= 2 && terminals.every((terminal) => home.includes(assignment[terminal]!));
      if (!isAtHome) return [];
      return groups.filter((group) => group !== home).flatMap((group) => seatings(wiring, terminals, group));
    }),
  );
}

/** All ways to seat terminals on points of a group, each at its own end. */
function seatings(wiring: Wiring, terminals: readonly number[], group: readonly number[]): Fault[][] {
  return terminals.reduce<Fault[][]>(
    (sets, terminal) =>
      sets.flatMap((set) =>
        group
          .filter((point) => wiring.points[point]!.endId === wiring.terminals[terminal]!.endId)
          .map((point): Fault[] => [...set, { kind: 'wrong contact', terminal, point }]),
      ),
    [[]],
  );
}

/** Points that hang together in what is expected or in what is measured, where the two differ. */
function differingGroups(expected: Partition, measured: Partition): number[][] {
  const groups = new Groups(expected.length);
  expected.forEach((block, point) => groups.join(point, block));
  measured.forEach((block, point) => groups.join(point, block));
  const members = new Map<number, number[]>();
  expected.forEach((_, point) =>
    members.set(groups.find(point), [...(members.get(groups.find(point)) ?? []), point]),
  );
  return [...members.values()].filter(
    (group) =>
      !samePartition(
        group.map((p) => expected[p]!),
        group.map((p) => measured[p]!),
      ),
  );
}

/** A set of opens and shorts that explains any partition, for when no set of up to four faults does. Not the smallest. */
function plainExplanation(wiring: Wiring, measured: Partition): Fault[] {
  const faults: Fault[] = [];
  const open = new Set<number>();
  wiring.conductors.forEach((_, conductor) => {
    const terminals = wiring.terminals.flatMap(({ conductor: owner, point }, index) =>
      owner === conductor && point !== null ? [{ index, point }] : [],
    );
    const kept = terminals[0] && measured[terminals[0].point];
    for (const { index, point } of terminals) {
      if (measured[point] === kept) continue;
      open.add(index);
      faults.push({ kind: 'open', terminal: index });
    }
  });
  const groups = new Groups(wiring.points.length);
  partitionOf(wiring, plannedAssignment(wiring), open, []).forEach((block, point) =>
    groups.join(point, block),
  );
  measured.forEach((block, point) => {
    if (groups.find(block) === groups.find(point)) return;
    groups.join(block, point);
    faults.push({ kind: 'short', points: [block, point] });
  });
  return faults;
}
