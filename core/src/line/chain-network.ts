import type { Network } from './network.ts';
import type { CascadeElement } from './cascade.ts';
import { sweepCascade } from './cascade.ts';

/** The same cascade seen from its far end. */
export function reversedCascade(elements: readonly CascadeElement[]): CascadeElement[] {
  return [...elements].reverse().map((element) => {
    if (element.kind !== 'two-port') return element;
    const [s11, s21, s12, s22] = element.data.parameters;
    return { ...element, data: { ...element.data, parameters: [s22, s12, s21, s11] } };
  });
}

/** All four scattering parameters of a cascade, to be written as a file. */
export function chainNetwork(
  elements: readonly CascadeElement[],
  frequencies: Float64Array,
  reference: number,
): Network {
  const forward = sweepCascade(elements, frequencies, reference);
  const backward = sweepCascade(reversedCascade(elements), frequencies, reference);
  return {
    ports: 2,
    references: [reference, reference],
    frequencies,
    parameters: [
      { re: forward.s11Re, im: forward.s11Im },
      { re: backward.s21Re, im: backward.s21Im },
      { re: forward.s21Re, im: forward.s21Im },
      { re: backward.s11Re, im: backward.s11Im },
    ],
  };
}
