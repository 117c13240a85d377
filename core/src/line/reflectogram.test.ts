import { describe, expect, test } from '@jest/globals';
import type { CascadeElement } from './cascade.ts';
import { frequencyGrid, sweepLoaded } from './cascade.ts';
import { answerChain } from './chain-answer.ts';
import { distanceOfRipple, reflectogram } from './reflectogram.ts';
import { traceReflectogram } from './step-trace.ts';
import { reflectionEvents } from './reflection-events.ts';
import type { StepSetup } from './step-response.ts';
import { stepResponse } from './step-response.ts';

const line = (impedance: number, length: number, k1 = 0): CascadeElement => ({
  kind: 'line',
  impedance,
  velocityFactor: 0.66,
  length,
  loss: { k1, k2: 0 },
});
const grid = frequencyGrid(1e6, 1e9, 1000);
const known = (k1 = 0) => ({ velocityFactor: 0.66, velocityUncertainty: 0.015, loss: { k1, k2: 0 } });
const look = (elements: readonly CascadeElement[], load: number, k1 = 0) =>
  reflectogram(sweepLoaded(elements, grid, 50, { re: load, im: 0 }), known(k1), {
    length: elements.reduce((sum, element) => sum + ('length' in element ? element.length : 0), 0),
    load: 1,
  });
const seen = (elements: readonly CascadeElement[], load: number, k1 = 0) =>
  reflectionEvents(look(elements, load, k1), 50);
const seenWith = (frequencies: Float64Array, elements: readonly CascadeElement[], load: number) =>
  reflectionEvents(
    reflectogram(sweepLoaded(elements, frequencies, 50, { re: load, im: 0 }), known(), {
      length: 11,
      load: 1,
    }),
    50,
  );
const localAt = (trace: ReturnType<typeof look>, metres: number) =>
  trace.local[trace.distances.findIndex((distance) => distance >= metres)]!;

