import type { CoaxEntry } from './construction.ts';

type Layers = CoaxEntry['conductor']['strandLayers'];

/** Metals of a strand from its centre out, each with its part of the radius. Usual proportions; engineering values. */
const claddings = {
  'bare copper': [['copper', 1]],
  'copper-clad steel': [
    // 40 % conductivity.
    ['steel', 0.815],
    ['copper', 0.185],
  ],
  'copper-clad aluminium': [
    ['aluminium', 0.9],
    ['copper', 0.1],
  ],
  'silver-plated copper': [
    ['copper', 0.995],
    ['silver', 0.005],
  ],
} as const;
export type Cladding = keyof typeof claddings;
export const claddingNames = Object.keys(claddings) as readonly Cladding[];

/** Radius of one strand over the diameter of its conductor, by the number of strands. */
const strandShare = { 1: 1 / 2, 7: 1 / 6, 19: 1 / 10 } as const;

/** The layers of every strand of a conductor of this outside diameter, millimetres. */
export function strandLayers(
  cladding: Cladding,
  diameterMm: number,
  strands: keyof typeof strandShare,
): Layers {
  const radius = diameterMm * strandShare[strands];
  return claddings[cladding].map(([metal, share]) => ({ metal, thicknessMm: radius * share }));
}

/** What a strand is made of, by the name of its cladding. */
export function claddingOf(layers: Layers): Cladding {
  if (layers.some(({ metal }) => metal === 'steel')) return 'copper-clad steel';
  if (layers.some(({ metal }) => metal === 'aluminium')) return 'copper-clad aluminium';
  return layers.at(-1)!.metal === 'silver' ? 'silver-plated copper' : 'bare copper';
}
