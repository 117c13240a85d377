import { formatMetres } from '@gorvane/core/quantity/length.ts';

/** The run with its taps placed to scale. */
export function TapRun({
  taps,
}: {
  readonly taps: readonly { readonly distance: number; readonly lossDb: number }[];
}) {
  const total = taps.at(-1)!.distance;
  const width = 720;
  const x = (distance: number) => 60 + (distance / total) * (width - 100);
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${width} 96`}
      role="img"
      aria-label={`Run of ${formatMetres(total)} with ${taps.length} taps`}
    >
      <rect x="4" y="26" width="50" height="34" fill="var(--milk)" stroke="var(--ink)" />
      <text x="29" y="48" textAnchor="middle" fontSize="13">
        amp
      </text>
      <rect x="54" y="40" width={x(total) - 54} height="6" fill="var(--jacket)" />
      {taps.map(({ distance, lossDb }, n) => (
        <g key={distance}>
          <line x1={x(distance)} x2={x(distance)} y1="46" y2="62" stroke="var(--ink)" strokeWidth="2" />
          <path d={`M${x(distance) - 7} 62 h14 l7 14 h-28 z`} fill="var(--silver)" stroke="var(--ink)" />
          <text x={x(distance)} y="90" textAnchor="middle" fontSize="12">
            {n + 1}
          </text>
          <text x={x(distance)} y="30" textAnchor="middle" fontSize="12" className="soft">
            {lossDb.toFixed(2)}
          </text>
        </g>
      ))}
    </svg>
  );
}
