import { describe, expect, test } from '@jest/globals';
import { studyLightingBus } from './lighting-bus.ts';
import { bitDrive, settledLevels, simulateBus } from './travelling-wave.ts';

const cable = { impedance: 120, velocityFactor: 0.66, loopResistance: 0.16 };
const bus = { cable, length: 200, receivers: 8, unitLoads: 1, terminator: 120, branch: null };
const codes = (change: Partial<Parameters<typeof studyLightingBus>[0]>) =>
  studyLightingBus({ ...bus, ...change }).reasons.map(({ code }) => code);

describe('lighting bus', () => {
  test('terminated, on the right cable, it is Good', () => {
    const study = studyLightingBus(bus);
    expect(study.verdict).toBe('Good');
    expect(study.levels).toHaveLength(8);
    expect(study.worstLevel).toBeGreaterThan(1.4);
    expect(study.cells).toHaveLength(10);
  });

  test('each mistake is named', () => {
    expect(codes({ terminator: null })).toContain('no terminator');
    expect(codes({ terminator: 60 })).toContain('wrong terminator');
    expect(codes({ cable: { ...cable, impedance: 55 } })).toContain('wrong cable');
    expect(codes({ branch: { at: 100, length: 40 } })).toContain('branch');
    expect(codes({ length: 450 })).toContain('too long');
    expect(codes({ receivers: 40 })).toContain('too many receivers');
  });

  test('a long open run with a long branch is worse than a terminated one', () => {
    const level = (change: Partial<typeof bus>) => studyLightingBus({ ...bus, ...change }).worstLevel;
    const open = studyLightingBus({
      ...bus,
      length: 400,
      terminator: null,
      branch: { at: 200, length: 150 },
    });
    expect(open.verdict).not.toBe('Good');
    expect(open.worstLevel).toBeLessThan(level({ length: 400 }));
  });

  test('a run that hardly delivers is Out: a receiver may read another bit', () => {
    const study = studyLightingBus({ ...bus, length: 1500, receivers: 32, unitLoads: 4, terminator: null });
    expect(study.worstLevel).toBeLessThan(0.2);
    expect(study.verdict).toBe('Out');
  });

  test.each([
    [{ receivers: 0 }, /1 to 256 receivers/],
    [{ unitLoads: -1 }, /unit load above 0/],
    [{ terminator: 0 }, /above 0 ohm or none/],
    [{ length: -5 }, /positive length/],
    [{ branch: { at: 300, length: 5 } }, /on the line/],
  ] as const)('%j is refused', (change, message) => {
    expect(() => studyLightingBus({ ...bus, ...change })).toThrow(message);
  });
});

describe('travelling waves', () => {
  const network = {
    length: 100,
    cable: { ...cable, loopResistance: 0 },
    taps: [{ at: 100, resistance: 120, capacitance: 0 }],
    branches: [],
  };

  test('a line that is driven steadily stays as it is', () => {
    const { voltages } = simulateBus(network, { sourceResistance: 54, emf: () => 3 }, 5e-6);
    const level = settledLevels(network, 54, 3)[0]!;
    for (const volts of voltages[0]!) expect(volts).toBeCloseTo(level, 12);
    expect(level).toBeCloseTo((3 * 120) / 174, 12);
  });

  test('a matched line delays an edge by its length over its speed', () => {
    const emf = bitDrive([1], 0, 250e3, 100e-9, 1);
    const { timeStep, voltages } = simulateBus(network, { sourceResistance: 120, emf }, 3e-6);
    const crossing = voltages[0]!.findIndex((volts) => volts > 0) * timeStep;
    expect(crossing * 1e9).toBeCloseTo((100 / (0.66 * 299_792_458)) * 1e9 + 50, -1);
  });

  test('an open line without loss settles at the full voltage and keeps its energy while it rings', () => {
    const open = { ...network, taps: [{ at: 100, resistance: Infinity, capacitance: 0 }] };
    const emf = bitDrive([1], 0, 250e3, 50e-9, 1);
    const { voltages } = simulateBus(open, { sourceResistance: 10, emf }, 3.9e-6);
    expect(Math.max(...voltages[0]!)).toBeGreaterThan(2);
    expect(settledLevels(open, 10, 1)[0]).toBe(1);
  });

  test('more work than a bench waits for is refused', () => {
    expect(() =>
      simulateBus({ ...network, length: 0.001, taps: [] }, { sourceResistance: 54, emf: () => 1 }, 1),
    ).toThrow(/too short/);
  });
});
