/**
 * What a continuity tester can see of a lead: points (contacts and shells of its ends), and the terminals where each
 * conductor meets an end, with the point each terminal belongs on. Plain indices, so that a search is quick.
 */
export interface Wiring {
  readonly points: readonly WiringPoint[];
  readonly conductors: readonly WiringConductor[];
  readonly terminals: readonly Terminal[];
}

export interface WiringPoint {
  readonly id: string;
  readonly endId: string;
  readonly contact: string;
  readonly label: string;
  /** The same where it is plain that ends are spoken of. */
  readonly shortLabel: string;
  /** A shell or other metal that is not a numbered contact: it takes no part in rotated or mirrored numbering. */
  readonly isShell: boolean;
}

export interface WiringConductor {
  readonly id: string;
  readonly pieceId: string;
  readonly label: string;
  /** Conductors twisted together carry the same pair name. */
  readonly pair?: string;
}

/** One conductor at one end. */
export interface Terminal {
  readonly conductor: number;
  /** The conductor of which piece it is: several are one conductor where they are joined. */
  readonly strand?: { readonly pieceId: string; readonly conductor: string };
  readonly endId: string;
  /** The point it is planned on; null for a spare core. */
  readonly point: number | null;
}

/** Which points are connected: for each point the lowest point that it is connected to. */
export type Partition = readonly number[];

/** Disjoint sets over small integers. */
export class Groups {
  readonly #parent: number[];

  constructor(size: number) {
    this.#parent = Array.from({ length: size }, (_, index) => index);
  }

  find(index: number): number {
    let root = index;
    while (this.#parent[root] !== root) root = this.#parent[root]!;
    return root;
  }

  /** Joins two sets; the lower root stays. */
  join(a: number, b: number): void {
    const [low, high] = [this.find(a), this.find(b)].sort((x, y) => x - y) as [number, number];
    this.#parent[high] = low;
  }
}

/** The partition that a wiring should show. */
export function plannedPartition(wiring: Wiring): Partition {
  return partitionOf(
    wiring,
    wiring.terminals.map(({ point }) => point),
    new Set(),
    [],
  );
}

/** The partition of points for an assignment of terminals to points, with some terminals open and some points shorted. */
export function partitionOf(
  wiring: Wiring,
  assignment: readonly (number | null)[],
  open: ReadonlySet<number>,
  shorts: readonly (readonly [number, number])[],
): Partition {
  const size = wiring.points.length;
  const groups = new Groups(size + wiring.conductors.length);
  wiring.terminals.forEach((terminal, index) => {
    const point = assignment[index];
    if (point !== null && point !== undefined && !open.has(index))
      groups.join(point, size + terminal.conductor);
  });
  for (const [a, b] of shorts) groups.join(a, b);
  return wiring.points.map((_, index) => groups.find(index));
}

export function samePartition(a: Partition, b: Partition): boolean {
  return a.every((block, index) => block === b[index]);
}

/** A pair of points that contradicts the rest: a connected to b, b to c, but not a to c. */
export interface Contradiction {
  readonly a: number;
  readonly b: number;
}

/**
 * The partition that measured pairs make; `connected(a, b)` is asked for every pair. Also returns pairs measured open
 * although a chain of measured connections joins them: they want measuring again.
 */
export function partitionFromPairs(
  size: number,
  connected: (a: number, b: number) => boolean,
): { partition: Partition; contradictions: Contradiction[] } {
  const groups = new Groups(size);
  const openPairs: Contradiction[] = [];
  for (let a = 0; a < size; a++)
    for (let b = a + 1; b < size; b++)
      if (connected(a, b)) groups.join(a, b);
      else openPairs.push({ a, b });
  return {
    partition: Array.from({ length: size }, (_, index) => groups.find(index)),
    contradictions: openPairs.filter(({ a, b }) => groups.find(a) === groups.find(b)),
  };
}

/** Every two of `count` points, lower index first: the order of a matrix of readings. */
export function pairsOfPoints(count: number): [number, number][] {
  return Array.from({ length: count }, (_, a) =>
    Array.from({ length: count - a - 1 }, (__, b): [number, number] => [a, a + b + 1]),
  ).flat();
}

/** Place of a pair, lower index first, in the order of `pairsOfPoints`. */
export const placeOfPair = (count: number, a: number, b: number) =>
  a * count - (a * (a + 1)) / 2 + (b - a - 1);
