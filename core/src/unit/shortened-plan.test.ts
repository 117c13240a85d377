import { expect, test } from '@jest/globals';
import type { CableLeft } from './cable-left.ts';
import { planLead } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import { prove } from '../prove/proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import { shortenedPlan } from './shortened-plan.ts';
import { testVirtualLead } from '../prove/virtual-lead.ts';

const { lead, card } = exampleLead();
const planned = proofPlanOf(planLead(lead, [card], house), house);
const left = (short: number): CableLeft[] => [
  { pieceId: 'cable', allowed: 0, used: short, left: -short, tolerated: 0.017 },
];

test('what nobody asks about leaves the plan as it is', () =>
  expect(shortenedPlan(planned, left(0.01))).toBe(planned));

test('a lead that was cut back is proved by the cable that it has now', () => {
  const shortened = shortenedPlan(planned, left(0.6));
  expect(shortened.lengths.cable).toBeCloseTo(planned.lengths.cable! - 0.6, 12);
  const lengths = new Map(Object.entries(shortened.lengths));
  const virtual = { lead, lengths, celsius: 20, faults: [] };
  const readings = testVirtualLead(virtual, 'Bench one', 'tester', seededRandom(2), planned.family);
  const capacitance = (plan: typeof planned) =>
    prove(plan, [readings]).checks.find(({ id }) => id === 'capacitance')!.verdict;
  expect(capacitance(planned)).toBe('Out');
  expect(capacitance(shortened)).toBe('Good');
  expect(prove(shortened, [readings]).verdict).toBe('Good');
  expect(shortened.limits[0]!.limit.value).toBeLessThan(planned.limits[0]!.limit.value);
});
