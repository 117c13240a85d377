import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { braidMetal } from '../cable/braid.ts';
import { conductorMetal } from '../cable/electrical.ts';
import { connectors, coaxConnectors } from '../connector/catalogue/catalogue.ts';
import type { ferruleClasses } from '../connector/catalogue/ferrule-classes.ts';
import type { Connector } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { hexagonArea, judgeClosing, ringArea } from './crimp-closing.ts';

const mm = 1e-3;
const featureOf = (connector: Connector) => (name: FeatureName) => connector.features[name]!;

describe('whether a die closes', () => {
  test('worked by hand: a 5.41 mm hexagon on an RG-58 ferrule of 5.6 mm bore and 0.55 mm wall over a stem of 3.7 mm', () => {
    // 0.8660 x 5.41 ^ 2 = 25.35 mm2; pi / 4 (6.7 ^ 2 - 5.6 ^ 2) = 10.63; pi / 4 3.7 ^ 2 = 10.75.
    expect(hexagonArea(5.41 * mm) * 1e6).toBeCloseTo(25.35, 2);
    expect(ringArea(6.7 * mm, 5.6 * mm) * 1e6).toBeCloseTo(10.63, 2);
    // Braid: fill 0.776 over pi (2.95 + 0.254) makes 107 wires of 0.01267 mm2, cut at 30 degrees.
    expect(braidMetal(coaxById('rg-58')) * 1e6).toBeCloseTo(1.56, 1);
    // Nineteen strands of 0.18 mm, seven of 0.752 mm.
    expect(conductorMetal(coaxById('rg-58')) * 1e6).toBeCloseTo(0.483, 2);
    expect(conductorMetal(coaxById('rg-213')) * 1e6).toBeCloseTo(3.11, 2);
  });

  test.each([
    [0.93, 'fits', ''],
    [0.86, 'fits', ''],
    [0.8, 'tight', 'leaves room'],
    [0.7, 'does not fit', 'next smaller die'],
    [1.02, 'tight', 'more metal'],
    [1.3, 'does not fit', 'next larger die'],
  ])('filled to %f: %s', (filled, verdict, consequence) => {
    const metal = filled * hexagonArea(2 * mm);
    const check = judgeClosing({ id: 'x', label: 'x', metal, die: 2 * mm, on: 'ferrule' });
    expect(check.verdict).toBe(verdict);
    expect(check.consequence).toContain(consequence);
  });
});

describe('every crimp of the catalogue closes on what it is made for', () => {
  const made = {
    '2.5': ['rg-316', 'rg-174'],
    '5': ['rg-58', 'rg-223', 'low-loss-5'],
    '6': ['rg-59'],
    '6-50': ['rg-8x', 'low-loss-6'],
    'rg-6': ['rg-6'],
    '7-50': ['low-loss-7'],
    '10': ['rg-213'],
    '10-low-loss': ['low-loss-10'],
    '10-stranded': ['low-loss-10-stranded'],
    '13-low-loss': ['low-loss-13'],
    '15-low-loss': ['low-loss-15'],
  } as const satisfies Record<keyof typeof ferruleClasses, readonly string[]>;
  const pairs = Object.entries(made).flatMap(([size, cables]) =>
    cables.map((cable) => [size, cable] as const),
  );

  test.each(pairs)('size %s on %s', (size, cable) => {
    const named = coaxConnectors.filter(
      ({ id, ferruleDie }) =>
        ferruleDie !== null && id.endsWith(`-${size}`) && id.endsWith('rg-6') === (size === 'rg-6'),
    );
    expect(named.length).toBeGreaterThan(0);
    for (const connector of named) {
      const of = featureOf(connector);
      const ferrule =
        ringArea(of('ferruleBore') + 2 * of('ferruleWall'), of('ferruleBore')) +
        braidMetal(coaxById(cable)) +
        ringArea(of('stemOutside'), 0);
      expect(ferrule / hexagonArea(connector.ferruleDie!)).toBeGreaterThan(0.85);
      expect(ferrule / hexagonArea(connector.ferruleDie!)).toBeLessThan(1);
      if (connector.pinDie === null) continue;
      const pin = ringArea(of('pinOutside'), of('pinBore')) + conductorMetal(coaxById(cable));
      expect(pin / hexagonArea(connector.pinDie)).toBeGreaterThan(0.85);
      expect(pin / hexagonArea(connector.pinDie)).toBeLessThan(1);
    }
  });

  test.each([
    ['spade-pair-2.5', 2.5],
    ['spade-pair-6', 4],
    ['spade-pair-6', 5],
    ['spade-pair-6', 6],
    ['wire-ferrule-pair-0.34', 0.34],
    ['wire-ferrule-pair-1.5', 1.5],
    ['wire-ferrule-pair-2.5', 2.5],
    ['wire-ferrule-pair-4', 4],
  ])('%s on %f mm2', (id, area) => {
    const connector = connectors.find((each) => each.id === id)!;
    const of = featureOf(connector);
    const metal = ringArea(of('contactOutside'), of('contactBore')) + area * 1e-6;
    expect(metal / hexagonArea(connector.pinDie!)).toBeGreaterThan(0.85);
    expect(metal / hexagonArea(connector.pinDie!)).toBeLessThan(1);
  });
});