describe('what is found along a line', () => {
  test.each([
    ['open', Infinity],
    ['short', 0],
  ])('an %s at its place, and nothing behind it', (kind, load) => {
    const events = seen([line(50, 10)], load);
    expect(events.map((event) => event.kind)).toEqual([kind]);
    expect(Math.abs(events[0]!.distance - 10)).toBeLessThan(events[0]!.uncertainty);
  });

  test('a piece of 75 ohm, and the right impedance behind it although it masks', () => {
    const trace = look([line(50, 4), line(75, 3), line(50, 5)], 50);
    expect(localAt(trace, 5.5) / 75).toBeCloseTo(1, 2);
    expect(localAt(trace, 9) / 50).toBeCloseTo(1, 3);
    const apparent = trace.apparent[trace.distances.findIndex((distance) => distance >= 9)]!;
    expect(Math.abs(apparent - 50)).toBeGreaterThan(10 * Math.abs(localAt(trace, 9) - 50));
    const events = reflectionEvents(trace, 50);
    expect(events.map(({ kind }) => kind)).toEqual(['higher', 'lower']);
    expect(events[0]!.distance).toBeCloseTo(4, 0);
    expect(events[1]!.distance).toBeCloseTo(7, 0);
  });

  test('a resistance in series is told from a change of the line by what lies behind it', () => {
    const joint = { kind: 'series resistor', resistance: 10 } as const;
    for (const load of [50, 0, Infinity]) {
      const [event] = seen([line(50, 6), joint, line(50, 6)], load);
      expect(event).toMatchObject({ kind: 'series' });
      expect(event!.seriesResistance! / 10).toBeCloseTo(1, 1);
      expect(event!.impedance / 50).toBeCloseTo(1, 2);
      const [change] = seen([line(50, 6), line(61, 6)], load);
      expect(change).toMatchObject({ kind: 'higher', seriesResistance: null });
    }
  });

  test('a film that leaks is told from a stretch of another line', () => {
    const [event] = seen([line(50, 6), { kind: 'shunt resistor', resistance: 400 }, line(50, 6)], Infinity);
    expect(event).toMatchObject({ kind: 'leak' });
    expect(event!.leakResistance! / 400).toBeCloseTo(1, 1);
  });

  test('a line into anything that goes on the same leaves both explanations', () => {
    const sweep = sweepLoaded([line(50, 6), line(60, 6)], grid, 50, { re: 60, im: 0 });
    const trace = reflectogram(sweep, known(), { length: 12, load: undefined });
    const [event] = reflectionEvents(trace, 50);
    expect(event).toMatchObject({ kind: 'higher' });
    expect(event!.seriesResistance! / 10).toBeCloseTo(1, 1);
  });

  test('an inductance is a spike, a capacitance a dip, each with its size', () => {
    const [coil] = seen([line(50, 3), { kind: 'series inductor', inductance: 5e-9 }, line(50, 5)], 50);
    expect(coil!.kind).toBe('inductive');
    expect(coil!.size! / 5e-9).toBeCloseTo(1, 1);
    const [cap] = seen([line(50, 3), { kind: 'shunt capacitor', capacitance: 2e-12 }, line(50, 5)], 50);
    expect(cap!.kind).toBe('capacitive');
    expect(cap!.size! / 2e-12).toBeCloseTo(1, 1);
  });

  test('loss before a step is undone with its phase', () => {
    const k1 = 2.75e-3;
    const trace = look([line(50, 12, k1), line(75, 3, k1), line(50, 5, k1)], 50, k1);
    expect(Math.abs(localAt(trace, 11) - 50)).toBeLessThan(1);
    expect(Math.abs(localAt(trace, 13.5) - 75)).toBeLessThan(1);
    expect(Math.abs(localAt(trace, 19) - 50)).toBeLessThan(1);
    // What a screen shows climbs all the way: the skin of thin cable.
    expect(trace.apparent[trace.distances.findIndex((metres) => metres > 11)]!).toBeGreaterThan(53);
  });

  test('a clean line shows nothing', () => {
    expect(seen([line(50, 12, 1.6e-3)], 50, 1.6e-3)).toEqual([]);
  });
});

describe('what limits it', () => {
  test('range free of folding and resolution follow from step and span of the sweep', () => {
    const trace = look([line(50, 5)], 50);
    expect(trace.aliasFree).toBeCloseTo((0.66 * 299_792_458) / (2 * 1e6), 0);
    const half = reflectogram(
      sweepLoaded([line(50, 5)], frequencyGrid(1e6, 500e6, 500), 50, { re: 50, im: 0 }),
      known(),
    );
    expect(half.resolution / trace.resolution).toBeCloseTo(2, 6);
  });

  test('a step too wide for the length is refused, with the step that would do; a finer one does', () => {
    const feeder = [line(50, 100)];
    const swept = (step: number) =>
      sweepLoaded(feeder, frequencyGrid(step, 401 * step, 401), 50, { re: Infinity, im: 0 });
    const run = { length: 100, load: 1 };
    expect(() => reflectogram(swept(1e6), known(), run)).toThrow(
      /1 MHz from point to point, where 100 m needs at most 0.791 MHz \(507 points up to 401 MHz\)/,
    );
    const trace = reflectogram(swept(0.79e6), known(), run);
    expect(reflectionEvents(trace, 50).map(({ kind }) => kind)).toEqual(['open']);
  });

  test('an echo that comes twice and folds back is no place', () => {
    const events = seenWith(frequencyGrid(5e6, 1e9, 200), [line(50, 5), line(75, 1), line(50, 5)], Infinity);
    expect(events.map(({ kind }) => kind)).toEqual(['higher', 'lower', 'open']);
  });

  test('uneven or too few points are refused, and a wrong velocity factor', () => {
    const sweep = sweepLoaded([line(50, 5)], grid, 50, { re: 50, im: 0 });
    const bent = {
      ...sweep,
      frequencies: sweep.frequencies.map((frequency, n) => frequency + (n === 500 ? 4e5 : 0)),
    };
    expect(() => reflectogram(bent, known())).toThrow(/evenly spaced/);
    const few = frequencyGrid(1e6, 15e6, 15);
    expect(() => reflectogram(sweepLoaded([line(50, 5)], few, 50, { re: 50, im: 0 }), known())).toThrow(
      /16 points/,
    );
    expect(() => reflectogram(sweep, { ...known(), velocityFactor: 1.2 })).toThrow(/velocity factor/);
  });

  test('the period of a ripple tells the distance', () => {
    expect(distanceOfRipple(9.893e6, 0.66)).toBeCloseTo(10, 2);
  });
});

