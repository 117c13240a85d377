import { describe, expect, test } from '@jest/globals';
import { loopInductance, loopOfArea } from './copper-loop.ts';
import { distributedVerdict, isAmplifierFull, speakerVerdict } from './speaker-verdict.ts';

describe('a loop of stranded copper', () => {
  test('2 x 2.5 mm2: both ways, the lay of the strands counted', () =>
    // 2 x 1.7241e-8 x 1.02 / 2.5e-6
    expect(loopOfArea(2.5e-6)).toBeCloseTo(14.0687e-3, 6));

  test('two cores side by side: mu0 / pi x (acosh(s / d) + 1 / 4), touching cores of 1.5 mm2 in 3 mm of insulation', () =>
    // 4e-7 x (acosh(3 / 1.6) + 0.25) = 4e-7 x (1.2424 + 0.25)
    expect(Math.abs(loopInductance / 5.97e-7 - 1)).toBeLessThan(0.05));
});

describe('what is said of a speaker lead', () => {
  test.each([
    // 5 % of 8 ohm is 0.4 ohm.
    [0.3, 0.4, 'Good'],
    [0.3, 0.41, 'tight'],
    [0.6, 0.2, 'tight'],
    [1.01, 0.2, 'Out'],
  ] as const)('%f dB with a loop of %f ohm into 8 ohm: %s', (db, loop, verdict) =>
    expect(speakerVerdict(db, loop, 8)).toBe(verdict),
  );

  test('taps that leave a fifth of the amplifier in hand are good, more is tight, more than it gives is Out', () => {
    expect([isAmplifierFull(80, 100), isAmplifierFull(81, 100)]).toEqual([false, true]);
    expect([80, 90, 101].map((sum) => distributedVerdict(0.2, sum, 100))).toEqual(['Good', 'tight', 'Out']);
  });
});
