import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, multiply, scale, subtract } from '../quantity/complex.ts';
import type { ComplexSeries, TwoPortData } from './two-port-data.ts';

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

/**
 * The first two ports of a network (or its only one) between ports of another real reference, ohm; further ports stay in their
 * own. `S' = A^-1 (S - r) (1 - r S)^-1 A` with `r = (R' - R) / (R' + R)` and `A = sqrt(1 - r^2)` of each port.
 * Source: Kurokawa, power waves, for real references.
 */
export function inReference(network: Network, reference: number): Network {
  const { ports, references, frequencies, parameters } = network;
  const count = Math.min(ports, 2);
  const own = references.slice(0, count);
  const at = (row: number, column: number) => parameters[row * ports + column]!;
  const kept = own.flatMap((_, row) => own.map((__, column) => at(row, column)));
  const between = { ports: count, references: own.map(() => reference), frequencies };
  if (own.every((each) => each === reference)) return { ...between, parameters: kept };
  const r = own.map((each) => (reference - each) / (reference + each));
  const moved = kept.map(() => ({
    re: new Float64Array(frequencies.length),
    im: new Float64Array(frequencies.length),
  }));
  for (let n = 0; n < frequencies.length; n++) {
    const s = kept.map(({ re, im }) => complex(re[n]!, im[n]!));
    const found = count === 1 ? [onePort(s[0]!, r[0]!)] : twoPorts(s, r[0]!, r[1]!);
    found.forEach(({ re, im }, place) => {
      moved[place]!.re[n] = re;
      moved[place]!.im[n] = im;
    });
  }
  return { ...between, parameters: moved };
}

const onePort = (s: Complex, r: number) => divide(subtract(s, complex(r)), subtract(complex(1), scale(s, r)));

function twoPorts(s: readonly Complex[], r1: number, r2: number): Complex[] {
  const [s11, s12, s21, s22] = s as [Complex, Complex, Complex, Complex];
  const one = complex(1);
  // Inverse of 1 - r S: its adjugate over its determinant.
  const [a, b, c, d] = [
    subtract(one, scale(s11, r1)),
    scale(s12, -r1),
    scale(s21, -r2),
    subtract(one, scale(s22, r2)),
  ];
  const determinant = subtract(multiply(a, d), multiply(b, c));
  const [i11, i12, i21, i22] = [d, scale(b, -1), scale(c, -1), a].map((each) =>
    divide(each, determinant),
  ) as [Complex, Complex, Complex, Complex];
  const [m11, m22] = [subtract(s11, complex(r1)), subtract(s22, complex(r2))];
  const across = Math.sqrt((1 - r2 ** 2) / (1 - r1 ** 2));
  return [
    add(multiply(m11, i11), multiply(s12, i21)),
    scale(add(multiply(m11, i12), multiply(s12, i22)), across),
    scale(add(multiply(s21, i11), multiply(m22, i21)), 1 / across),
    add(multiply(s21, i12), multiply(m22, i22)),
  ];
}
