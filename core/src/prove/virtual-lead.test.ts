import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planLead } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import type { Fault } from './fault.ts';
import { endOfFault, misassign, plannedAssignment } from './fault.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import { networkResistance } from './network.ts';
import { testVirtualLead } from './virtual-lead.ts';
import { Groups, partitionOf, plannedPartition, samePartition } from '../wiring/wiring.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);
const wiring = leadWiring(lead);
/** Continuity, resistance and insulation alone. */
const coax = { ...proofPlanOf(plan, house), family: [] };

/** Every fault that a two-ended coax lead can have, by hand. */
const faults: Fault[] = [
  ...[0, 1, 2, 3].map((terminal): Fault => ({ kind: 'open', terminal })),
  { kind: 'short', points: [0, 1] },
  { kind: 'short', points: [2, 3] },
  { kind: 'swap', terminals: [0, 1] },
  { kind: 'swap', terminals: [2, 3] },
];

const proofOf = (injected: readonly Fault[], seed: number) => {
  const virtual = { lead, lengths: plan.lengths, celsius: 20, faults: injected };
  return prove(coax, [testVirtualLead(virtual, 'Bench one', 'tester', seededRandom(seed))]);
};

describe('the simulated tester and the diagnosis', () => {
  test.each(faults.map((fault) => [JSON.stringify(fault), fault] as const))(
    '%s is Out and among what explains it',
    (_name, fault) => {
      const proof = proofOf([fault], 5);
      expect(proof.verdict).toBe('Out');
      const listed = proof.diagnosis!.explanations.map((explanation) => explanation.faults);
      expect(listed).toContainEqual([fault]);
      expect(new Set(listed.flat().map((each) => endOfFault(proof.wiring, each)))).toEqual(
        new Set(['A', 'B']),
      );
    },
  );

  test('whatever is wrong, the diagnosis never needs more mistakes than were made, and each explanation shows the readings', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...faults), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 999 }),
        (injected, seed) => {
          const proof = proofOf(injected, seed);
          if (!proof.diagnosis) {
            expect(proof.pairs.every(({ planned, read }) => planned === read)).toBe(true);
            return;
          }
          for (const { faults: explained } of proof.diagnosis.explanations) {
            expect(explained.length).toBeLessThanOrEqual(injected.length);
            const assignment = explained.reduce(
              (now, fault) => misassign(wiring, now, fault),
              plannedAssignment(wiring),
            );
            const open = new Set(
              explained.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])),
            );
            const shorts = explained.flatMap((fault) => (fault.kind === 'short' ? [fault.points] : []));
            const partition = partitionOf(wiring, assignment, open, shorts);
            for (const { from, to, read } of proof.pairs)
              expect(partition[from] === partition[to]).toBe(read);
          }
        },
      ),
    );
  });

  test('noise never turns a sound lead down, and two seeds differ', () => {
    for (let seed = 1; seed <= 60; seed++) expect(proofOf([], seed).verdict).toBe('Good');
    const ohms = (seed: number) => proofOf([], seed).pairs.map((pair) => pair.ohms);
    expect(ohms(1)).not.toEqual(ohms(2));
  });

  test('a joint with too much resistance is Out from where the limit is passed by more than the meter can err', () => {
    const verdictWith = (extra: number) => {
      const bad = { kind: 'high resistance', terminal: 0, ohms: extra } as const;
      const virtual = { lead, lengths: plan.lengths, celsius: 20, faults: [bad] };
      return prove(coax, [testVirtualLead(virtual, 'b', 't', () => 0.5)]).verdict;
    };
    const { expected, limit } = plan.paths.find(({ from }) => from === 'A.centre')!;
    const room = limit.value - expected;
    expect(verdictWith(0)).toBe('Good');
    expect(verdictWith(room)).toBe('Not yet');
    expect(verdictWith(room + 0.005)).toBe('Out');
  });
});

