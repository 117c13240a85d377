/** A resistance between two nodes of a network, ohm. */
export interface Resistor {
  readonly a: number;
  readonly b: number;
  readonly ohms: number;
}

/**
 * Resistance between two nodes of a network, ohm; Infinity where nothing connects them. One ampere is driven from `a`
 * to `b` and the node equations are solved by elimination over the nodes that `a` reaches.
 */
export function networkResistance(
  resistors: readonly Resistor[],
  nodes: number,
  a: number,
  b: number,
): number {
  const reached = reach(resistors, nodes, a);
  if (!reached.includes(b)) return Infinity;
  const unknown = reached.filter((node) => node !== b);
  const row = new Map(unknown.map((node, index) => [node, index]));
  const matrix = unknown.map((node) => [...new Array<number>(unknown.length).fill(0), node === a ? 1 : 0]);
  for (const resistor of resistors) {
    const siemens = 1 / resistor.ohms;
    const i = row.get(resistor.a);
    const j = row.get(resistor.b);
    if (i !== undefined) matrix[i]![i]! += siemens;
    if (j !== undefined) matrix[j]![j]! += siemens;
    if (i !== undefined && j !== undefined) {
      matrix[i]![j]! -= siemens;
      matrix[j]![i]! -= siemens;
    }
  }
  return eliminate(matrix)[row.get(a)!]!;
}

function reach(resistors: readonly Resistor[], nodes: number, from: number): number[] {
  const seen = new Set([from]);
  for (let grew = true; grew;) {
    const before = seen.size;
    for (const { a, b } of resistors) if (seen.has(a) !== seen.has(b)) seen.add(a).add(b);
    grew = seen.size > before && seen.size < nodes;
  }
  return [...seen];
}

/** Gaussian elimination; a conductance matrix with one node grounded is positive definite and needs no pivoting. */
function eliminate(matrix: number[][]): number[] {
  const size = matrix.length;
  for (let pivot = 0; pivot < size; pivot++) {
    const scale = matrix[pivot]![pivot]!;
    for (let row = 0; row < size; row++) {
      if (row === pivot) continue;
      const factor = matrix[row]![pivot]! / scale;
      for (let column = pivot; column <= size; column++)
        matrix[row]![column]! -= factor * matrix[pivot]![column]!;
    }
  }
  return matrix.map((row, index) => row[size]! / row[index]!);
}
