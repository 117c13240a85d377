import type { ConnectorEntry } from '../connector-entry.ts';
import type { FerruleClass } from './ferrule-classes.ts';
import { ferruleClasses } from './ferrule-classes.ts';

const source = 'engineering value, class-typical PL-259 pattern; measure the connector in hand';
/** Bore of the loose ring, whatever the plug behind it. */
const couplingBoreMm = 13.2;
const tip = { tipBore: 3, tipOutside: 4 };

/** Tip soldered, ferrule crimped. */
function hollowTip(size: FerruleClass): ConnectorEntry {
  const coax = ferruleClasses[size];
  const stopDepth = coax.stemLength + 4.2;
  const thick = coax.pinBore > 3;
  return {
    id: `uhf-plug-hollow-tip-${size}`,
    name: `UHF plug, soldered tip, crimp, ${coax.name}`,
    seriesId: 'uhf',
    sex: 'plug',
    method: 'hollow tip and ferrule',
    forCoax: coax.forCoax,
    contactFixing: 'solder',
    plating: 'silver',
    ferruleDieMm: coax.ferruleDie,
    featuresMm: {
      jacketOffset: 0,
      stemLength: coax.stemLength,
      stemOutside: coax.stemOutside,
      stemBore: Math.max(coax.stemBore),
      ferruleLength: coax.ferruleLength,
      ferruleBore: coax.ferruleBore,
      ferruleWall: coax.ferruleWall,
      stopDepth,
      tipBore: thick ? 3.2 : Math.min(3, Math.max(1.6, coax.pinBore + 0.5)),
      tipOutside: 4,
      couplingBore: couplingBoreMm,
      lipToShoulder: stopDepth + 4,
      lipToMatingPlane: stopDepth + 13,
      lipToTip: stopDepth + 24.5,
      bodyOutside: 18.5,
    },
    source,
  };
}

const bodies = { silver: 'silver-plated', nickel: 'nickel-plated' } as const;

/** Four holes, body screwed on the jacket. */
function soldered(plating: keyof typeof bodies): ConnectorEntry {
  return {
    id: `uhf-plug-soldered-10-${plating}`,
    name: `UHF plug, soldered body, ${bodies[plating]}, 10 mm`,
    seriesId: 'uhf',
    sex: 'plug',
    method: 'soldered body',
    forCoax: '10 mm coax (RG-213 class, low-loss foam 10 mm)',
    contactFixing: 'solder',
    plating,
    featuresMm: {
      threadLength: 10.5,
      threadBore: 9.8,
      holeCentre: 14.5,
      holeDiameter: 3.2,
      bodyBore: 8.9,
      stopDepth: 23,
      ...tip,
      couplingBore: couplingBoreMm,
      lipToShoulder: 24,
      lipToMatingPlane: 27,
      lipToTip: 38,
      bodyOutside: 18.5,
    },
    source,
  };
}

/** One piece, bored for the cable. */
const screwOn: ConnectorEntry = {
  id: 'uhf-plug-screw-on-5',
  name: 'UHF plug, screw-on, one piece, 5 mm',
  seriesId: 'uhf',
  sex: 'plug',
  method: 'screw-on body',
  forCoax: '5 mm coax (RG-58 class)',
  contactFixing: 'solder',
  plating: 'nickel',
  featuresMm: {
    threadLength: 9,
    threadBore: 5.2,
    holeCentre: 12.5,
    holeDiameter: 2.5,
    bodyBore: 3.4,
    stopDepth: 16,
    tipBore: 1.6,
    tipOutside: 4,
    couplingBore: couplingBoreMm,
    lipToShoulder: 20,
    lipToMatingPlane: 27,
    lipToTip: 38,
    bodyOutside: 18.5,
  },
  source,
};

interface ReducerSize {
  readonly size: string;
  readonly forCoax: string;
  readonly bore: number;
  readonly nose: number;
  readonly tipBore: number;
}

function reducer({ size, forCoax, bore, nose, tipBore }: ReducerSize): ConnectorEntry {
  return {
    id: `uhf-plug-reducer-${size}`,
    name: `UHF plug with reducer, ${size} mm`,
    seriesId: 'uhf',
    sex: 'plug',
    method: 'reducer',
    forCoax,
    contactFixing: 'solder',
    plating: 'silver',
    featuresMm: {
      noseLength: 20,
      noseOutside: nose,
      reducerBore: bore,
      reducerHead: 4,
      holeCentre: 14.5,
      holeDiameter: 3.2,
      stopDepth: 23,
      bodyBore: 9.1,
      tipBore,
      tipOutside: 4,
      couplingBore: couplingBoreMm,
      lipToShoulder: 24,
      lipToMatingPlane: 27,
      lipToTip: 38,
      bodyOutside: 18.5,
    },
    source,
  };
}

/** UHF plugs, PL-259 pattern, by how the shield is fixed. */
export const uhfPlugs: ConnectorEntry[] = [
  ...(['5', '6-50', '7-50', '10', '10-low-loss', '10-stranded'] as const).map(hollowTip),
  soldered('silver'),
  soldered('nickel'),
  screwOn,
  reducer({ size: '5', forCoax: '5 mm coax (RG-58 and RG-223 class)', bore: 5.5, nose: 7.8, tipBore: 2.5 }),
  reducer({
    size: '6',
    forCoax: '6 mm coax (RG-59, RG-8X class, low-loss foam 6 mm)',
    bore: 6.4,
    nose: 7.9,
    tipBore: 2.5,
  }),
];
