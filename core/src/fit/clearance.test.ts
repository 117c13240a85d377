import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { house } from '../testing/example.ts';
import type { ClearanceRule } from './clearance.ts';
import { judgeClearance } from './clearance.ts';
import { judgeDie, nearestDie } from './die.ts';
import { chooseShrink, shrinkOverlap } from './heat-shrink.ts';
import { jointImpedances, swrAtStep, swrRangeOfPiece } from './impedance.ts';

const rule = (hole: number, shaft: number): ClearanceRule => ({
  id: 'x',
  label: 'x',
  hole: { label: 'hole', value: hole, kind: 'length' },
  shaft: { label: 'shaft', value: shaft, kind: 'length' },
  free: 0.1e-3,
  loose: 1e-3,
  tooTight: 'too tight',
  tight: 'tight',
  tooLoose: 'too loose',
});

describe('one part in another', () => {
  test.each([
    [5, 5.01, 'does not fit', 'too tight'],
    [5, 5, 'tight', 'tight'],
    [5.1, 5, 'fits', ''],
    [6, 5, 'fits', ''],
    [6.01, 5, 'does not fit', 'too loose'],
    [NaN, 5, 'does not fit', 'too tight'],
  ])('%d mm over %d mm: %s', (hole, shaft, verdict, consequence) => {
    expect(judgeClearance(rule(hole * 1e-3, shaft * 1e-3))).toMatchObject({ verdict, consequence });
  });

  test('a wider hole never turns free into tight', () => {
    const order = ['does not fit', 'tight', 'fits'];
    const mm = fc.double({ min: 4.9, max: 5.9, noNaN: true });
    fc.assert(
      fc.property(mm, mm, (a, b) => {
        const [narrow, wide] = [Math.min(a, b), Math.max(a, b)].map(
          (hole) => judgeClearance(rule(hole * 1e-3, 5e-3)).verdict,
        );
        return order.indexOf(wide!) >= order.indexOf(narrow!);
      }),
    );
  });
});

describe('dies', () => {
  test('within a tenth of a millimetre is right; else what the nearest would do', () => {
    expect(judgeDie('d', 'die', 5.41e-3, [5.5e-3]).verdict).toBe('fits');
    expect(judgeDie('d', 'die', 5.41e-3, [6.48e-3]).consequence).toContain(
      'larger die leaves the crimp loose',
    );
    expect(judgeDie('d', 'die', 5.41e-3, [4.52e-3]).consequence).toContain('smaller die cuts');
    expect(judgeDie('d', 'die', 5.41e-3, []).consequence).toContain('no dies');
    expect(nearestDie(5.41e-3, house.dies)).toBe(5.41e-3);
  });
});

describe('shrink', () => {
  test('what is chosen passes the largest and grips the smallest, with a tenth to spare', () => {
    const size = fc.double({ min: 2e-3, max: 12e-3, noNaN: true });
    fc.assert(
      fc.property(size, size, fc.boolean(), (a, b, adhesive) => {
        const [smallest, largest] = [Math.min(a, b), Math.max(a, b)];
        const choice = chooseShrink(house.shrink, { largest, smallest, covered: 0.02, adhesive });
        if (!choice) return;
        expect(choice.shrink.supplied).toBeGreaterThanOrEqual(1.1 * largest);
        expect(choice.shrink.recovered).toBeLessThanOrEqual(0.9 * smallest);
        expect(choice.cutLength.value).toBeCloseTo(0.02 / (adhesive ? 0.85 : 0.9), 12);
      }),
    );
    expect(shrinkOverlap(4e-3)).toBe(6e-3);
    expect(shrinkOverlap(10e-3)).toBe(10e-3);
  });
});

describe('impedance', () => {
  test('the step is the same from either side, and a piece between makes at most its square', () => {
    expect(swrAtStep(50, 75)).toBe(swrAtStep(75, 50));
    expect(swrRangeOfPiece(35, 50).max).toBeCloseTo((50 / 35) ** 2, 12);
    const row = (impedance: number) => [
      { label: 'system', impedance: 50 },
      { label: 'end A', impedance, length: 0.035 },
      { label: 'cable', impedance: 50 },
    ];
    const [low, high] = [30e6, 500e6].map((f) => jointImpedances(row(35), f)[0]!);
    expect([low!.verdict, high!.verdict]).toEqual(['match', 'mismatch']);
    expect(low!.swr).toBeCloseTo(50 / 35, 9);
    expect(high!.swrAtHighest).toBeLessThan(swrRangeOfPiece(35, 50).max);
    // Between a system and a cable that differ, the connector hides nothing: 50 on 75 ohm is a mismatch at any length.
    const between = jointImpedances(
      [
        { label: 'system', impedance: 50 },
        { label: 'end A', impedance: 50, length: 0.03 },
        { label: 'cable', impedance: 75 },
      ],
      1e6,
    );
    expect(between.map(({ verdict }) => verdict)).toEqual(['match', 'mismatch']);
    // A quarter wave long, the piece shows the square of its step.
    expect(jointImpedances(row(35), 299792458 / 4 / 0.035)[0]!.swrAtHighest).toBeCloseTo((50 / 35) ** 2, 6);
    expect(jointImpedances([{ label: 'a', impedance: 50 }], 1e9)).toEqual([]);
  });
});
