import { describe, expect, test } from '@jest/globals';
import { commonModeImpedance, passesJacket, stackLength } from './choke.ts';
import { powerVerdict } from './power-rating.ts';

describe('a stack of beads', () => {
  const bead = { outside: 25e-3, bore: 12.7e-3, length: 28e-3 };

  test('a bead needs 0.2 mm over the jacket to be threaded', () => {
    expect([12.4e-3, 12.6e-3].map((jacket) => passesJacket({ ...bead }, jacket))).toEqual([true, false]);
    expect(passesJacket(bead, 12.45e-3)).toBe(true);
  });

  test('five of 28 mm: 140 mm, half a bead of tube at each end, and 25 mm of shrink on the cable beyond', () => {
    const { stack, endTube, shrink } = stackLength(bead, 5);
    expect([stack, endTube, shrink].map((length) => Math.round(length * 1e4) / 10)).toEqual([140, 12.5, 215]);
  });

  test('rejection is stated between two 50-ohm ports in series', () =>
    expect(commonModeImpedance).toBe(2 * 50));
});

test.each([
  [80, 'fits'],
  [81, 'tight'],
  [100, 'tight'],
  [101, 'does not fit'],
] as const)('%d W on a line that stands 100 W: %s', (power, verdict) =>
  expect(powerVerdict(power, 100)).toBe(verdict),
);
