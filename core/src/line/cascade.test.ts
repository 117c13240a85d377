import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sweepCurves, worstInBand } from './band.ts';
import type { CascadeElement } from './cascade.ts';
import { CascadeError, frequencyGrid, sweepCascade, sweepLoaded } from './cascade.ts';
import { chainNetwork, reversedCascade } from './chain-network.ts';
import { contributions } from './contribution.ts';
import { add, divide, exponential, multiply, subtract } from '../quantity/complex.ts';
import { attenuationFromDbPer100m } from './line.ts';
import { twoPortOf } from './network.ts';

const line = (impedance: number, length: number, k1 = 1.6e-3): CascadeElement => ({
  kind: 'line',
  impedance,
  velocityFactor: 0.66,
  length,
  loss: { k1, k2: 0 },
});

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyElement: fc.Arbitrary<CascadeElement> = fc.oneof(
  fc
    .record({ z: between(20, 150), l: between(0, 20), k1: between(0, 5e-3) })
    .map(({ z, l, k1 }) => line(z, l, k1)),
  between(0, 200).map((resistance) => ({ kind: 'series resistor', resistance }) as const),
  between(0, 1e-7).map((inductance) => ({ kind: 'series inductor', inductance }) as const),
  between(1e-13, 1e-9).map((capacitance) => ({ kind: 'series capacitor', capacitance }) as const),
  between(0, 1e-10).map((capacitance) => ({ kind: 'shunt capacitor', capacitance }) as const),
  between(1, 1e5).map((resistance) => ({ kind: 'shunt resistor', resistance }) as const),
  between(1e-9, 1e-5).map((inductance) => ({ kind: 'shunt inductor', inductance }) as const),
);
const anyCascade = fc.array(anyElement, { minLength: 1, maxLength: 8 });
const grid = frequencyGrid(1e6, 900e6, 67);
const power = (re: Float64Array, im: Float64Array, n: number) => re[n]! ** 2 + im[n]! ** 2;

describe('physics of a cascade', () => {
  test('a passive cascade gives back no more than it takes', () => {
    fc.assert(
      fc.property(anyCascade, (elements) => {
        const { s11Re, s11Im, s21Re, s21Im } = sweepCascade(elements, grid, 50);
        return grid.every((_frequency, n) => power(s11Re, s11Im, n) + power(s21Re, s21Im, n) <= 1 + 1e-9);
      }),
    );
  });

  test('reversed, it passes the same; without loss it reflects as much from either end', () => {
    fc.assert(
      fc.property(anyCascade, (elements) => {
        const there = sweepCascade(elements, grid, 50);
        const back = sweepCascade(reversedCascade(elements), grid, 50);
        for (let n = 0; n < grid.length; n++) {
          expect(back.s21Re[n]).toBeCloseTo(there.s21Re[n]!, 8);
          expect(back.s21Im[n]).toBeCloseTo(there.s21Im[n]!, 8);
        }
      }),
    );
  });

  test('a line matched to its ports reflects what its skin leaves it, less the higher the frequency; twice the length loses twice', () => {
    fc.assert(
      fc.property(between(20, 150), between(0.01, 50), (impedance, length) => {
        const once = sweepCurves(sweepCascade([line(impedance, length)], grid, impedance));
        const twice = sweepCurves(sweepCascade([line(impedance, 2 * length)], grid, impedance));
        for (let n = 0; n < grid.length; n++) {
          // The line's own impedance is off by a sqrt f v / w: both faces together reflect no more.
          const off = ((1.6e-3 / 868.589) * 0.66 * 299_792_458) / (2 * Math.PI * Math.sqrt(grid[n]!));
          expect(10 ** (-once.returnLossDb[n]! / 20)).toBeLessThan(Math.SQRT2 * off);
          expect(Math.abs(twice.insertionLossDb[n]! - 2 * once.insertionLossDb[n]!)).toBeLessThan(
            18 * off ** 2,
          );
        }
      }),
    );
  });

  test('one line with a load is what its own impedance and propagation make of it', () => {
    fc.assert(
      fc.property(
        between(20, 150),
        between(0.1, 60),
        between(1, 500),
        between(-200, 200),
        (z, length, re, im) => {
          const loaded = sweepLoaded([line(z, length)], grid, z, { re, im });
          [0, 33, 66].forEach((n) => {
            const ideal = (2 * Math.PI * grid[n]!) / (0.66 * 299_792_458);
            const skin = attenuationFromDbPer100m(1.6e-3 * Math.sqrt(grid[n]!));
            const own = { re: z * (1 + skin / ideal), im: (-z * skin) / ideal };
            const atLoad = divide(subtract({ re, im }, own), add({ re, im }, own));
            const back = multiply(
              atLoad,
              exponential({ re: -2 * skin * length, im: -2 * (ideal + skin) * length }),
            );
            const input = multiply(
              own,
              divide(add({ re: 1, im: 0 }, back), subtract({ re: 1, im: 0 }, back)),
            );
            const seen = divide(subtract(input, { re: z, im: 0 }), add(input, { re: z, im: 0 }));
            expect(loaded.s11Re[n]).toBeCloseTo(seen.re, 7);
            expect(loaded.s11Im[n]).toBeCloseTo(seen.im, 7);
          });
        },
      ),
    );
  });

  test('open and short reflect all that a line without loss is given', () => {
    for (const re of [0, Infinity]) {
      const { s11Re, s11Im, totalLossDb } = sweepLoaded([line(50, 3, 0)], grid, 50, { re, im: 0 });
      expect(Math.hypot(s11Re[20]!, s11Im[20]!)).toBeCloseTo(1, 9);
      expect(totalLossDb[20]).toBe(Infinity);
    }
  });

  test('written out as a two-port and put back in, it is the same', () => {
    const elements = [line(50, 2), line(75, 0.3), { kind: 'shunt capacitor', capacitance: 2e-12 } as const];
    const data = twoPortOf(chainNetwork(elements, grid, 75), 'chain');
    const direct = sweepCascade([line(60, 1), ...elements], grid, 50);
    const through = sweepCascade([line(60, 1), { kind: 'two-port', data }], grid, 50);
    for (let n = 0; n < grid.length; n++) {
      expect(through.s11Re[n]).toBeCloseTo(direct.s11Re[n]!, 9);
      expect(through.s21Im[n]).toBeCloseTo(direct.s21Im[n]!, 9);
    }
    expect(() => sweepCascade([{ kind: 'two-port', data }], frequencyGrid(1e6, 2e9, 11), 50)).toThrow(
      /covers 1 to 900 MHz; asked for 1001|asked for/,
    );
  });
});

