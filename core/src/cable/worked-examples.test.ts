import { describe, expect, test } from '@jest/globals';
import { cableById } from './catalogue/catalogue.ts';
import { computedAttenuation } from './attenuation.ts';
import { braidWires, shieldResistancePerMetre } from './braid.ts';
import type { CoaxCable, CoreCable } from './cable.ts';
import { resistancePerMetre, resistanceSpread } from './conductors.ts';
import { coreResistance, pairAttenuation, pairFigures } from './pair.ts';
import { conductorsOf, twistedDiameter } from './conductors.ts';
import { directCapacitance } from './core-capacitance.ts';

const mm = 1e-3;
const rg213 = cableById('rg-213') as CoaxCable;
const bare = { ...rg213, conductiveLayer: 0, foil: null, braids: [], tube: null } satisfies CoaxCable;
const within = (found: number, expected: number, part = 1e-3) =>
  expect(Math.abs(found / expected - 1)).toBeLessThan(part);

describe('shields', () => {
  const braid = {
    wireDiameter: 0.15 * mm,
    wireLayers: [{ metal: 'copper', thickness: 0.075 * mm }],
    coverage: 0.91,
    angle: Math.PI / 6,
  } as const;

  test('a braid of 91 % at 30 degrees: fill 0.7 over the middle of two wires', () => {
    // n = 2 pi (7.25 + 0.3) 0.7 cos 30 / 0.15 = 191.7
    within(braidWires(braid, 7.25 * mm), 191.72);
    // One wire: 1.7241e-8 / 1.7671e-8 m2 = 0.97565 ohm/m, longer by 1 / cos 30; 191.7 of them.
    const dielectric = { ...rg213.dielectric, diameter: 7.25 * mm };
    within(shieldResistancePerMetre({ ...bare, dielectric, braids: [braid] }), 5.876e-3);
  });

  test('a corrugated tube is longer by a quarter than a smooth one of the same wall', () => {
    const tube = { metal: 'copper', wall: 0.25 * mm, outside: 14 * mm, pitch: null } as const;
    // pi 13.75 0.25 = 10.799 mm2: 1.5965 mohm/m.
    within(shieldResistancePerMetre({ ...bare, tube: { ...tube, corrugated: false } }), 1.5965e-3);
    within(shieldResistancePerMetre({ ...bare, tube: { ...tube, corrugated: true } }), 1.9956e-3);
  });

  test('aluminium foil carries by its own resistivity', () => {
    const foil = { metal: 'aluminium', thickness: 0.06 * mm, metalThickness: 0.012 * mm } as const;
    const dielectric = { ...rg213.dielectric, diameter: 7.25 * mm };
    // On a tape of 60 um: pi 7.31 0.012 = 0.27558 mm2 over 2.82e-8.
    within(shieldResistancePerMetre({ ...bare, dielectric, foil }), 102.33e-3);
  });

  test('a braid loses about twice a tube at 100 MHz, and more above', () => {
    const shield = (frequency: number, change: Partial<CoaxCable>) =>
      computedAttenuation({ ...bare, ...change }, frequency).shield;
    const thick = [{ metal: 'copper', thickness: 1 * mm }] as const;
    const tube = {
      metal: 'copper',
      wall: 1 * mm,
      outside: 9.25 * mm,
      corrugated: false,
      pitch: null,
    } as const;
    const plain = shield(100e6, { tube });
    // The braid lies on D + 1.5 w, which takes the field; copper all through.
    const onBraid = (7.25 + 1.5 * 0.15) / 7.25;
    const loss = shield(100e6, { braids: [{ ...braid, wireLayers: thick }] });
    within((loss / plain) * onBraid, 2, 0.02);
    within(
      shield(1e9, { braids: [{ ...braid, wireLayers: thick }] }) / loss,
      Math.sqrt(10) * 10 ** 0.16,
      0.01,
    );
    within(shield(100e6, { tube: { ...tube, corrugated: true } }) / plain, 1.35, 1e-6);
  });
});

describe('resistance of the classes, milliohm a metre', () => {
  test.each([
    // 40 % conductivity: 17.241 / 0.4 / 0.1407 mm2 x 1.02 of lay; 21 %: 17.241 / 0.21 / 0.8171 mm2.
    ['rg-174', 'centre', 312, 0.02],
    ['rg-316', 'centre', 275, 0.02],
    ['rg-6', 'centre', 98, 0.03],
    // Sheets of the classes.
    ['low-loss-5', 'shield', 16, 0.05],
    ['low-loss-6', 'shield', 12.8, 0.05],
    ['low-loss-15', 'shield', 3.9, 0.05],
    ['rg-223', 'shield', 8.2, 0.05],
  ])('%s, %s: %f', (id, conductor, milliohm, part) => {
    within(resistancePerMetre(cableById(id) as CoaxCable, conductor), milliohm * 1e-3, part);
  });

  test.each([
    ['rg-223', 'centre', 0.02],
    ['rg-223', 'shield', 0.1],
    ['rg-402', 'shield', 0.02],
    ['rg-174', 'centre', 0.1],
    ['low-loss-10', 'centre', 0.1],
    ['corrugated-1/2', 'shield', 0.1],
    ['speaker-2x2.5', 'red', 0.02],
    ['mic-pair', 'shield', 0.1],
  ])('%s, %s may be above its figure by %f of it', (id, conductor, part) =>
    expect(resistanceSpread(cableById(id) as CoaxCable, conductor)).toBe(part),
  );
});

