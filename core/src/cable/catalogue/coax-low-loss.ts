import type { CoaxEntry } from '../construction.ts';
import { tinnedBraid } from '../tinned-braid.ts';

const polyethyleneJacket = {
  material: 'polyethylene',
  colour: 'black',
  minimumCelsius: -40,
  maximumCelsius: 85,
  outdoor: true,
} as const;

interface Size {
  readonly size: string;
  readonly conductorMm: number;
  readonly clad: boolean;
  readonly dielectricMm: number;
  readonly permittivity: number;
  readonly jacketMm: number;
  readonly relativeCost: number;
  readonly nominalAttenuationMHz: CoaxEntry['nominalAttenuationMHz'];
}

/** Foam coax with bonded aluminium foil and tinned braid; the larger ones have a copper-clad aluminium conductor. */
function lowLoss({
  size,
  conductorMm,
  clad,
  dielectricMm,
  permittivity,
  jacketMm,
  ...rest
}: Size): CoaxEntry {
  const cladding = 0.05 * conductorMm;
  return {
    id: `low-loss-${size}`,
    structure: 'coax',
    family: 'low-loss coax',
    name: `low-loss foam ${size} mm`,
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 1,
      diameterMm: conductorMm,
      strandLayers: clad
        ? [
            { metal: 'aluminium', thicknessMm: conductorMm / 2 - cladding },
            { metal: 'copper', thicknessMm: cladding },
          ]
        : [{ metal: 'copper', thicknessMm: conductorMm / 2 }],
    },
    dielectric: {
      material: 'foam polyethylene',
      diameterMm: dielectricMm,
      permittivity,
      lossTangent: 0.00015,
    },
    foil: { metal: 'aluminium', thicknessMm: 0.05 },
    braids: [tinnedBraid(0.15, 0.88)],
    jacket: { ...polyethyleneJacket, diameterMm: jacketMm },
    source: 'nominal construction of the class, engineering value',
    attenuationSource: 'nominal class table, 20 C, engineering value',
    ...rest,
  };
}

/** Low-loss foam coax of 50 ohm, 5 to 15 mm over the jacket. */
export const lowLossCoax: CoaxEntry[] = [
  lowLoss({
    size: '5',
    conductorMm: 0.94,
    clad: false,
    dielectricMm: 2.79,
    permittivity: 1.69,
    jacketMm: 4.95,
    relativeCost: 1.3,
    nominalAttenuationMHz: [
      [30, 6.5],
      [50, 8.4],
      [150, 14.6],
      [450, 25.6],
      [900, 36.5],
      [2000, 55.4],
      [2500, 62.4],
    ],
  }),
  lowLoss({
    size: '6',
    conductorMm: 1.42,
    clad: false,
    dielectricMm: 3.81,
    permittivity: 1.42,
    jacketMm: 6.1,
    relativeCost: 1.7,
    nominalAttenuationMHz: [
      [30, 4.4],
      [50, 5.7],
      [150, 9.9],
      [450, 17.3],
      [900, 24.8],
      [2000, 37.7],
      [2500, 42.4],
    ],
  }),
  lowLoss({
    size: '10',
    conductorMm: 2.74,
    clad: true,
    dielectricMm: 7.24,
    permittivity: 1.38,
    jacketMm: 10.29,
    relativeCost: 3.4,
    nominalAttenuationMHz: [
      [30, 2.2],
      [50, 2.9],
      [150, 5],
      [450, 8.9],
      [900, 12.8],
      [2000, 19.6],
      [2500, 22.2],
      [5800, 35.5],
    ],
  }),
  lowLoss({
    size: '13',
    conductorMm: 3.61,
    clad: true,
    dielectricMm: 9.4,
    permittivity: 1.35,
    jacketMm: 12.7,
    relativeCost: 5,
    nominalAttenuationMHz: [
      [30, 1.75],
      [50, 2.3],
      [150, 4],
      [450, 7.1],
      [900, 10.3],
      [2000, 15.9],
      [2500, 18.1],
    ],
  }),
  lowLoss({
    size: '15',
    conductorMm: 4.47,
    clad: true,
    dielectricMm: 11.56,
    permittivity: 1.32,
    jacketMm: 14.99,
    relativeCost: 6.4,
    nominalAttenuationMHz: [
      [30, 1.4],
      [50, 1.8],
      [150, 3.2],
      [450, 5.6],
      [900, 8.2],
      [2000, 12.8],
      [2500, 14.5],
    ],
  }),
];
