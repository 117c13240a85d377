import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { diagnose } from './diagnosis.ts';
import type { Assignment, Fault } from './fault.ts';
import { misassign, numberedPoints, plannedAssignment } from './fault.ts';
import type { Partition, Wiring } from '../wiring/wiring.ts';
import { partitionFromPairs, partitionOf, plannedPartition, samePartition } from '../wiring/wiring.ts';

/** Ends with the given contacts; conductors run straight through between contacts of the same number. */
function straight(ends: Record<string, number>, shells: string[] = []): Wiring {
  const points = Object.entries(ends).flatMap(([endId, count]) => [
    ...Array.from({ length: count }, (_, index) => ({
      id: `${endId}${index + 1}`,
      endId,
      contact: String(index + 1),
      label: '',
      shortLabel: '',
      isShell: false,
    })),
    ...(shells.includes(endId)
      ? [{ id: `${endId}shell`, endId, contact: 'shell', label: '', shortLabel: '', isShell: true }]
      : []),
  ]);
  const count = Math.max(...Object.values(ends));
  const conductors = Array.from({ length: count }, (_, index) => ({
    id: `c${index + 1}`,
    pieceId: 'p',
    label: `core ${index + 1}`,
  }));
  const terminals = conductors.flatMap((_, conductor) =>
    Object.keys(ends).flatMap((endId) => {
      const point = points.findIndex(({ id }) => id === `${endId}${conductor + 1}`);
      return point < 0 ? [] : [{ conductor, endId, point }];
    }),
  );
  return { points, conductors, terminals };
}

