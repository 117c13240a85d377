import type { CableEntry } from '../construction.ts';

const attenuationSource =
  'nominal class table for the type, 20 C, rounded; public military-specification family MIL-DTL-17';
const polyethylene = { material: 'polyethylene', permittivity: 2.28, lossTangent: 0.0003 } as const;
const ptfe = { material: 'PTFE', permittivity: 2.1, lossTangent: 0.0003 } as const;
const pvc = {
  material: 'PVC',
  colour: 'black',
  minimumCelsius: -30,
  maximumCelsius: 80,
  outdoor: false,
} as const;

/** Flexible coax with one or two braids, 2.5 to 6 mm. Nominal dimensions. */
export const flexibleCoax: CableEntry[] = [
  {
    id: 'rg-58',
    name: 'RG-58 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 19,
      diameterMm: 0.9,
      strandLayers: [
        { metal: 'copper', thicknessMm: 0.089 },
        { metal: 'tin', thicknessMm: 0.001 },
      ],
    },
    dielectric: { ...polyethylene, diameterMm: 2.95 },
    braids: [
      {
        wireDiameterMm: 0.127,
        wireLayers: [
          { metal: 'copper', thicknessMm: 0.0625 },
          { metal: 'tin', thicknessMm: 0.001 },
        ],
        coverage: 0.95,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 4.95 },
    nominalAttenuation: [
      [10, 4.9],
      [50, 11.2],
      [100, 16.1],
      [200, 23.6],
      [400, 35.5],
      [1000, 62],
    ],
    source: 'nominal construction, MIL-DTL-17/28 pattern',
    attenuationSource,
  },
  {
    id: 'rg-223',
    name: 'RG-223 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 1,
      diameterMm: 0.89,
      strandLayers: [
        { metal: 'copper', thicknessMm: 0.443 },
        { metal: 'silver', thicknessMm: 0.002 },
      ],
    },
    dielectric: { ...polyethylene, diameterMm: 2.95 },
    braids: [
      {
        wireDiameterMm: 0.127,
        wireLayers: [
          { metal: 'copper', thicknessMm: 0.062 },
          { metal: 'silver', thicknessMm: 0.0015 },
        ],
        coverage: 0.95,
        angleDegrees: 30,
      },
      {
        wireDiameterMm: 0.127,
        wireLayers: [
          { metal: 'copper', thicknessMm: 0.062 },
          { metal: 'silver', thicknessMm: 0.0015 },
        ],
        coverage: 0.95,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 5.38 },
    nominalAttenuation: [
      [10, 3.9],
      [50, 9.2],
      [100, 13.4],
      [200, 19.3],
      [400, 28.3],
      [1000, 47],
    ],
    source: 'nominal construction, MIL-DTL-17/84 pattern',
    attenuationSource,
  },
  {
    id: 'rg-59',
    name: 'RG-59 class',
    nominalImpedanceOhm: 75,
    conductor: {
      strands: 1,
      diameterMm: 0.58,
      strandLayers: [
        { metal: 'steel', thicknessMm: 0.235 },
        { metal: 'copper', thicknessMm: 0.055 },
      ],
    },
    dielectric: { ...polyethylene, diameterMm: 3.71 },
    braids: [
      {
        wireDiameterMm: 0.16,
        wireLayers: [{ metal: 'copper', thicknessMm: 0.08 }],
        coverage: 0.95,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 6.15 },
    nominalAttenuation: [
      [10, 3.6],
      [50, 7.9],
      [100, 11.2],
      [200, 16.1],
      [400, 23],
      [1000, 38.5],
    ],
    source: 'nominal construction, MIL-DTL-17/29 pattern',
    attenuationSource,
  },
  {
    id: 'rg-316',
    name: 'RG-316 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 7,
      diameterMm: 0.51,
      strandLayers: [
        { metal: 'steel', thicknessMm: 0.06 },
        { metal: 'copper', thicknessMm: 0.0235 },
        { metal: 'silver', thicknessMm: 0.0015 },
      ],
    },
    dielectric: { ...ptfe, diameterMm: 1.52 },
    braids: [
      {
        wireDiameterMm: 0.1,
        wireLayers: [
          { metal: 'copper', thicknessMm: 0.0485 },
          { metal: 'silver', thicknessMm: 0.0015 },
        ],
        coverage: 0.95,
        angleDegrees: 30,
      },
    ],
    jacket: {
      material: 'FEP',
      colour: 'brown',
      diameterMm: 2.49,
      minimumCelsius: -55,
      maximumCelsius: 200,
      outdoor: true,
    },
    nominalAttenuation: [
      [10, 8.9],
      [50, 19],
      [100, 27.2],
      [200, 38.9],
      [400, 56],
      [1000, 92],
    ],
    source: 'nominal construction, MIL-DTL-17/113 pattern',
    attenuationSource,
  },
];
