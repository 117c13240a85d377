import { describe, expect, test } from '@jest/globals';
import { house } from '../testing/example.ts';
import { gapVolume, solderFeed, solderHeat, solderLength } from './solder.ts';

const leaded = { ...house, practice: { ...house.practice, solder: 'leaded' as const } };

describe('solder to feed', () => {
  test('a 1.6 x 3.2 mm cup with 0.25 mm2 in it takes about 17 mm of 0.7 mm wire with 2.2 % flux', () => {
    const conductor = 2 * Math.sqrt(0.25e-6 / Math.PI);
    const volume = gapVolume(1.6e-3, conductor, 3.2e-3);
    expect(solderLength(volume, { diameter: 0.7e-3, fluxByMass: 0.022 }) * 1e3).toBeCloseTo(17, 0);
  });

  test('flux of 2.2 % by mass is about 13 % of the volume', () => {
    const solid = solderLength(1e-9, { diameter: 1e-3, fluxByMass: 0 });
    const cored = solderLength(1e-9, { diameter: 1e-3, fluxByMass: 0.022 });
    expect(1 - solid / cored).toBeCloseTo(0.13, 1);
    expect(solid).toBeCloseTo(1e-9 / ((Math.PI / 4) * 1e-6), 12);
  });

  test('thinner wire is fed longer, a fuller bore shorter, a full one not at all', () => {
    const feed = (inside: number, diameter: number) =>
      solderFeed([{ label: 'tip', bore: 2e-3, inside, depth: 5e-3 }], {
        ...house,
        solderWire: { diameter, fluxByMass: 0.022 },
      }).value;
    expect(feed(1e-3, 0.5e-3)).toBeCloseTo(4 * feed(1e-3, 1e-3), 9);
    expect(feed(1.5e-3, 1e-3)).toBeLessThan(feed(1e-3, 1e-3));
    expect(feed(2e-3, 1e-3)).toBe(0);
    expect(feed(3e-3, 1e-3)).toBe(0);
  });

  test('several gaps add up and each stands in the sum', () => {
    const gap = { label: 'a', bore: 2e-3, inside: 1e-3, depth: 4e-3 };
    const one = solderFeed([gap], house);
    const two = solderFeed([gap, { ...gap, label: 'b' }], house);
    expect(two.value).toBeCloseTo(2 * one.value, 12);
    expect(two.terms.filter(({ label }) => label.endsWith('bore'))).toHaveLength(2);
  });
});

describe('heat of a joint', () => {
  const pin = { length: 5e-3, outside: 2e-3 };
  const body = { length: 20e-3, outside: 14e-3 };

  test('a UHF body wants a big tip and dwells within five seconds; a pin a second or two', () => {
    const heavy = solderHeat('body', body, house);
    expect(heavy.tip).toMatch(/8 mm/);
    expect(heavy.celsius).toBe(410);
    expect(heavy.dwell.value).toBeGreaterThan(2);
    expect(heavy.dwell.value).toBeLessThanOrEqual(5.5);
    expect(solderHeat('small pin', pin, house).dwell.value).toBeLessThan(2);
  });

  test('a large body stays hot for minutes, a pin for seconds', () => {
    expect(solderHeat('body', body, house).cool.value).toBeGreaterThan(90);
    expect(solderHeat('small pin', pin, house).cool.value).toBeLessThan(60);
  });

  test('leaded solder is set thirty degrees lower', () => {
    for (const kind of ['body', 'small pin'] as const)
      expect(solderHeat(kind, body, house).celsius - solderHeat(kind, body, leaded).celsius).toBe(30);
  });

  test('more metal dwells longer and cools longer, in a warmer room less of both', () => {
    const heat = (scale: number, roomCelsius = 20) =>
      solderHeat('body', { length: body.length * scale, outside: body.outside }, { ...house, roomCelsius });
    expect(heat(1.5).dwell.value).toBeGreaterThan(heat(1).dwell.value);
    expect(heat(1.5).cool.value).toBeGreaterThan(heat(1).cool.value);
    expect(heat(1, 35).dwell.value).toBeLessThan(heat(1).dwell.value);
  });
});
