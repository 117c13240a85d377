import { describe, expect, test } from '@jest/globals';
import { formatCapacitance, parseCapacitance } from './capacitance.ts';
import { formatDecibels, formatSwr } from './decibel.ts';
import { parseForce } from './force.ts';
import { formatFrequency, parseFrequencies, parseFrequency } from './frequency.ts';
import { areaFromAwg, awgFromArea, diameterFromAwg, parseConductorArea } from './gauge.ts';
import { formatPower, parsePower } from './power.ts';
import { formatUncertain } from './prefix.ts';
import { seededRandom } from './random.ts';
import { formatLoad, formatResistance, parseLoad, parseResistance } from './resistance.ts';
import { formatMatch, parseMatch, returnLossOfSwr, swrOfReturnLoss } from './standing-wave.ts';

describe('frequency', () => {
  test.each([
    ['162.025 MHz', 162.025e6],
    ['162M', 162e6],
    ['2.4G', 2.4e9],
    ['2.4g', 2.4e9],
    ['162 mhz', 162e6],
    ['285', 285e6],
    ['50 kHz', 50e3],
    ['60 Hz', 60],
  ])('%s', (text, hertz) => expect(parseFrequency(text)).toBeCloseTo(hertz, 3));

  test.each(['', '-5 MHz', '0', '900 THz', 'fast'])('refuses "%s"', (text) =>
    expect(() => parseFrequency(text)).toThrow(/162.025 MHz/),
  );

  test('a list is sorted, each once; a decimal comma is no separator', () => {
    expect(parseFrequencies('285; 162,025 MHz, 30 MHz and 30')).toEqual([30e6, 162.025e6, 285e6]);
    expect(() => parseFrequencies('')).toThrow(/Nothing typed/);
  });

  test('a channel is written as itself', () => expect(formatFrequency(162.025e6)).toBe('162.025 MHz'));
});

describe('gauge', () => {
  test('published AWG diameters', () => {
    expect(diameterFromAwg(36)).toBeCloseTo(0.127e-3, 9);
    expect(diameterFromAwg(20) * 1e3).toBeCloseTo(0.8118, 3);
    expect(diameterFromAwg(-3) * 1e3).toBeCloseTo(11.684, 2);
  });

  test('area and gauge are each other’s inverse', () =>
    expect(awgFromArea(areaFromAwg(14))).toBeCloseTo(14, 9));

  test.each([
    ['14 AWG', 2.081e-6],
    ['2.5 mm2', 2.5e-6],
    ['2x2.5', 5e-6],
    ['1/0 AWG', 53.49e-6],
  ])('%s', (text, area) => expect(parseConductorArea(text) / area).toBeCloseTo(1, 3));

  test('refuses what is no gauge', () => expect(() => parseConductorArea('thick')).toThrow(/14 AWG/));
});

describe('resistance and load', () => {
  test.each([
    ['0.12', 0.12],
    ['12 mohm', 0.012],
    ['1.2 Mohm', 1.2e6],
    ['47 kΩ', 47e3],
    ['open', Infinity],
    ['OL', Infinity],
  ])('%s', (text, ohms) => expect(parseResistance(text)).toBeCloseTo(ohms, 9));

  test.each(['-1', '', 'x ohm'])('refuses "%s"', (text) =>
    expect(() => parseResistance(text)).toThrow(/expected a resistance/),
  );

  test.each([
    ['50', { re: 50, im: 0 }],
    ['35+j12', { re: 35, im: 12 }],
    ['35 - j12 ohm', { re: 35, im: -12 }],
    ['short', { re: 0, im: 0 }],
    ['SWR 1.5', { re: 75, im: 0 }],
    ['swr 2:1', { re: 100, im: 0 }],
  ])('load %s', (text, load) => expect(parseLoad(text, 50)).toEqual(load));

  test('an open end is written and read as a word', () =>
    expect(formatLoad(parseLoad('open', 50))).toBe('open'));
  test('what is written can be read again', () =>
    expect(parseLoad(formatLoad({ re: 35, im: -12 }), 50)).toEqual({ re: 35, im: -12 }));
  test.each(['-20', '', 'swr 0.5', '5+5'])('refuses load "%s"', (text) =>
    expect(() => parseLoad(text, 50)).toThrow(/expected/),
  );
  test('open circuits and milliohms are written', () => {
    expect(formatResistance(Infinity)).toBe('open');
    expect(formatResistance(0.0936)).toBe('93.6 mohm');
  });
});

describe('match', () => {
  // A reflection of 0.1: (1 + 0.1) / (1 - 0.1) = 1.2222 and 20 dB.
  test.each([
    ['1.2222', 20],
    ['1,5', 13.98],
    ['1.5:1', 13.98],
    ['21 dB', 21],
    ['1', 60],
  ])('%s', (text, db) => expect(parseMatch(text)).toBeCloseTo(db, 2));

  test('there and back, and as it is written', () => {
    expect(swrOfReturnLoss(returnLossOfSwr(1.7))).toBeCloseTo(1.7, 9);
    expect([swrOfReturnLoss(0), returnLossOfSwr(1)]).toEqual([Infinity, Infinity]);
    expect(formatMatch(20)).toBe('1.22 (20.0 dB)');
  });

  test.each(['0.9', '-3 dB', '70 dB', 'good'])('refuses %p', (text) =>
    expect(() => parseMatch(text)).toThrow(/a ratio such as 1\.2/),
  );
});

describe('power, capacitance, force', () => {
  test('watts and dBm', () => {
    expect(parsePower('25 W')).toBe(25);
    expect(parsePower('20 dBm')).toBeCloseTo(0.1, 9);
    expect(formatPower(0.0234)).toBe('23.4 mW');
    expect(() => parsePower('-3 W')).toThrow(/above 0/);
  });
  test('picofarads without being said', () => {
    expect(parseCapacitance('343')).toBeCloseTo(343e-12, 15);
    expect(formatCapacitance(3.43e-10)).toBe('343 pF');
  });
  test('newtons', () => {
    expect(parseForce('45 N')).toBe(45);
    expect(() => parseForce('hard')).toThrow(/newtons/);
  });
  test('decibels and SWR', () => {
    expect(formatDecibels(-0.001)).toBe('0.00 dB');
    expect(formatSwr(1.5)).toBe('1.50');
    expect(formatSwr(Infinity)).toBe('infinite');
  });
});

test('a seed repeats its numbers, and they fill the unit interval', () => {
  const draw = (seed: number) => Array.from({ length: 1000 }, seededRandom(seed));
  expect(draw(7)).toEqual(draw(7));
  expect(draw(7)).not.toEqual(draw(8));
  const mean = draw(7).reduce((sum, x) => sum + x, 0) / 1000;
  expect(mean).toBeGreaterThan(0.46);
  expect(mean).toBeLessThan(0.54);
});

describe('a reading with how far it may be off', () => {
  test.each([
    [50, 0.251, 'ohm', '50.00 ohm ± 0.25 ohm'],
    [0.0959, 0.00148, 'ohm', '95.9 mohm ± 1.5 mohm'],
    [347e-12, 4.47e-12, 'F', '347 pF ± 4 pF'],
    [49.9e9, 2.5e9, 'ohm', '49.9 Gohm ± 2.5 Gohm'],
    [999.9, 40, 'ohm', '1.00 kohm ± 0.04 kohm'],
    [12.3, 37, 'ohm', '10 ohm ± 40 ohm'],
  ])('%p ± %p %s goes to the same place', (value, uncertainty, unit, written) => {
    expect(formatUncertain(value, uncertainty, unit)).toBe(written);
  });
});
