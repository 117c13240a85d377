import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ProvedUnit } from './spread.ts';
import { spreads } from './spread.ts';

const unit = (n: number, reading: number | null | undefined, uncertainty = 0.001): ProvedUnit => ({
  unitId: `u${n}`,
  serial: `B1-${n}`,
  verdict: 'Good',
  checks: [
    {
      id: 'resistance',
      label: 'Resistance',
      verdict: 'Good',
      leftOut: false,
      detail: '',
      quantity: 'resistance',
      bound: 'at most',
      ...(reading === undefined ? {} : { reading }),
      limit: 1,
      uncertainty,
      methods: [],
    },
  ],
});
const line = (...readings: number[]) => readings.map((reading, n) => unit(n, reading));

describe('the spread over a batch', () => {
  test('marks a reading far from its likes though it is Good', () => {
    const [spread] = spreads(line(0.1, 0.101, 0.102, 0.099, 0.1, 0.15));
    expect(spread!.median).toBeCloseTo(0.1005, 6);
    expect(spread!.readings.filter(({ outlier }) => outlier).map(({ serial }) => serial)).toEqual(['B1-5']);
  });

  test('calls nothing an outlier among few, or within what the instrument errs by', () => {
    expect(spreads(line(0.1, 0.1, 0.1, 0.9))[0]!.readings.some(({ outlier }) => outlier)).toBe(false);
    const alike = [0.1, 0.1, 0.1, 0.1, 0.1, 0.104].map((reading, n) => unit(n, reading, 0.005));
    expect(spreads(alike)[0]!.readings.some(({ outlier }) => outlier)).toBe(false);
  });

  test('a golden unit is what the others are compared with', () => {
    const [spread] = spreads(line(0.1, 0.1015, 0.11), 'u0');
    expect(spread!.readings.map(({ fromGolden }) => fromGolden)).toEqual([
      undefined,
      expect.closeTo(0.0015, 9),
      expect.closeTo(0.01, 9),
    ]);
    expect(spread!.readings.map(({ unlikeGolden }) => unlikeGolden)).toEqual([false, false, true]);
  });

  test('open and unread units have no place in it; one reading is no spread', () => {
    expect(spreads([unit(1, 0.1), unit(2, null), unit(3, undefined)])).toEqual([]);
  });

  test('does not depend on the order of the units', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 5, maxLength: 12 }),
        (values) => {
          const outliers = (units: readonly ProvedUnit[]) =>
            spreads(units)[0]!
              .readings.flatMap(({ outlier, serial }) => (outlier ? [serial] : []))
              .sort();
          const units = line(...values);
          expect(outliers([...units].reverse())).toEqual(outliers(units));
        },
      ),
    );
  });
});
