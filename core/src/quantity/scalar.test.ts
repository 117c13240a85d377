import { describe, expect, test } from '@jest/globals';
import { writeCsv } from '../file/csv.ts';
import { appendNumbers } from '../file/numbers.ts';
import { QuantityError } from './quantity-error.ts';
import { parseLoad } from './resistance.ts';
import {
  formatInductance,
  formatTime,
  parseCount,
  parseDelay,
  parseInductance,
  parseScalar,
} from './scalar.ts';

const swr = { min: 1, max: 100, expected: 'an SWR, 1 to 100' };

describe('plain figures', () => {
  test.each([
    [() => parseScalar('1,5', swr), 1.5],
    [() => parseScalar('3 dB', { min: 0, max: 9, expected: '' }, 'dB'), 3],
    [() => parseCount('12', { min: 1, max: 99, expected: '' }), 12],
    [() => parseInductance('3.4 H'), 3.4],
    [() => parseInductance('2 nH') * 1e9, 2],
    [() => parseDelay('16.42') * 1e9, 16.42],
    [() => parseDelay('350 ps') * 1e12, 350],
  ])('%# is read', (work, value) => expect(work()).toBeCloseTo(value, 9));

  test.each([
    [() => parseScalar('0.9', swr), /an SWR, 1 to 100/],
    [() => parseScalar('', swr), /an SWR/],
    [() => parseScalar('NaN', swr), /an SWR/],
    [() => parseCount('2.5', { min: 1, max: 9, expected: 'a count' }), /a count/],
    [() => parseInductance('-2 nH'), /an inductance/],
    [() => parseDelay('0'), /above 0/],
    [() => parseDelay('3 m'), /a delay/],
    [() => parseLoad('RL 0 dB', 50), /return loss above 0/],
    [() => parseLoad('RL -3', 50), /impedance/],
  ])('%# is refused with what was expected', (work, message) => {
    expect(work).toThrow(QuantityError);
    expect(work).toThrow(message);
  });

  test('a return loss is the resistance above the reference that shows it', () => {
    const { re, im } = parseLoad('RL 14 dB', 50);
    expect(-20 * Math.log10((re - 50) / (re + 50))).toBeCloseTo(14, 9);
    expect(im).toBe(0);
  });

  test.each([
    [() => formatTime(70.53e-9), '70.53 ns'],
    [() => formatTime(2e-3), '2 ms'],
    [() => formatInductance(1.17e-9), '1.17 nH'],
  ])('%# is written', (work, text) => expect(work().replace('\u00a0', ' ')).toBe(text));
});

describe('numbers of a file', () => {
  test.each(['1 -2.5 +3e2\t.5', '0.1234567890123456789 1e-300', '-0 00012', '1.e3 7.'])(
    '%s as a number parser reads it',
    (text) => {
      const into: number[] = [];
      const words = text.split(/\s+/);
      expect(appendNumbers(text, into)).toBe(words.length);
      expect(into).toEqual(words.map(Number));
    },
  );
  test.each([
    ['1 x', -2],
    ['1,5', -1],
    ['1 2 --3', -3],
    ['Infinity', -1],
    ['.', -1],
    ['', 0],
  ])('%s names the place of the word that is none', (text, place) =>
    expect(appendNumbers(text, [])).toBe(place),
  );
});

test('cells with commas, quotes and nothing in them survive a CSV', () => {
  expect(
    writeCsv(
      ['a, b', 'c'],
      [
        ['say "x"', null],
        [1.5, 2],
      ],
    ),
  ).toBe('"a, b",c\r\n"say ""x""",\r\n1.5,2\r\n');
});
