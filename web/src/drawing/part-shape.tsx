import type { LeadPart } from '@gorvane/core/thread/lead-part.ts';

interface PartShapeProps {
  readonly part: LeadPart;
  readonly x: number;
  readonly length: number;
  readonly scale: number;
  readonly ghost: boolean;
}

const classOf: Readonly<Record<LeadPart['form'], string>> = {
  ferrule: 'metal',
  nut: 'metal',
  ring: 'body-metal',
  coupling: 'metal',
  boot: 'rubber',
  tube: 'shrink',
  sleeve: 'sleeve',
  beads: 'ferrite',
  braid: 'braided',
};

/** Tallest that a part is drawn, pixels: the writing needs its room. */
const tallest = 66;

/** A threaded part seen from the side, centred on the cable: to scale across, not along. */
export function PartShape({ part, x, length, scale, ghost }: PartShapeProps) {
  const { form } = part;
  const loose = form === 'tube' || form === 'sleeve' ? part.fixedOutside : part.outside;
  const height = Math.min(loose * scale, form === 'beads' ? tallest * 0.8 : tallest);
  const square = form !== 'tube' && form !== 'sleeve' && form !== 'beads' && form !== 'braid';
  return (
    <g className={ghost ? 'ghost' : undefined}>
      <rect
        className={classOf[form]}
        x={x}
        y={-height / 2}
        width={length}
        height={height}
        rx={square ? 1 : 4}
      />
      <Marks form={form} x={x} length={length} height={height} />
    </g>
  );
}

interface MarksProps {
  readonly form: LeadPart['form'];
  readonly x: number;
  readonly length: number;
  readonly height: number;
}

/** What tells one form from another where colour does not. */
function Marks({ form, x, length, height }: MarksProps) {
  const top = -height / 2;
  const across = (shares: readonly number[]) =>
    shares.map((share) => `M ${x + length * share} ${top} v ${height}`).join(' ');
  switch (form) {
    case 'ferrule':
      return <path d={across([0.33, 0.66])} stroke="#6d7471" />;
    case 'coupling':
      return <path d={across([0.15, 0.3, 0.45, 0.6, 0.75, 0.9])} stroke="#6d7471" />;
    case 'nut':
      return <path d={`M ${x} ${top / 2} h ${length} M ${x} ${-top / 2} h ${length}`} stroke="#6d7471" />;
    case 'braid':
      return (
        <path
          d={Array.from(
            { length: Math.floor(length / 8) },
            (_, n) => `M ${x + n * 8} ${top} l 8 ${height} m -8 0 l 8 ${-height}`,
          ).join(' ')}
          stroke="#8d9391"
          strokeWidth={1}
        />
      );
    case 'beads':
      return <path d={across([0.25, 0.5, 0.75])} stroke="#9a9f9c" />;
    case 'sleeve':
      return (
        <path d={`M ${x + 8} -2 h ${length - 16} M ${x + 8} 3 h ${(length - 16) * 0.7}`} stroke="#5a5e5b" />
      );
    default:
      return null;
  }
}
