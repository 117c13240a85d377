import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import { badJoints } from './bad-joint.ts';
import type { InjectedFault } from './injected-fault.ts';
import { placedDiagnosis, placesOnRun } from './placed-diagnosis.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import { testVirtualLead } from './virtual-lead.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);
const proofPlan = proofPlanOf(plan, house);

function found(faults: InjectedFault[]) {
  const virtual = { lead, lengths: plan.lengths, celsius: 20, faults };
  const takes = [testVirtualLead(virtual, 'Bench one', 'tester', seededRandom(3))];
  const proof = prove(proofPlan, takes);
  const joints = badJoints(proofPlan, proof, 'B');
  const other = { joints, reflected: [] };
  return { joints, places: placesOnRun(proofPlan, proof, placedDiagnosis(proofPlan, proof, takes), other) };
}

describe('bad joints', () => {
  test('a sound lead has none', () => expect(found([]).joints).toEqual([]));

  test('too much resistance: either end of its path, the one worked on last first, by how much', () => {
    const { joints, places } = found([{ kind: 'high resistance', terminal: 0, ohms: 0.4 }]);
    expect(joints).toHaveLength(1);
    expect(joints[0]!.map(({ endId }) => endId)).toEqual(['B', 'A']);
    expect(joints[0]![1]!.mendedAs).toEqual({ kind: 'open', terminal: 0 });
    expect(joints[0]![0]!.fault).toMatchObject({ kind: 'high resistance', ohms: expect.closeTo(0.4, 1) });
    expect(places).toEqual({ endIds: ['A', 'B'], parts: [] });
  });

  test('a film that leaks: between the same two contacts at either end', () => {
    const { joints } = found([{ kind: 'leak', points: [0, 1], ohms: 22e3 }]);
    expect(joints[0]!.map(({ mendedAs }) => mendedAs)).toEqual([
      { kind: 'short', points: [2, 3] },
      { kind: 'short', points: [0, 1] },
    ]);
  });

  test('what the matrix shows is left to its own explanations', () =>
    expect(found([{ kind: 'open', terminal: 0 }]).joints).toEqual([]));
});

test('a place that reflects stands on the run, once, and an end that does as its end', () => {
  const proof = prove(proofPlan, []);
  const length = plan.lengths.get('cable')!;
  const finding = (place: 'near end' | 'far end' | 'cable', part: number) => ({
    place,
    distance: part * length,
    event: {
      kind: 'lower',
      impedance: 40,
      distance: 0,
      uncertainty: 0,
      isDecided: true,
      seriesResistance: null,
      leakResistance: null,
      size: null,
    },
    uncertainty: 0.05,
    until: null,
    causes: [],
    expected: false,
  });
  const reflected = [finding('cable', 0.4), finding('cable', 0.41), finding('far end', 1)];
  const places = placesOnRun(proofPlan, proof, [], { joints: [], reflected: reflected as never });
  expect(places.endIds).toEqual(['B']);
  expect(places.parts).toHaveLength(1);
  expect(places.parts[0]).toBeCloseTo(0.4, 9);
});
