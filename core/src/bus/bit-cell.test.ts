import { describe, expect, test } from '@jest/globals';
import { judgeCells } from './bit-cell.ts';
import { bitDrive } from './travelling-wave.ts';

const timing = { bitRate: 1000, delay: 0, settledLevel: 2 };
/** One value each microsecond. */
const wave = (at: (seconds: number) => number, seconds = 4e-3) => ({
  timeStep: 1e-6,
  volts: Float64Array.from({ length: Math.round(seconds * 1e6) + 1 }, (_, n) => at(n * 1e-6)),
});

describe('cells of bits', () => {
  test('a clean signal has its level in the middle of every bit', () => {
    const bits = [1, 0, 1] as const;
    const cells = judgeCells(
      wave((time) => (time < 1e-3 || time >= 2e-3 ? 2 : -2)),
      bits,
      timing,
    );
    expect(cells.map(({ centre }) => centre)).toEqual([2, -2, 2]);
    for (const { undershoot, overshoot } of cells) expect([undershoot, overshoot]).toEqual([0, 0]);
  });

  test('only the middle half counts: edges may ring as they like', () => {
    const ringing = wave((time) => (time % 1e-3 < 0.2e-3 ? -9 : 2));
    expect(judgeCells(ringing, [1, 1, 1], timing).every(({ min }) => min === 2)).toBe(true);
    const late = wave((time) => (time % 1e-3 < 0.3e-3 ? -9 : 2));
    expect(judgeCells(late, [1, 1, 1], timing).every(({ undershoot }) => undershoot === 11)).toBe(true);
  });

  test('a bit of 0 is judged upside down', () => {
    const [cell] = judgeCells(
      wave(() => -1.5),
      [0],
      timing,
    );
    expect(cell!.undershoot).toBeCloseTo(0.5, 12);
    const [over] = judgeCells(
      wave(() => -2.4),
      [0],
      timing,
    );
    expect(over!.overshoot).toBeCloseTo(0.4, 12);
  });

  test('bits arrive later by the delay, and those beyond the waveform are left out', () => {
    const cells = judgeCells(
      wave(() => 2),
      [1, 1, 1, 1, 1],
      { ...timing, delay: 1.2e-3 },
    );
    expect(cells).toHaveLength(3);
    expect(cells[0]!.centreTime).toBeCloseTo(1.7e-3, 12);
  });
});

describe('the driver', () => {
  const drive = bitDrive([1, 1, 0], 0, 1000, 1e-4, 3);
  test('ramps straight at a change and holds between', () => {
    expect(drive(-1)).toBe(-3);
    expect(drive(0)).toBe(-3);
    expect(drive(0.5e-4)).toBeCloseTo(0, 12);
    expect(drive(1e-4)).toBe(3);
    expect(drive(1.05e-3)).toBe(3);
    expect(drive(2.05e-3)).toBeCloseTo(0, 9);
    expect(drive(9e-3)).toBe(-3);
  });
});
