import { decimated } from '@gorvane/core/line/decimate.ts';
import type { Reflectogram } from '@gorvane/core/line/reflectogram.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { niceTicks } from '../controls/nice-ticks.ts';
import './drawing.css';

interface ReflectionDrawingProps {
  readonly trace: Reflectogram;
  readonly findings: readonly ReflectionFinding[];
  /** Cable between the jacket edges, metres. */
  readonly length: number;
  /** Ohm. */
  readonly reference: number;
  readonly ends: readonly string[];
}

const width = 760;
const left = 54;
const right = 20;
const top = 12;
const chart = 190;
const run = top + chart + 64;

/** Impedance against distance, and the run below it to the same scale, with numbered pins at the events. */
export function ReflectionDrawing({ trace, findings, length, reference, ends }: ReflectionDrawingProps) {
  const from = -0.06 * length;
  const to = 1.14 * length;
  const x = (metres: number) => left + ((metres - from) / (to - from)) * (width - left - right);
  const [low, high] = [0, 2.5 * reference];
  const y = (ohms: number) =>
    top + chart - ((Math.min(high, Math.max(low, ohms)) - low) / (high - low)) * chart;
  const pathOf = (values: Float64Array) =>
    decimated(values, 600)
      .filter((n) => trace.distances[n]! >= from && trace.distances[n]! <= to)
      .map((n) => `${x(trace.distances[n]!).toFixed(1)} ${y(values[n]!).toFixed(1)}`)
      .join(' ');
  const words = findings.map(
    ({ distance, causes, expected }, n) =>
      `${n + 1}: ${formatMetres(Math.max(0, distance))}, ${expected ? 'usual' : causes.map(({ kind }) => kind).join(' or ')}`,
  );
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${width} ${run + 54}`}
      role="img"
      aria-label={`Impedance against distance. ${words.length === 0 ? 'No events' : words.join('; ')}`}
    >
      {niceTicks(low, high).map((ohms) => (
        <g key={ohms}>
          <line x1={left} x2={width - right} y1={y(ohms)} y2={y(ohms)} stroke="var(--line)" />
          <text x={left - 8} y={y(ohms) + 4} textAnchor="end" fontSize="12">
            {ohms}
          </text>
        </g>
      ))}
      <text x={left + 4} y={top + 12} fontSize="12">
        ohm
      </text>
      <line
        x1={left}
        x2={width - right}
        y1={y(reference)}
        y2={y(reference)}
        stroke="var(--copper)"
        strokeDasharray="6 4"
      />
      <polyline
        points={pathOf(trace.apparent)}
        fill="none"
        stroke="var(--soft)"
        strokeWidth="1.2"
        strokeDasharray="2 3"
      />
      <polyline points={pathOf(trace.local)} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
      {niceTicks(0, length, 8)
        .filter((metres) => metres <= to)
        .map((metres) => (
          <text key={metres} x={x(metres)} y={top + chart + 18} textAnchor="middle" fontSize="12">
            {formatMetres(metres)}
          </text>
        ))}
      <rect x={x(0)} y={run - 7} width={x(length) - x(0)} height={14} className="jacket" />
      <rect x={x(0) - 16} y={run - 11} width={18} height={22} className="body-metal" />
      <rect x={x(length) - 2} y={run - 11} width={18} height={22} className="body-metal" />
      <text x={x(0) - 16} y={run + 30} fontSize="13">
        {ends[0]}
      </text>
      <text x={x(length) + 16} y={run + 30} fontSize="13" textAnchor="end">
        {ends[1]}
      </text>
      {findings.map((finding, n) => (
        <Pin key={n} finding={finding} number={n + 1} x={x} length={length} />
      ))}
    </svg>
  );
}

/** A numbered pin from the trace down to its place on the run; a bar over the run for how far it may be off, or how long it is. */
function Pin({
  finding: { distance, uncertainty, until, expected },
  number,
  x,
  length,
}: {
  readonly finding: ReflectionFinding;
  readonly number: number;
  readonly x: (metres: number) => number;
  readonly length: number;
}) {
  const at = Math.min(1.1 * length, Math.max(0, distance));
  const tone = expected ? 'var(--soft)' : 'var(--out)';
  return (
    <g>
      <line x1={x(at)} x2={x(at)} y1={top} y2={run - 10} stroke={tone} strokeDasharray="3 3" />
      <rect
        x={x(Math.max(0, at - uncertainty))}
        y={run - 9}
        width={x((until ?? at) + uncertainty) - x(Math.max(0, at - uncertainty))}
        height={18}
        fill={tone}
        fillOpacity={0.35}
      />
      <circle cx={x(at)} cy={run - 22} r={11} fill="var(--paper)" stroke={tone} strokeWidth="2" />
      <text x={x(at)} y={run - 18} textAnchor="middle" fontSize="12">
        {number}
      </text>
    </g>
  );
}
