import type { CoaxEntry } from '../construction.ts';

const classTable = 'nominal class table, 20 C, engineering value';
const noJacket = {
  material: 'none',
  colour: 'bare copper',
  minimumCelsius: -55,
  maximumCelsius: 125,
  outdoor: false,
} as const;
const blackPolyethylene = {
  material: 'polyethylene',
  colour: 'black',
  minimumCelsius: -40,
  maximumCelsius: 80,
  outdoor: true,
} as const;

/** Solid copper tube over PTFE, with a silver-plated copper-clad steel wire. */
function semiRigid(
  id: string,
  name: string,
  sizes: { conductorMm: number; dielectricMm: number; tubeMm: number },
  relativeCost: number,
  nominalAttenuationMHz: CoaxEntry['nominalAttenuationMHz'],
): CoaxEntry {
  const radius = sizes.conductorMm / 2;
  return {
    id,
    structure: 'coax',
    family: 'semi-rigid coax',
    name,
    relativeCost,
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 1,
      diameterMm: sizes.conductorMm,
      strandLayers: [
        { metal: 'steel', thicknessMm: radius * 0.8 },
        { metal: 'copper', thicknessMm: radius * 0.2 - 0.002 },
        { metal: 'silver', thicknessMm: 0.002 },
      ],
    },
    dielectric: { material: 'PTFE', diameterMm: sizes.dielectricMm, permittivity: 2.04, lossTangent: 0.0002 },
    braids: [],
    tube: {
      metal: 'copper',
      wallMm: (sizes.tubeMm - sizes.dielectricMm) / 2,
      outsideMm: sizes.tubeMm,
      corrugated: false,
    },
    jacket: { ...noJacket, diameterMm: sizes.tubeMm },
    topFrequencyMHz: 20_000,
    nominalAttenuationMHz,
    source: 'nominal construction, MIL-DTL-17 semi-rigid pattern',
    attenuationSource: 'nominal class table, 20 C, rounded; public military-specification family MIL-DTL-17',
  };
}

/** Semi-rigid coax: bent once and never again. */
export const semiRigidCoax: CoaxEntry[] = [
  semiRigid(
    'rg-402',
    'RG-402 class, semi-rigid',
    { conductorMm: 0.92, dielectricMm: 2.98, tubeMm: 3.58 },
    9,
    [
      [100, 11.5],
      [400, 23.6],
      [1000, 38.5],
      [5000, 95],
      [10000, 144],
    ],
  ),
  semiRigid('rg-405', 'RG-405 class, semi-rigid', { conductorMm: 0.51, dielectricMm: 1.68, tubeMm: 2.2 }, 7, [
    [100, 20.5],
    [400, 42],
    [1000, 68],
    [5000, 162],
    [10000, 240],
  ]),
];

interface FeederSize {
  readonly id: string;
  readonly name: string;
  readonly conductorMm: number;
  readonly boreMm?: number;
  /** As the field sees the corrugated outer conductor. */
  readonly dielectricMm: number;
  readonly outsideMm: number;
  readonly wallMm: number;
  readonly pitchMm: number;
  readonly permittivity: number;
  readonly jacketMm: number;
  readonly bendRadiusMm: { readonly once: number; readonly repeated: number };
  readonly relativeCost: number;
  readonly topFrequencyMHz: number;
  readonly nominalAttenuationMHz: CoaxEntry['nominalAttenuationMHz'];
}

/** Annular corrugated copper over foam. */
function feeder({
  id,
  name,
  conductorMm,
  boreMm,
  dielectricMm,
  outsideMm,
  wallMm,
  pitchMm,
  permittivity,
  jacketMm,
  ...rest
}: FeederSize): CoaxEntry {
  return {
    id,
    name,
    structure: 'coax',
    family: 'feeder',
    nominalImpedanceOhm: 50,
    conductor: {
      strands: 1,
      diameterMm: conductorMm,
      strandLayers: boreMm
        ? [{ metal: 'copper', thicknessMm: conductorMm / 2 }]
        : [
            { metal: 'aluminium', thicknessMm: conductorMm * 0.45 },
            { metal: 'copper', thicknessMm: conductorMm * 0.05 },
          ],
      ...(boreMm ? { boreMm } : {}),
    },
    dielectric: {
      material: 'foam polyethylene',
      diameterMm: dielectricMm,
      permittivity,
      lossTangent: 0.00004,
    },
    braids: [],
    tube: { metal: 'copper', wallMm, outsideMm, corrugated: true, pitchMm },
    jacket: { ...blackPolyethylene, diameterMm: jacketMm, burial: true },
    source: 'nominal construction of the class, engineering value',
    attenuationSource: classTable,
    ...rest,
  };
}

