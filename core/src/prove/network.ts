import { Groups } from '../wiring/wiring.ts';

/** A resistance between two nodes of a network, ohm. */
export interface Resistor {
  readonly a: number;
  readonly b: number;
  readonly ohms: number;
}

/** Resistance between two nodes, ohm; Infinity where nothing connects them. */
type ResistanceBetween = (a: number, b: number) => number;

/**
 * Solves a network of resistors. Each connected part is solved once, when it is first asked for: with one of its nodes
 * grounded, the inverse of its conductance matrix gives `R = Xaa + Xbb - 2 Xab`. Source: nodal analysis.
 */
export function solveNetwork(resistors: readonly Resistor[], nodes: number): ResistanceBetween {
  const groups = new Groups(nodes);
  for (const { a, b } of resistors) groups.join(a, b);
  const parts = new Map<number, Part>();
  const partOf = (root: number) => {
    let part = parts.get(root);
    if (!part) {
      part = solvePart(resistors.filter(({ a }) => groups.find(a) === root));
      parts.set(root, part);
    }
    return part;
  };
  return (a, b) => {
    if (a === b) return 0;
    const root = groups.find(a);
    if (root !== groups.find(b)) return Infinity;
    const { row, inverse } = partOf(root);
    const [i, j] = [row.get(a)!, row.get(b)!];
    return inverse[i]![i]! + inverse[j]![j]! - 2 * inverse[i]![j]!;
  };
}

/** The same for one pair of nodes. */
export function networkResistance(
  resistors: readonly Resistor[],
  nodes: number,
  a: number,
  b: number,
): number {
  return solveNetwork(resistors, nodes)(a, b);
}

/** A connected part of a network: where its nodes stand in the inverse of its conductances, ohm. */
interface Part {
  readonly row: ReadonlyMap<number, number>;
  readonly inverse: readonly Float64Array[];
}

/** The last node is the grounded one: its row and column are zero. */
function solvePart(resistors: readonly Resistor[]): Part {
  const members = [...new Set(resistors.flatMap(({ a, b }) => [a, b]))];
  const row = new Map(members.map((node, index) => [node, index]));
  const size = members.length;
  const matrix = Array.from({ length: size }, () => new Float64Array(size));
  for (const { a, b, ohms } of resistors) {
    const siemens = 1 / ohms;
    const [i, j] = [row.get(a)!, row.get(b)!];
    if (i === j) continue;
    matrix[i]![i]! += siemens;
    matrix[j]![j]! += siemens;
    matrix[i]![j]! -= siemens;
    matrix[j]![i]! -= siemens;
  }
  return { row, inverse: invertGrounded(matrix) };
}

/** Inverse without the last row and column, in place; a grounded conductance matrix is positive definite and needs no pivoting. */
function invertGrounded(matrix: Float64Array[]): Float64Array[] {
  const last = matrix.length - 1;
  for (let n = 0; n <= last; n++) {
    matrix[n]![last] = 0;
    matrix[last]![n] = 0;
  }
  for (let pivot = 0; pivot < last; pivot++) {
    const pivotRow = matrix[pivot]!;
    const scale = 1 / pivotRow[pivot]!;
    pivotRow[pivot] = 1;
    for (let column = 0; column < last; column++) pivotRow[column]! *= scale;
    for (let other = 0; other < last; other++) {
      if (other === pivot) continue;
      const row = matrix[other]!;
      const factor = row[pivot]!;
      if (factor === 0) continue;
      row[pivot] = 0;
      for (let column = 0; column < last; column++) row[column]! -= factor * pivotRow[column]!;
    }
  }
  return matrix;
}