describe('resistance of a network', () => {
  const ohms = fc.double({ min: 0.01, max: 1000, noNaN: true });

  test('resistors in a row add up; side by side their conductances do', () => {
    fc.assert(
      fc.property(fc.array(ohms, { minLength: 1, maxLength: 6 }), (values) => {
        const row = values.map((value, index) => ({ a: index, b: index + 1, ohms: value }));
        const sum = values.reduce((total, value) => total + value, 0);
        expect(networkResistance(row, values.length + 1, 0, values.length) / sum).toBeCloseTo(1, 9);
        const beside = values.map((value) => ({ a: 0, b: 1, ohms: value }));
        const siemens = values.reduce((total, value) => total + 1 / value, 0);
        expect(networkResistance(beside, 2, 0, 1) * siemens).toBeCloseTo(1, 9);
      }),
    );
  });

  test('it is the same from both sides, and one more resistor never raises it', () => {
    const edge = fc
      .record({ a: fc.integer({ min: 0, max: 4 }), b: fc.integer({ min: 0, max: 4 }), ohms })
      .filter(({ a, b }) => a !== b);
    fc.assert(
      fc.property(fc.array(edge, { minLength: 3, maxLength: 8 }), edge, (edges, extra) => {
        const there = networkResistance(edges, 5, 0, 4);
        const back = networkResistance(edges, 5, 4, 0);
        if (there === Infinity) expect(back).toBe(Infinity);
        else expect(back / there).toBeCloseTo(1, 6);
        expect(networkResistance([...edges, extra], 5, 0, 4)).toBeLessThanOrEqual(there * (1 + 1e-9));
      }),
    );
  });

  test('a balanced bridge carries nothing across', () => {
    const bridge = [
      { a: 0, b: 1, ohms: 10 },
      { a: 0, b: 2, ohms: 20 },
      { a: 1, b: 3, ohms: 30 },
      { a: 2, b: 3, ohms: 60 },
    ];
    const across = { a: 1, b: 2, ohms: 7 };
    expect(networkResistance([...bridge, across], 4, 0, 3)).toBeCloseTo(
      networkResistance(bridge, 4, 0, 3),
      9,
    );
  });
});

describe('wiring', () => {
  test('a coax lead has a centre and an outer at each end, and they are apart', () => {
    expect(wiring.points.map(({ id }) => id)).toEqual(['A.centre', 'A.outer', 'B.centre', 'B.outer']);
    expect(plannedPartition(wiring)).toEqual([0, 1, 0, 1]);
  });

  test('an open terminal leaves its point alone; both open is the same as one, seen from outside', () => {
    const seen = (open: number[]) => partitionOf(wiring, plannedAssignment(wiring), new Set(open), []);
    expect(seen([0])).toEqual([0, 1, 2, 1]);
    expect(samePartition(seen([0]), seen([0, 2]))).toBe(true);
  });

  test('groups keep the lowest member as their name, in whatever order they are joined', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 7 })), { maxLength: 12 }),
        (pairs) => {
          const groups = new Groups(8);
          pairs.forEach(([a, b]) => groups.join(a, b));
          for (const [a, b] of pairs) expect(groups.find(a)).toBe(groups.find(b));
          for (let member = 0; member < 8; member++) expect(groups.find(member)).toBeLessThanOrEqual(member);
        },
      ),
    );
  });

  test('turning and mirroring act on numbered contacts only, and undo themselves', () => {
    const points = ['1', '2', '3', 'shell'].map((contact) => ({
      id: contact,
      endId: 'A',
      contact,
      label: contact,
      shortLabel: '',
      isShell: contact === 'shell',
    }));
    const conductors = ['a', 'b', 'c', 'd'].map((id) => ({ id, pieceId: 'p', label: id }));
    const xlr = {
      points,
      conductors,
      terminals: conductors.map((_, conductor) => ({ conductor, endId: 'A', point: conductor })),
    };
    const planned = plannedAssignment(xlr);
    const turned = misassign(xlr, planned, { kind: 'rotated', endId: 'A', by: 1 });
    expect(turned).toEqual([1, 2, 0, 3]);
    expect(misassign(xlr, turned, { kind: 'rotated', endId: 'A', by: 2 })).toEqual(planned);
    const mirrored = misassign(xlr, planned, { kind: 'mirrored', endId: 'A' });
    expect(mirrored).toEqual([2, 1, 0, 3]);
    expect(misassign(xlr, mirrored, { kind: 'mirrored', endId: 'A' })).toEqual(planned);
  });
});