/** Annular corrugated feeders of 50 ohm. */
export const feeders: CoaxEntry[] = [
  feeder({
    id: 'corrugated-1/2',
    name: 'corrugated feeder 1/2 inch',
    conductorMm: 4.8,
    dielectricMm: 12.1,
    outsideMm: 13.9,
    wallMm: 0.25,
    pitchMm: 6.2,
    permittivity: 1.28,
    jacketMm: 16,
    bendRadiusMm: { once: 70, repeated: 125 },
    relativeCost: 12,
    topFrequencyMHz: 8800,
    nominalAttenuationMHz: [
      [30, 1.17],
      [100, 2.16],
      [150, 2.67],
      [450, 4.75],
      [900, 6.9],
      [1000, 7.3],
      [2000, 10.7],
    ],
  }),
  feeder({
    id: 'corrugated-3/4',
    name: 'corrugated feeder 3/4 inch',
    conductorMm: 7,
    dielectricMm: 17.9,
    outsideMm: 20,
    wallMm: 0.28,
    pitchMm: 6.7,
    permittivity: 1.27,
    jacketMm: 22.6,
    bendRadiusMm: { once: 95, repeated: 190 },
    relativeCost: 19,
    topFrequencyMHz: 6000,
    nominalAttenuationMHz: [
      [30, 0.82],
      [100, 1.51],
      [150, 1.87],
      [450, 3.33],
      [900, 4.86],
      [1000, 5.15],
      [2000, 7.6],
    ],
  }),
  feeder({
    id: 'corrugated-7/8',
    name: 'corrugated feeder 7/8 inch',
    conductorMm: 9.1,
    boreMm: 8.3,
    dielectricMm: 22.7,
    outsideMm: 24.9,
    wallMm: 0.3,
    pitchMm: 7,
    permittivity: 1.26,
    jacketMm: 28,
    bendRadiusMm: { once: 120, repeated: 250 },
    relativeCost: 26,
    topFrequencyMHz: 5000,
    nominalAttenuationMHz: [
      [30, 0.65],
      [100, 1.19],
      [150, 1.48],
      [450, 2.64],
      [900, 3.87],
      [1000, 4.1],
      [2000, 6.1],
    ],
  }),
  feeder({
    id: 'corrugated-1-1/4',
    name: 'corrugated feeder 1-1/4 inch',
    conductorMm: 13.1,
    boreMm: 12.1,
    dielectricMm: 32.7,
    outsideMm: 35.8,
    wallMm: 0.35,
    pitchMm: 9.6,
    permittivity: 1.255,
    jacketMm: 39,
    bendRadiusMm: { once: 200, repeated: 380 },
    relativeCost: 42,
    topFrequencyMHz: 3300,
    nominalAttenuationMHz: [
      [30, 0.45],
      [100, 0.85],
      [150, 1.05],
      [450, 1.9],
      [900, 2.8],
      [1000, 2.98],
      [2000, 4.5],
    ],
  }),
  feeder({
    id: 'corrugated-1-5/8',
    name: 'corrugated feeder 1-5/8 inch',
    conductorMm: 17.6,
    boreMm: 16.4,
    dielectricMm: 43.8,
    outsideMm: 46.5,
    wallMm: 0.4,
    pitchMm: 12,
    permittivity: 1.25,
    jacketMm: 50,
    bendRadiusMm: { once: 300, repeated: 500 },
    relativeCost: 58,
    topFrequencyMHz: 2500,
    nominalAttenuationMHz: [
      [30, 0.38],
      [100, 0.71],
      [150, 0.88],
      [450, 1.6],
      [900, 2.37],
      [1000, 2.52],
      [2000, 3.8],
    ],
  }),
  feeder({
    id: 'corrugated-2-1/4',
    name: 'corrugated feeder 2-1/4 inch',
    conductorMm: 22.2,
    boreMm: 20.8,
    dielectricMm: 55.8,
    outsideMm: 59.5,
    wallMm: 0.45,
    pitchMm: 15,
    permittivity: 1.245,
    jacketMm: 64,
    bendRadiusMm: { once: 400, repeated: 650 },
    relativeCost: 80,
    topFrequencyMHz: 2200,
    nominalAttenuationMHz: [
      [30, 0.3],
      [100, 0.57],
      [150, 0.71],
      [450, 1.31],
      [900, 1.96],
      [1000, 2.09],
      [2000, 3.2],
    ],
  }),
];

