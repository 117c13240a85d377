import { describe, expect, test } from '@jest/globals';
import {
  formatInches,
  formatLength,
  formatMillimetres,
  formatSignedMillimetres,
  parseLength,
  parsePositiveLength,
} from './length.ts';

describe('lengths as people type them', () => {
  test.each([
    ['12.7', 12.7e-3],
    ['12,7 mm', 12.7e-3],
    ['1/2 in', 12.7e-3],
    ['1 1/2"', 38.1e-3],
    ['33/64', 13.096875e-3],
    ['3\'6"', 1.0668],
    ['3 ft 6 in', 1.0668],
    ["3' 6 1/2", 1.0795],
    ['0.5in', 12.7e-3],
    ['18 m', 18],
    ['3.4m', 3.4],
    ['1 200', 1.2],
    ['-2', -2e-3],
    ['2e3 mm', 2],
  ])('%s', (text, metres) => expect(parseLength(text)).toBeCloseTo(metres, 9));

  test('a bare number follows the unit of the field', () => {
    expect(parseLength('2', 'in')).toBeCloseTo(0.0508, 9);
    expect(parseLength('2', 'm')).toBe(2);
  });

  test.each(['', 'abc', '12 parsec', '1/0 in', '1..2', '--3', '3 4 5 6', 'NaN', '1e999'])(
    'refuses "%s" and says what it expected',
    (text) => {
      expect(() => parseLength(text)).toThrow(/expected a length such as/);
    },
  );

  test('a length that must be positive names its limits', () => {
    expect(() => parsePositiveLength('-4', 100)).toThrow(/above 0 and at most 100 m/);
    expect(() => parsePositiveLength('0', 100)).toThrow(/above 0/);
    expect(() => parsePositiveLength('200 m', 100)).toThrow(/at most 100 m/);
  });
});

describe('lengths as they are written', () => {
  test('inches are fractions only where the tolerance is 0.4 mm or wider', () => {
    expect(formatInches(9.4e-3, 0.4e-3)).toBe('3/8"');
    expect(formatInches(9.4e-3, 0.3e-3)).toBe('0.370"');
    expect(formatInches(25.4e-3, 0.5e-3)).toBe('1"');
    expect(formatInches(28.6e-3, 1e-3)).toBe('1 1/8"');
    expect(formatInches(-9.4e-3, 1e-3)).toBe('-3/8"');
    expect([-0.01e-3, -0.02e-3].map((metres) => formatInches(metres, 0))).toEqual(['0.000"', '-0.001"']);
  });

  test('what is preferred comes first, the other beside it', () => {
    expect(formatLength(9.4e-3, { tolerance: 0.4e-3 })).toBe('9.4 mm (3/8")');
    expect(formatLength(9.4e-3, { first: 'in', tolerance: 0.1e-3 })).toBe('0.370" (9.4 mm)');
    expect(formatLength(1.9994)).toMatch(/^1\u202f999\.4 mm/);
    expect(formatLength(3.421)).toBe('3.421 m (11 ft 2.7 in)');
    expect(formatLength(3.6575, { first: 'in' })).toBe('12 ft 0 in (3.658 m)');
  });

  test('thousands are set apart and no minus stands before zero', () => {
    expect([0.25e-3, -0.25e-3, -0.004e-3, 0.004e-3].map((metres) => formatSignedMillimetres(metres))).toEqual(
      ['+0.25', '−0.25', '0.00', '0.00'],
    );
    expect(formatSignedMillimetres(-1.234, 1)).toBe('−1\u202f234.0');
    expect(formatMillimetres(3.4)).toBe('3\u202f400.0');
    expect(formatMillimetres(-0.00001)).toBe('0.0');
  });
});
