import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { braidedSleeveById, braidedSleeves, sleeveCutLength, sleeveRange } from './braided-sleeve.ts';

const edges = 12e-3;

describe('a braided sleeve', () => {
  test('lying loose at its own diameter it covers what it measures', () => {
    const sleeve = braidedSleeveById('sleeve-10');
    expect(sleeveCutLength(sleeve, 10e-3, 2).value - edges).toBeCloseTo(2, 9);
  });

  test('fibres keep their length: thicker asks for more sleeve, thinner for less', () => {
    const sleeve = braidedSleeveById('sleeve-10');
    // At 45 degrees lying loose: on 12 mm, sin = 12/14.14 and so cos = 0.529 against 0.707.
    expect(sleeveCutLength(sleeve, 12e-3, 1).value - edges).toBeCloseTo(
      Math.SQRT1_2 / Math.sqrt(1 - (12 / (10 * Math.SQRT2)) ** 2),
      9,
    );
    expect(sleeveCutLength(sleeve, 7e-3, 1).value).toBeLessThan(sleeveCutLength(sleeve, 10e-3, 1).value);
  });

  test('within its jam angles only: beyond them it says what it takes', () => {
    for (const sleeve of braidedSleeves) {
      const { least, most } = sleeveRange(sleeve);
      expect(least).toBeLessThan(most);
      expect(() => sleeveCutLength(sleeve, most * 1.01, 1)).toThrow(/takes .* to .* mm; this is/);
      expect(() => sleeveCutLength(sleeve, least * 0.99, 1)).toThrow(RangeError);
      expect(() => sleeveCutLength(sleeve, NaN, 1)).toThrow(RangeError);
    }
    expect(() => braidedSleeveById('sleeve-11')).toThrow(/no "sleeve-11"/);
  });

  test('cut length grows with what is covered, by the same share at any length', () => {
    const sleeve = braidedSleeveById('sleeve-12');
    const { least, most } = sleeveRange(sleeve);
    fc.assert(
      fc.property(
        fc.double({ min: least, max: most, noNaN: true }),
        fc.double({ min: 0.05, max: 40, noNaN: true }),
        (bundle, covered) => {
          const cut = (length: number) => sleeveCutLength(sleeve, bundle, length).value - edges;
          expect(cut(2 * covered) / cut(covered)).toBeCloseTo(2, 9);
        },
      ),
    );
  });
});
