import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { coaxById, coaxCables } from '../cable/catalogue/catalogue.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { house, now } from '../testing/example.ts';
import type { ClearanceRule } from './clearance.ts';
import { judgeClearance } from './clearance.ts';
import { judgeDie, nearestDie } from './die.ts';
import { chooseShrink, shrinkOverlap } from './heat-shrink.ts';
import { jointImpedances, swrAtStep, swrRangeOfPiece } from './impedance.ts';
import { fitPinAndFerrule, takesCrimpFerrule } from './pin-and-ferrule.ts';

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
    expect(jointImpedances([{ label: 'a', impedance: 50 }])).toEqual([]);
  });
});

describe('what a ferrule can be crimped on', () => {
  test('braid, not tube; and on every braided coax each part is judged', () => {
    expect(takesCrimpFerrule(coaxById('rg-402'))).toBe(false);
    expect(takesCrimpFerrule(coaxById('low-loss-5'))).toBe(true);
    const connector = connectorById('tnc-plug-50-crimp-5');
    for (const cable of coaxCables.filter(takesCrimpFerrule)) {
      const checks = fitPinAndFerrule(
        cable,
        connector,
        nominalGaugeCard(connector, 'card', 'bag', now),
        house,
      );
      expect(checks.map(({ id }) => id)).toEqual([
        'entry',
        'ferrule',
        'ferrule-length',
        'dielectric',
        'conductor',
        'ferrule-die',
        'pin-die',
      ]);
    }
  });
  test('a cable twice as thick does not go in', () => {
    const connector = connectorById('tnc-plug-50-crimp-5');
    const checks = fitPinAndFerrule(
      coaxById('rg-213'),
      connector,
      nominalGaugeCard(connector, 'c', 'b', now),
      house,
    );
    expect(checks.filter(({ verdict }) => verdict === 'does not fit').map(({ id }) => id)).toEqual(
      expect.arrayContaining(['entry', 'dielectric', 'conductor']),
    );
  });
});
