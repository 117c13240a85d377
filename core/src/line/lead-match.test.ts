import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { coaxConnectorById } from '../connector/catalogue/catalogue.ts';
import { matchAt } from './lead-match.ts';

const tnc = coaxConnectorById('tnc-plug-50-crimp-5');
const base = {
  cable: coaxById('rg-223'),
  length: 3.36,
  near: tnc,
  far: tnc,
  systemImpedance: 50,
  load: { re: 50, im: 0 },
  inputPower: { value: 25, assumed: false },
  celsius: 20,
};

describe('a coax lead at one frequency', () => {
  test('matched: cable and connectors only, SWR near 1, power follows from the loss', () => {
    const at = matchAt(base, 162e6);
    expect(at.matchedLoss.value).toBeCloseTo(
      (at.nominalPer100m * 3.36) / 100 + 2 * 0.05 * Math.sqrt(0.162),
      9,
    );
    expect(at.additionalLossDb).toBeCloseTo(0, 2);
    expect(at.swrInput).toBeCloseTo(1, 1);
    expect(at.powerAtLoad.value).toBeCloseTo(25 * 10 ** (-at.totalLossDb / 10), 9);
  });

  test('a bad load costs more than the matched loss and looks better through the cable', () => {
    const at = matchAt({ ...base, load: { re: 150, im: 0 } }, 162e6);
    expect(at.additionalLossDb).toBeGreaterThan(0);
    expect(at.swrLoad).toBeCloseTo(3, 9);
    expect(at.swrInput).toBeLessThan(3);
  });

  test('75-ohm cable in a 50-ohm system gives 1 to 2.25 over frequency', () => {
    const rg59 = { ...base, cable: coaxById('rg-59') };
    const swr = Array.from({ length: 60 }, (_, index) => matchAt(rg59, 100e6 + index * 1e6).swrInput);
    expect(Math.max(...swr)).toBeGreaterThan(2.1);
    expect(Math.max(...swr)).toBeLessThan(2.27);
    expect(Math.min(...swr)).toBeLessThan(1.15);
  });

  test('a load that takes no power gets none', () => {
    expect(matchAt({ ...base, load: { re: 0, im: 0 } }, 162e6).powerAtLoad.value).toBe(0);
  });
});
