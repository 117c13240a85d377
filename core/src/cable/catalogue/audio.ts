import type { CoaxEntry, CoreEntry } from '../construction.ts';

const source = 'nominal construction of the class, engineering value';
const flexiblePvc = {
  material: 'PVC',
  colour: 'black',
  minimumCelsius: -20,
  maximumCelsius: 70,
  outdoor: false,
} as const;

/** Cables of two or four cores for balanced signals. */
export const balancedAudio: CoreEntry[] = [
  {
    id: 'mic-pair',
    structure: 'cores',
    family: 'balanced audio',
    name: 'microphone pair, braid',
    source,
    relativeCost: 0.9,
    cores: 2,
    coreColours: ['white', 'blue'],
    lay: 'pair',
    conductor: { areaMm2: 0.22, diameterMm: 0.62, metal: 'copper' },
    insulation: {
      material: 'polyethylene',
      diameterMm: 1.35,
      effectivePermittivity: 2.25,
      lossTangent: 0.002,
    },
    shield: { kind: 'braid', insideMm: 2.75 },
    nominalImpedanceOhm: null,
    jacket: { ...flexiblePvc, diameterMm: 6.2 },
  },
  {
    id: 'star-quad-mic',
    structure: 'cores',
    family: 'balanced audio',
    name: 'star-quad microphone, braid',
    source,
    relativeCost: 1.3,
    cores: 4,
    coreColours: ['white', 'blue', 'white', 'blue'],
    lay: 'star quad',
    conductor: { areaMm2: 0.2, diameterMm: 0.6, metal: 'copper' },
    insulation: {
      material: 'polyethylene',
      diameterMm: 1.4,
      effectivePermittivity: 1.9,
      lossTangent: 0.002,
    },
    shield: { kind: 'braid', insideMm: 4.2 },
    nominalImpedanceOhm: null,
    jacket: { ...flexiblePvc, diameterMm: 6.4 },
  },
  {
    id: 'install-pair',
    structure: 'cores',
    family: 'install',
    name: 'install pair, foil and drain',
    source,
    relativeCost: 0.5,
    cores: 2,
    coreColours: ['red', 'black'],
    lay: 'pair',
    conductor: { areaMm2: 0.34, diameterMm: 0.76, metal: 'tinned copper' },
    insulation: {
      material: 'polyethylene',
      diameterMm: 1.3,
      effectivePermittivity: 2.1,
      lossTangent: 0.002,
    },
    shield: { kind: 'foil and drain', insideMm: 2.75 },
    nominalImpedanceOhm: null,
    jacket: { ...flexiblePvc, diameterMm: 3.9 },
  },
];

const quietPolyethylene = { material: 'polyethylene', permittivity: 2.28, lossTangent: 0.0005 } as const;

/** Coaxial audio cable. Its loss table is computed for the class: at audio frequencies only capacitance counts. */
export const unbalancedAudio: CoaxEntry[] = [
  {
    id: 'instrument',
    structure: 'coax',
    family: 'unbalanced audio',
    name: 'instrument, conductive layer',
    source,
    relativeCost: 1.1,
    nominalImpedanceOhm: 54,
    conductor: { strands: 19, diameterMm: 0.6, strandLayers: [{ metal: 'copper', thicknessMm: 0.06 }] },
    dielectric: { ...quietPolyethylene, diameterMm: 2.1 },
    conductiveLayerMm: 0.25,
    braids: [
      {
        wireDiameterMm: 0.12,
        wireLayers: [{ metal: 'copper', thicknessMm: 0.06 }],
        coverage: 0.92,
        angleDegrees: 30,
      },
    ],
    jacket: { ...flexiblePvc, diameterMm: 6 },
    nominalAttenuationMHz: [
      [10, 5.9],
      [100, 21],
    ],
    attenuationSource: 'computed for the class, not published: audio cable is known by its capacitance',
  },
  {
    id: 'twin-phono',
    structure: 'coax',
    family: 'unbalanced audio',
    name: 'twin phono, each side',
    source,
    relativeCost: 0.6,
    nominalImpedanceOhm: 61,
    conductor: { strands: 7, diameterMm: 0.45, strandLayers: [{ metal: 'copper', thicknessMm: 0.075 }] },
    dielectric: { ...quietPolyethylene, diameterMm: 1.8 },
    braids: [
      {
        wireDiameterMm: 0.1,
        wireLayers: [{ metal: 'copper', thicknessMm: 0.05 }],
        coverage: 0.85,
        angleDegrees: 35,
      },
    ],
    jacket: { ...flexiblePvc, diameterMm: 3.2 },
    nominalAttenuationMHz: [
      [10, 6.9],
      [100, 24.2],
    ],
    attenuationSource: 'computed for the class, not published: audio cable is known by its capacitance',
  },
];
