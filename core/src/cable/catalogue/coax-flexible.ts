import type { CoaxEntry } from '../construction.ts';
import { tinnedBraid } from '../tinned-braid.ts';

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

const foam = (permittivity: number) =>
  ({ material: 'foam polyethylene', permittivity, lossTangent: 0.0002 }) as const;

/** Flexible coax with one or two braids, 2.5 to 10 mm. Nominal dimensions. */
export const flexibleCoax: CoaxEntry[] = [
  {
    id: 'rg-58',
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 1,
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
    braids: [tinnedBraid(0.127, 0.95)],
    jacket: { ...pvc, diameterMm: 4.95 },
    topFrequencyMHz: 3000,
    nominalAttenuationMHz: [
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
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 2.4,
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
        coverage: 0.92,
        angleDegrees: 35,
      },
      {
        wireDiameterMm: 0.127,
        wireLayers: [
          { metal: 'copper', thicknessMm: 0.062 },
          { metal: 'silver', thicknessMm: 0.0015 },
        ],
        coverage: 0.92,
        angleDegrees: 35,
      },
    ],
    jacket: { ...pvc, diameterMm: 5.38 },
    topFrequencyMHz: 12400,
    nominalAttenuationMHz: [
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
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 0.9,
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
    topFrequencyMHz: 1000,
    nominalAttenuationMHz: [
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
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 3,
    name: 'RG-316 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 7,
      diameterMm: 0.51,
      strandLayers: [
        // 40 % conductivity.
        { metal: 'steel', thicknessMm: 0.0694 },
        { metal: 'copper', thicknessMm: 0.0141 },
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
    topFrequencyMHz: 3000,
    nominalAttenuationMHz: [
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
  {
    id: 'rg-174',
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 0.8,
    name: 'RG-174 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 7,
      diameterMm: 0.48,
      strandLayers: [
        // 40 % conductivity.
        { metal: 'steel', thicknessMm: 0.0652 },
        { metal: 'copper', thicknessMm: 0.0148 },
      ],
    },
    dielectric: { ...polyethylene, diameterMm: 1.5 },
    braids: [tinnedBraid(0.1, 0.88)],
    jacket: { ...pvc, diameterMm: 2.8 },
    topFrequencyMHz: 1000,
    nominalAttenuationMHz: [
      [50, 20.2],
      [100, 29],
      [200, 42],
      [400, 62],
      [1000, 105],
    ],
    source: 'nominal construction, MIL-DTL-17/119 pattern',
    attenuationSource,
  },
  {
    id: 'rg-6',
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 0.6,
    name: 'RG-6 class, foil and braid',
    nominalImpedanceOhm: 75,
    conductor: {
      strands: 1,
      diameterMm: 1.02,
      strandLayers: [
        // 21 % conductivity.
        { metal: 'steel', thicknessMm: 0.4763 },
        { metal: 'copper', thicknessMm: 0.0337 },
      ],
    },
    dielectric: { ...foam(1.46), diameterMm: 4.57 },
    foil: { metal: 'aluminium', thicknessMm: 0.025 },
    braids: [
      {
        wireDiameterMm: 0.16,
        wireLayers: [{ metal: 'aluminium', thicknessMm: 0.08 }],
        coverage: 0.6,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 6.9 },
    topFrequencyMHz: 3000,
    nominalAttenuationMHz: [
      [55, 5.2],
      [100, 6.7],
      [211, 9.8],
      [400, 13.6],
      [750, 18.9],
      [1000, 21.9],
    ],
    source: 'nominal construction, engineering value',
    attenuationSource: 'nominal class table, 20 C, engineering value',
  },
  {
    id: 'rg-8x',
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 1.3,
    name: 'RG-8X class, foam',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 19,
      diameterMm: 1.47,
      strandLayers: [{ metal: 'copper', thicknessMm: 0.147 }],
    },
    dielectric: { ...foam(1.56), diameterMm: 3.94 },
    braids: [
      {
        wireDiameterMm: 0.127,
        wireLayers: [{ metal: 'copper', thicknessMm: 0.0635 }],
        coverage: 0.95,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 6.1 },
    topFrequencyMHz: 1000,
    nominalAttenuationMHz: [
      [10, 3],
      [50, 6.9],
      [100, 10],
      [200, 14.8],
      [400, 22],
      [1000, 38],
    ],
    source: 'nominal construction, engineering value',
    attenuationSource: 'nominal class table, 20 C, engineering value',
  },
  {
    id: 'rg-213',
    structure: 'coax',
    family: 'flexible coax',
    relativeCost: 3.2,
    name: 'RG-213 class',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 7,
      diameterMm: 2.26,
      strandLayers: [{ metal: 'copper', thicknessMm: 0.376 }],
    },
    dielectric: { ...polyethylene, diameterMm: 7.24 },
    braids: [
      {
        wireDiameterMm: 0.18,
        wireLayers: [{ metal: 'copper', thicknessMm: 0.09 }],
        coverage: 0.96,
        angleDegrees: 30,
      },
    ],
    jacket: { ...pvc, diameterMm: 10.29, outdoor: true },
    topFrequencyMHz: 3000,
    nominalAttenuationMHz: [
      [10, 2],
      [50, 4.7],
      [100, 6.9],
      [200, 10.2],
      [400, 15.3],
      [1000, 26.5],
    ],
    source: 'nominal construction, MIL-DTL-17/163 pattern',
    attenuationSource,
  },
];
