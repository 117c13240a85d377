import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { StepSetup } from './step-response.ts';
import { stepEvents, stepResponse } from './step-response.ts';

const line = (impedance: number, length: number) =>
  ({ kind: 'line', impedance, velocityFactor: 0.66, length }) as const;
const setup = (change: Partial<StepSetup> = {}): StepSetup => ({
  emf: 1,
  sourceResistance: 50,
  riseTime: 1e-10,
  segments: [line(50, 3)],
  termination: 50,
  ...change,
});
/** There and back over a length, seconds. */
const roundTrip = (length: number) => (2 * length) / (0.66 * speedOfLight);
const at = (of: StepSetup, ...times: number[]) => [...stepResponse(of, times)];

describe('a step sent into lines', () => {
  test('matched, it stays at the half that was launched', () => {
    expect(at(setup(), 0, 1e-9, 1e-7)).toEqual([0, 0.5, 0.5]);
  });

  test('open doubles and short ends it when the echo is back', () => {
    const back = roundTrip(3);
    expect(at(setup({ termination: Infinity }), 0.99 * back, 1.02 * back)[0]).toBeCloseTo(0.5, 12);
    expect(at(setup({ termination: Infinity }), 0.99 * back, 1.02 * back)[1]).toBeCloseTo(1, 12);
    expect(at(setup({ termination: 0 }), 1.02 * back)[0]).toBeCloseTo(0, 12);
  });

  test('whatever lies between, it settles where direct current would', () => {
    const part = fc.record({
      impedance: fc.double({ min: 20, max: 150, noNaN: true }),
      length: fc.double({ min: 0.5, max: 3, noNaN: true }),
      resistance: fc.double({ min: 0, max: 40, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 1, maxLength: 3 }),
        fc.double({ min: 5, max: 500, noNaN: true }),
        (parts, load) => {
          const segments = parts.flatMap(({ impedance, length, resistance }) => [
            line(impedance, length),
            { kind: 'series resistor', resistance } as const,
          ]);
          const total = parts.reduce((sum, { resistance }) => sum + resistance, load);
          const [level] = at(setup({ segments, termination: load }), 4e-6);
          expect(level).toBeCloseTo(total / (total + 50), 4);
        },
      ),
      { numRuns: 25 },
    );
  });

  test('a straight ramp is half way at half its time', () => {
    expect(at(setup({ riseTime: 2e-9 }), 1e-9)[0]).toBeCloseTo(0.25, 12);
  });
});

describe('events', () => {
  const segments = [
    line(50, 4),
    line(75, 3),
    { kind: 'series resistor', resistance: 15 } as const,
    line(75, 2),
  ];
  test('each reflecting place in order, with its first echo as the waveform shows it', () => {
    const of = setup({ segments, termination: Infinity });
    const events = stepEvents(of);
    expect(events.map(({ kind }) => kind)).toEqual(['impedance step', 'series resistance', 'open']);
    expect(events.map(({ distance }) => distance)).toEqual([4, 7, 9]);
    for (const { arrival, step } of events.slice(0, 2)) {
      const [before, after] = at(of, arrival - 1e-12, arrival + 1.1e-10);
      expect(after! - before!).toBeCloseTo(step, 9);
    }
    expect(events[1]!.value).toBe(15);
    expect(events[1]!.reflection).toBeCloseTo(15 / (15 + 150), 12);
  });

  test('equal lines in a row, and a matched end, are no event', () => {
    expect(stepEvents(setup({ segments: [line(50, 1), line(50, 2)] }))).toEqual([]);
    expect(stepEvents(setup({ termination: 0 }))[0]!.kind).toBe('short');
    expect(stepEvents(setup({ termination: 100 }))[0]).toMatchObject({ kind: 'termination', value: 100 });
  });
});

test.each([
  [{ segments: [] }, /at least one piece/],
  [{ segments: [{ kind: 'series resistor', resistance: 1 }] }, /behind a piece of line/],
  [{ segments: [line(-50, 1)] }, /positive impedance/],
  [{ segments: [line(50, 0)] }, /positive impedance/],
  [{ riseTime: 0 }, /rise time above 0/],
] as const)('%j is refused', (change, message) => {
  expect(() => stepResponse(setup(change as Partial<StepSetup>), [0, 1e-9])).toThrow(message);
});
