import { describe, expect, test } from '@jest/globals';
import { stripperKinds, stripperSchema } from './stripper.ts';
import {
  baresText,
  isTired,
  newStripper,
  parseBares,
  parseBladeLife,
  parseDepth,
  parseTakes,
  takesText,
} from './stripper-text.ts';

describe('what is typed of a tool', () => {
  test.each([
    ['4.5 to 8 mm', 4.5e-3, 8e-3],
    ['4,5 - 8', 4.5e-3, 8e-3],
    ['0.2 in to 0.4 in', 5.08e-3, 10.16e-3],
    ['0.2 to 0.4 in', 5.08e-3, 10.16e-3],
    ['5 mm to 5 mm', 5e-3, 5e-3],
  ])('takes %s', (text, least, most) => {
    const takes = parseTakes(text);
    expect(takes.least).toBeCloseTo(least, 9);
    expect(takes.most).toBeCloseTo(most, 9);
    expect(parseTakes(takesText({ takes })).most).toBeCloseTo(most, 4);
  });

  test.each(['8 to 4.5 mm', '8 mm', '0 to 5 mm', '4 to 900 mm', ''])('refuses %p', (text) =>
    expect(() => parseTakes(text)).toThrow(/two diameters, the lesser first/),
  );

  test('three blades, from the tip', () => {
    const bares = parseBares('3.9 / 4,1 / 6.4 mm');
    expect(bares.braid).toBeCloseTo(6.4e-3, 9);
    const tool = newStripper('three-blade rotary tool', 'spin');
    if (tool.kind !== 'three-blade rotary tool') throw new Error(tool.kind);
    expect(baresText({ ...tool, bares })).toBe('3.9 / 4.1 / 6.4 mm');
    for (const text of ['4 / 5', '4 / 0 / 6', '4 / 5 / 6 / 7', '4 / 5 / 600'])
      expect(() => parseBares(text)).toThrow(/three lengths from the tip/);
  });

  test('depth and life of blades may be left open', () => {
    expect(parseDepth(' ')).toBeNull();
    expect(parseDepth('26 mm')).toBeCloseTo(26e-3, 9);
    expect(() => parseDepth('2 m')).toThrow();
    expect(parseBladeLife('')).toBeNull();
    expect(parseBladeLife('500')).toBe(500);
    for (const text of ['0', '2.5', 'many'])
      expect(() => parseBladeLife(text)).toThrow(/whole number of cuts/);
  });

  test('blades are tired once they have made what they are good for; nobody counts, nothing tires', () => {
    expect([499, 500].map((cuts) => isTired({ bladeLife: 500 }, cuts))).toEqual([false, true]);
    expect(isTired({ bladeLife: null }, 100_000)).toBe(false);
  });

  test('a new one of every kind is whole', () => {
    for (const kind of stripperKinds) expect(stripperSchema.parse(newStripper(kind, kind)).kind).toBe(kind);
  });
});
