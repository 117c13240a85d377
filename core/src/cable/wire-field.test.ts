import { describe, expect, test } from '@jest/globals';
import { pairField } from './pair.ts';
import { wireCapacitances } from './wire-field.ts';

const vacuum = 8.8541878128e-12;
const within = (found: number, wanted: number, part = 1e-3) =>
  expect(Math.abs(found / wanted - 1)).toBeLessThan(part);

describe('the field between round conductors', () => {
  test('one wire on the axis is a coaxial line: 2 pi e / ln(R / r)', () => {
    const [[c]] = wireCapacitances([{ x: 0, y: 0, radius: 1e-3 }], 4e-3, 2.25) as [[number]];
    within(c, (2 * Math.PI * vacuum * 2.25) / Math.log(4));
  });

  test('one wire off the axis: 2 pi e / acosh((R2 + r2 - d2) / (2 R r))', () => {
    const [[c]] = wireCapacitances([{ x: 1.5e-3, y: 0, radius: 1e-3 }], 4e-3, 1) as [[number]];
    within(c, (2 * Math.PI * vacuum) / Math.acosh((16 + 1 - 2.25) / 8));
  });

  test.each([1.1, 1.5, 3])('two wires without a shield, %p diameters apart: pi e / acosh(s / d)', (apart) => {
    const { poleToPole, poleToShield } = pairField({
      lay: 'pair',
      conductorDiameter: 1e-3,
      pitch: apart * 1e-3,
      permittivity: 2.1,
      shieldInside: null,
    });
    within(poleToPole, (Math.PI * vacuum * 2.1) / Math.acosh(apart), 2e-3);
    expect(poleToShield).toBeNull();
  });

  test('what one core has to another it has back; with a shield every row still sums to what it has to that', () => {
    const { cores } = pairField({
      lay: 'star quad',
      conductorDiameter: 0.6e-3,
      pitch: 1.4e-3,
      permittivity: 1.7,
      shieldInside: 4e-3,
    });
    for (const [i, row] of cores.entries())
      for (const [j, value] of row.entries()) {
        within(value, cores[j]![i]!, 1e-6);
        if (i !== j) expect(value).toBeLessThan(0);
      }
    for (const row of cores) expect(row.reduce((sum, value) => sum + value, 0)).toBeGreaterThan(0);
    // Opposite cores are screened by the two between them.
    expect(-cores[0]![2]!).toBeLessThan(-0.3 * cores[0]![1]!);
  });
});
