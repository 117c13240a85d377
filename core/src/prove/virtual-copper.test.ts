import { describe, expect, test } from '@jest/globals';
import { cableById } from '../cable/catalogue/catalogue.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { seededRandom } from '../quantity/random.ts';
import { mostCopper } from './resistance.ts';
import { drawnCopper } from './virtual-copper.ts';

const cable = (id: string) => cableById(id) as LayeredCable;
const seeds = Array.from({ length: 200 }, (_, seed) => seed + 1);
const drawn = (id: string, conductor: string, celsius = 20) =>
  seeds.map((seed) => drawnCopper(celsius, seededRandom(seed))(cable(id), conductor) * 1e3);

describe('the copper of a virtual lead', () => {
  // Milliohm a metre: sheets and IEC 60228, never the figures that limits are made of.
  test.each([
    ['rg-223', 'centre', 27.7, 0.98, 1.02],
    ['rg-174', 'centre', 312, 0.92, 1.08],
    ['rg-6', 'centre', 98, 0.92, 1.08],
    ['low-loss-5', 'shield', 16, 0.92, 1.08],
    ['speaker-2x1.5', 'red', 13.3, 0.92, 1],
    ['speaker-2x4', 'red', 4.95, 0.92, 1],
    ['mic-pair', 'white', 88.6, 0.92, 1],
  ])('%s, %s is about %f, spread from %f to %f of it', (id, conductor, sheet, least, most) => {
    const read = drawn(id, conductor).map((ohms) => ohms / sheet);
    expect(Math.min(...read)).toBeGreaterThan(least);
    expect(Math.max(...read)).toBeLessThan(most);
    expect(Math.max(...read) - Math.min(...read)).toBeGreaterThan((most - least) / 2);
  });

  test.each([
    ['rg-223', 'centre'],
    ['rg-174', 'centre'],
    ['rg-213', 'shield'],
    ['speaker-2x2.5', 'red'],
    ['mic-pair', 'shield'],
  ])(
    '%s, %s: always under its limit, and not far: with a hundredth allowed some sound lead is over',
    (id, conductor) => {
      const limit = (allowance: number) => mostCopper(20, allowance)(cable(id), conductor) * 1e3;
      const worst = Math.max(...drawn(id, conductor));
      expect(worst).toBeLessThan(limit(1.1));
      if (conductor !== 'red') expect(worst).toBeGreaterThan(limit(1.005));
    },
  );

  test('cores of one cable are alike, and copper is 15.7 % more at 60 C', () => {
    const copper = drawnCopper(20, seededRandom(7));
    expect(Math.abs(copper(cable('mic-pair'), 'white') / copper(cable('mic-pair'), 'blue') - 1)).toBeLessThan(
      0.01,
    );
    const [cold, warm] = [drawn('rg-213', 'centre')[0]!, drawn('rg-213', 'centre', 60)[0]!];
    expect(warm / cold).toBeCloseTo(1.157, 3);
  });
});
