import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { formatCapacitance, parseCapacitance } from './capacitance.ts';
import { parseForce } from './force.ts';
import { formatFrequency, parseFrequencies, parseFrequency } from './frequency.ts';
import { parseConductorArea } from './gauge.ts';
import { formatLength, parseLength, parsePositiveLength } from './length.ts';
import { formatPower, parsePower } from './power.ts';
import { QuantityError } from './quantity-error.ts';
import { formatLoad, formatResistance, parseLoad, parseResistance } from './resistance.ts';
import { formatTemperature, parseTemperature } from './temperature.ts';
import { formatInductance, parseDelay, parseInductance, parseScalar } from './scalar.ts';

const readers: Readonly<Record<string, (text: string) => unknown>> = {
  capacitance: parseCapacitance,
  force: parseForce,
  frequency: parseFrequency,
  frequencies: parseFrequencies,
  'conductor area': parseConductorArea,
  length: parseLength,
  'positive length': (text) => parsePositiveLength(text, 100),
  power: parsePower,
  resistance: parseResistance,
  load: (text) => parseLoad(text, 50),
  inductance: parseInductance,
  delay: parseDelay,
  temperature: parseTemperature,
  scalar: (text) => parseScalar(text, { min: 0, max: 10, expected: 'a number' }, 'dB'),
};

/** Text as people mistype it: digits, units, signs and strays. */
const typed = fc.oneof(
  fc.string({ maxLength: 12 }),
  fc
    .array(
      fc.constantFrom(
        '1',
        '2',
        '0',
        '.',
        ',',
        '-',
        '+',
        ' ',
        '/',
        '"',
        "'",
        'm',
        'M',
        'k',
        'G',
        'Hz',
        'mm',
        'in',
        'ft',
        'ohm',
        'dB',
        'e',
        'j',
        'x',
        'W',
        'F',
        'swr',
        'rl',
        'NaN',
        'Infinity',
        '\n',
        '²',
        'µ',
      ),
      { maxLength: 8 },
    )
    .map((parts) => parts.join('')),
);

const numbersIn = (value: unknown): number[] =>
  typeof value === 'number' ? [value] : Object.values(value as object).flatMap(numbersIn);

describe.each(Object.entries(readers))('%s', (name, read) => {
  test('whatever is typed, it is a number or a refusal that says what was expected', () => {
    fc.assert(
      fc.property(typed, (text) => {
        try {
          for (const number of numbersIn(read(text))) {
            expect(Number.isNaN(number)).toBe(false);
            if (name !== 'resistance') expect(Number.isFinite(number)).toBe(true);
          }
        } catch (error) {
          expect(error).toBeInstanceOf(QuantityError);
          expect((error as Error).message).toMatch(/expected/);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe('what is written is read again', () => {
  const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  test.each<[string, fc.Arbitrary<number>, (value: number) => string, (text: string) => number, number]>([
    ['frequency', positive(1e3, 100e9), formatFrequency, parseFrequency, 1e-5],
    ['power', positive(1e-3, 9e4), formatPower, parsePower, 1e-2],
    ['resistance', positive(1e-3, 1e9), formatResistance, parseResistance, 1e-2],
    ['capacitance', positive(1e-12, 1e-3), formatCapacitance, parseCapacitance, 1e-2],
    ['temperature', positive(5, 100), formatTemperature, parseTemperature, 2e-2],
    ['inductance', positive(1e-9, 100), formatInductance, parseInductance, 1e-2],
    [
      'length',
      positive(1e-3, 50),
      (value) => formatLength(value, { digits: 2 }).split(' (')[0]!,
      parseLength,
      1e-2,
    ],
  ])('%s', (_name, values, write, read, tolerance) => {
    fc.assert(
      fc.property(values, (value) => {
        expect(Math.abs(read(write(value)) / value - 1)).toBeLessThan(tolerance);
      }),
    );
  });
  test('a temperature is read in either scale', () => {
    expect(parseTemperature('68 °F')).toBeCloseTo(20);
    expect(parseTemperature('-5,5 C')).toBe(-5.5);
  });
  test('loads, open and short among them', () => {
    for (const text of ['50 ohm', '35+j12 ohm', '35-j12 ohm', 'open', 'short'])
      expect(formatLoad(parseLoad(text, 50))).toBe(text);
  });
});
