import type { CoreEntry } from '../construction.ts';

const source = 'nominal construction of the class, engineering value';
const controlJacket = {
  material: 'PVC',
  colour: 'black',
  minimumCelsius: -20,
  maximumCelsius: 70,
  outdoor: false,
} as const;

/** Lighting-control cable of 120 ohm (ANSI E1.11 on EIA-485). */
export const lightingCables: CoreEntry[] = (['1-pair', '2-pair'] as const).map((pairs) => ({
  id: `lighting-${pairs}`,
  structure: 'cores',
  family: 'lighting',
  name: `lighting control 120 ohm, ${pairs}`,
  source,
  relativeCost: pairs === '1-pair' ? 1.1 : 1.5,
  cores: pairs === '1-pair' ? 2 : 4,
  coreColours: pairs === '1-pair' ? ['white', 'black'] : ['white', 'black', 'red', 'green'],
  lay: pairs === '1-pair' ? 'pair' : 'pairs',
  conductor: { areaMm2: 0.22, diameterMm: 0.61, metal: 'tinned copper' },
  insulation: {
    material: 'foam polyethylene',
    diameterMm: 1.36,
    effectivePermittivity: 1.7,
    lossTangent: 0.001,
  },
  shield: { kind: 'foil and braid', insideMm: pairs === '1-pair' ? 4.4 : 5.2 },
  nominalImpedanceOhm: 120,
  jacket: { ...controlJacket, diameterMm: pairs === '1-pair' ? 6.4 : 7.6 },
}));

const speakerSizes = [
  { cores: 2, areaMm2: 1.5, lay: 'parallel', jacketMm: 7 },
  { cores: 2, areaMm2: 2.5, lay: 'parallel', jacketMm: 8 },
  { cores: 2, areaMm2: 4, lay: 'parallel', jacketMm: 10 },
  { cores: 4, areaMm2: 2.5, lay: 'pairs', jacketMm: 10 },
  { cores: 8, areaMm2: 2.5, lay: 'pairs', jacketMm: 14.5 },
  { cores: 4, areaMm2: 1.5, lay: 'star quad', jacketMm: 8.4 },
  { cores: 4, areaMm2: 2.5, lay: 'star quad', jacketMm: 10.2 },
] as const;

/** A quad has two of each colour, lying across; eight cores are four pairs. */
function coloursOf(cores: number, lay: (typeof speakerSizes)[number]['lay']): string[] {
  if (lay === 'star quad') return ['red', 'black', 'red', 'black'];
  return ['red', 'black', 'white', 'green', 'orange', 'blue', 'yellow', 'brown'].slice(0, cores);
}

/** Loudspeaker cable; a star quad is used as two paralleled pairs. */
export const speakerCables: CoreEntry[] = speakerSizes.map(({ cores, areaMm2, lay, jacketMm }) => ({
  id: `speaker-${lay === 'star quad' ? 'star-quad-' : ''}${cores}x${areaMm2}`,
  structure: 'cores',
  family: 'speaker',
  name: `speaker ${cores} x ${areaMm2} mm2${lay === 'star quad' ? ', star quad' : ''}`,
  source,
  relativeCost: Number((0.3 + 0.42 * cores * areaMm2 * 0.5).toFixed(2)),
  cores,
  coreColours: coloursOf(cores, lay),
  lay,
  conductor: {
    areaMm2,
    diameterMm: Number((1.16 * Math.sqrt((4 / Math.PI) * areaMm2)).toFixed(2)),
    metal: 'copper',
  },
  insulation: {
    material: 'PVC',
    diameterMm: Number((1.16 * Math.sqrt((4 / Math.PI) * areaMm2) + 1.2).toFixed(2)),
    effectivePermittivity: 3.2,
    lossTangent: 0.05,
  },
  shield: null,
  nominalImpedanceOhm: null,
  jacket: { ...controlJacket, diameterMm: jacketMm },
}));