describe('pairs', () => {
  const pair = {
    ...(cableById('mic-pair') as CoreCable),
    lay: 'pair' as CoreCable['lay'],
    conductor: { area: 0.22e-6, diameter: 0.6 * mm, metal: 'copper' },
    insulation: {
      material: 'polyethylene',
      diameter: 1.4 * mm,
      effectivePermittivity: 2.25,
      lossTangent: 2e-4,
    },
    shield: null,
  } as CoreCable;

  test('a core has at most what class 5 of IEC 60228 allows; below 0.5 mm2 the same share over solid copper', () => {
    const core = (area: number, metal: CoreCable['conductor']['metal'] = 'copper') =>
      coreResistance({ ...pair, conductor: { ...pair.conductor, area: area * 1e-6, metal } });
    within(core(1.5), 13.3e-3);
    within(core(2.5), 7.98e-3);
    within(core(4), 4.95e-3);
    within(core(2.5, 'tinned copper'), 8.21e-3);
    // 39 x 0.5 / 0.22 and 40.1 x 0.5 / 0.22; between sizes 7.98 x 2.5 / 3.
    within(core(0.22), 88.636e-3);
    within(core(0.22, 'tinned copper'), 91.136e-3);
    within(core(3), 6.65e-3);
    expect(() => core(0)).toThrow(/area above 0/);
  });

  test('without a shield: 119.917 / sqrt(er) acosh(s / d)', () => {
    // s = 1.4, d = 0.96 x 0.6 = 0.576: acosh 2.43056 = 1.53717; x 79.9446
    within(pairFigures(pair).impedance, 122.79, 1e-4);
  });

  test('a star quad: opposite cores are one pole, 1 / C = (P11 + P13 - 2 P12)', () => {
    // Thin wires: 59.958 / 1.5 x ln(s / (sqrt 2 r)) = 39.972 x ln(1.4 / (1.41421 x 0.288)) = 49.35; charge crowds where they face: 2 % less.
    within(pairFigures({ ...pair, lay: 'star quad', cores: 4 }).impedance, 48.44);
  });

  // Sheets of the classes: picofarads to a metre, core to core and one core to the shield; ohm.
  test.each([
    ['mic-pair', 60, 110, 78],
    ['star-quad-mic', 94, 133, 49],
    ['lighting-1-pair', 36, 55, 120],
    ['speaker-star-quad-4x1.5', 197, null, 30],
    ['speaker-star-quad-4x2.5', 226, null, 26.5],
  ])('%s: %d pF/m between its poles', (id, between, toShield, ohms) => {
    const figures = pairFigures(cableById(id) as CoreCable);
    within(figures.coreToCore * 1e12, between, 0.04);
    if (toShield !== null) within(figures.coreToShield! * 1e12, toShield, 0.05);
    within(figures.impedance, ohms, 0.05);
  });

  test('skin effect, crowding where the cores face each other, and the insulation', () => {
    const { k1, k2 } = pairAttenuation(pair);
    // Rs at 1 Hz = sqrt(pi mu0 rho) = 2.6089e-7; loop 2 Rs 1.3 / (pi 0.6e-3) = 3.5985e-4; / (2 x 122.97) x 868.59
    within(k1, 1.2709e-3, 2e-3);
    // pi 2e-4 / (0.66667 c) x 868.59
    within(k2, 2.7306e-9, 2e-3);
  });
});

describe('tails and several pairs', () => {
  test('strands of 1 mm2 twisted by hand are 1.16 times as thick as their metal: 1.309 mm', () =>
    within(twistedDiameter(1e-6), 1.3089e-3));

  test('a drain is 7 x 0.2 mm: 0.22 mm2, 0.614 mm twisted', () => {
    const cable = cableById('install-pair') as CoreCable;
    const drain = conductorsOf(cable).find(({ kind }) => kind === 'shield')!;
    within(drain.area, 7 * (Math.PI / 4) * 0.04e-6, 2e-3);
    within(drain.diameter, 0.614e-3, 2e-3);
  });

  test('of two pairs seven tenths of a pair is straight from core to core, three by the shield; across pairs a tenth', () => {
    const cable = cableById('lighting-2-pair') as CoreCable;
    const { coreToCore } = pairFigures(cable);
    const [a, b, other] = [...conductorsOf(cable)]
      .filter(({ kind }) => kind === 'core')
      .sort((x, y) => x.pair! - y.pair!)
      .map(({ id }) => id) as [string, string, string];
    const shield = conductorsOf(cable).find(({ kind }) => kind === 'shield')!.id;
    within(directCapacitance(cable, a, b), 0.7 * coreToCore);
    within(directCapacitance(cable, a, other), 0.07 * coreToCore);
    // What a meter shows is the straight part and two shield parts in series: 0.7 + 0.6 / 2 = 1.
    within(directCapacitance(cable, a, shield), 0.6 * coreToCore);
  });
});
