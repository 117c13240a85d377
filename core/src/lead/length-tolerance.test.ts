import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house } from '../testing/example.ts';
import { answerHold } from '../unit/advance.ts';
import { lengthTolerance } from './length-tolerance.ts';

const { lead, card } = exampleLead();
const stepOf = (change: Partial<typeof lead>) =>
  planLead({ ...lead, ...change }, [card], house).steps.find(({ role }) => role === 'finished-length');

describe('the finished length', () => {
  test('may be off by the larger of 10 mm and half a percent, unless the lead says otherwise', () => {
    expect(lengthTolerance({}, 1)).toBe(10e-3);
    expect(lengthTolerance({}, 4)).toBeCloseTo(20e-3, 12);
    expect(lengthTolerance({ lengthTolerance: 2e-3 }, 4)).toBe(2e-3);
  });

  test('is judged at Finish; slack and what was left for another try may be in it', () => {
    const { reading } = stepOf({ lengthTolerance: 5e-3 })!.hold!;
    expect(reading!.label).toBe('Finished length, asked 3.4 m');
    expect([reading!.min, reading!.max]).toEqual([expect.closeTo(3.395, 9), expect.closeTo(3.405, 9)]);
    const spare = stepOf({ lengthTolerance: 5e-3, slack: 0.03, spareTerminations: 1 })!.hold!.reading!;
    expect(spare.min).toBeCloseTo(3.395, 9);
    expect(spare.max!).toBeGreaterThan(3.405 + 0.03);
  });

  test('is not asked where phase decides, in a trench, or of a lead that came back', () => {
    expect(stepOf({ phaseMatch: { frequency: 1e9, within: 0.1 } })).toBeUndefined();
    expect(stepOf({ environment: 'buried' })).toBeUndefined();
    expect(stepOf({ fittedEndIds: [lead.ends[0]!.id] })).toBeUndefined();
  });

  test('too short is Out, and measured again', () => {
    const walk = new BenchWalk(lead, [card]);
    expect(walk.until(({ role }) => role === 'finished-length')).toBe(true);
    const step = walk.progress.current!;
    expect(answerHold(step, { reading: 3.37 })).toMatchObject({ good: false });
    expect(answerHold(step, { reading: 3.41 })).toMatchObject({ good: true });
    expect(step.hold!.rework).toMatchObject({ backTo: null, uses: 0 });
  });
});