const trunkFoam = { material: 'foam polyethylene', permittivity: 1.32, lossTangent: 0.00012 } as const;
/** Discs of polyethylene fused to the conductor, air between them. */
const trunkDiscs = { material: 'fused disc', permittivity: 1.16, lossTangent: 0.00006 } as const;

function trunk(
  size: string,
  sizes: { conductorMm: number; dielectricMm: number; tubeMm: number; jacketMm: number },
  relativeCost: number,
  nominalAttenuationMHz: CoaxEntry['nominalAttenuationMHz'],
  dielectric: Pick<CoaxEntry['dielectric'], 'material' | 'permittivity' | 'lossTangent'> = trunkFoam,
): CoaxEntry {
  return {
    id: `trunk-${size}`,
    structure: 'coax',
    family: 'trunk',
    name: `aluminium trunk ${size.replace('-disc', '')} mm${size.endsWith('-disc') ? ', fused disc' : ''}`,
    relativeCost,
    nominalImpedanceOhm: 75,
    conductor: {
      strands: 1,
      diameterMm: sizes.conductorMm,
      strandLayers: [
        { metal: 'aluminium', thicknessMm: sizes.conductorMm * 0.475 },
        { metal: 'copper', thicknessMm: sizes.conductorMm * 0.025 },
      ],
    },
    dielectric: { ...dielectric, diameterMm: sizes.dielectricMm },
    braids: [],
    tube: {
      metal: 'aluminium',
      wallMm: (sizes.tubeMm - sizes.dielectricMm) / 2,
      outsideMm: sizes.tubeMm,
      corrugated: false,
    },
    jacket: { ...blackPolyethylene, diameterMm: sizes.jacketMm, burial: true },
    topFrequencyMHz: 1200,
    nominalAttenuationMHz,
    source: 'nominal construction of the class, engineering value',
    attenuationSource: classTable,
  };
}

/** Seamless-aluminium foam trunk of 75 ohm; the jacketed kind is flooded for burial. */
export const trunks: CoaxEntry[] = [
  trunk('13', { conductorMm: 2.77, dielectricMm: 11.6, tubeMm: 12.7, jacketMm: 14.7 }, 8, [
    [5, 0.52],
    [55, 1.77],
    [211, 3.58],
    [450, 5.35],
    [750, 7.09],
    [1000, 8.27],
  ]),
  trunk('19', { conductorMm: 4.24, dielectricMm: 17.7, tubeMm: 19.05, jacketMm: 21.5 }, 16, [
    [5, 0.35],
    [55, 1.18],
    [211, 2.4],
    [450, 3.6],
    [750, 4.8],
    [1000, 5.6],
  ]),
  trunk(
    '13-disc',
    { conductorMm: 3.02, dielectricMm: 11.6, tubeMm: 12.7, jacketMm: 14.7 },
    9,
    [
      [5, 0.46],
      [55, 1.58],
      [211, 3.2],
      [450, 4.75],
      [750, 6.25],
      [1000, 7.3],
    ],
    trunkDiscs,
  ),
];
