import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, multiply, scale } from '../quantity/complex.ts';
import { areaFromAwg, awgFromArea } from '../quantity/gauge.ts';
import { metals, resistivityAt } from './material.ts';
import { skinDepth, wireResistancePerMetre } from './resistance.ts';
import { roundWireResistance } from './round-wire.ts';
import { surfaceResistance } from './surface.ts';

/** Bessel function of the first kind, order 0 or 1, by its power series: good for the sizes tested here. */
function besselJ(order: 0 | 1, z: Complex): Complex {
  const quarter = scale(multiply(z, z), -0.25);
  let term: Complex = order === 0 ? complex(1) : scale(z, 0.5);
  let sum = term;
  for (let k = 1; k < 120; k++) {
    term = scale(multiply(term, quarter), 1 / (k * (k + order)));
    sum = add(sum, term);
  }
  return sum;
}

/** The exact resistance of a round copper wire: real part of `k rho / (2 pi a) J0(ka) / J1(ka)`, `k = (1 - j) / depth`. */
function exactResistance(diameter: number, frequency: number): number {
  const depth = skinDepth('copper', frequency);
  const radius = diameter / 2;
  const k = complex(1 / depth, -1 / depth);
  const ratio = divide(besselJ(0, scale(k, radius)), besselJ(1, scale(k, radius)));
  return multiply(scale(k, resistivityAt('copper', 20) / (2 * Math.PI * radius)), ratio).re;
}

describe('a round wire from direct current to skin effect', () => {
  test.each([0.05, 0.3, 0.7, 1, 1.5, 2, 3, 5, 8, 12])(
    'radius of %d skin depths: within 0.5 %% of the exact solution',
    (depths) => {
      const diameter = 1e-3;
      const frequency = (skinDepth('copper', 1) / (diameter / 2 / depths)) ** 2;
      const ratio = roundWireResistance(diameter, frequency) / exactResistance(diameter, frequency);
      expect(Math.abs(ratio - 1)).toBeLessThan(0.005);
    },
  );

  test('begins at direct current, rises all the way, and ends at the surface resistance over the circumference', () => {
    const at = (frequency: number) => roundWireResistance(1e-3, frequency);
    expect(at(0)).toBeCloseTo(wireResistancePerMetre([{ metal: 'copper', thickness: 0.5e-3 }]), 12);
    expect(at(1) / at(0)).toBeCloseTo(1, 4);
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e9, noNaN: true }),
        (frequency) => at(frequency * 1.1) >= at(frequency) * 0.9999,
      ),
    );
    const surface = surfaceResistance([{ metal: 'copper', thickness: 0.5e-3 }], 1e9) / (Math.PI * 1e-3);
    expect(at(1e9) / surface).toBeCloseTo(1, 1);
  });

  test.each([
    [0, 1e3],
    [-1e-3, 1e3],
    [1e-3, -1],
    [NaN, 1],
  ])('%d m at %d Hz is refused', (diameter, frequency) => {
    expect(() => roundWireResistance(diameter, frequency)).toThrow(/diameter above 0/);
  });
});

describe('metals', () => {
  test('conduct in the known order, and worse when warm', () => {
    const order = ['silver', 'copper', 'aluminium', 'bronze', 'tin', 'steel'] as const;
    const values = order.map((metal) => metals[metal].resistivity);
    expect(values).toEqual([...values].sort((a, b) => a - b));
    for (const metal of order) expect(resistivityAt(metal, 60)).toBeGreaterThan(resistivityAt(metal, 20));
  });

  test('copper over aluminium conducts between the two, copper over steel far worse to direct current', () => {
    const clad = (core: 'aluminium' | 'steel') =>
      wireResistancePerMetre([
        { metal: core, thickness: 0.9e-3 },
        { metal: 'copper', thickness: 0.1e-3 },
      ]);
    const solid = (metal: 'aluminium' | 'copper') => wireResistancePerMetre([{ metal, thickness: 1e-3 }]);
    expect(clad('aluminium')).toBeGreaterThan(solid('copper'));
    expect(clad('aluminium')).toBeLessThan(solid('aluminium'));
    expect(clad('steel')).toBeGreaterThan(2.5 * solid('copper'));
    expect(() => wireResistancePerMetre([{ metal: 'copper', thickness: 0 }])).toThrow(
      /positive layer thickness/,
    );
    expect(() => surfaceResistance([], 1e6)).toThrow(/at least one layer/);
  });

  test('cores in parallel have the gauge of their areas together: two of 14 AWG are about 11', () => {
    expect(awgFromArea(2 * areaFromAwg(14))).toBeCloseTo(11, 0);
    expect(awgFromArea(areaFromAwg(22))).toBeCloseTo(22, 9);
  });
});
