import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { add, complex, divide, magnitude, multiply, squareRoot, subtract } from '../quantity/complex.ts';
import { lineProperties, propertiesTwoPort, scatteringOf } from './rlgc.ts';
import type { TwoPort } from './rlgc.ts';
import type { TwoPortData } from './two-port-data.ts';
import { chainMatrixAt, OutsideDataError, scatteringAt } from './two-port-data.ts';

const series = (...values: number[]) => ({
  re: Float64Array.from(values),
  im: Float64Array.from(values, () => 0),
});
const data: TwoPortData = {
  name: 'part.s2p',
  reference: 50,
  frequencies: Float64Array.of(1e6, 2e6, 4e6),
  parameters: [series(0, 0.1, 0.3), series(1, 0.9, 0.5), series(1, 0.9, 0.5), series(0, 0.1, 0.3)],
};

describe('measured two-ports', () => {
  test('are met at their points and straight between them', () => {
    expect(scatteringAt(data, 2e6)[0].re).toBeCloseTo(0.1, 12);
    expect(scatteringAt(data, 3e6)[1].re).toBeCloseTo(0.7, 12);
    expect(scatteringAt(data, 4e6)[3].re).toBeCloseTo(0.3, 12);
  });
  test.each([0.5e6, 4.1e6, NaN])('are not asked beyond their band: %d', (frequency) => {
    expect(() => scatteringAt(data, frequency)).toThrow(OutsideDataError);
  });
  test('the chain matrix leads back to the scattering parameters', () => {
    const { s11, s21 } = scatteringOf(chainMatrixAt(data, 3e6), 50);
    expect(s11.re).toBeCloseTo(0.2, 12);
    expect(s21.re).toBeCloseTo(0.7, 12);
  });
});

/** Two two-ports in a row: the product of their matrices. */
const row = (left: TwoPort, right: TwoPort): TwoPort => ({
  a: add(multiply(left.a, right.a), multiply(left.b, right.c)),
  b: add(multiply(left.a, right.b), multiply(left.b, right.d)),
  c: add(multiply(left.c, right.a), multiply(left.d, right.c)),
  d: add(multiply(left.c, right.b), multiply(left.d, right.d)),
});

const constants = fc.record({
  resistance: fc.double({ min: 0, max: 2, noNaN: true }),
  inductance: fc.double({ min: 1e-7, max: 1e-6, noNaN: true }),
  conductance: fc.double({ min: 0, max: 1e-4, noNaN: true }),
  capacitance: fc.double({ min: 2e-11, max: 3e-10, noNaN: true }),
});
const frequency = fc.double({ min: 100, max: 1e8, noNaN: true });

describe('a line by its constants', () => {
  test('impedance times propagation is the series impedance, and waves fall off', () => {
    fc.assert(
      fc.property(constants, frequency, (line, hertz) => {
        const { impedance, propagation } = lineProperties(line, hertz);
        const product = multiply(impedance, propagation);
        const wanted = complex(line.resistance, 2 * Math.PI * hertz * line.inductance);
        expect(magnitude(subtract(product, wanted)) / magnitude(wanted)).toBeLessThan(1e-9);
        expect(propagation.re).toBeGreaterThanOrEqual(0);
        expect(impedance.re).toBeGreaterThan(0);
      }),
    );
  });
  test('two pieces in a row are one of their length', () => {
    fc.assert(
      fc.property(
        constants,
        frequency,
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (line, hertz, length) => {
          const properties = lineProperties(line, hertz);
          const whole = propertiesTwoPort(properties, length);
          const halves = row(
            propertiesTwoPort(properties, length / 2),
            propertiesTwoPort(properties, length / 2),
          );
          expect(magnitude(subtract(divide(halves.b, whole.b), complex(1)))).toBeLessThan(1e-6);
        },
      ),
    );
  });
  test('constants that cannot be are refused', () => {
    const good = { resistance: 0.1, inductance: 7e-7, conductance: 0, capacitance: 5e-11 };
    for (const wrong of [{ resistance: -1 }, { inductance: 0 }, { capacitance: NaN }])
      expect(() => lineProperties({ ...good, ...wrong }, 1e3)).toThrow(/L, C and the frequency above 0/);
  });
  test('the root of nearly negative numbers keeps its small part', () => {
    const root = squareRoot(complex(-1, 1e-12));
    expect(root.re / 5e-13).toBeCloseTo(1, 9);
    expect(squareRoot(complex(0))).toEqual({ re: 0, im: 0 });
  });
});