describe('from a trace over time', () => {
  const times = Array.from({ length: 2001 }, (_, n) => n * 1e-10);
  const segment = (impedance: number, length: number) =>
    ({ kind: 'line', impedance, velocityFactor: 0.66, length }) as const;
  const trace = (segments: StepSetup['segments'], termination: number) => ({
    times,
    volts: stepResponse({ emf: 1, sourceResistance: 50, riseTime: 5e-10, segments, termination }, times),
    emf: 1,
    sourceResistance: 50,
    riseTime: 5e-10,
  });

  test('each section has its own impedance, however much those before it mask', () => {
    const seenOver = traceReflectogram(
      trace([segment(75, 3), segment(50, 3), segment(120, 4)], Infinity),
      known(),
    );
    const at = (metres: number) =>
      seenOver.local[seenOver.distances.findIndex((distance) => distance >= metres)]!;
    expect(at(1.5) / 75).toBeCloseTo(1, 2);
    expect(at(4.5) / 50).toBeCloseTo(1, 2);
    expect(at(8) / 120).toBeCloseTo(1, 2);
    const events = reflectionEvents(seenOver, 50);
    expect(events.at(-1)!.kind).toBe('open');
    expect(Math.abs(events.at(-1)!.distance - 10)).toBeLessThan(events.at(-1)!.uncertainty + 0.05);
  });

  test('too few or uneven samples are refused', () => {
    const good = trace([segment(50, 3)], 50);
    expect(() =>
      traceReflectogram({ ...good, times: times.slice(0, 9), volts: good.volts.slice(0, 9) }, known()),
    ).toThrow(/16 samples or more/);
    const bent = times.map((time, n) => time + (n === 70 ? 5e-11 : 0));
    expect(() => traceReflectogram({ ...good, times: bent }, known())).toThrow(/evenly spaced/);
  });
});

describe('the answer to a chain', () => {
  const job = {
    elements: [line(50, 5, 1e-3), line(75, 0.2, 1e-3), line(50, 5, 1e-3)],
    from: 1e6,
    to: 500e6,
    points: 401,
    reference: 50,
    load: null,
  };
  test('ranks, finds the worst and looks along it', () => {
    const answer = answerChain(job);
    expect(answer.contributions).toHaveLength(3);
    expect(answer.loaded).toBeNull();
    expect(answer.worst.insertionLoss.frequency).toBeGreaterThan(200e6);
    expect(answer.reflection).toMatchObject({ events: [{ kind: 'higher' }, { kind: 'lower' }] });
  });
  test('does not invent what a narrow band cannot show', () => {
    expect(answerChain({ ...job, from: 100e6 }).reflection).toBeNull();
    expect(answerChain({ ...job, points: 20 }).reflection).toBeNull();
  });
  test('says what would do where points lie too far apart', () =>
    expect(answerChain({ ...job, points: 51, from: 10e6 }).reflection).toMatchObject({
      refused: expect.stringContaining('needs at most'),
    }));
  test('a load is told apart from the matched port', () => {
    const { loaded, worst } = answerChain({ ...job, load: { re: Infinity, im: 0 } });
    expect(loaded!.totalLossDb[0]).toBe(Infinity);
    expect(worst.insertionLoss.value).toBeLessThan(5);
  });
});
