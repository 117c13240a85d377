import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { complex, squareRoot, multiply } from '../quantity/complex.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import { attenuationFromDbPer100m, solveLine } from './line.ts';
import { returnLossOf } from './reflection.ts';
import { sweepLoaded } from './cascade.ts';

const anyLine = fc.record({
  impedance: fc.double({ min: 20, max: 300, noNaN: true }),
  velocityFactor: fc.double({ min: 0.5, max: 1, noNaN: true }),
  attenuation: fc.double({ min: 0, max: 0.1, noNaN: true }),
  length: fc.double({ min: 0, max: 100, noNaN: true }),
});
const anyLoad = fc.record({
  re: fc.double({ min: 0.1, max: 5000, noNaN: true }),
  im: fc.double({ min: -500, max: 500, noNaN: true }),
});
const anyFrequency = fc.double({ min: 1e5, max: 1e9, noNaN: true });

describe('physics of a line', () => {
  test('total loss is never under matched loss, and SWR at the input never above SWR at the load', () => {
    fc.assert(
      fc.property(anyLine, anyLoad, anyFrequency, (line, load, frequency) => {
        const result = solveLine(line, frequency, load);
        return result.additionalLossDb >= -1e-9 && result.swrInput <= result.swrLoad * (1 + 1e-9);
      }),
    );
  });

  test('a matched line shows its own impedance and an SWR of 1, and twice the length loses twice', () => {
    fc.assert(
      fc.property(anyLine, anyFrequency, (line, frequency) => {
        const result = solveLine(line, frequency, complex(line.impedance));
        const twice = solveLine({ ...line, length: 2 * line.length }, frequency, complex(line.impedance));
        expect(result.swrInput).toBeCloseTo(1, 9);
        expect(result.inputImpedance.re).toBeCloseTo(line.impedance, 6);
        expect(twice.totalLossDb).toBeCloseTo(2 * result.totalLossDb, 9);
      }),
    );
  });

  test('it agrees with a cascade of two pieces of it', () => {
    fc.assert(
      fc.property(anyLine, anyLoad, anyFrequency, (line, load, frequency) => {
        const direct = solveLine(line, frequency, load);
        const decibels = line.attenuation * 100 * decibelsPerNeper;
        const piece = (part: number) =>
          ({ kind: 'line', ...line, length: line.length * part, loss: { perPoint: [decibels] } }) as const;
        const row = sweepLoaded(
          [piece(1 / 3), piece(2 / 3)],
          Float64Array.of(frequency),
          line.impedance,
          load,
        );
        expect(row.totalLossDb[0]).toBeCloseTo(direct.totalLossDb, 5);
        expect(row.s11Re[0]).toBeCloseTo(direct.inputReflection.re, 7);
        expect(row.s11Im[0]).toBeCloseTo(direct.inputReflection.im, 7);
      }),
    );
  });

  test('a quarter wave of 75 ohm turns 50 into 112.5 ohm', () => {
    const frequency = 100e6;
    const line = { impedance: 75, velocityFactor: 1, attenuation: 0, length: 299_792_458 / frequency / 4 };
    expect(solveLine(line, frequency, complex(50)).inputImpedance.re).toBeCloseTo(112.5, 6);
  });

  test('loss hides a bad load: 10 dB one way leaves at least 20 dB return loss', () => {
    const line = {
      impedance: 50,
      velocityFactor: 0.66,
      attenuation: attenuationFromDbPer100m(10),
      length: 100,
    };
    expect(returnLossOf(solveLine(line, 1e8, complex(0)).inputReflection)).toBeCloseTo(20, 9);
  });

  test.each([{ impedance: 0 }, { velocityFactor: 1.2 }, { attenuation: -1 }, { length: NaN }])(
    'refuses %j',
    (wrong) => {
      const line = { impedance: 50, velocityFactor: 0.66, attenuation: 0, length: 1, ...wrong };
      expect(() => solveLine(line, 1e6, complex(50))).toThrow(/line: expected/);
    },
  );
});

test('the square root is the principal one', () => {
  for (const [re, im] of [
    [3, 4],
    [-3, 4],
    [-3, -4],
    [0, -1],
  ] as const) {
    const root = squareRoot({ re, im });
    expect(root.re).toBeGreaterThanOrEqual(0);
    expect(multiply(root, root).re).toBeCloseTo(re, 12);
    expect(multiply(root, root).im).toBeCloseTo(im, 12);
  }
});
