import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { simulateBus } from '../bus/travelling-wave.ts';
import { computedAttenuation } from '../cable/attenuation.ts';
import { cables, coaxCables } from '../cable/catalogue/catalogue.ts';
import { distributedLine } from '../speaker/distributed-line.ts';
import { speakerLoss } from '../speaker/speaker-line.ts';
import { exampleWant } from '../testing/example.ts';
import type { BudgetWant } from './budget.ts';
import { budget } from './budget.ts';
import { beadImpedance, beadMaterials, chokeAt } from './choke.ts';
import { cablePowerLimits, connectorPowerLimits, temperatureRise } from './power-rating.ts';
import { connectorSeries } from '../connector/series.ts';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const want = exampleWant;
const doing = (change: Partial<BudgetWant>) =>
  new Set(
    budget(cables, { ...want, ...change })
      .filter(({ reasons }) => reasons.length === 0)
      .map(({ cable }) => cable.id),
  );
const isWithin = (small: ReadonlySet<string>, large: ReadonlySet<string>) =>
  [...small].every((id) => large.has(id));

describe('asking more never lets more cables do', () => {
  test.each<[keyof BudgetWant, number, number]>([
    ['length', 1, 200],
    ['power', 1, 5000],
    ['swr', 1, 10],
    ['ambientCelsius', 20, 90],
    ['altitude', 0, 8000],
  ])('%s', (name, low, high) => {
    fc.assert(
      fc.property(between(low, high), between(low, high), (a, b) =>
        isWithin(doing({ [name]: Math.max(a, b) }), doing({ [name]: Math.min(a, b) })),
      ),
      { numRuns: 25 },
    );
  });
  test('a wider limit or one frequency fewer never excludes one', () => {
    fc.assert(
      fc.property(between(0.3, 10), between(1, 3), (limitDb, wider) =>
        isWithin(doing({ limitDb }), doing({ limitDb: limitDb * wider })),
      ),
      { numRuns: 25 },
    );
    expect(isWithin(doing({ frequencies: [162e6, 900e6] }), doing({ frequencies: [162e6] }))).toBe(true);
  });
});

describe('heat', () => {
  const use = { frequency: 1e8, ambientCelsius: 40, duty: 1, swr: 1, altitude: 0 };
  test.each(coaxCables.map((cable) => [cable.name, cable] as const))(
    '%s carries less at every higher frequency',
    (_name, cable) => {
      const power = [1e7, 1e8, 1e9].map(
        (frequency) => cablePowerLimits(cable, { ...use, frequency })[0]!.power,
      );
      expect(power).toEqual([...power].sort((a, b) => b - a));
      const { conductor, jacket } = temperatureRise(cable, 1e8, power[1]!, use.ambientCelsius);
      expect(conductor).toBeGreaterThan(jacket);
      expect(computedAttenuation(cable, 1e8, 70).total).toBeGreaterThan(
        computedAttenuation(cable, 1e8, 20).total,
      );
    },
  );
  test('every connector stands less with height, warmth and a standing wave', () => {
    for (const series of connectorSeries) {
      const least = (change: Partial<typeof use>) =>
        connectorPowerLimits(series, { ...use, ...change }).map(({ power }) => power);
      const [heat, volts] = least({});
      expect(least({ altitude: 3000 })[1]!).toBeLessThan(volts!);
      expect(least({ ambientCelsius: 70 })[0]!).toBeLessThan(heat!);
      expect(least({ swr: 3 }).every((power, k) => power < [heat, volts][k]!)).toBe(true);
    }
  });
});

describe('energy', () => {
  const tap = fc.record({ segmentLength: between(0, 100), power: between(0.01, 60) });
  test('what a constant-voltage line takes is what its taps get and its cable loses', () => {
    fc.assert(
      fc.property(fc.array(tap, { minLength: 1, maxLength: 12 }), between(0, 0.1), (taps, loopResistance) => {
        const {
          taps: results,
          sourcePower,
          powerLostFraction,
        } = distributedLine({ nominalVoltage: 100, loopResistance, taps });
        const got = results.reduce((sum, { power }) => sum + power, 0);
        expect(got).toBeLessThanOrEqual(sourcePower * (1 + 1e-9));
        expect(powerLostFraction).toBeGreaterThanOrEqual(-1e-9);
        const voltages = results.map(({ voltage }) => voltage);
        expect(voltages).toEqual([...voltages].sort((a, b) => b - a));
      }),
    );
  });
  test('a speaker cable never gains level, and loses the same part whatever the inductance', () => {
    fc.assert(
      fc.property(
        between(0, 200),
        between(0, 0.1),
        between(2, 16),
        between(0, 1e-6),
        (length, loopResistance, ohms, henry) => {
          const line = {
            length,
            loopResistance,
            loopInductance: henry,
            amplifierOutput: 0,
            load: { model: 'resistive', resistance: ohms } as const,
          };
          const { levelLossDb, powerLostFraction } = speakerLoss(line, 10_000);
          expect(levelLossDb).toBeGreaterThanOrEqual(-1e-9);
          expect(powerLostFraction).toBeCloseTo(
            (loopResistance * length) / (loopResistance * length + ohms),
            9,
          );
        },
      ),
    );
  });
  test('a bead is passive and never capacitive; more beads of a lossy kind reject more', () => {
    for (const material of beadMaterials) {
      const source = {
        kind: 'class',
        bead: { outside: 20e-3, bore: 10e-3, length: 25e-3 },
        material,
      } as const;
      fc.assert(
        fc.property(between(1e4, 1e9), (frequency) => {
          const { re, im } = beadImpedance(source, frequency);
          expect(re).toBeGreaterThanOrEqual(0);
          expect(im).toBeGreaterThan(0);
          const rejection = [1, 4, 9].map((beads) => chokeAt(source, beads, 100, frequency).rejectionDb);
          expect(rejection).toEqual([...rejection].sort((a, b) => a - b));
        }),
      );
    }
  });
});

describe('a bus is linear', () => {
  const network = {
    length: 80,
    cable: { impedance: 120, velocityFactor: 0.66, loopResistance: 0.16 },
    taps: [
      { at: 40, resistance: 12e3, capacitance: 1e-10 },
      { at: 80, resistance: 120, capacitance: 1e-10 },
    ],
    branches: [
      {
        at: 40,
        length: 10,
        cable: { impedance: 100, velocityFactor: 0.7, loopResistance: 0.1 },
        end: { resistance: 12e3, capacitance: 5e-11 },
      },
    ],
  };
  const ramp = (time: number) => Math.min(1, Math.max(0, time / 2e-7));
  const run = (emf: (time: number) => number) =>
    simulateBus(network, { sourceResistance: 54, emf }, 2e-6, 96).voltages;
  test('twice the drive is twice everywhere, the other sign the other, and two drives add up', () => {
    const late = (time: number) => ramp(time - 5e-7);
    const [one, twice, minus, other, both] = [
      run(ramp),
      run((time) => 2 * ramp(time)),
      run((time) => -ramp(time)),
      run(late),
      run((time) => ramp(time) + late(time)),
    ];
    one!.forEach((volts, tapNumber) =>
      volts.forEach((volt, k) => {
        expect(twice![tapNumber]![k]).toBeCloseTo(2 * volt, 10);
        expect(minus![tapNumber]![k]).toBeCloseTo(-volt, 10);
        expect(both![tapNumber]![k]).toBeCloseTo(volt + other![tapNumber]![k]!, 10);
      }),
    );
  });
});
