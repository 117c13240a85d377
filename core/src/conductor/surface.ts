import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, exponential, multiply, subtract } from '../quantity/complex.ts';
import { resistivityAt } from './material.ts';
import type { MetalLayer } from './resistance.ts';
import { skinDepth } from './resistance.ts';

/**
 * Surface resistance, ohm per square, of a conductor made of plated layers, seen from outside (the last layer is the
 * surface). Each layer is a lossy line `eta = (1 + j) rho / delta`, `gamma = (1 + j) / delta`, loaded with the layer
 * below it, the innermost taken as infinitely thick. Valid where the wire is several skin depths thick, i.e. above a few megahertz.
 * Source: plane-layer surface impedance, field-theory textbooks.
 */
export function surfaceResistance(layers: readonly MetalLayer[], frequency: number, celsius = 20): number {
  const [core, ...platings] = layers;
  if (!core) throw new RangeError('surface resistance: expected at least one layer');
  return platings.reduce<Complex>(
    (below, layer) => throughLayer(layer, below, frequency, celsius),
    intrinsicImpedance(core, frequency, celsius),
  ).re;
}

function intrinsicImpedance({ metal }: MetalLayer, frequency: number, celsius: number): Complex {
  const size = resistivityAt(metal, celsius) / skinDepth(metal, frequency, celsius);
  return complex(size, size);
}

function throughLayer(layer: MetalLayer, below: Complex, frequency: number, celsius: number): Complex {
  const eta = intrinsicImpedance(layer, frequency, celsius);
  const depth = layer.thickness / skinDepth(layer.metal, frequency, celsius);
  const twice = exponential(complex(-2 * depth, -2 * depth));
  const tanh = divide(subtract(complex(1), twice), add(complex(1), twice));
  return multiply(eta, divide(add(below, multiply(eta, tanh)), add(eta, multiply(below, tanh))));
}
