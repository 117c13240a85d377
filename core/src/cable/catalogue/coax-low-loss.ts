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
  /** One wire of copper, seven twisted ones, or one of aluminium clad with copper. */
  readonly conductor: 'copper' | 'stranded' | 'clad';
  readonly dielectricMm: number;
  readonly permittivity: number;
  readonly jacketMm: number;
  readonly relativeCost: number;
  readonly nominalAttenuationMHz: CoaxEntry['nominalAttenuationMHz'];
}

/** Foam coax with bonded aluminium foil and tinned braid; the larger ones have a conductor of copper-clad aluminium, or of seven copper wires where they are moved. */
function lowLoss({
  size,
  conductorMm,
  conductor,
  dielectricMm,
  permittivity,
  jacketMm,
  ...rest
}: Size): CoaxEntry {
  const cladding = 0.05 * conductorMm;
  const stranded = conductor === 'stranded';
  return {
    id: `low-loss-${size}${stranded ? '-stranded' : ''}`,
    structure: 'coax',
    family: 'low-loss coax',
    name: `low-loss foam ${size} mm${stranded ? ', stranded' : ''}`,
    nominalImpedanceOhm: 50,
    conductor: {
      strands: stranded ? 7 : 1,
      diameterMm: conductorMm,
      strandLayers:
        conductor === 'clad'
          ? [
              { metal: 'aluminium', thicknessMm: conductorMm / 2 - cladding },
              { metal: 'copper', thicknessMm: cladding },
            ]
          : [{ metal: 'copper', thicknessMm: conductorMm / (stranded ? 6 : 2) }],
    },
    dielectric: {
      material: 'foam polyethylene',
      diameterMm: dielectricMm,
      permittivity,
      lossTangent: 0.00015,
    },
    foil: { metal: 'aluminium', thicknessMm: 0.05, metalMm: 0.012 },
    // Thin ones are woven steeper.
    braids: [tinnedBraid(0.15, 0.88, Number(size) <= 7 ? 36 : 30)],
    jacket: { ...polyethyleneJacket, diameterMm: jacketMm },
    topFrequencyMHz: 6000,
    source: 'nominal construction of the class, engineering value',
    attenuationSource: 'nominal class table, 20 C, engineering value',
    ...rest,
  };
}

/** Low-loss foam coax of 50 ohm, 5 to 15 mm over the jacket. */
export const lowLossCoax: CoaxEntry[] = [
  lowLoss({
    size: '5',
    conductorMm: 0.95,
    conductor: 'copper',
    dielectricMm: 2.79,
    permittivity: 1.56,
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
    conductor: 'copper',
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
    size: '7',
    conductorMm: 1.78,
    conductor: 'copper',
    dielectricMm: 4.83,
    permittivity: 1.43,
    jacketMm: 7.62,
    relativeCost: 2.4,
    nominalAttenuationMHz: [
      [30, 3.5],
      [50, 4.6],
      [150, 7.9],
      [450, 13.8],
      [900, 19.8],
      [2000, 30.1],
      [2500, 33.9],
    ],
  }),
  lowLoss({
    size: '10',
    conductorMm: 2.74,
    conductor: 'clad',
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
    size: '10',
    conductorMm: 2.85,
    conductor: 'stranded',
    dielectricMm: 7.24,
    permittivity: 1.42,
    jacketMm: 10.29,
    relativeCost: 4,
    nominalAttenuationMHz: [
      [30, 2.6],
      [50, 3.4],
      [150, 6],
      [450, 10.6],
      [900, 15.3],
      [2000, 23.4],
      [2500, 26.4],
    ],
  }),
  lowLoss({
    size: '13',
    conductorMm: 3.61,
    conductor: 'clad',
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
    conductor: 'clad',
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
