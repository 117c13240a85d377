import type { Spread } from '@gorvane/core/prove/spread.ts';
import './drawing.css';

interface SpreadStripProps {
  readonly spread: Spread;
  readonly write: (value: number) => string;
}

const width = 400;
const inset = 12;

/** Every reading of a check on one line, the limits as bars: round where it is among its likes, square where it stands out. */
export function SpreadStrip({ spread, write }: SpreadStripProps) {
  const { label, readings, limit, between, median, least, most } = spread;
  const limits = between ?? (limit === undefined ? [] : [limit]);
  // A limit far away would press all readings into one spot: then it is only said.
  const span = Math.max(most - least, Math.abs(median) * 0.02, 1e-15);
  const near = limits.filter((value) => Math.abs(value - median) < 12 * span);
  const low = Math.min(least, ...near) - 0.1 * span;
  const high = Math.max(most, ...near) + 0.1 * span;
  const x = (value: number) => inset + ((value - low) / (high - low)) * (width - 2 * inset);
  const marked = readings.filter(({ outlier, unlikeGolden }) => outlier || unlikeGolden);
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${width} 44`}
      role="img"
      aria-label={`${label}: ${readings.length} readings from ${write(least)} to ${write(most)}${limits.length > 0 ? `, limit ${limits.map(write).join(' to ')}` : ''}, ${marked.length} stand out`}
    >
      <line x1={inset} x2={width - inset} y1={18} y2={18} stroke="var(--line)" />
      {near.map((value) => (
        <g key={value}>
          <line x1={x(value)} x2={x(value)} y1={4} y2={32} stroke="var(--out)" strokeWidth="2.5" />
          <text x={x(value)} y={42} fontSize="11" textAnchor={x(value) > width / 2 ? 'end' : 'start'}>
            {write(value)}
          </text>
        </g>
      ))}
      {readings.map(({ unitId, reading, outlier, unlikeGolden }) =>
        outlier || unlikeGolden ? (
          <rect
            key={unitId}
            x={x(reading) - 6}
            y={12}
            width={12}
            height={12}
            fill="none"
            stroke="var(--out)"
            strokeWidth="2.5"
          />
        ) : (
          <circle key={unitId} cx={x(reading)} cy={18} r={5} fill="var(--copper)" fillOpacity={0.55} />
        ),
      )}
    </svg>
  );
}
