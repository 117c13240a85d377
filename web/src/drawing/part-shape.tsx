import type { LeadPart } from '@gorvane/core/thread/threaded-parts.ts';

interface PartShapeProps {
  readonly part: LeadPart;
  readonly x: number;
  readonly length: number;
  readonly scale: number;
  readonly ghost: boolean;
}

/** A threaded part seen from the side, centred on the cable: to scale across, not along. */
export function PartShape({ part, x, length, scale, ghost }: PartShapeProps) {
  // A choke is drawn no thicker than leaves room for the writing under the run.
  const most = part.kind === 'choke' ? 0.012 : 0.016;
  const height = Math.min(part.kind === 'ferrule' ? part.outside : part.fixedOutside, most) * scale;
  const className = { ferrule: 'metal', shrink: 'shrink', 'label sleeve': 'sleeve', choke: 'ferrite' }[
    part.kind
  ];
  return (
    <g className={ghost ? 'ghost' : undefined}>
      <rect
        className={className}
        x={x}
        y={-height / 2}
        width={length}
        height={height}
        rx={part.kind === 'ferrule' ? 1 : 4}
      />
      {part.kind === 'ferrule' && (
        <path
          d={`M ${x + length * 0.33} ${-height / 2} v ${height} M ${x + length * 0.66} ${-height / 2} v ${height}`}
          stroke="#6d7471"
        />
      )}
      {part.kind === 'choke' && (
        <path
          d={[1, 2, 3].map((n) => `M ${x + (length * n) / 4} ${-height / 2} v ${height}`).join(' ')}
          stroke="#9a9f9c"
        />
      )}
      {part.kind === 'label sleeve' && (
        <path
          d={`M ${x + 8} ${-2} h ${length - 16} M ${x + 8} 3 h ${(length - 16) * 0.7}`}
          stroke="#5a5e5b"
        />
      )}
    </g>
  );
}
