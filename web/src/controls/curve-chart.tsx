import { decimated } from '@gorvane/core/line/decimate.ts';
import { useMemo } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { logTicks, niceTicks } from './nice-ticks.ts';
import type { ResultData } from './result-table.tsx';
import { TableBehind } from './result-table.tsx';

export interface Curve {
  readonly name: string;
  readonly values: ArrayLike<number>;
  readonly tone: 'copper' | 'good' | 'out' | 'soft' | 'ink';
  readonly dash?: boolean;
}

interface Axis {
  readonly label: string;
  /** Writes a value in a few characters. */
  readonly write: (value: number) => string;
  readonly logarithmic?: boolean;
  /** What the axis shows at least. */
  readonly include?: readonly number[];
  /** What it shows at most. */
  readonly within?: readonly [number, number];
}

interface CurveChartProps {
  readonly title: string;
  readonly x: Axis & { readonly values: ArrayLike<number> };
  readonly y: Axis & { readonly reversed?: boolean };
  readonly curves: readonly Curve[];
  /** Horizontal lines, e.g. a limit. */
  readonly limits?: readonly { readonly value: number; readonly label: string; readonly below?: boolean }[];
  /** A vertical line, e.g. the working frequency. */
  readonly marks?: readonly { readonly value: number; readonly label: string }[];
  readonly height?: number;
}

const buckets = 300;

/** Most that an axis shows of something infinite. */
const finite = (value: number) => (Number.isFinite(value) ? value : null);

/** Round figures that hold every curve and limit. */
function ticksOf(
  curves: readonly Curve[],
  axis: Axis,
  limits: readonly { readonly value: number }[],
): readonly number[] {
  const [least, most] = axis.within ?? [-Infinity, Infinity];
  let low = Infinity;
  let high = -Infinity;
  const take = (value: number) => {
    if (!Number.isFinite(value)) return;
    const shown = Math.min(most, Math.max(least, value));
    if (shown < low) low = shown;
    if (shown > high) high = shown;
  };
  for (const { values } of curves) for (let n = 0; n < values.length; n++) take(values[n]!);
  for (const { value } of limits) take(value);
  for (const value of axis.include ?? []) take(value);
  return niceTicks(low, high);
}

/**
 * Curves over one axis. Arrow keys move the reading along the curve when it has the focus; the table behind it has every
 * figure, and all of it can be copied, saved and printed.
 */
export function CurveChart({ title, x, y, curves, limits = [], marks = [], height = 220 }: CurveChartProps) {
  const points = useMemo(() => {
    const places = new Set(curves.flatMap(({ values }) => decimated(values, buckets)));
    return [...places]
      .sort((a, b) => a - b)
      .map((n) => ({
        x: x.values[n]!,
        ...Object.fromEntries(curves.map(({ name, values }) => [name, finite(values[n]!)])),
      }));
  }, [curves, x.values]);
  const data = (): ResultData => ({
    name: title,
    header: [x.label, ...curves.map(({ name }) => name)],
    rows: Array.from(x.values, (value, n) => [value, ...curves.map(({ values }) => finite(values[n]!))]),
  });
  const xTicks = useMemo(() => {
    const [low, high] = [x.values[0]!, x.values[x.values.length - 1]!];
    const ticks = x.logarithmic ? logTicks(low, high) : niceTicks(low, high, 6);
    return ticks.filter((value) => value >= low && value <= high);
  }, [x.values, x.logarithmic]);
  const yTicks = useMemo(() => ticksOf(curves, y, limits), [curves, y, limits]);
  return (
    <figure className="chart">
      <figcaption>
        <strong>{title}</strong>
        <span className="chart-keys">
          {curves.map(({ name, tone, dash }) => (
            <span key={name}>
              <svg width="26" height="8" aria-hidden="true">
                <line
                  x1="0"
                  x2="26"
                  y1="4"
                  y2="4"
                  stroke={`var(--${tone})`}
                  strokeWidth="2.5"
                  strokeDasharray={dash ? '5 4' : undefined}
                />
              </svg>{' '}
              {name}
            </span>
          ))}
        </span>
      </figcaption>
      <ResponsiveContainer width="100%" height={height} initialDimension={{ width: 640, height }}>
        <LineChart
          data={points}
          margin={{ top: 8, right: 16, bottom: 18, left: 6 }}
          title={title}
          desc={`${y.label} over ${x.label}. Arrow keys read it point by point; the table below has the figures.`}
        >
          <CartesianGrid stroke="var(--line)" strokeDasharray="2 3" />
          <XAxis
            dataKey="x"
            type="number"
            scale={x.logarithmic ? 'log' : 'linear'}
            domain={['dataMin', 'dataMax']}
            ticks={xTicks}
            tickFormatter={x.write}
            stroke="var(--soft)"
            tick={{ fill: 'var(--soft)', fontSize: 13 }}
            minTickGap={36}
            label={{
              value: x.label,
              position: 'insideBottom',
              offset: -10,
              fill: 'var(--soft)',
              fontSize: 13,
            }}
          />
          <YAxis
            domain={[yTicks[0]!, yTicks.at(-1)!]}
            ticks={yTicks}
            interval={0}
            reversed={y.reversed ?? false}
            tickFormatter={y.write}
            stroke="var(--soft)"
            tick={{ fill: 'var(--soft)', fontSize: 13 }}
            width={64}
            allowDataOverflow
          />
          <Tooltip
            isAnimationActive={false}
            labelFormatter={(value) => `${x.label}: ${x.write(Number(value))}`}
            formatter={(value) => y.write(Number(value))}
            contentStyle={{
              background: 'var(--paper)',
              border: '1px solid var(--copper)',
              color: 'var(--ink)',
            }}
          />
          {limits.map(({ value, label, below }) => (
            <ReferenceLine
              key={label}
              y={value}
              stroke="var(--out)"
              strokeDasharray="6 4"
              label={{
                value: label,
                position: below ? 'insideTopRight' : 'insideBottomRight',
                fill: 'var(--out)',
                fontSize: 13,
              }}
            />
          ))}
          {marks.map(({ value, label }) => (
            <ReferenceLine
              key={value}
              x={value}
              stroke="var(--soft)"
              strokeDasharray="2 3"
              label={{ value: label, position: 'insideTopLeft', fill: 'var(--soft)', fontSize: 12 }}
            />
          ))}
          {curves.map(({ name, tone, dash }) => (
            <Line
              key={name}
              dataKey={name}
              stroke={`var(--${tone})`}
              strokeWidth={2}
              strokeDasharray={dash ? '6 4' : undefined}
              dot={false}
              isAnimationActive={false}
              connectNulls={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
      <TableBehind data={data} />
    </figure>
  );
}
