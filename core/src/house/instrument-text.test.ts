import { describe, expect, test } from '@jest/globals';
import { coversFrequency, instrumentKinds, instrumentSchema, readersOf } from './instrument.ts';
import { newInstrument } from './new-instrument.ts';
import {
  bandText,
  insulationText,
  offText,
  parseBand,
  parseImpedance,
  parseInsulation,
  parseLeft,
  parseOff,
  readsText,
} from './instrument-text.ts';

describe('what is typed of an instrument', () => {
  test.each([
    ['0.8 % + 0.2 ohm', 'ohms', 0.008, 0.2],
    ['0,5% 1 mohm', 'ohms', 0.005, 1e-3],
    ['200 mohm', 'ohms', 0, 0.2],
    ['1 %', 'farads', 0.01, 0],
    ['1 % + 1 pF', 'farads', 0.01, 1e-12],
    ['2 % + 0.3 dB', 'loss', 0.02, 0.3],
    ['0.5 % + 20 cm', 'length', 0.005, 0.2],
  ] as const)('%s of %s', (text, of, relative, fixed) => {
    const off = parseOff(text, of)!;
    expect(off.relative).toBeCloseTo(relative, 9);
    expect(off.fixed).toBeCloseTo(fixed, 15);
    expect(parseOff(offText(off, of), of)!.fixed).toBeCloseTo(fixed, 13);
  });

  test.each(['80 % + 1 ohm', 'a bit', '1 % + much', '-1 %'])('refuses %p with what was expected', (text) =>
    expect(() => parseOff(text, 'ohms')).toThrow(/ohm/),
  );

  test('nothing typed: it does not read that', () => {
    expect([parseOff(' ', 'loss'), parseInsulation(''), parseBand('')]).toEqual([null, null, null]);
  });

  test('insulation, band, impedance, what is left of a directivity', () => {
    expect(parseInsulation('1000 V, 3 %')).toEqual({ volts: 1000, relative: 0.03, fixed: 0 });
    expect(insulationText(parseInsulation('500 V')!)).toBe('500 V, 5 %');
    expect(() => parseInsulation('5 %')).toThrow(/test voltage/);
    expect(parseBand('100 kHz to 500 MHz')).toEqual({ from: 100e3, to: 500e6 });
    expect(bandText(parseBand('up to 1 GHz')!)).toBe('up to 1 GHz');
    expect(() => parseBand('500 MHz to 1 MHz')).toThrow(/from where to where/);
    expect([parseImpedance('75 ohm'), parseLeft('35 dB')]).toEqual([75, 35]);
    expect(() => parseImpedance('open')).toThrow(/impedance/);
    expect(() => parseLeft('5')).toThrow(/10 to 60 dB/);
  });
});

describe('instruments', () => {
  test('one of every kind is a sound record, and says what it reads', () => {
    for (const kind of instrumentKinds) instrumentSchema.parse(newInstrument(kind, kind));
    expect(readsText(newInstrument('multimeter', 'm'))).toBe('ohms by two wires, ± 0.8 % + 200 mohm');
    expect(readsText(newInstrument('dummy load', 'l'))).toBe('50 ohm; return loss 30 dB; up to 500 MHz');
  });

  test('the least uncertain reads first, and a load reads nothing', () => {
    const shop = instrumentKinds.map((kind) => newInstrument(kind, kind));
    const first = (quantity: Parameters<typeof readersOf>[1]) => readersOf(shop, quantity)[0]!.kind;
    expect([first('ohms'), first('match'), first('length'), first('insulation')]).toEqual([
      'milliohm meter',
      'network analyser',
      'network analyser',
      'insulation tester',
    ]);
    expect(readersOf(shop, 'match').map(({ kind }) => kind)).toEqual([
      'network analyser',
      'antenna analyser',
    ]);
  });

  test('an analyser is used in its band only', () => {
    const analyser = newInstrument('antenna analyser', 'a');
    expect([50e3, 100e3, 500e6, 501e6].map((hertz) => coversFrequency(analyser, hertz))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});
