import { describe, expect, test } from '@jest/globals';
import { emissivity, heatShed, surfaceWhere } from './calm-air.ts';

const within = (found: number, wanted: number, part: number) =>
  expect(Math.abs(found / wanted - 1)).toBeLessThan(part);

describe('heat shed to calm air', () => {
  test('a steam pipe of 0.1 m at 165 C in a room of 23 C, emissivity 0.85: 441 W/m radiated, 325 W/m convected', () => {
    // Worked example of heat transfer textbooks: Ra = 5.073e6, Nu = 23.3, h = 0.0313 / 0.1 x 23.3 = 7.29 W/m2K; x pi 0.1 x 142.
    within(heatShed(165, 23, 0.1, 0.85) - heatShed(165, 23, 0.1, 0), 441, 0.01);
    within(heatShed(165, 23, 0.1, 0), 325, 0.01);
  });

  test('a thin line sheds more from each square metre: some 18 W/m2K at 3.6 mm and 170 K', () => {
    // Film at 105 C: viscosity 2.4e-5, Ra = 240; Nu = (0.60 + 0.387 x 2.49 / 1.206)^2 = 1.96; 0.032 x 1.96 / 3.58e-3
    const perArea = heatShed(190, 20, 3.58e-3, 0) / (Math.PI * 3.58e-3 * 170);
    within(perArea, 17.5, 0.05);
  });

  test('nothing flows to air that is as warm; a bare tube radiates less than a jacket', () => {
    expect(heatShed(40, 40, 5e-3, emissivity.jacket)).toBe(0);
    expect(heatShed(30, 40, 5e-3, emissivity.jacket)).toBe(0);
    expect(heatShed(90, 40, 5e-3, emissivity['metal tube'])).toBeLessThan(
      heatShed(90, 40, 5e-3, emissivity.jacket),
    );
  });

  test('the surface that sheds a heat is found, or the hottest where none does', () => {
    const shed = (surface: number) => heatShed(surface, 40, 5e-3, emissivity.jacket);
    expect(shed(surfaceWhere(shed, 10, 40, 400))).toBeCloseTo(10, 9);
    expect(surfaceWhere(shed, 1e6, 40, 400)).toBe(400);
  });
});
