import { describe, expect, test } from '@jest/globals';
import { surfaceResistance } from '../conductor/surface.ts';
import { skinDepth, wireResistancePerMetre } from '../conductor/resistance.ts';
import { computedAttenuation, fitAttenuation, fittedAttenuation } from './attenuation.ts';
import { loadCable } from './cable.ts';
import { cableById, cables } from './catalogue/catalogue.ts';
import { flexibleCoax } from './catalogue/coax-flexible.ts';
import {
  capacitancePerMetre,
  computedImpedance,
  higherModeFrequency,
  pathResistances,
  velocityFactor,
} from './electrical.ts';

describe.each(cables.map((cable) => [cable.name, cable] as const))('%s', (_name, cable) => {
  test('impedance from construction is within 2 ohm of nominal', () => {
    expect(Math.abs(computedImpedance(cable) - cable.nominalImpedance)).toBeLessThan(2);
  });

  test('the fit holds its table within 5 % and the construction within 15 % from 100 MHz to 1 GHz', () => {
    const fit = fitAttenuation(cable.nominalAttenuation);
    expect(fit.worstError).toBeLessThan(0.05);
    for (const frequency of [100e6, 200e6, 400e6, 700e6, 1e9]) {
      const ratio = computedAttenuation(cable, frequency).total / fittedAttenuation(fit, frequency);
      expect(Math.abs(ratio - 1)).toBeLessThan(0.15);
    }
  });

  test('the parts of the loss add up and grow with frequency', () => {
    const low = computedAttenuation(cable, 100e6);
    const high = computedAttenuation(cable, 400e6);
    expect(low.conductor + low.shield + low.dielectric).toBeCloseTo(low.total, 12);
    for (const part of ['conductor', 'shield', 'dielectric'] as const)
      expect(high[part]).toBeGreaterThan(low[part]);
  });
});

describe('electrical figures', () => {
  test('published capacitance and velocity of the RG-58 class', () => {
    const cable = cableById('rg-58');
    expect(velocityFactor(cable)).toBeCloseTo(0.66, 2);
    expect(capacitancePerMetre(cable) * 1e12).toBeCloseTo(101, 0);
    expect(higherModeFrequency(cable)).toBeGreaterThan(25e9);
  });

  test('resistance: thicker shield conducts better, copper-clad steel worse, warm copper worse', () => {
    expect(pathResistances(cableById('rg-223')).shield).toBeLessThan(
      pathResistances(cableById('rg-58')).shield,
    );
    expect(pathResistances(cableById('rg-59')).centre).toBeGreaterThan(0.1);
    const rg223 = cableById('rg-223');
    expect(pathResistances(rg223, 60).centre / pathResistances(rg223, 20).centre).toBeCloseTo(
      1 + 0.00393 * 40,
      3,
    );
  });

  test('1 mm2 of copper has 17.24 mohm a metre', () => {
    expect(wireResistancePerMetre([{ metal: 'copper', thickness: Math.sqrt(1e-6 / Math.PI) }])).toBeCloseTo(
      0.017241,
      9,
    );
  });

  test('a plating thicker than its skin hides the core; a thin one does not', () => {
    const steel = { metal: 'steel', thickness: 1e-3 } as const;
    const bare = surfaceResistance([{ metal: 'copper', thickness: 1e-3 }], 100e6);
    expect(surfaceResistance([steel, { metal: 'copper', thickness: 50e-6 }], 100e6) / bare).toBeCloseTo(1, 2);
    expect(surfaceResistance([steel, { metal: 'copper', thickness: 1e-6 }], 100e6)).toBeGreaterThan(2 * bare);
    expect(skinDepth('copper', 100e6) * 1e6).toBeCloseTo(6.6, 1);
  });
});

describe('fit of published points', () => {
  test('finds the two terms again', () => {
    const truth = { k1: 1.2e-3, k2: 3e-9 };
    const points = [1e7, 1e8, 1e9].map((frequency) => ({
      frequency,
      dbPer100m: fittedAttenuation(truth, frequency),
    }));
    const fit = fitAttenuation(points);
    expect(fit.k1 / truth.k1).toBeCloseTo(1, 6);
    expect(fit.k2 / truth.k2).toBeCloseTo(1, 6);
    expect(fit.worstError).toBeLessThan(1e-9);
  });

  test('never takes a negative term', () => {
    const fit = fitAttenuation([
      { frequency: 1e7, dbPer100m: 1 },
      { frequency: 1e9, dbPer100m: 5 },
    ]);
    expect(fit.k2).toBe(0);
    expect(fit.k1).toBeGreaterThan(0);
  });

  test('refuses one point and points that are not positive', () => {
    expect(() => fitAttenuation([{ frequency: 1e8, dbPer100m: 10 }])).toThrow(/two or more/);
    expect(() =>
      fitAttenuation([
        { frequency: 1e8, dbPer100m: 0 },
        { frequency: 2e8, dbPer100m: 1 },
      ]),
    ).toThrow(/positive/);
  });
});

test('a catalogue entry that is no cable is refused', () => {
  expect(() => loadCable({ ...flexibleCoax[0]!, nominalImpedanceOhm: -50 })).toThrow();
  expect(() => cableById('string')).toThrow(/no cable "string"/);
});
