import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, exponential, multiply, scale, subtract } from '../quantity/complex.ts';
import type { Line } from './line.ts';
import { propagation } from './line.ts';

/** Chain (ABCD) matrix of a two-port: `V1 = A V2 + B I2`, `I1 = C V2 + D I2`, I2 flowing out of port 2. */
export interface TwoPort {
  readonly a: Complex;
  readonly b: Complex;
  readonly c: Complex;
  readonly d: Complex;
}

export const through: TwoPort = { a: complex(1), b: complex(0), c: complex(0), d: complex(1) };

/** ABCD of a line: `cosh`, `Z0 sinh`, `sinh / Z0`, `cosh` of gamma l. */
export function lineTwoPort(line: Line, frequency: number): TwoPort {
  const forward = exponential(scale(propagation(line, frequency), line.length));
  const backward = divide(complex(1), forward);
  const cosh = scale(add(forward, backward), 0.5);
  const sinh = scale(subtract(forward, backward), 0.5);
  return { a: cosh, b: scale(sinh, line.impedance), c: scale(sinh, 1 / line.impedance), d: cosh };
}

/** Two-ports in a row, source side first: the matrix product. */
export function cascade(ports: readonly TwoPort[]): TwoPort {
  return ports.reduce(
    (left, right) => ({
      a: add(multiply(left.a, right.a), multiply(left.b, right.c)),
      b: add(multiply(left.a, right.b), multiply(left.b, right.d)),
      c: add(multiply(left.c, right.a), multiply(left.d, right.c)),
      d: add(multiply(left.c, right.b), multiply(left.d, right.d)),
    }),
    through,
  );
}

/** Impedance looking into port 1 with `load` on port 2. */
export function inputImpedance(port: TwoPort, load: Complex): Complex {
  return divide(add(multiply(port.a, load), port.b), add(multiply(port.c, load), port.d));
}

/**
 * Power into port 1 over power in `load`, as a ratio of 1 or more for a passive two-port; Infinity when the load takes
 * no power. `P1 = Re(V1 I1*)` for 1 A through the load.
 */
export function powerRatio(port: TwoPort, load: Complex): number {
  const voltage = add(multiply(port.a, load), port.b);
  const current = add(multiply(port.c, load), port.d);
  const powerIn = voltage.re * current.re + voltage.im * current.im;
  return load.re > 0 ? powerIn / load.re : Infinity;
}
