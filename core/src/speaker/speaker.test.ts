import { describe, expect, test } from '@jest/globals';
import { droopDb, longestAudioRun, runCapacitance, upperCorner } from '../audio/audio-run.ts';
import { pickupResponse } from '../audio/pickup.ts';
import { cableById } from '../cable/catalogue/catalogue.ts';
import { distributedLine } from './distributed-line.ts';
import { cableHeat, dampingFactor, longestRun, smallestArea, speakerLoss } from './speaker-line.ts';

const line = {
  length: 20,
  loopResistance: 0.014,
  loopInductance: 0.6e-6,
  amplifierOutput: 0.05,
  load: { model: 'resistive', resistance: 8 },
} as const;

describe('speaker cable', () => {
  test('the longest run loses what was allowed, and so does the smallest conductor', () => {
    const length = longestRun(0.5, line.loopResistance, 8);
    expect(speakerLoss({ ...line, length, amplifierOutput: 0 }, 1).levelLossDb).toBeCloseTo(0.5, 6);
    const area = smallestArea(0.5, 20, 8, 1.7241e-8);
    expect(
      speakerLoss({ ...line, loopResistance: (2 * 1.7241e-8) / area, amplifierOutput: 0 }, 1).levelLossDb,
    ).toBeCloseTo(0.5, 6);
  });

  test('damping and heat of a cable of 0.28 ohm', () => {
    expect(dampingFactor(line, 8)).toBeCloseTo(8 / 0.33, 9);
    expect(dampingFactor({ ...line, loopResistance: 0, amplifierOutput: 0 }, 8)).toBe(Infinity);
    expect(cableHeat({ ...line, amplifierOutput: 0 }, 100)).toBeCloseTo(
      100 * (8 / 8.28) ** 2 * (0.28 / 8),
      9,
    );
  });

  test('refuses what cannot be', () => {
    expect(() => speakerLoss({ ...line, length: -1 }, 1000)).toThrow(/0 or more/);
    expect(() => distributedLine({ nominalVoltage: 100, loopResistance: 0.01, taps: [] })).toThrow(/a tap/);
  });
});

describe('constant-voltage line', () => {
  const taps = [30, 20, 40].map((segmentLength, n) => ({ segmentLength, power: 6 + n }));
  test('without resistance every tap has the whole voltage', () => {
    const { taps: results, powerLostFraction } = distributedLine({
      nominalVoltage: 100,
      loopResistance: 0,
      taps,
    });
    expect(results.map(({ voltage }) => voltage)).toEqual([100, 100, 100]);
    expect(powerLostFraction).toBeCloseTo(0, 12);
  });
  test('a line at 70 V loses about twice as much level for the same powers', () => {
    const loss = (nominalVoltage: number) =>
      distributedLine({ nominalVoltage, loopResistance: 0.02, taps }).taps.at(-1)!.lossDb;
    expect(loss(70) / loss(100)).toBeCloseTo((100 / 70) ** 2, 1);
  });
});

describe('audio run', () => {
  test('the longest run droops as allowed', () => {
    const { perMetre } = runCapacitance(cableById('mic-pair'), 'balanced');
    const longest = longestAudioRun(0.5, 20e3, 150, Infinity, perMetre);
    expect(droopDb(20e3, upperCorner(150, Infinity, perMetre * longest))).toBeCloseTo(0.5, 9);
  });
  test('a pair used unbalanced has more capacitance; coax the same either way', () => {
    const pair = cableById('mic-pair');
    expect(runCapacitance(pair, 'unbalanced').perMetre).toBeGreaterThan(
      runCapacitance(pair, 'balanced').perMetre,
    );
    const coax = cableById('instrument');
    expect(runCapacitance(coax, 'unbalanced')).toEqual(runCapacitance(coax, 'balanced'));
    expect(() => upperCorner(0, 1000, 1e-9)).toThrow(/above 0/);
  });
  test('more cable lowers the resonance of a pickup', () => {
    const at = (cableCapacitance: number) =>
      pickupResponse({
        resistance: 7500,
        inductance: 3.4,
        selfCapacitance: 110e-12,
        volumePot: 500e3,
        volumePosition: 1,
        tone: null,
        cableCapacitance,
        amplifierInput: 1e6,
      }).resonance!.frequency;
    expect(at(800e-12)).toBeLessThan(at(300e-12));
    expect(at(400e-12)).toBeCloseTo(1 / (2 * Math.PI * Math.sqrt(3.4 * 510e-12)), -3);
  });
});
