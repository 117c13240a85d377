import { afterEach, describe, expect, test } from '@jest/globals';
import type { Reflectogram } from '@gorvane/core/line/reflectogram.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import type { Spread } from '@gorvane/core/prove/spread.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { Around } from '../../test/open-at.tsx';
import { ReflectionDrawing } from './reflection-drawing.tsx';
import { SpreadStrip } from './spread-strip.tsx';

afterEach(cleanup);

const length = 4;
const distances = Float64Array.from({ length: 200 }, (_, n) => (n / 199) * 5 - 0.5);
const flat = distances.map(() => 50);
const trace = { distances, apparent: flat, local: flat } as unknown as Reflectogram;
const found = (distance: number, change: Partial<ReflectionFinding> = {}) =>
  ({
    distance,
    uncertainty: 0.1,
    until: null,
    expected: false,
    causes: [{ kind: 'open', sure: 'likely' }],
    ...change,
  }) as ReflectionFinding;

describe('reflection against distance', () => {
  const drawn = (findings: readonly ReflectionFinding[]) =>
    render(
      <Around>
        <ReflectionDrawing
          trace={trace}
          findings={findings}
          length={length}
          reference={50}
          ends={['end A', 'end B']}
        />
      </Around>,
    ).container;

  test('says every place, in the order of its pins', () => {
    drawn([found(1), found(4, { expected: true })]);
    expect(screen.getByRole('img', { name: /^The run/ }).getAttribute('aria-label')).toBe(
      'The run to the same scale. 1: 1 m, open; 2: 4 m, usual',
    );
  });

  test('a pin stands under its place on the curve, also where it lies beyond the end', () => {
    const container = drawn([found(2), found(9)]);
    const lines = [...container.querySelectorAll('.recharts-reference-line line')]
      .map((line) => [Number(line.getAttribute('x1')), Number(line.getAttribute('x2'))])
      .filter(([from, to]) => from === to)
      .map(([from]) => from!);
    const pins = [...container.querySelectorAll('svg[role="img"] circle')].map((pin) =>
      Number(pin.getAttribute('cx')),
    );
    expect(pins).toHaveLength(2);
    pins.forEach((pin, n) => expect(Math.abs(pin - lines[n]!)).toBeLessThan(1.5));
  });

  test('a stretch is as long on the run as it is', () => {
    const container = drawn([found(1, { until: 2 })]);
    const [run, , , bar] = [...container.querySelectorAll('svg[role="img"] rect')].map((rect) =>
      Number(rect.getAttribute('width')),
    );
    expect(bar! / run!).toBeCloseTo(1.2 / length, 6);
  });
});

describe('the spread of a check', () => {
  const reading = (value: number, outlier = false) => ({
    unitId: String(value),
    reading: value,
    outlier,
    unlikeGolden: false,
  });
  const spread = {
    label: 'Resistance',
    limit: 12,
    between: undefined,
    median: 10,
    least: 9,
    most: 11.5,
    readings: [reading(9), reading(10), reading(10.1), reading(11.5, true)],
  } as unknown as Spread;
  const drawn = (of: Spread) =>
    render(
      <Around>
        <SpreadStrip spread={of} write={(value) => `${value} ohm`} />
      </Around>,
    ).container;

  test('draws every reading, and what stands out otherwise', () => {
    const container = drawn(spread);
    expect(container.querySelectorAll('.recharts-scatter-symbol')).toHaveLength(4);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Resistance: 4 readings from 9 ohm to 11.5 ohm, limit 12 ohm, 1 stand out',
    );
    expect(container.textContent).toContain('12 ohm');
  });

  test('a limit far away is only said: drawn, it would press the readings into one spot', () => {
    expect(drawn({ ...spread, limit: 1000 }).textContent).not.toContain('1000 ohm');
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('limit 1000 ohm');
  });
});
