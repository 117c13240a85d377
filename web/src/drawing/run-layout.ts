import type { LeadPart } from '@gorvane/core/thread/lead-part.ts';

/** Room along the run that a part takes by its form, pixels. */
const lengths: Readonly<Record<LeadPart['form'], number>> = {
  ferrule: 40,
  nut: 30,
  ring: 14,
  coupling: 40,
  boot: 60,
  tube: 62,
  sleeve: 74,
  beads: 46,
  braid: 120,
};
/** Between the parts of an end, and where the first lies: closed, they sit in and behind the connector. */
const between = { open: 12, closed: 6 };
const first = { open: 46, closed: 0 };
/** Sleeves and beads lie further along, away from the end. */
const awayFromEnd = 60;
/** About the width of a letter of a name, pixels. */
const letter = 6.8;

/** One side of the run: where its rear lip lies, and which way its cable goes. */
export interface RunSide {
  readonly origin: number;
  readonly direction: 1 | -1;
  readonly parts: readonly LeadPart[];
  readonly closed: boolean;
}

/** Where a part is drawn: from the rear lip along its cable, and the row that its name stands in. */
export interface PartPlace {
  readonly x: number;
  readonly length: number;
  readonly row: number;
}

interface Placed {
  readonly id: string;
  readonly x: number;
  readonly length: number;
}

/** The parts of one side in a row, made narrower where they would not find room in it. */
function placed({ parts, closed }: RunSide, room: number, factor: number): Placed[] {
  const state = closed ? 'closed' : 'open';
  let along = first[state];
  const wide = parts.map(({ id, form }): Placed => {
    const length = lengths[form];
    // A coupling that is on its body is drawn with the connector.
    if (closed && form === 'coupling') return { id, x: -length, length };
    if (form === 'sleeve' || form === 'beads' || form === 'braid') along += awayFromEnd;
    const x = along;
    along += length + between[state];
    return { id, x, length };
  });
  const scale = Math.min(factor, room / along);
  return wide.map(({ id, x, length }) => ({ id, x: x * scale, length: length * scale }));
}

/**
 * Places of all parts and rows of their names, so that no two names lie on each other and none on the finished length
 * in the middle. Sides of one line of cable; `middle` is where they meet. Pixels.
 */
export function runLayout(
  sides: readonly RunSide[],
  middle: number,
  factor: number,
  nameOf: (partId: string) => string,
): ReadonlyMap<string, PartPlace> {
  const gap = 24;
  const all = sides.flatMap((side) =>
    placed(side, Math.abs(middle - side.origin) - gap, factor).map((part) => ({
      ...part,
      centre: side.origin + side.direction * (part.x + part.length / 2),
    })),
  );
  // The finished length stands in the first row, in the middle.
  const rows: [from: number, to: number][][] = [[[middle - 50, middle + 50]]];
  const places = new Map<string, PartPlace>();
  for (const { id, x, length, centre } of all.sort((a, b) => a.centre - b.centre)) {
    const half = (nameOf(id).length * letter) / 2 + 4;
    const [from, to] = [centre - half, centre + half];
    const isFree = (row: readonly (readonly [number, number])[]) =>
      row.every(([start, end]) => to <= start || from >= end);
    const found = rows.findIndex(isFree);
    const row = found < 0 ? rows.length : found;
    rows[row] = [...(rows[row] ?? []), [from, to]];
    places.set(id, { x, length, row });
  }
  return places;
}

/** The leader to a name in its row, and the upper edge of that name, above the middle of the cable, pixels. */
export const nameRise = (row: number): number => 46 + row * 15;
const nameHeight = 18;

/** How far the names of all parts reach beyond the upper edge of the drawing, pixels. */
export const namesAbove = (
  sides: readonly (Pick<RunSide, 'parts'> & { readonly y: number })[],
  places: ReadonlyMap<string, PartPlace>,
): number =>
  Math.max(
    0,
    ...sides.flatMap(({ y, parts }) => parts.map(({ id }) => nameRise(places.get(id)!.row) + nameHeight - y)),
  );
