import { decimated } from '@gorvane/core/line/decimate.ts';
import type { Reflectogram } from '@gorvane/core/line/reflectogram.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { useElementSize } from '@mantine/hooks';
import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from 'recharts';
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

/** Room beside the curves, pixels: the run below lies to the same scale. */
const left = 66;
const right = 20;
const chartHeight = 230;
const runHeight = 86;
const run = 36;
/** Parts of a curve of which the lowest and the highest point are drawn: two pixels each. */
const buckets = 380;

const tick = { fill: 'var(--soft)', fontSize: 13 };

/** Impedance against distance, and the run below it to the same scale, with numbered pins at the events. */
export function ReflectionDrawing({ trace, findings, length, reference, ends }: ReflectionDrawingProps) {
  const { ref, width: measured } = useElementSize();
  const width = measured || 760;
  const from = -0.06 * length;
  const to = 1.14 * length;
  const x = (metres: number) => left + ((metres - from) / (to - from)) * (width - left - right);
  const [low, high] = [0, 2.5 * reference];
  return (
    <div ref={ref} className="measured">
      <LineChart
        width={width}
        height={chartHeight}
        data={pointsOf(trace, from, to)}
        margin={{ top: 12, right, bottom: 4, left: 0 }}
        title="Impedance against distance"
        desc="Arrow keys read it point by point; the places below are numbered as in the table."
      >
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis
          dataKey="at"
          type="number"
          domain={[from, to]}
          ticks={niceTicks(0, length, 8).filter((metres) => metres <= to)}
          tickFormatter={formatMetres}
          stroke="var(--soft)"
          tick={tick}
          height={26}
          allowDataOverflow
        />
        <YAxis
          domain={[low, high]}
          ticks={[...niceTicks(low, high)]}
          stroke="var(--soft)"
          tick={tick}
          width={left}
          unit=" ohm"
          allowDataOverflow
        />
        <Tooltip
          isAnimationActive={false}
          labelFormatter={(metres) => formatMetres(Number(metres))}
          formatter={(ohms) => `${Number(ohms).toFixed(1)} ohm`}
          contentStyle={{
            background: 'var(--paper)',
            border: '1px solid var(--copper)',
            color: 'var(--ink)',
          }}
        />
        <ReferenceLine y={reference} stroke="var(--copper)" strokeDasharray="6 4" />
        {findings.map((finding, n) => (
          <ReferenceLine
            key={n}
            x={placeOf(finding, length)}
            stroke={toneOf(finding)}
            strokeDasharray="3 3"
          />
        ))}
        <Line
          dataKey="apparent"
          name="as a reflectometer shows it"
          stroke="var(--soft)"
          strokeWidth={1.2}
          strokeDasharray="2 3"
          dot={false}
          isAnimationActive={false}
        />
        <Line
          dataKey="local"
          name="impedance there"
          stroke="var(--ink)"
          strokeWidth={1.8}
          dot={false}
          isAnimationActive={false}
        />
      </LineChart>
      <svg
        className="drawing"
        width={width}
        height={runHeight}
        viewBox={`0 0 ${width} ${runHeight}`}
        role="img"
        aria-label={`The run to the same scale. ${wordsOf(findings)}`}
      >
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
    </div>
  );
}

/** What is drawn of a trace between two places, metres. */
function pointsOf({ distances, apparent, local }: Reflectogram, from: number, to: number) {
  const places = new Set([...decimated(apparent, buckets), ...decimated(local, buckets)]);
  return [...places]
    .sort((a, b) => a - b)
    .filter((n) => distances[n]! >= from && distances[n]! <= to)
    .map((n) => ({ at: distances[n]!, apparent: apparent[n]!, local: local[n]! }));
}

function wordsOf(findings: readonly ReflectionFinding[]): string {
  if (findings.length === 0) return 'No events';
  return findings
    .map(
      ({ distance, causes, expected }, n) =>
        `${n + 1}: ${formatMetres(Math.max(0, distance))}, ${expected ? 'usual' : causes.map(({ kind }) => kind).join(' or ')}`,
    )
    .join('; ');
}

const placeOf = ({ distance }: ReflectionFinding, length: number) =>
  Math.min(1.1 * length, Math.max(0, distance));
const toneOf = ({ expected }: ReflectionFinding) => (expected ? 'var(--soft)' : 'var(--out)');

interface PinProps {
  readonly finding: ReflectionFinding;
  readonly number: number;
  readonly x: (metres: number) => number;
  readonly length: number;
}

/** A numbered pin from the curves down to its place on the run; a bar over the run for how far it may be off, or how long it is. */
function Pin({ finding, number, x, length }: PinProps) {
  const { uncertainty, until } = finding;
  const at = placeOf(finding, length);
  const tone = toneOf(finding);
  return (
    <g>
      <line x1={x(at)} x2={x(at)} y1={0} y2={run - 10} stroke={tone} strokeDasharray="3 3" />
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
