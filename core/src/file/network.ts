import type { ComplexSeries, TwoPortData } from '../line/two-port-data.ts';

/** Scattering parameters of a network of 1 to 4 ports over frequency. */
export interface Network {
  readonly ports: number;
  /** Ohm, one for each port. */
  readonly references: readonly number[];
  /** Hertz, rising. */
  readonly frequencies: Float64Array;
  /** Row by row: `S11, S12, ..., S21, ...`. */
  readonly parameters: readonly ComplexSeries[];
}

/**
 * Two of a network's ports as a two-port, the others left in their own reference.
 * @throws RangeError when the ports are not there or differ in reference.
 */
export function twoPortOf(network: Network, name: string, from = 1, to = 2): TwoPortData {
  const { ports, references, frequencies, parameters } = network;
  if (!(from >= 1 && to >= 1 && from <= ports && to <= ports && from !== to))
    throw new RangeError(
      `${name} has ${ports} ${ports === 1 ? 'port' : 'ports'}; a two-port takes two of them.`,
    );
  const reference = references[from - 1]!;
  if (references[to - 1] !== reference)
    throw new RangeError(
      `${name}: ports ${from} and ${to} have references of ${reference} and ${references[to - 1]} ohm; expected the same.`,
    );
  const at = (row: number, column: number) => parameters[(row - 1) * ports + column - 1]!;
  return {
    name,
    reference,
    frequencies,
    parameters: [at(from, from), at(to, from), at(from, to), at(to, to)],
  };
}
