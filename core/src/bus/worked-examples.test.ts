import { describe, expect, test } from '@jest/globals';
import type { LightingBus } from './lighting-bus.ts';
import { studyLightingBus } from './lighting-bus.ts';
import { bitDrive, simulateBus } from './travelling-wave.ts';

const cable = { impedance: 120, velocityFactor: 0.66, loopResistance: 0.15 };
const run: LightingBus = { cable, length: 100, receivers: 1, unitLoads: 1, terminator: 120, branch: null };
const codes = (change: Partial<LightingBus>) =>
  studyLightingBus({ ...run, ...change }).reasons.map(({ code }) => code);

describe('ANSI E1.11 over EIA-485', () => {
  test('settled: 3 V behind 54 ohm, the loop, and 120 ohm beside one unit load of 12 kohm', () => {
    // 118.812 / (54 + 15 + 118.812) x 3 V
    expect(studyLightingBus(run).settledLevel).toBeCloseTo(1.8978, 3);
  });

  test('a branch counts from 0.3 m on, a run from 300 m, receivers from 32 unit loads', () => {
    expect(codes({ branch: { at: 50, length: 0.3 } })).not.toContain('branch');
    expect(codes({ branch: { at: 50, length: 0.31 } })).toContain('branch');
    expect(codes({ length: 300 })).not.toContain('too long');
    expect(codes({ length: 301 })).toContain('too long');
    expect(codes({ receivers: 32 })).not.toContain('too many receivers');
    expect(codes({ receivers: 33 })).toContain('too many receivers');
  });

  test('a receiver is sure from 0.2 V; under 0.4 V it is weak; under 0.2 V the run is Out', () => {
    // Loop resistance brings the level down: 3 x 118.8 / (54 + R + 118.8).
    const at = (level: number) => {
      const loop = (3 * 118.812) / level - 54 - 118.812;
      return studyLightingBus({ ...run, length: 10, cable: { ...cable, loopResistance: loop / 10 } });
    };
    const strong = at(0.46);
    expect([strong.worstLevel > 0.4, strong.verdict]).toEqual([true, 'Good']);
    const weak = at(0.34);
    expect(weak.worstLevel).toBeGreaterThan(0.2);
    expect([weak.reasons[0]?.code, weak.verdict]).toEqual(['weak', 'tight']);
    expect(at(0.18).verdict).toBe('Out');
  });

  test('a receiver is 12 kohm with 100 pF: it is the wave of just that network', () => {
    const { wave } = studyLightingBus(run);
    const emf = bitDrive([1, 0, 1, 1, 0, 0, 1, 0, 1, 0], 0, 250_000, 250e-9, 3);
    const tap = { at: 100, resistance: 1 / (1 / 12_000 + 1 / 120), capacitance: 100e-12 };
    const network = { length: 100, cable, taps: [tap], branches: [] };
    const duration = 10.5 / 250_000 + 100 / (0.66 * 299_792_458);
    const same = simulateBus(network, { sourceResistance: 54, emf }, duration, 125);
    const at = Math.round(4.4e-6 / wave.timeStep);
    expect(wave.volts[at]).toBeCloseTo(same.voltages[0]![at]!, 9);
  });
});