describe('what a band shows', () => {
  test('group delay of a line is its length over its speed', () => {
    const grid = frequencyGrid(100e6, 200e6, 501);
    const delay = 10 / (0.66 * 299_792_458);
    const without = sweepCurves(sweepCascade([line(50, 10, 0)], grid, 50));
    for (const value of without.groupDelay) expect(value / delay).toBeCloseTo(1, 6);
    // Skin adds a phase of as many radian as it takes neper: its slope is that over twice the turn.
    const lossy = sweepCurves(sweepCascade([line(50, 10)], grid, 50));
    const added = (attenuationFromDbPer100m(1.6e-3 * Math.sqrt(150e6)) * 10) / (4 * Math.PI * 150e6);
    expect((lossy.groupDelay[250]! - delay) / added).toBeCloseTo(1, 1);
  });

  test('a 75-ohm quarter wave in 50 ohm is worst where it turns 50 into 112.5', () => {
    const quarter = (0.66 * 299_792_458) / 100e6 / 4;
    const curves = sweepCurves(sweepCascade([line(75, quarter, 0)], frequencyGrid(50e6, 150e6, 1001), 50));
    const worst = worstInBand(curves, 60e6, 140e6)!;
    expect(worst.returnLoss.frequency / 1e6).toBeCloseTo(100, 0);
    expect(worst.returnLoss.value).toBeCloseTo(-20 * Math.log10((112.5 - 50) / (112.5 + 50)), 2);
    expect(worstInBand(curves, 1e9, 2e9)).toBeUndefined();
  });

  test('the element that costs most is found, for loss and for match', () => {
    const row = [
      line(50, 1),
      line(35, 0.028, 0),
      line(50, 40),
      { kind: 'series resistor', resistance: 1 } as const,
    ];
    const found = contributions(row, grid, 50);
    const most = <T>(of: (each: (typeof found)[number]) => number) =>
      found.reduce((best, each) => (of(each) > of(best) ? each : best)).index as T;
    expect(most((each) => each.lossDb)).toBe(2);
    expect(most((each) => -each.returnLossDb)).toBe(1);
    const sum = found.reduce((total, { lossDb }) => total + lossDb, 0);
    const whole = sweepCurves(sweepCascade(row, grid, 50)).insertionLossDb.at(-1)!;
    expect(Math.abs(sum - whole)).toBeLessThan(0.3);
  });
});

describe('refused', () => {
  test.each([
    ['a band upside down', () => frequencyGrid(2e6, 1e6, 11), /found 2000000 to 1000000/],
    ['a band from nothing', () => frequencyGrid(0, 1e6, 11), /above 0 Hz/],
    ['too many points', () => frequencyGrid(1, 2, 20_002), /2 to 20001 points/],
    ['half a point', () => frequencyGrid(1, 2, 2.5), /found 2.5/],
    [
      'a negative part',
      () => sweepCascade([{ kind: 'series resistor', resistance: -1 }], grid, 50),
      /passive/,
    ],
    ['NaN', () => sweepCascade([line(NaN, 1)], grid, 50), /impedance above 0/],
    ['gain', () => sweepCascade([line(50, 1, -1)], grid, 50), /loss of 0 or more/],
    [
      'a shunt short',
      () => sweepCascade([{ kind: 'shunt resistor', resistance: 0 }], grid, 50),
      /nothing passes/,
    ],
    ['a reference of 0', () => sweepCascade([], grid, 0), /reference/],
    ['a generating load', () => sweepLoaded([], grid, 50, { re: -5, im: 0 }), /0 or more; found -5/],
    [
      'losses that do not match the grid',
      () =>
        sweepCascade(
          [{ kind: 'line', impedance: 50, velocityFactor: 1, length: 1, loss: { perPoint: [1] } }],
          grid,
          50,
        ),
      /one loss for each of 67/,
    ],
  ])('%s', (_name, work, message) => {
    expect(work).toThrow(CascadeError);
    expect(work).toThrow(message);
  });
});
