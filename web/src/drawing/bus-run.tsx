import { formatMetres } from '@gorvane/core/quantity/length.ts';
import type { LightingBus } from '@gorvane/core/bus/lighting-bus.ts';

/** The run with its receivers, the terminator and a branch. */
export function BusRun({ bus, worst }: { readonly bus: LightingBus; readonly worst: number }) {
  const width = 720;
  const x = (distance: number) => 64 + (distance / bus.length) * (width - 110);
  const shown = Math.min(bus.receivers, 32);
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${width} 110`}
      role="img"
      aria-label={`Run of ${formatMetres(bus.length)} with ${bus.receivers} receivers, ${bus.terminator === null ? 'no terminator' : 'a terminator'}${bus.branch ? ', a branch' : ''}`}
    >
      <rect x="4" y="26" width="56" height="34" fill="var(--milk)" stroke="var(--ink)" />
      <text x="32" y="48" textAnchor="middle" fontSize="13">
        driver
      </text>
      <rect x="60" y="40" width={x(bus.length) - 60} height="6" fill="var(--jacket)" />
      {Array.from({ length: shown }, (_, n) => {
        const number = Math.round(((n + 1) * bus.receivers) / shown);
        const at = x((bus.length * number) / bus.receivers);
        const isWorst = number === worst;
        return (
          <g key={n}>
            <rect
              x={at - 5}
              y="24"
              width="10"
              height="16"
              fill={isWorst ? 'var(--out)' : 'var(--silver)'}
              stroke="var(--ink)"
            />
            {isWorst && (
              <text x={at} y="16" textAnchor="middle" fontSize="12" fill="var(--out)">
                worst
              </text>
            )}
          </g>
        );
      })}
      {bus.branch && (
        <>
          <path d={`M${x(bus.branch.at)} 46 v34 h40`} fill="none" stroke="var(--jacket)" strokeWidth="5" />
          <text x={x(bus.branch.at) + 46} y="85" fontSize="12">
            branch {formatMetres(bus.branch.length)}
            {worst === 0 ? ', worst' : ''}
          </text>
        </>
      )}
      {bus.terminator !== null && (
        <>
          <rect
            x={x(bus.length) - 4}
            y="46"
            width="8"
            height="22"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <text x={x(bus.length)} y="84" textAnchor="middle" fontSize="12">
            {bus.terminator} ohm
          </text>
        </>
      )}
    </svg>
  );
}
