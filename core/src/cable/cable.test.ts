import { describe, expect, test } from '@jest/globals';
import { surfaceResistance } from '../conductor/surface.ts';
import { skinDepth, wireResistancePerMetre } from '../conductor/resistance.ts';
import { computedAttenuation, fitAttenuation, fittedAttenuation } from './attenuation.ts';
import { bendRadius, massPerMetre, shieldingDb } from './body.ts';
import { loadCable } from './cable.ts';
import { cableById, cables, coaxById, coaxCables } from './catalogue/catalogue.ts';
import type { CoaxCable, CoreCable } from './cable.ts';
import { flexibleCoax } from './catalogue/coax-flexible.ts';
import {
  capacitancePerMetre,
  computedImpedance,
  higherModeFrequency,
  inductancePerMetre,
  pathResistances,
  velocityFactor,
} from './electrical.ts';
import { lineFigures } from './line-figures.ts';
import { pairFigures } from './pair.ts';

describe.each(coaxCables.map((cable) => [cable.name, cable] as const))('%s', (_name, cable) => {
  test('impedance from construction is within 2 ohm of nominal', () => {
    expect(Math.abs(computedImpedance(cable) - cable.nominalImpedance)).toBeLessThan(2);
  });

  test('the fit holds its table within 5 % and the construction within 15 % from 100 MHz to 1 GHz', () => {
    const fit = fitAttenuation(cable.nominalAttenuation);
    expect(fit.worstError).toBeLessThan(0.05);
    // Audio coax has no published table; its figures are for capacitance.
    if (cable.family === 'unbalanced audio') return;
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

describe('the catalogue', () => {
  test('has every family, at least thirty cables, and a source for each', () => {
    expect(cables.length).toBeGreaterThanOrEqual(30);
    expect(new Set(cables.map(({ id }) => id)).size).toBe(cables.length);
    expect(new Set(cables.map(({ family }) => family)).size).toBe(10);
    for (const { source } of cables) expect(source.length).toBeGreaterThan(10);
  });

  test('thicker cable of one kind loses less, weighs more and bends wider', () => {
    const row = ['low-loss-5', 'low-loss-6', 'low-loss-10', 'low-loss-13', 'low-loss-15'].map(coaxById);
    const rising = (values: readonly number[]) => expect(values).toEqual([...values].sort((a, b) => a - b));
    rising(row.map((cable) => -lineFigures(cable).fit.k1));
    rising(row.map((cable) => massPerMetre(cable)!));
    rising(row.map((cable) => bendRadius(cable)!.once));
  });

  test.each([
    ['rg-58', 3.8],
    ['rg-213', 15.5],
    ['corrugated-7/8', 50],
    ['speaker-2x2.5', 9],
  ])('%s weighs about %d kg a hundred metres', (id, kilograms) => {
    expect((massPerMetre(cableById(id))! * 100) / kilograms).toBeCloseTo(1, 0);
  });

  test('shields: tube over foil over double braid over single', () => {
    const order = ['rg-402', 'low-loss-10', 'rg-223', 'rg-58'].map((id) => shieldingDb(coaxById(id)));
    expect(order).toEqual([...order].sort((a, b) => b - a));
  });

  test('the loss law of copper-clad steel begins where the copper is thick enough', () => {
    expect(lineFigures(coaxById('rg-174')).lossFrom.frequency / 1e6).toBeCloseTo(44.9, 0);
    expect(lineFigures(coaxById('rg-59')).lossFrom.reason).toContain('steel');
    expect(lineFigures(coaxById('rg-213')).lossFrom.frequency).toBeLessThanOrEqual(1e6);
  });
});

describe('pairs', () => {
  test('a lighting pair has 120 ohm and half the loss of half the length', () => {
    const cable = cableById('lighting-1-pair') as CoreCable;
    expect(Math.abs(pairFigures(cable).impedance / 120 - 1)).toBeLessThan(0.05);
    expect(pairFigures(cable).coreToCore * 1e12).toBeCloseTo(35, -1);
  });

  test('a speaker pair: 2.5 mm2 is at most 16 mohm a metre out and back, a star quad half', () => {
    const pair = pairFigures(cableById('speaker-2x2.5') as CoreCable);
    expect(pair.loopResistance * 1e3).toBeCloseTo(15.96, 2);
    const quad = pairFigures(cableById('speaker-star-quad-4x2.5') as CoreCable);
    expect(quad.loopResistance).toBeCloseTo(pair.loopResistance / 2, 9);
    expect(quad.impedance).toBeLessThan(pair.impedance);
  });

  test('a wide-open shield leaves the pair as if it had none', () => {
    const shielded = cableById('mic-pair') as CoreCable;
    const wide = { ...shielded, shield: { kind: 'braid', inside: 1 } } as const;
    const bare = { ...shielded, shield: null };
    expect(pairFigures(wide).impedance / pairFigures(bare).impedance).toBeCloseTo(1, 0);
    expect(pairFigures(shielded).impedance).toBeLessThan(pairFigures(wide).impedance);
  });
});

describe('electrical figures', () => {
  test('published capacitance and velocity of the RG-58 class', () => {
    const cable = coaxById('rg-58');
    expect(velocityFactor(cable)).toBeCloseTo(0.66, 2);
    expect(capacitancePerMetre(cable) * 1e12).toBeCloseTo(101, 0);
    expect(inductancePerMetre(cable) * 1e9).toBeCloseTo(252, 0);
    expect(Math.sqrt(inductancePerMetre(cable) / capacitancePerMetre(cable))).toBeCloseTo(50, 9);
    expect(higherModeFrequency(cable)).toBeGreaterThan(25e9);
  });

  test('resistance: thicker shield conducts better, copper-clad steel worse, warm copper worse', () => {
    expect(pathResistances(coaxById('rg-223')).shield).toBeLessThan(
      pathResistances(coaxById('rg-58')).shield,
    );
    expect(pathResistances(coaxById('rg-59')).centre).toBeGreaterThan(0.1);
    const rg223 = coaxById('rg-223');
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
  expect(() => coaxById('string')).toThrow(/no cable "string"/);
});

describe('trunk with fused discs', () => {
  const [foam, disc] = ['trunk-13', 'trunk-13-disc'].map((id) => coaxById(id)) as [CoaxCable, CoaxCable];

  test('is the same tube with a thicker conductor, more air and less loss, and still 75 ohm', () => {
    expect(disc.tube).toEqual(foam.tube);
    expect(disc.conductor.diameter).toBeGreaterThan(foam.conductor.diameter);
    expect(velocityFactor(disc)).toBeGreaterThan(velocityFactor(foam));
    expect(Math.abs(computedImpedance(disc) - 75)).toBeLessThan(2);
    for (const [index, { frequency, dbPer100m }] of disc.nominalAttenuation.entries()) {
      expect(frequency).toBe(foam.nominalAttenuation[index]!.frequency);
      expect(dbPer100m).toBeLessThan(foam.nominalAttenuation[index]!.dbPer100m);
    }
  });
});
