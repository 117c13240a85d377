import { describe, expect, test } from '@jest/globals';
import { asCutOff, asMade, cableGrain, cableTexts, formatFeet, stripGrain } from './made.ts';

describe('figures as they can be made', () => {
  test.each([
    [18.0054, '18.005 m', '59 ft 0 3/4 in'],
    [3.4032, '3.405 m', '11 ft 2 in'],
    [2.0004, '2 000 mm', '78.740"'],
    [0.8573, '857 mm', '33.740"'],
    [0.33333, '333.5 mm', '13.130"'],
    [0.04941, '49.5 mm', '1 61/64"'],
  ])('%d m of cable is cut to %s', (metres, metric, imperial) => {
    const texts = cableTexts(metres);
    expect(texts.metric.replaceAll('\u202f', ' ')).toBe(metric);
    expect(texts.imperial).toBe(imperial);
  });

  test('the grain grows with the length: 0.5, 1, 5 mm', () => {
    expect([0.4, 0.5, 0.51, 2, 2.01].map(cableGrain)).toEqual([0.5e-3, 0.5e-3, 1e-3, 1e-3, 5e-3]);
    expect(asMade(2.0126, cableGrain(2.0126))).toBe(2.015);
  });

  test('off a reel comes never less than is needed, and no mark more', () => {
    expect([3.3955, 3.4, 0.7501, 0.3331].map(asCutOff)).toEqual([3.4, 3.4, 0.751, 0.3335]);
  });

  test('a blade holds half a millimetre, a tool a tenth; a narrow tolerance is never rounded away', () => {
    expect(stripGrain('blade', 1e-3)).toBe(0.5e-3);
    expect(stripGrain('blade', 0.3e-3)).toBe(0.1e-3);
    expect(stripGrain('prep tool', 1e-3)).toBe(0.1e-3);
  });

  test('feet run over at twelve inches', () => {
    expect(formatFeet(3.6576)).toBe('12 ft 0 in');
    expect(formatFeet(3.6512)).toBe('11 ft 11 3/4 in');
  });
});
