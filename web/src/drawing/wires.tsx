import type { CoreRoute } from '@gorvane/core/strip/strip-plan.ts';
import { conductorPaint } from './wire-colour.ts';

/** What is drawn of a route: each of the conductors that share a contact, else the one there is. */
function wiresOf({ kind, colour, outside, wires }: CoreRoute) {
  return (wires ?? [{ colour, outside }]).map((wire) => ({
    ...wire,
    paint: conductorPaint({ kind, colour: wire.colour }),
    // Two black wires side by side are told apart by their edge.
    edge: wire.colour === 'black' ? '#8d9391' : '#22272a',
  }));
}

/** Thickness of each wire of a route and of all side by side, pixels. */
export function wireThickness(route: CoreRoute, scale: number, least: number, most: number) {
  const { length } = wiresOf(route);
  const each = Math.max(least, Math.min(most / length, (route.wires?.[0]!.outside ?? route.outside) * scale));
  return { each, all: each * length };
}

interface WiresProps {
  readonly route: CoreRoute;
  /** Pixels across each. */
  readonly each: number;
  /** The way of one that lies so far off the middle, as a path. */
  readonly way: (off: number) => string;
}

/** The insulated wires of one contact, side by side: both of a star quad. */
export function Wires({ route, each, way }: WiresProps) {
  const wires = wiresOf(route);
  return wires.map(({ paint, edge }, index) => {
    const d = way((index - (wires.length - 1) / 2) * each);
    return (
      <g key={index} className="wire">
        <path d={d} fill="none" stroke={edge} strokeWidth={each + 1} />
        <path d={d} fill="none" stroke={paint} strokeWidth={each - 1} />
      </g>
    );
  });
}

interface BareEndProps {
  readonly route: CoreRoute;
  readonly y: number;
  readonly x: (metres: number) => number;
  readonly scale: number;
  /** Pixels across its insulated wires. */
  readonly all: number;
}

/** Bare metal from the end of the insulation to where it ends in its contact, twisted into one. */
export function BareEnd({ route, y, x, scale, all }: BareEndProps) {
  const thin = Math.max(3, Math.min(all - 2, route.bare * scale));
  const d = `M ${x(route.insulationEnd) - 2} ${y} H ${x(route.end)}`;
  return (
    <>
      <path d={d} stroke="#22272a" strokeWidth={thin + 2} />
      <path d={d} stroke="var(--copper-metal)" strokeWidth={thin} />
    </>
  );
}

interface BreakProps {
  readonly x: number;
  readonly y: number;
  readonly half: number;
}

/** Where a stretch of wire is left out. */
export function WireBreak({ x, y, half }: BreakProps) {
  const line = `M ${x - 2} ${y + half} L ${x + 4} ${y - half}`;
  return (
    <g aria-hidden="true">
      <path d={line} stroke="#22272a" strokeWidth={10} />
      <path d={line} stroke="var(--paper)" strokeWidth={8} />
    </g>
  );
}
