import type { Proof } from '@gorvane/core/prove/proof.ts';
import './drawing.css';

/** Contacts of the first end at the left, all others at the right, with a line for every planned path and every one that was found. */
export function WiringMap({ proof }: { readonly proof: Proof }) {
  const { points } = proof.wiring;
  const firstEnd = points[0]!.endId;
  const rowOf = (index: number) =>
    points.filter(
      (point, other) => other < index && (point.endId === firstEnd) === (points[index]!.endId === firstEnd),
    ).length;
  const place = (index: number) => ({
    x: points[index]!.endId === firstEnd ? 110 : 290,
    y: 26 + rowOf(index) * 44,
  });
  const rows = Math.max(...points.map((_, index) => rowOf(index))) + 1;
  const lines = proof.pairs.filter(({ planned, read }) => planned || read === true);
  const tone = (pair: Proof['pairs'][number]) =>
    pair.verdict === 'Good' ? 'var(--good)' : pair.verdict === 'Out' ? 'var(--out)' : 'var(--soft)';
  const words = lines.map(
    (pair) =>
      `${points[pair.from]!.label} to ${points[pair.to]!.label}: ${pair.planned ? 'planned' : 'not planned'}, ${pair.verdict}`,
  );
  return (
    <svg
      className="drawing"
      viewBox={`0 0 400 ${rows * 44 + 10}`}
      style={{ maxWidth: 460 }}
      role="img"
      aria-label={`Map of connections. ${words.join('. ')}`}
    >
      {lines.map((pair) => {
        const [a, b] = [place(pair.from), place(pair.to)];
        const bow = a.x === b.x ? (a.x < 200 ? 60 : -60) : 0;
        return (
          <path
            key={`${pair.from}-${pair.to}`}
            d={`M ${a.x} ${a.y} Q ${(a.x + b.x) / 2 + bow} ${(a.y + b.y) / 2} ${b.x} ${b.y}`}
            fill="none"
            stroke={tone(pair)}
            strokeWidth={3}
            strokeDasharray={pair.read === true ? undefined : '6 5'}
          />
        );
      })}
      {points.map((point, index) => {
        const { x, y } = place(index);
        const left = point.endId === firstEnd;
        return (
          <g key={point.id}>
            <circle cx={x} cy={y} r={9} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2} />
            <text x={left ? x - 16 : x + 16} y={y + 5} textAnchor={left ? 'end' : 'start'} fontSize={14}>
              {point.label}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