/** What a wiring shows with faults in it. Seatings first, in the order given; then what is open and what touches. */
function show(wiring: Wiring, faults: readonly Fault[]): Partition {
  const assignment = faults.reduce<Assignment>(
    (now, fault) => misassign(wiring, now, fault),
    plannedAssignment(wiring),
  );
  const open = new Set(faults.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
  return partitionOf(
    wiring,
    assignment,
    open,
    faults.flatMap((fault) => (fault.kind === 'short' ? [fault.points] : [])),
  );
}

/** Every single mistake of the list in `fault.ts`, with no thought of what was measured. */
function everyFault(wiring: Wiring): Fault[] {
  const indices = wiring.terminals.map((_, index) => index);
  const pairs = <T>(items: readonly T[]) =>
    items.flatMap((a, index) => items.slice(index + 1).map((b) => [a, b] as const));
  const endIds = [...new Set(wiring.points.map(({ endId }) => endId))];
  return [
    ...indices.map((terminal): Fault => ({ kind: 'open', terminal })),
    ...pairs(wiring.points.map((_, index) => index))
      .filter(([a, b]) => wiring.points[a]!.endId === wiring.points[b]!.endId)
      .map((points): Fault => ({ kind: 'short', points })),
    ...pairs(indices)
      .filter(([a, b]) => wiring.terminals[a]!.endId === wiring.terminals[b]!.endId)
      .map((terminals): Fault => ({ kind: 'swap', terminals })),
    ...indices.flatMap((terminal) =>
      wiring.points.flatMap((point, index): Fault[] =>
        point.endId === wiring.terminals[terminal]!.endId
          ? [{ kind: 'wrong contact', terminal, point: index }]
          : [],
      ),
    ),
    ...endIds.flatMap((endId): Fault[] => {
      const count = numberedPoints(wiring, endId).length;
      return count < 3
        ? []
        : [
            { kind: 'mirrored', endId },
            ...Array.from({ length: count - 1 }, (_, by): Fault => ({ kind: 'rotated', endId, by: by + 1 })),
          ];
    }),
  ];
}

/** Brute force: the fewest faults, in any order, that show what was measured; gives up above `limit`. */
function fewestFaults(wiring: Wiring, measured: Partition, limit: number): number | undefined {
  const all = everyFault(wiring);
  let level: Fault[][] = [[]];
  for (let size = 0; size <= limit; size++) {
    if (level.some((faults) => samePartition(show(wiring, faults), measured))) return size;
    const seen = new Set<string>();
    level = level
      .flatMap((faults) => all.map((fault) => [...faults, fault]))
      .filter((faults) => {
        const assignment = faults.reduce<Assignment>(
          (now, fault) => misassign(wiring, now, fault),
          plannedAssignment(wiring),
        );
        const rest = faults
          .filter(({ kind }) => kind === 'open' || kind === 'short')
          .map((fault) => JSON.stringify(fault));
        const key = JSON.stringify([assignment, [...new Set(rest)].sort()]);
        return seen.has(key) ? false : seen.add(key);
      });
  }
  return undefined;
}

const coax = straight({ A: 2, B: 2 });
const kinds = (faults: readonly Fault[]) => faults.map(({ kind }) => kind);

describe('one mistake', () => {
  test('an open cannot be told from its other end: both are listed, the end worked on last first', () => {
    const measured = show(coax, [{ kind: 'open', terminal: 0 }]);
    const { explanations, proven } = diagnose(coax, measured, 'B');
    expect(proven).toBe(true);
    expect(explanations.map(({ faults }) => faults)).toEqual([
      [{ kind: 'open', terminal: 1 }],
      [{ kind: 'open', terminal: 0 }],
    ]);
    expect(diagnose(coax, measured, 'A').explanations[0]!.faults).toEqual([{ kind: 'open', terminal: 0 }]);
  });

  test('a short ties between both ends', () => {
    const { explanations } = diagnose(coax, show(coax, [{ kind: 'short', points: [0, 1] }]));
    expect(explanations.map(({ faults }) => kinds(faults))).toEqual([['short'], ['short']]);
  });

  test('numbering turned by one is one mistake, not several swaps', () => {
    const wiring = straight({ A: 5, B: 5 });
    const { explanations } = diagnose(wiring, show(wiring, [{ kind: 'rotated', endId: 'B', by: 1 }]));
    expect(explanations.every(({ faults }) => faults.length === 1)).toBe(true);
    expect(explanations.map(({ faults }) => faults[0])).toContainEqual({
      kind: 'rotated',
      endId: 'B',
      by: 1,
    });
  });

  test('a shell contact is a short to the shell', () => {
    const wiring = straight({ A: 3, B: 3 }, ['A']);
    const shell = wiring.points.findIndex(({ contact }) => contact === 'shell');
    const { explanations } = diagnose(wiring, show(wiring, [{ kind: 'short', points: [0, shell] }]));
    expect(explanations[0]!.faults).toEqual([{ kind: 'short', points: [0, shell] }]);
  });
});

describe('against brute force', () => {
  const wirings = [
    coax,
    straight({ A: 3, B: 3 }),
    straight({ A: 2, B: 2, C: 2 }),
    straight({ A: 3, B: 2 }),
    straight({ A: 2, B: 2 }, ['A', 'B']),
    straight({ A: 3, B: 2, C: 1 }),
  ];
  const anyCase = fc.constantFrom(...wirings).chain((wiring) =>
    fc.record({
      wiring: fc.constant(wiring),
      faults: fc.array(fc.constantFrom(...everyFault(wiring)), { minLength: 1, maxLength: 2 }),
    }),
  );

  test('leads up to six points: the smallest set is as small as brute force finds, and each explains what was measured', () => {
    fc.assert(
      fc.property(anyCase, ({ wiring, faults }) => {
        const measured = show(wiring, faults);
        if (samePartition(measured, plannedPartition(wiring))) return;
        const { explanations, proven } = diagnose(wiring, measured);
        const fewest = fewestFaults(wiring, measured, 2);
        expect(proven).toBe(true);
        for (const explanation of explanations) {
          expect(explanation.faults).toHaveLength(fewest!);
          expect(samePartition(show(wiring, explanation.faults), measured)).toBe(true);
        }
      }),
      { numRuns: 200 },
    );
  });

  test('a core on the wrong contact at both ends is found, although no contact tells where it went', () => {
    const wiring = straight({ A: 2, B: 2 }, ['A', 'B']);
    const shells = wiring.points.flatMap(({ isShell }, index) => (isShell ? [index] : []));
    const faults = wiring.terminals
      .flatMap(({ conductor }, terminal) => (conductor === 0 ? [terminal] : []))
      .map((terminal, end): Fault => ({ kind: 'wrong contact', terminal, point: shells[end]! }));
    const { explanations, proven } = diagnose(wiring, show(wiring, faults));
    expect(proven).toBe(true);
    expect(explanations.map((explanation) => explanation.faults)).toEqual([faults]);
  });

  test('three and four mistakes on larger leads are explained by no more than were made', () => {
    const wiring = straight({ A: 5, B: 5, C: 3 }, ['A']);
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.constantFrom(...everyFault(wiring).filter(({ kind }) => kind !== 'wrong contact')),
          { minLength: 3, maxLength: 3 },
        ),
        (faults) => {
          const measured = show(wiring, faults);
          const { explanations, proven } = diagnose(wiring, measured);
          expect(proven).toBe(true);
          expect(explanations[0]!.faults.length).toBeLessThanOrEqual(faults.length);
          expect(samePartition(show(wiring, explanations[0]!.faults), measured)).toBe(true);
        },
      ),
      { numRuns: 12 },
    );
  });
});

test('beyond four mistakes an explanation is still given, and is said not to be proven', () => {
  const wiring = straight({ A: 12, B: 12 });
  const faults = [0, 2, 4, 6, 8, 10].map((conductor): Fault => ({ kind: 'open', terminal: conductor * 2 }));
  const measured = show(wiring, faults);
  const { explanations, proven } = diagnose(wiring, measured);
  expect(proven).toBe(false);
  expect(samePartition(show(wiring, explanations[0]!.faults), measured)).toBe(true);
});

test('pairs that contradict each other are pointed at', () => {
  const { contradictions } = partitionFromPairs(3, (a, b) => !(a === 0 && b === 2));
  expect(contradictions).toEqual([{ a: 0, b: 2 }]);
});
