import type { Spread } from '@gorvane/core/prove/spread.ts';
import { useElementSize } from '@mantine/hooks';
import { ReferenceLine, Scatter, ScatterChart, XAxis, YAxis } from 'recharts';
import './drawing.css';

interface SpreadStripProps {
  readonly spread: Spread;
  readonly write: (value: number) => string;
}

const height = 52;

/** Every reading of a check on one line, the limits as bars: round where it is among its likes, square where it stands out. */
export function SpreadStrip({ spread, write }: SpreadStripProps) {
  const { ref, width } = useElementSize();
  const { label, readings, limit, between, median, least, most } = spread;
  const limits = between ?? (limit === undefined ? [] : [limit]);
  // A limit far away would press all readings into one spot: then it is only said.
  const span = Math.max(most - least, Math.abs(median) * 0.02, 1e-15);
  const near = limits.filter((value) => Math.abs(value - median) < 12 * span);
  const low = Math.min(least, ...near) - 0.1 * span;
  const high = Math.max(most, ...near) + 0.1 * span;
  const stands = ({ outlier, unlikeGolden }: (typeof readings)[number]) => outlier || unlikeGolden;
  const marked = readings.filter(stands);
  const points = (of: typeof readings) => of.map(({ reading }) => ({ reading, row: 0 }));
  const limitWords = limits.length > 0 ? `, limit ${limits.map(write).join(' to ')}` : '';
  return (
    <div
      ref={ref}
      className="measured"
      role="img"
      aria-label={`${label}: ${readings.length} readings from ${write(least)} to ${write(most)}${limitWords}, ${marked.length} stand out`}
    >
      <ScatterChart
        width={width || 400}
        height={height}
        margin={{ top: 2, right: 12, bottom: 16, left: 12 }}
        accessibilityLayer={false}
      >
        <XAxis dataKey="reading" type="number" domain={[low, high]} hide />
        <YAxis dataKey="row" type="number" domain={[-1, 1]} hide />
        <ReferenceLine y={0} stroke="var(--line)" />
        {near.map((value) => (
          <ReferenceLine
            key={value}
            x={value}
            stroke="var(--out)"
            strokeWidth={2.5}
            label={{
              value: write(value),
              position: 'bottom',
              textAnchor: value > (low + high) / 2 ? 'end' : 'start',
              fill: 'var(--ink)',
              fontSize: 12,
            }}
          />
        ))}
        <Scatter
          data={points(readings.filter((reading) => !stands(reading)))}
          fill="var(--copper)"
          fillOpacity={0.55}
          isAnimationActive={false}
        />
        <Scatter
          data={points(marked)}
          shape="square"
          fill="none"
          stroke="var(--out)"
          strokeWidth={2.5}
          isAnimationActive={false}
        />
      </ScatterChart>
    </div>
  );
}
