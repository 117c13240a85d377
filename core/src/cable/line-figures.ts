import type { AttenuationFit } from './attenuation.ts';
import { fitAttenuation } from './attenuation.ts';
import type { Cable } from './cable.ts';
import type { MetalLayer } from '../conductor/resistance.ts';
import { skinDepth } from '../conductor/resistance.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import { velocityFactor } from './electrical.ts';
import { pairAttenuation, pairFigures } from './pair.ts';

/** A velocity factor is known to this part where it was not measured on the reel. Engineering value: 1 to 2 %, the wider. */
export const velocityUncertainty = 0.02;

/** What a line calculation takes of a cable. */
export interface LineFigures {
  /** Ohm. */
  readonly impedance: number;
  readonly velocityFactor: number;
  /** dB per 100 m: `k1 sqrt(f) + k2 f`. */
  readonly fit: AttenuationFit;
  /** Farads per metre. */
  readonly capacitance: number;
  /** Lowest frequency at which the loss is to be trusted, hertz, and why. */
  readonly lossFrom: { readonly frequency: number; readonly reason: string };
  /** Highest frequency of the table that the loss is fitted to, hertz; beyond it is extrapolated. Infinity where it is computed. */
  readonly tableEnds: number;
}

/**
 * Impedance, velocity and loss of any cable: nominal figures where it has a table, computed ones for pairs. Below
 * a few megahertz the law `k1 sqrt(f) + k2 f` fails: on copper-clad steel the steel takes part.
 */
export function lineFigures(cable: Cable): LineFigures {
  let figures = known.get(cable);
  if (!figures) {
    figures = computeFigures(cable);
    known.set(cable, figures);
  }
  return figures;
}

/** Cables are immutable: what follows from one is worked out once. */
const known = new WeakMap<Cable, LineFigures>();

function computeFigures(cable: Cable): LineFigures {
  if (cable.structure === 'cores') {
    const pair = pairFigures(cable);
    const impedance = cable.nominalImpedance ?? pair.impedance;
    return {
      impedance,
      velocityFactor: pair.velocityFactor,
      fit: { ...pairAttenuation(cable), worstError: 0 },
      capacitance: pair.coreToCore,
      lossFrom: { frequency: 300e3, reason: 'below it the skin effect is not complete' },
      tableEnds: Infinity,
    };
  }
  const factor = cable.structure === 'coax' ? velocityFactor(cable) : cable.velocityFactor;
  return {
    impedance: cable.nominalImpedance,
    velocityFactor: factor,
    fit: fitAttenuation(cable.nominalAttenuation),
    capacitance: 1 / (factor * speedOfLight * cable.nominalImpedance),
    lossFrom: lossFrom(cable),
    tableEnds: Math.max(...cable.nominalAttenuation.map(({ frequency }) => frequency)),
  };
}

function lossFrom(cable: Exclude<Cable, { structure: 'cores' }>): LineFigures['lossFrom'] {
  const isClad =
    cable.structure === 'coax' && cable.conductor.strandLayers.some(({ metal }) => metal === 'steel');
  if (isClad)
    return {
      frequency: claddingFrequency(cable.conductor.strandLayers),
      reason: 'below it the current reaches the steel core and the loss is higher',
    };
  const lowest = Math.min(...cable.nominalAttenuation.map(({ frequency }) => frequency));
  return { frequency: Math.min(1e6, lowest), reason: 'below it the skin effect is not complete' };
}

/** Frequency at which what lies over the steel is one and a half skin depths of copper thick, hertz. */
function claddingFrequency(layers: readonly MetalLayer[]): number {
  const cladding = layers
    .filter(({ metal }) => metal !== 'steel')
    .reduce((sum, { thickness }) => sum + thickness, 0);
  return (skinDepth('copper', 1) / (cladding / 1.5)) ** 2;
}
