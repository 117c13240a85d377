import type { KeyboardEvent, ReactNode } from 'react';
import { useId, useState } from 'react';

interface ImpedanceChartProps {
  readonly label: string;
  /** Reflection coefficients against `reference`, one for each of `frequencies`. */
  readonly re: ArrayLike<number>;
  readonly im: ArrayLike<number>;
  readonly frequencies: ArrayLike<number>;
  readonly reference: number;
  readonly write: (frequency: number) => string;
  /** Place of the working frequency, where the reading begins. */
  readonly start?: number;
  /** The table behind it. */
  readonly children?: ReactNode;
}

const resistances = [0.2, 0.5, 1, 2, 5];
const reactances = [0.2, 0.5, 1, 2, 5];
const size = 340;
const radius = size / 2 - 14;
const at = (re: number, im: number) => [size / 2 + re * radius, size / 2 - im * radius] as const;

/** Impedance from a reflection coefficient, over the reference. */
function normalised(re: number, im: number): { r: number; x: number } {
  const square = (1 - re) ** 2 + im ** 2;
  return { r: (1 - re * re - im * im) / square, x: (2 * im) / square };
}

/**
 * The plane of reflection with circles of resistance and arcs of reactance, and the trace of a band in it. Arrow keys move
 * the reading along the trace.
 */
export function ImpedanceChart({
  label,
  re,
  im,
  frequencies,
  reference,
  write,
  start = 0,
  children,
}: ImpedanceChartProps) {
  const clip = useId();
  const last = re.length - 1;
  const [moved, setMoved] = useState<number | undefined>();
  const place = Math.min(last, moved ?? start);
  const step = Math.max(1, Math.round(last / 100));
  const onKey = (event: KeyboardEvent) => {
    const move = { ArrowRight: step, ArrowUp: step, ArrowLeft: -step, ArrowDown: -step }[event.key];
    if (move === undefined) return;
    event.preventDefault();
    setMoved(Math.min(last, Math.max(0, place + move)));
  };
  const path = Array.from(re, (value, n) =>
    at(value, im[n]!)
      .map((figure) => figure.toFixed(1))
      .join(' '),
  );
  const { r, x } = normalised(re[place]!, im[place]!);
  const [markX, markY] = at(re[place]!, im[place]!);
  const reading = `${write(frequencies[place]!)}: ${(r * reference).toPrecision(3)} ${x < 0 ? '-' : '+'} j${Math.abs(x * reference).toPrecision(3)} ohm`;
  return (
    <figure className="chart impedance-chart">
      <figcaption>
        <strong>{label}</strong>
        <span className="reading" role="status">
          {reading}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${size} ${size}`}
        role="slider"
        aria-label={`${label}. Arrow keys move along the trace`}
        aria-valuemin={0}
        aria-valuemax={last}
        aria-valuenow={place}
        aria-valuetext={reading}
        tabIndex={0}
        onKeyDown={onKey}
      >
        <clipPath id={clip}>
          <circle cx={size / 2} cy={size / 2} r={radius} />
        </clipPath>
        <g fill="none" stroke="var(--line)" clipPath={`url(#${clip})`}>
          <line x1={size / 2 - radius} x2={size / 2 + radius} y1={size / 2} y2={size / 2} />
          {resistances.map((value) => (
            <circle key={value} cx={at(value / (1 + value), 0)[0]} cy={size / 2} r={radius / (1 + value)} />
          ))}
          {reactances.flatMap((value) =>
            [1, -1].map((sign) => {
              const [cx, cy] = at(1, sign / value);
              return <circle key={sign * value} cx={cx} cy={cy} r={radius / value} />;
            }),
          )}
        </g>
        <circle cx={size / 2} cy={size / 2} r={radius} fill="none" stroke="var(--soft)" />
        <g fontSize="11" fill="var(--soft)" textAnchor="middle">
          {resistances.map((value) => (
            <text key={value} x={at((value - 1) / (value + 1), 0)[0]} y={size / 2 + 13}>
              {value * reference}
            </text>
          ))}
        </g>
        <polyline points={path.join(' ')} fill="none" stroke="var(--copper)" strokeWidth="1.2" />
        <circle cx={markX} cy={markY} r="5" fill="var(--paper)" stroke="var(--ink)" strokeWidth="2" />
      </svg>
      <p className="soft">Numbers on the axis are ohm, reference {reference} ohm.</p>
      {children}
    </figure>
  );
}
